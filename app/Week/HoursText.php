<?php

declare(strict_types=1);

namespace App\Week;

/** Hours of a day as people type them: "9-12, 14:00-18:30" or "9am-5pm". */
final readonly class HoursText
{
    private const MOST = 4;

    /** @return ?list<array{int, int}> minutes of the day, in order and apart; null if it cannot be read */
    public static function parse(string $text): ?array
    {
        $times = [];
        foreach (array_filter(array_map(trim(...), explode(',', $text)), static fn (string $part): bool => $part !== '') as $part) {
            $ends = array_map(self::minute(...), preg_split('/\s*(?:-|–|—|to)\s*/u', $part) ?: []);
            if (count($ends) !== 2 || $ends[0] === null || $ends[1] === null || $ends[0] >= $ends[1]) {
                return null;
            }
            $times[] = [$ends[0], $ends[1]];
        }
        sort($times);
        foreach ($times as $n => $time) {
            if ($n > 0 && $time[0] < $times[$n - 1][1]) {
                return null;
            }
        }

        return count($times) <= self::MOST ? $times : null;
    }

    /** @param  list<array{int, int}>  $times */
    public static function of(array $times): string
    {
        return implode(', ', array_map(static fn (array $time): string => implode('–', array_map(
            static fn (int $minute): string => sprintf('%d:%02d', intdiv($minute, 60), $minute % 60), $time,
        )), $times));
    }

    private static function minute(string $text): ?int
    {
        if (preg_match('/^(\d{1,2})(?::(\d{2}))?\s*(am|pm)?$/i', trim($text), $found) !== 1) {
            return null;
        }
        $hour = (int) $found[1];
        $minute = (int) ($found[2] ?? 0);
        $half = strtolower($found[3] ?? '');
        if ($half !== '' && ($hour < 1 || $hour > 12)) {
            return null;
        }
        $hour = match ($half) {
            'am' => $hour % 12, 'pm' => $hour % 12 + 12, default => $hour
        };

        return $minute < 60 && 60 * $hour + $minute <= 1440 ? 60 * $hour + $minute : null;
    }
}
