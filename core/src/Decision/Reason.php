<?php

declare(strict_types=1);

namespace Core\Decision;

/** One sentence that says why, with its numbers; the code names the rule for help pages. */
final readonly class Reason
{
    public function __construct(public string $code, public string $sentence)
    {
    }
}
