<?php

declare(strict_types=1);

namespace Core\Coverage;

/** How far one combination has come. */
enum CellState: string
{
    case Untried = 'untried';
    case Thin = 'thin';
    case Hard = 'hard';
    case Done = 'done';
}
