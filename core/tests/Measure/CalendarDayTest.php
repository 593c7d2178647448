<?php

declare(strict_types=1);

namespace Core\Tests\Measure;

use Core\Measure\CalendarDay;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

/** The date on the wall, not hours divided by twenty-four. */
#[CoversClass(CalendarDay::class)]
final class CalendarDayTest extends TestCase
{
    public function test_a_day_begins_at_midnight_where_the_people_are(): void
    {
        self::assertSame(1, CalendarDay::number(new \DateTimeImmutable('1970-01-02T00:30:00+01:00')));
        self::assertSame(0, CalendarDay::number(
            (new \DateTimeImmutable('1970-01-02T00:30:00+01:00'))->setTimezone(new \DateTimeZone('UTC')),
        ));
        self::assertSame(-1, CalendarDay::number(new \DateTimeImmutable('1969-12-31T23:59:59Z')));
    }

    public function test_an_evening_and_the_next_morning_are_a_day_apart_and_a_clock_set_back_takes_none_away(): void
    {
        $at = static fn (string $time): \DateTimeImmutable => new \DateTimeImmutable($time, new \DateTimeZone('Europe/London'));
        self::assertSame(1, CalendarDay::between($at('2026-11-27 21:00'), $at('2026-11-28 07:00')));
        self::assertSame(0, CalendarDay::between($at('2026-11-28 00:01'), $at('2026-11-28 23:59')));
        // 25 hours long: the clocks go back on October 25
        self::assertSame(1, CalendarDay::between($at('2026-10-25 00:30'), $at('2026-10-26 00:15')));
        self::assertSame(-3, CalendarDay::between($at('2026-11-04 12:00'), $at('2026-11-01 12:00')));
    }
}
