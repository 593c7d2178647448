<?php

declare(strict_types=1);

namespace App\Table;

/** Why a file cannot be read as rows. */
enum TableProblem: string
{
    case Empty = 'empty';
    case NoTable = 'no_table';
    case Damaged = 'damaged';
    case TooLarge = 'too_large';
    case TooManyColumns = 'too_many_columns';
    case TooManyRows = 'too_many_rows';
    case Locked = 'locked';
}
