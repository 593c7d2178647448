<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** Sets of work with breaks between them, added up: three sets of four minutes with two walks of five are 22 minutes, not 30. */
final readonly class Timetable
{
    /** @param  non-empty-list<array{kind: string, startMinute: int, minutes: int}>  $parts  kind: work or break */
    private function __construct(public array $parts, public int $minutes)
    {
    }

    /** @throws InvalidMeasure if there are not 1 to 10 sets, or a set or break is longer than 60 minutes */
    public static function of(int $sets, int $setMinutes, int $breakMinutes): self
    {
        foreach ([
            [Quantity::Sets, $sets, 1, 10], [Quantity::SetMinutes, $setMinutes, 1, 60], [Quantity::BreakMinutes, $breakMinutes, 0, 60],
        ] as [$quantity, $value, $least, $most]) {
            if ($value < $least || $value > $most) {
                throw InvalidMeasure::outOfRange($quantity, $value, $least, $most);
            }
        }
        $parts = [['kind' => 'work', 'startMinute' => 0, 'minutes' => $setMinutes]];
        $minute = $setMinutes;
        for ($i = 1; $i < $sets; $i++) {
            if ($breakMinutes > 0) {
                $parts[] = ['kind' => 'break', 'startMinute' => $minute, 'minutes' => $breakMinutes];
                $minute += $breakMinutes;
            }
            $parts[] = ['kind' => 'work', 'startMinute' => $minute, 'minutes' => $setMinutes];
            $minute += $setMinutes;
        }

        return new self($parts, $minute);
    }
}
