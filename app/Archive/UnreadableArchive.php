<?php

declare(strict_types=1);

namespace App\Archive;

final class UnreadableArchive extends \RuntimeException
{
    public function __construct(public readonly ArchiveProblem $problem, string $where = '', ?\Throwable $previous = null)
    {
        parent::__construct("The archive cannot be restored: {$problem->value}".($where === '' ? '.' : " ({$where})."), 0, $previous);
    }
}
