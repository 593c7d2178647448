<?php

declare(strict_types=1);

namespace App\Week;

use Core\Measure\CalendarDay;
use Core\Scheduling\DayGrid;

/** Seven days of a practice, from a Monday, by its own clock. */
final readonly class WeekDays
{
    private function __construct(public \DateTimeImmutable $monday)
    {
    }

    /** The week in which a day lies. */
    public static function around(\DateTimeImmutable $day, \DateTimeZone $zone): self
    {
        $local = $day->setTimezone($zone)->setTime(0, 0);

        return new self($local->modify('-'.((int) $local->format('N') - 1).' days'));
    }

    /** The week of a day as it was asked for, such as "2026-12-01"; of today if that is no day, or a century away. */
    public static function asked(?string $day, \DateTimeImmutable $now, \DateTimeZone $zone): self
    {
        $date = $day === null ? false : \DateTimeImmutable::createFromFormat('!Y-m-d', $day, $zone);

        return self::around($date !== false && abs(CalendarDay::between($now, $date)) < 3660 ? $date : $now, $zone);
    }

    public function day(int $n): \DateTimeImmutable
    {
        return $this->monday->modify("+{$n} days");
    }

    /** @return list<\DateTimeImmutable> */
    public function days(): array
    {
        return array_map($this->day(...), range(0, DayGrid::DAYS - 1));
    }

    public function end(): \DateTimeImmutable
    {
        return $this->day(DayGrid::DAYS);
    }

    /** Which day a moment lies on: 0 for Monday, below 0 before it. */
    public function indexOf(\DateTimeImmutable $at): int
    {
        return CalendarDay::between($this->monday, $at->setTimezone($this->monday->getTimezone()));
    }

    public function minuteOf(\DateTimeImmutable $at): int
    {
        return CalendarDay::minute($at->setTimezone($this->monday->getTimezone()));
    }

    /** By the clock on the wall, also on a day of 23 hours. */
    public function at(int $day, int $minute): \DateTimeImmutable
    {
        return $this->day($day)->setTime(intdiv($minute, 60), $minute % 60)->setTimezone(new \DateTimeZone('UTC'));
    }

    /**
     * What of a time lies on each day, in minutes of it.
     *
     * @return array<int, array{int, int}> by day
     */
    public function parts(\DateTimeImmutable $from, \DateTimeImmutable $until): array
    {
        [$first, $last] = [$this->indexOf($from), $this->indexOf($until)];
        $parts = [];
        for ($day = max(0, $first); $day <= min(DayGrid::DAYS - 1, $last); $day++) {
            $parts[$day] = [$day === $first ? $this->minuteOf($from) : 0, $day === $last ? $this->minuteOf($until) : 1440];
        }

        return $parts;
    }
}
