<?php

declare(strict_types=1);

namespace Core\Tests\Simulation;

use Core\Exposure\Exposure;
use Core\Response\RiskCaps;
use Core\Simulation\Chance;
use Core\Simulation\Foretold;
use Core\Simulation\SimulatedDog;
use Core\Simulation\Temperament;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What was said beforehand, held to what came. */
#[CoversClass(Foretold::class)]
final class ForetoldTest extends TestCase
{
    /** By hand: of 30 expected 60 came; (√60 − 0.8225)² = 47.93, a factor of 1.6. Of 30 none: (1 + 0.8225)² = 3.32, a factor of 9. */
    public function test_a_group_is_off_by_what_its_interval_leaves_out(): void
    {
        self::assertEqualsWithDelta(47.934 / 30, $this->off(600, 0.05, 60), 1e-3);
        self::assertEqualsWithDelta(30 / 3.3215, $this->off(600, 0.05, 0), 1e-3);
        self::assertSame(1.0, $this->off(600, 0.05, 36), 'as likely as not by chance');
        self::assertNull($this->off(599, 0.05, 0), 'under thirty expected it says nothing');
    }

    /** Right on the whole, and wrong at both ends. */
    public function test_the_worst_group_counts(): void
    {
        $trials = [
            ...array_map(static fn (int $i): array => [0.03125, $i < 60], range(0, 959)),
            ...array_map(static fn (int $i): array => [0.25, $i < 25], range(0, 119)),
        ];
        shuffle($trials);

        self::assertEqualsWithDelta(47.934 / 30, (new Foretold($trials))->worstFactor() ?? 0.0, 1e-3);
    }

    /** By hand, two logits a halving: 1 % (−4.595) is 2.298 halvings from 10 m, at 49.2 m; 5 % (−2.944) and a gap of 2, 2.472 halvings. */
    public function test_a_dogs_limit_is_the_farther_of_both_caps(): void
    {
        $limit = static fn (float $gap): float => (new SimulatedDog(
            Fixture::scale(), 0.0, [2.0, 2.0, $gap], ['distance' => 2.0], 0.0, new Temperament(daySd: 0.0),
            new Chance(new Randomizer(new Xoshiro256StarStar(1))),
        ))->limit(RiskCaps::usual(), Exposure::of(['distance' => 20.0], Fixture::dimensions()));

        self::assertEqualsWithDelta(55.48, $limit(2.0), 0.01);
        self::assertEqualsWithDelta(49.16, $limit(1.0), 0.01);
    }

    private function off(int $trials, float $told, int $came): ?float
    {
        return (new Foretold(array_map(static fn (int $i): array => [$told, $i < $came], range(0, $trials - 1))))->worstFactor();
    }
}
