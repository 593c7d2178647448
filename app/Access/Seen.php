<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Auth\Access\Response;

/** What somebody may do with something: out of sight it is not there, in sight a refusal says why. */
final readonly class Seen
{
    /** @param  string  $otherwise  key of the message that says why not */
    public static function and(Response $view, bool $may, string $otherwise): Response
    {
        return match (true) {
            $view->denied() => $view,
            $may => Response::allow(),
            default => Response::deny(say($otherwise)),
        };
    }
}
