<?php

declare(strict_types=1);

namespace Core\Tests\Worth;

use Core\Exception\InvalidMeasure;
use Core\Worth\RunChance;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(RunChance::class)]
final class RunChanceTest extends TestCase
{
    /** Feller's mean recurrence times, and the run arithmetic trainers feel: five in a row at 95 to 50 % success. */
    #[TestWith([0.95, 5.8])]
    #[TestWith([0.90, 6.9])]
    #[TestWith([0.80, 10.3])]
    #[TestWith([0.70, 16.5])]
    #[TestWith([0.50, 62.0])]
    public function test_five_in_a_row_takes_on_average(float $rate, float $trials): void
    {
        self::assertEqualsWithDelta($trials, RunChance::ofLength(5)->expectedTrials($rate), 0.05, 'one decimal as stated');
    }

    public function test_a_dog_that_succeeds_three_times_in_five_shows_five_in_a_row_within_twenty_half_the_time(): void
    {
        self::assertEqualsWithDelta(0.478, RunChance::ofLength(5)->within(20, 0.6), 5e-4);
    }

    public function test_the_recursion_agrees_with_counting_all_sequences(): void
    {
        foreach ([2, 3] as $length) {
            foreach ([0.2, 0.5, 0.9] as $rate) {
                $chance = 0.0;
                for ($sequence = 0; $sequence < 2 ** 10; $sequence++) {
                    $bits = str_pad(decbin($sequence), 10, '0', STR_PAD_LEFT);
                    $ones = substr_count($bits, '1');
                    $chance += str_contains($bits, str_repeat('1', $length)) ? $rate ** $ones * (1 - $rate) ** (10 - $ones) : 0.0;
                }
                self::assertEqualsWithDelta($chance, RunChance::ofLength($length)->within(10, $rate), 1e-12);
            }
        }
    }

    public function test_never_and_always(): void
    {
        self::assertNull(RunChance::ofLength(5)->expectedTrials(0.0));
        self::assertSame(5.0, RunChance::ofLength(5)->expectedTrials(1.0));
        self::assertSame([0.0, 1.0], [RunChance::ofLength(5)->within(4, 1.0), RunChance::ofLength(5)->within(5, 1.0)]);
    }

    public function test_a_rate_over_one_is_refused(): void
    {
        $this->expectException(InvalidMeasure::class);
        RunChance::ofLength(5)->within(10, 1.2);
    }
}
