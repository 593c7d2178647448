<?php

declare(strict_types=1);

namespace Core\Decision;

/** What a session showed of one level. */
final readonly class Mark
{
    public function __construct(public MarkKind $kind, public Level $level)
    {
    }
}
