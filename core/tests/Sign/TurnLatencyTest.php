<?php

declare(strict_types=1);

namespace Core\Tests\Sign;

use Core\Sign\SignKey;
use Core\Sign\TurnLatency;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(TurnLatency::class)]
final class TurnLatencyTest extends TestCase
{
    public function test_a_timed_turn_falls_under_the_pick_that_would_have_been_tapped(): void
    {
        $of = static fn (float $seconds): string => TurnLatency::fromSeconds($seconds)->value;

        self::assertSame(['under_1', '1_2'], [$of(0.99), $of(1.0)]);
        self::assertSame(['1_2', '2_5'], [$of(2.0), $of(2.01)]);
        self::assertSame(['2_5', 'over_5'], [$of(5.0), $of(5.01)]);
    }

    public function test_a_pick_lies_within_what_it_stands_for_and_over_two_seconds_is_a_sign(): void
    {
        foreach (TurnLatency::cases() as $pick) {
            if ($pick !== TurnLatency::Never) {
                self::assertSame($pick, TurnLatency::fromSeconds((float) $pick->seconds()));
            }
        }
        self::assertSame(
            [0.6, 1.5, 3.5, 7.0, null], array_map(static fn (TurnLatency $pick): ?float => $pick->seconds(), TurnLatency::cases()),
        );
        self::assertSame(
            [null, null, SignKey::SlowToTurn, SignKey::SlowToTurn, SignKey::MarkIgnored],
            array_map(static fn (TurnLatency $pick): ?SignKey => $pick->asSign(), TurnLatency::cases()),
        );
    }
}
