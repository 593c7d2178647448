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

    public function label(): string
    {
        return match ($this) {
            self::Untried => 'untried',
            self::Thin => 'thin',
            self::Hard => 'too hard lately',
            self::Done => 'done',
        };
    }
}
