<?php

declare(strict_types=1);

namespace Core\Tests\Marking;

use Core\Marking\DeviceDelay;
use Core\Marking\GoNoGo;
use Core\Marking\TapProblem;
use Core\Measure\MedianInterval;
use Core\Measure\NormalQuantile;
use Core\Measure\Quantile;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(DeviceDelay::class)]
#[CoversClass(GoNoGo::class)]
#[CoversClass(MedianInterval::class)]
#[CoversClass(NormalQuantile::class)]
#[CoversClass(Quantile::class)]
final class MeasuresTest extends TestCase
{
    /** Printed tables of the normal distribution, and qnorm of R for the tails. */
    #[TestWith([0.5, 0.0])]
    #[TestWith([0.975, 1.959964])]
    #[TestWith([0.84134475, 1.0])]
    #[TestWith([0.025, -1.959964])]
    #[TestWith([0.995, 2.575829])]
    #[TestWith([0.9986501, 3.0])]
    #[TestWith([1e-9, -5.997807])]
    #[TestWith([1e-14, -7.650628])]
    public function test_normal_quantiles_agree_with_tables(float $probability, float $z): void
    {
        self::assertEqualsWithDelta($z, NormalQuantile::of($probability), 2e-6 * max(1.0, abs($z)));
    }

    /** Tables of d′ for go/no-go tasks, from memory; each row is also z(hits) − z(false alarms) by the table above. */
    #[TestWith([0.8, 0.2, 1.683, 0.0])]
    #[TestWith([0.9, 0.3, 1.806, -0.379])]
    #[TestWith([0.69, 0.31, 0.992, 0.0])]
    #[TestWith([0.5, 0.05, 1.645, 0.822])]
    #[TestWith([0.99, 0.01, 4.653, 0.0])]
    #[TestWith([0.5, 0.5, 0.0, 0.0])]
    public function test_sensitivity_and_bias_agree_with_tables(float $hits, float $falseAlarms, float $sensitivity, float $bias): void
    {
        $told = GoNoGo::ofRates($hits, $falseAlarms);
        self::assertEqualsWithDelta($sensitivity, $told->sensitivity, 0.001);
        self::assertEqualsWithDelta($bias, $told->bias, 0.001);
    }

    public function test_all_and_none_have_a_value_and_nothing_to_tell_apart_has_none(): void
    {
        $perfect = GoNoGo::of(10, 10, 0, 10);
        // 10.5 of 11 against 0.5 of 11
        self::assertEqualsWithDelta(2 * 1.6906, $perfect->sensitivity ?? 0.0, 0.001);
        self::assertEqualsWithDelta(1.49, GoNoGo::of(8, 10, 2, 10)->sensitivity ?? 0.0, 0.01);
        self::assertNull(GoNoGo::of(10, 10, 0, 0));
        self::assertNull(GoNoGo::of(0, 0, 0, 10));
    }

    /** How many are left out on either side, by the binomial with one half: pbinom(out, n, 0.5) at most 0.025. */
    #[TestWith([5, null])]
    #[TestWith([6, 0])]
    #[TestWith([8, 0])]
    #[TestWith([9, 1])]
    #[TestWith([11, 1])]
    #[TestWith([12, 2])]
    #[TestWith([15, 3])]
    #[TestWith([20, 5])]
    #[TestWith([25, 7])]
    #[TestWith([30, 9])]
    #[TestWith([100, 39])]
    public function test_the_interval_of_a_median_has_the_ranks_of_the_table(int $values, ?int $out): void
    {
        self::assertSame($out, MedianInterval::leftOut($values));
    }

    public function test_a_median_and_its_range(): void
    {
        $told = MedianInterval::of([9.0, 1.0, 8.0, 2.0, 7.0, 3.0, 6.0, 4.0, 5.0]);
        self::assertSame([5.0, 2.0, 8.0, 9], [$told->median, $told->lower, $told->upper, $told->values]);
        self::assertSame([2.0, null], [MedianInterval::of([1.0, 3.0])->median, MedianInterval::of([1.0, 3.0])->lower]);
        // quantile(c(1, 2, 4, 8), .25) of R, type 7
        self::assertSame([1.75, 5.0, 8.0],
            array_map(static fn (float $share): float => Quantile::of([8.0, 1.0, 4.0, 2.0], $share), [0.25, 0.75, 1.0]));
    }

    public function test_the_delay_of_a_device_is_the_median_of_the_taps_that_belong_to_a_beat(): void
    {
        $beats = array_map(static fn (int $i): int => 600 * $i, range(0, 15));
        $late = static fn (int ...$by): array => array_map(static fn (int $at, int $i): int => $at + $by[$i % count($by)], $beats,
            array_keys($beats));

        self::assertEquals(new DeviceDelay(90, 10), DeviceDelay::measured($beats, $late(80, 90, 100)));
        // the first four only show the beat
        self::assertEquals(new DeviceDelay(50, 0), DeviceDelay::measured($beats, [200, 800, 1400, 2000, ...array_slice($late(50), 4)]));
        self::assertSame(TapProblem::TooFew, DeviceDelay::measured($beats, array_slice($late(50), 0, 11)));
        self::assertEquals(new DeviceDelay(50, 0), DeviceDelay::measured($beats, array_slice($late(50), 0, 12)));
        self::assertSame(TapProblem::TooFew, DeviceDelay::measured($beats, []));
        self::assertSame(TapProblem::TooUneven, DeviceDelay::measured($beats, $late(-130, 130)));
        self::assertInstanceOf(DeviceDelay::class, DeviceDelay::measured($beats, $late(-110, 110)));
    }
}
