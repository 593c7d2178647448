<?php

declare(strict_types=1);

namespace Core\Tests\Measure;

use Core\Exception\InvalidMeasure;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Measure\Logistic;
use Core\Measure\Probability;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(Distance::class)]
#[CoversClass(DistanceUnit::class)]
#[CoversClass(Probability::class)]
final class DistanceTest extends TestCase
{
    #[TestWith([0.0], 'zero')]
    #[TestWith([-3.0], 'negative')]
    #[TestWith([500.1], 'absurd')]
    #[TestWith([NAN], 'not a number')]
    #[TestWith([INF], 'infinite')]
    public function test_a_distance_that_cannot_be_is_refused(float $meters): void
    {
        $this->expectException(InvalidMeasure::class);
        Distance::fromMeters($meters);
    }

    /** The international yard and pound agreement of 1959; three feet are a yard. */
    public function test_units_are_exact(): void
    {
        self::assertSame([1.0, 0.9144, 0.3048], array_map(static fn (DistanceUnit $unit): float => $unit->meters(), DistanceUnit::cases()));
    }

    #[TestWith([10.4, 10.0], 'whole meters from ten')]
    #[TestWith([9.9, 10.0], 'halves under ten')]
    #[TestWith([7.8452, 8.0], 'nobody paces that')]
    #[TestWith([4.3, 4.5], 'halves from four')]
    #[TestWith([3.96, 4.0], 'tenths under four')]
    #[TestWith([1.26, 1.3], 'near by')]
    #[TestWith([0.02, 0.1], 'never nothing')]
    public function test_a_distance_on_a_ladder_can_be_paced_out(float $meters, float $rounded): void
    {
        self::assertSame($rounded, Distance::fromMeters($meters)->rounded()->meters);
    }

    /** Who paces yards reads whole yards: 54.2 m are 59.27 yd. */
    public function test_in_the_unit_of_whoever_lays_it(): void
    {
        self::assertSame(59 * 0.9144, Distance::fromMeters(54.2)->rounded(DistanceUnit::Yard)->meters);
    }

    public function test_logits_and_probabilities_are_inverse_and_safe_far_out(): void
    {
        foreach ([1e-9, 0.01, 0.5, 0.97] as $probability) {
            self::assertEqualsWithDelta($probability, Probability::fromLogit(Probability::of($probability)->toLogit())->value, 1e-12);
        }
        self::assertSame(0.0, Logistic::probability(-1000.0));
        self::assertSame(1.0, Logistic::probability(1000.0));
    }
}
