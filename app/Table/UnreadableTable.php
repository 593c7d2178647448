<?php

declare(strict_types=1);

namespace App\Table;

final class UnreadableTable extends \RuntimeException
{
    public function __construct(public readonly TableProblem $problem)
    {
        parent::__construct("The file cannot be read as rows: {$problem->value}.");
    }
}
