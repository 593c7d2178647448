<?php

declare(strict_types=1);

namespace Core\Tests\Sound;

use Core\Exception\InvalidMeasure;
use Core\Measure\SoundLevel;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** ISO 9613-2: geometrical divergence of a point source, 20 lg(d/d_0); sums of incoherent sources by their energies. */
#[CoversClass(SoundLevel::class)]
final class SoundTest extends TestCase
{
    public function test_each_doubling_of_distance_takes_six_decibels(): void
    {
        self::assertEqualsWithDelta(-6.0206, SoundLevel::atDistance(60.0, 1.0, 2.0) - 60.0, 1e-4);
        self::assertEqualsWithDelta(-20.0, SoundLevel::atDistance(60.0, 1.0, 10.0) - 60.0, 1e-9);
        self::assertEqualsWithDelta(60.0, SoundLevel::atDistance(SoundLevel::atDistance(60.0, 2.0, 7.0), 7.0, 2.0), 1e-9, 'there and back');
    }

    public function test_two_equal_sources_are_three_decibels_louder_and_a_faint_one_hardly_counts(): void
    {
        self::assertEqualsWithDelta(63.0103, SoundLevel::sum([60.0, 60.0]), 1e-4);
        self::assertEqualsWithDelta(70.0, SoundLevel::sum(array_fill(0, 10, 60.0)), 1e-9);
        self::assertEqualsWithDelta(60.04, SoundLevel::sum([60.0, 40.0]), 0.01);
        self::assertEqualsWithDelta(SoundLevel::sum([50.0, SoundLevel::sum([55.0, 60.0])]), SoundLevel::sum([50.0, 55.0, 60.0]), 1e-9);
    }

    public function test_half_the_player_is_six_decibels_less(): void
    {
        self::assertEqualsWithDelta(-6.0206, SoundLevel::gain(0.5), 1e-4);
        foreach ([0.01, 0.2, 0.7, 1.0] as $fraction) {
            self::assertEqualsWithDelta($fraction, SoundLevel::fraction(SoundLevel::gain($fraction)), 1e-12);
        }
    }

    public function test_steps_are_even_and_never_over_three_decibels(): void
    {
        $steps = SoundLevel::steps(38.0, 60.0);
        self::assertSame([38.0, 60.0], [$steps[0], $steps[count($steps) - 1]]);
        self::assertCount(9, $steps);
        for ($i = 1; $i < count($steps); $i++) {
            self::assertEqualsWithDelta(22.0 / 8.0, $steps[$i] - $steps[$i - 1], 1e-9);
        }
    }

    public function test_a_goal_is_over_its_start_and_just_three_decibels_are_one_step(): void
    {
        self::assertSame([[40.0, 43.0], 3, 2], [
            SoundLevel::steps(40.0, 43.0), count(SoundLevel::steps(40.0, 43.01)), count(SoundLevel::steps(40.0, 40.01)),
        ]);
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage('"level-goal","least":40,"most":80');
        SoundLevel::steps(40.0, 40.0);
    }

    #[TestWith([70.0, false, true])]
    #[TestWith([70.1, false, false])]
    #[TestWith([80.0, true, true])]
    #[TestWith([80.1, true, false])]
    #[TestWith([20.0, true, false])]
    public function test_a_ceiling_above_seventy_is_confirmed_and_above_eighty_never_set(
        float $level, bool $isConfirmed, bool $isTaken,
    ): void {
        if (! $isTaken) {
            $this->expectException(InvalidMeasure::class);
            $this->expectExceptionMessage('"ceiling');
        }
        self::assertSame($level, SoundLevel::ceiling($level, $isConfirmed));
    }
}
