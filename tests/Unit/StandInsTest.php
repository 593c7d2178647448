<?php

declare(strict_types=1);

namespace Tests\Unit;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\NativeClock;

/** The stand-ins behave as the packages they stand in for. */
#[CoversNothing]
final class StandInsTest extends TestCase
{
    public function test_first_and_last_of_an_array_whatever_its_keys(): void
    {
        self::assertSame(['a', 'b', null, null], [array_first([7 => 'a', 3 => 'b']), array_last([7 => 'a', 3 => 'b']), array_first([]), array_last([])]);
    }

    public function test_the_handler_in_force_is_told_and_stays_in_force(): void
    {
        $handler = static fn (): bool => true;
        set_error_handler($handler);
        self::assertSame([$handler, $handler], [get_error_handler(), get_error_handler()]);
        restore_error_handler();

        $catcher = static function (\Throwable $problem): void {
        };
        set_exception_handler($catcher);
        self::assertSame($catcher, get_exception_handler());
        restore_exception_handler();
    }

    public function test_the_clock_tells_the_time_of_its_zone(): void
    {
        $clock = (new NativeClock('UTC'))->withTimeZone('Asia/Tokyo');

        self::assertSame('Asia/Tokyo', $clock->now()->getTimezone()->getName());
        self::assertEqualsWithDelta(time(), $clock->now()->getTimestamp(), 2);
    }
}
