<?php

declare(strict_types=1);

namespace Core\Tests\Worth;

use Core\Decision\CarryOver;
use Core\Decision\Timetable;
use Core\Exception\InvalidMeasure;
use Core\Ladder\Criterion;
use Core\Worth\Effort;
use Core\Worth\HoldRecord;
use Core\Worth\RunChance;
use Core\Worth\SessionsChance;
use Core\Worth\ShareChance;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

/** What rules cost, and the small sums that trainers do in their heads. */
#[CoversClass(ShareChance::class)]
#[CoversClass(SessionsChance::class)]
#[CoversClass(Effort::class)]
#[CoversClass(HoldRecord::class)]
#[CoversClass(Criterion::class)]
#[CoversClass(Timetable::class)]
#[CoversClass(CarryOver::class)]
final class WorthTest extends TestCase
{
    public function test_all_of_the_last_n_is_the_same_as_n_in_a_row(): void
    {
        foreach ([0.5, 0.8, 0.95] as $rate) {
            self::assertEqualsWithDelta(RunChance::ofLength(5)->within(30, $rate), ShareChance::of(5, 5)->within(30, $rate), 1e-12);
            self::assertEqualsWithDelta(RunChance::ofLength(5)->expectedTrials($rate), ShareChance::of(5, 5)->expectedTrials($rate), 1e-5);
        }
    }

    public function test_the_chance_of_a_share_is_that_of_counting_every_course(): void
    {
        $rate = 0.7;
        $chance = 0.0;
        for ($course = 0; $course < 1 << 9; $course++) {
            $outcomes = array_map(static fn (int $i): bool => ($course >> $i & 1) === 1, range(0, 8));
            $met = false;
            for ($end = 5; $end <= 9; $end++) {
                $met = $met || count(array_filter(array_slice($outcomes, $end - 5, 5))) >= 4;
            }
            $chance += $met ? $rate ** count(array_filter($outcomes)) * (1 - $rate) ** (9 - count(array_filter($outcomes))) : 0.0;
        }

        self::assertEqualsWithDelta($chance, ShareChance::of(4, 5)->within(9, $rate), 1e-12);
        self::assertNull(ShareChance::of(4, 5)->expectedTrials(0.0));
    }

    public function test_two_sessions_of_three_are_a_binomial_tail(): void
    {
        $one = RunChance::ofLength(3)->within(10, 0.6);

        self::assertEqualsWithDelta(
            $one ** 3 + 3 * $one ** 2 * (1 - $one), SessionsChance::of(RunChance::ofLength(3), 2, 10)->within(30, 0.6), 1e-12,
        );
        // three of five sessions: 1 − (q⁵ + 5pq⁴ + 10p²q³)
        $other = 1.0 - $one;
        self::assertEqualsWithDelta(
            1.0 - $other ** 5 - 5 * $one * $other ** 4 - 10 * $one ** 2 * $other ** 3,
            SessionsChance::of(RunChance::ofLength(3), 3, 10)->within(50, 0.6), 1e-12,
        );
        self::assertSame(1.0, SessionsChance::of(RunChance::ofLength(3), 2, 10)->within(20, 1.0));
    }

    /** From 50 yd to 5 ft by single yards is 49 steps, some 340 passes at 90 %; ten per cent nearer each time is 33. Common practice. */
    public function test_the_price_of_fixed_yards(): void
    {
        self::assertEqualsWithDelta(340, Effort::of(RunChance::ofLength(5), 0.9, 49, 10, 4, 4.0)->trials ?? 0.0, 0.5);
        self::assertSame(34, Effort::of(RunChance::ofLength(5), 0.9, 49, 10, 4, 4.0)->outings ?? 0);
        self::assertSame(33, Effort::of(RunChance::ofLength(1), 1.0, 33, 10, 1, 4.0)->outings ?? 0, 'one advance an outing binds');
        self::assertNull(Effort::of(RunChance::ofLength(5), 0.0, 49, 10, 4, 4.0));
    }

    public function test_holds_are_told_by_best_median_and_share(): void
    {
        $record = HoldRecord::of([4.0, 10.0, 12.0, 7.0], 10.0);

        self::assertSame([12.0, 8.5, 2], [$record->best, $record->median, $record->reached->successes]);
        $this->expectException(InvalidMeasure::class);
        HoldRecord::of([], 10.0);
    }

    public function test_a_share_needs_its_whole_window_and_sessions_their_days(): void
    {
        $share = Criterion::share(4, 5);

        self::assertFalse($share->progress([true, true, true, true])->isMet);
        self::assertFalse($share->progress([true, true, false, true, false, true])->isMet);
        self::assertTrue($share->progress([true, true, false, true, true])->isMet);
        self::assertFalse(Criterion::run(3)->over(2, 3)->isSpreadEnough([100, 101]));
        self::assertTrue(Criterion::run(3)->over(2, 3)->isSpreadEnough([100, 103]));
    }

    public function test_three_sets_of_four_minutes_with_two_walks_of_five_are_22_minutes(): void
    {
        self::assertSame(22, Timetable::of(3, 4, 5)->minutes);
        self::assertSame([0, 4, 9, 13, 18], array_column(Timetable::of(3, 4, 5)->parts, 'startMinute'));
    }

    public function test_upset_halves_in_a_day(): void
    {
        $now = new \DateTimeImmutable('2026-10-20 10:00 UTC');
        $upset = CarryOver::of(
            [
                ['severity' => 4.0, 'at' => $now->modify('-24 hours')], ['severity' => 1.0, 'at' => $now->modify('-48 hours')],
                ['severity' => 4.0, 'at' => $now->modify('+1 hour')],
            ],
            $now,
        );

        self::assertEqualsWithDelta(2.25, $upset->upset, 1e-12);
        self::assertTrue($upset->asksForRest());
        self::assertFalse(CarryOver::of([['severity' => 1.9, 'at' => $now->modify('-24 hours')]], $now)->asksForEasier());
    }
}
