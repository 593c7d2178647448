<?php

declare(strict_types=1);

namespace App\Session;

/** The same UUID came with different content: one of the two would be lost, so the second is refused. */
final class UuidTaken extends \RuntimeException
{
    public static function by(string $uuid): self
    {
        return new self(
            "A trial with the identifier {$uuid} is already logged with different content. Nothing was changed. To correct a trial, edit "
                .'it in the review; to log another, give it an identifier of its own.',
        );
    }
}
