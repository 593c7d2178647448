<?php

declare(strict_types=1);

namespace App\Models;

/** What the rows of a file are about. */
enum ImportKind: string
{
    case Trials = 'trials';
    case Sessions = 'sessions';
    case Weights = 'weights';
    case Upsets = 'upsets';
    case Home = 'home';

    /** @return non-empty-array<string, bool> fields of a row, and whether it cannot do without */
    public function fields(): array
    {
        return match ($this) {
            self::Trials => [
                'dog' => true, 'date' => true, 'outcome' => true, 'time' => false, 'plan' => false, 'person' => false, 'place' => false,
                'distance' => false, 'step' => false, 'band' => false, 'signs' => false, 'food' => false, 'latency' => false,
                'hold' => false, 'traits' => false, 'note' => false,
            ],
            self::Sessions => [
                'dog' => true, 'date' => true, 'minutes' => true, 'time' => false, 'plan' => false, 'person' => false, 'place' => false,
                'note' => false,
            ],
            self::Weights => ['dog' => true, 'date' => true, 'weight' => true],
            self::Upsets => ['dog' => true, 'date' => true, 'severity' => true, 'time' => false, 'note' => false],
            self::Home => ['dog' => true, 'date' => true, 'task' => true, 'times' => true, 'time' => false, 'note' => false],
        };
    }
}
