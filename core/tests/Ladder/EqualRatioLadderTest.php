<?php

declare(strict_types=1);

namespace Core\Tests\Ladder;

use Core\Exception\InvalidExposure;
use Core\Ladder\EqualRatioLadder;
use Core\Measure\Distance;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(EqualRatioLadder::class)]
final class EqualRatioLadderTest extends TestCase
{
    /** Two halvings at two logits each, in steps of half a logit: eight steps. */
    public function test_the_number_of_steps_follows_from_slope_and_step_size(): void
    {
        $ladder = (new EqualRatioLadder(2.0, 0.5))->between(Distance::fromMeters(40), Distance::fromMeters(10));

        self::assertCount(9, $ladder);
        self::assertSame(40.0, $ladder[0]->meters);
        self::assertSame(10.0, $ladder[8]->meters);
        self::assertEqualsWithDelta(20.0, $ladder[4]->meters, 1e-9, 'half way in load is the geometric mean');
    }

    #[TestWith([80.0, 4.0, 2.2])]
    #[TestWith([30.5, 2.1, 1.1])]
    #[TestWith([500.0, 0.5, 3.7])]
    public function test_all_steps_are_equally_hard_and_none_is_harder_than_asked(float $start, float $goal, float $slope): void
    {
        $ladder = (new EqualRatioLadder($slope))->between(Distance::fromMeters($start), Distance::fromMeters($goal));
        $loads = [$slope * $ladder[0]->halvingsTo($ladder[1])];
        for ($i = 2; $i < count($ladder); $i++) {
            $loads[] = $slope * $ladder[$i - 1]->halvingsTo($ladder[$i]);
        }

        self::assertLessThanOrEqual(0.5 + 1e-9, max($loads));
        self::assertEqualsWithDelta(min($loads), max($loads), 1e-9);
    }

    /** Nobody paces 33.64 m, and 4.47 m is where 4.73 m is: each once, and none beyond the goal. */
    public function test_people_lay_it_in_meters_that_can_be_paced_out(): void
    {
        $meters = static fn (float $slope, float $start, float $goal): array => array_column(
            (new EqualRatioLadder($slope))->paced(Distance::fromMeters($start), Distance::fromMeters($goal)), 'meters',
        );

        self::assertSame([40.0, 34.0, 28.0, 24.0, 20.0, 17.0, 14.0, 12.0, 10.0], $meters(2.0, 40.0, 10.0));
        self::assertSame([5.0, 4.5, 4.0], $meters(6.0, 5.0, 4.0));
        self::assertSame([4.26, 3.6, 2.96], $meters(1.9, 4.26, 2.96), 'start and goal as they were asked for');
    }

    /** The reason for equal ratios: 50 to 49 yards is 0.029 halvings, 6 to 5 yards is 0.263, nine times as much. */
    public function test_a_fixed_yard_weighs_nine_times_as_much_near_as_far(): void
    {
        $far = Distance::fromMeters(50 * 0.9144)->halvingsTo(Distance::fromMeters(49 * 0.9144));
        $near = Distance::fromMeters(6 * 0.9144)->halvingsTo(Distance::fromMeters(5 * 0.9144));

        self::assertEqualsWithDelta(0.029, $far, 5e-4, 'three decimals as stated');
        self::assertEqualsWithDelta(0.263, $near, 5e-4);
        self::assertEqualsWithDelta(9.0, $near / $far, 0.05);
    }

    public function test_a_goal_farther_than_the_start_is_refused(): void
    {
        $this->expectException(InvalidExposure::class);
        (new EqualRatioLadder(2.0))->between(Distance::fromMeters(10), Distance::fromMeters(12));
    }
}
