<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;
use Core\Sign\Band;
use Core\Sign\Outcome;

/** One of the latest trials, as it stands. */
final readonly class TrialState
{
    /**
     * @param  Band  $proposed  by the signs and what came of it
     * @param  list<string>  $signs
     */
    public function __construct(public string $uuid, public Band $band, public Outcome $outcome, public Band $proposed, public array $signs)
    {
    }

    public static function read(Fields $kept): self
    {
        return new self(
            $kept->text('uuid'), Band::from($kept->int('band')), Outcome::from($kept->text('outcome')),
            Band::from($kept->int('proposed')), $kept->texts('signs'),
        );
    }
}
