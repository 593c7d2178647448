<?php

declare(strict_types=1);

namespace Core\Tests\Scheduling;

use Core\Scheduling\DayGrid;
use Core\Scheduling\Demand;
use Core\Scheduling\DogTimes;
use Core\Scheduling\HoursWish;
use Core\Scheduling\OverlappingPins;
use Core\Scheduling\Rule;
use Core\Scheduling\Site;
use Core\Scheduling\Travel;
use Core\Scheduling\Visit;
use Core\Scheduling\WeekProblem;
use Core\Scheduling\WeekRules;
use Core\Scheduling\WeekSolver;
use Core\Scheduling\Worker;
use Core\Scheduling\Worth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WeekSolverTest extends TestCase
{
    /** Every week that is possible is tried, by rules written a second time, without bits. */
    public function test_small_weeks_are_as_good_as_the_best_of_all_that_are_possible(): void
    {
        $best = 0;
        for ($seed = 1; $seed <= 120; $seed++) {
            $problem = Weeks::small($seed);
            $found = (new WeekSolver())->solve($problem)->worth;
            $possible = Weeks::best($problem);
            self::assertLessThanOrEqual(0, $found->compare($possible), "seed {$seed}: better than everything is a broken rule");
            self::assertSame($possible->reached, $found->reached, "seed {$seed}");
            $best += $found->met === $possible->met && $found->inWishedHours >= $possible->inWishedHours
                && $found->travel === $possible->travel ? 1 : 0;
        }

        self::assertGreaterThanOrEqual(118, $best);
    }

    /** Taking parts out and laying them again is what makes a crowded week: sessions by it, and by laying alone. */
    public function test_looking_for_better_brings_sessions(): void
    {
        foreach ([1 => 70, 2 => 59, 3 => 77, 5 => 67] as $seed => $atLeast) {
            $problem = Weeks::big($seed);
            $better = (new WeekSolver())->solve($problem)->worth;
            self::assertGreaterThanOrEqual($atLeast, $better->met, "seed {$seed}");
            self::assertGreaterThan(0, $better->compare((new WeekSolver(0))->solve($problem)->worth));
        }
    }

    public function test_big_weeks_break_no_rule_and_come_out_the_same_twice(): void
    {
        foreach ([1, 2, 3] as $seed) {
            $problem = Weeks::big($seed);
            $week = (new WeekSolver(300))->solve($problem);
            $rules = new WeekRules($problem);
            foreach ($week->visits as $n => $visit) {
                self::assertSame([], $rules->broken($visit, [...array_slice($week->visits, 0, $n), ...array_slice($week->visits, $n + 1)]));
            }
            self::assertGreaterThan(50, count($week->visits));
            self::assertEquals($week, (new WeekSolver(300))->solve($problem));
            $missing = array_sum(array_column($week->unmet, 'missing'));
            self::assertSame(array_sum(array_column($problem->demands, 'wished')), $week->worth->met + $missing);
        }
    }

    /** @return iterable<string, array{Rule, array<string, mixed>, bool}> what stands in the way, just so and just not */
    public static function edges(): iterable
    {
        yield 'a week that is over' => [Rule::Past, ['fromDay' => 7], true];
        yield 'its first day' => [Rule::Past, ['fromDay' => 0], false];
        yield 'at work a quarter too short' => [Rule::Worker, ['free' => DayGrid::range(0, 3)], true];
        yield 'at work just long enough' => [Rule::Worker, ['free' => DayGrid::range(0, 4)], false];
        yield 'a way longer than the gap' => [Rule::Worker, ['before' => true, 'free' => DayGrid::range(0, 6)], true];
        yield 'a way as long as the gap' => [Rule::Worker, ['before' => true, 'free' => DayGrid::range(0, 7)], false];
        yield 'no helper' => [Rule::Helper, ['helps' => false], true];
        yield 'a helper' => [Rule::Helper, ['helps' => true], false];
        yield 'closed a quarter too early' => [Rule::Closed, ['open' => DayGrid::range(0, 3)], true];
        yield 'open just long enough' => [Rule::Closed, ['open' => DayGrid::range(0, 4)], false];
        yield 'hot from the last quarter on' => [Rule::Heat, ['hot' => DayGrid::ALL & ~DayGrid::range(0, 3)], true];
        yield 'hot from right after' => [Rule::Heat, ['hot' => DayGrid::ALL & ~DayGrid::range(0, 4)], false];
        yield 'busy in the last quarter' => [Rule::BusyHours, ['busy' => DayGrid::ALL & ~DayGrid::range(0, 3)], true];
        yield 'busy right after' => [Rule::BusyHours, ['busy' => DayGrid::ALL & ~DayGrid::range(0, 4)], false];
        yield 'the dog is to be had too short' => [Rule::DogFree, ['dogFree' => DayGrid::range(0, 3)], true];
        yield 'the dog is to be had' => [Rule::DogFree, ['dogFree' => DayGrid::range(0, 4)], false];
        yield 'an easy day' => [Rule::RestDay, ['notBefore' => 1], true];
        yield 'the day after it' => [Rule::RestDay, ['notBefore' => 0], false];
        yield 'a day too soon' => [Rule::DaysApart, ['lastDay' => -1], true];
        yield 'two days after the last' => [Rule::DaysApart, ['lastDay' => -2], false];
    }

    /** @param  array<string, mixed>  $how */
    #[DataProvider('edges')]
    public function test_a_wish_is_unmet_for_the_rule_that_stands_in_its_way(Rule $rule, array $how, bool $isInTheWay): void
    {
        $one = static fn (mixed $mask): array => [is_int($mask) ? $mask : 0, 0, 0, 0, 0, 0, 0];
        $lastDay = $how['lastDay'] ?? null;
        $demand = new Demand(
            1, 1, 1, 1, 4, [1], [1], true, HoursWish::Quiet, 2, 1, is_int($how['notBefore'] ?? 0) ? $how['notBefore'] ?? 0 : 0,
            is_int($lastDay) ? $lastDay : null,
        );
        $before = new Demand(2, 2, 0, 0, 2, [1], [2], daysApart: 0);
        $problem = new WeekProblem(
            [$demand, $before],
            [new Worker(1, $one($how['free'] ?? DayGrid::ALL)), new Worker(2, $one(DayGrid::ALL), ($how['helps'] ?? true) === true)],
            [
                new Site(1, $one($how['open'] ?? DayGrid::ALL), $one($how['busy'] ?? 0), $one($how['hot'] ?? 0)),
                new Site(2, $one(DayGrid::ALL), $one(0), $one(0)),
            ],
            [new DogTimes(1, $one($how['dogFree'] ?? DayGrid::ALL)), new DogTimes(2, $one(DayGrid::ALL))],
            new Travel([1 => [2 => 15]]), isset($how['before']) ? [new Visit(2, 0, 0, 2, 1, 2, null, true)] : [],
            [], is_int($how['fromDay'] ?? 0) ? $how['fromDay'] ?? 0 : 0,
        );

        $unmet = (new WeekSolver())->solve($problem)->unmet;

        self::assertSame($isInTheWay ? [$rule] : [], array_column($unmet, 'rule'));
    }

    public function test_one_trigger_at_one_place_and_one_new_place_a_day(): void
    {
        $day = static fn (int $triggerOfSecond, int $siteOfSecond, bool $isNew): int => (new WeekSolver())->solve(new WeekProblem(
            [
                new Demand(1, 1, 1, 1, 2, [1], [1], daysApart: 0),
                new Demand(2, 1, $triggerOfSecond, 1, 2, [1], [$siteOfSecond], daysApart: 0),
            ],
            [new Worker(1, [DayGrid::ALL, 0, 0, 0, 0, 0, 0])],
            [self::open(1), self::open(2)], [new DogTimes(1, array_fill(0, 7, DayGrid::ALL), 2, $isNew ? [1, 2] : [1])],
        ))->worth->met;

        self::assertSame(2, $day(1, 1, true), 'the same trigger where it is already');
        self::assertSame(1, $day(2, 1, true), 'another trigger');
        self::assertSame(1, $day(1, 2, false), 'the same trigger somewhere else');
        self::assertSame(2, $day(0, 2, false), 'a skill may share the day, at a place it knows');
        self::assertSame(1, $day(0, 2, true), 'a second new place');
    }

    public function test_what_is_pinned_and_what_stands_stays_and_the_rest_goes_around(): void
    {
        $problem = static fn (?Visit $pinned, ?Visit $other, ?Visit $standing): WeekProblem => new WeekProblem(
            [new Demand(1, 1, 1, 1, 4, [1], [1]), new Demand(2, 2, 1, 1, 4, [1], [1])],
            [new Worker(1, array_fill(0, 7, DayGrid::range(0, 12)))], [self::open(1)],
            [new DogTimes(1, array_fill(0, 7, DayGrid::ALL)), new DogTimes(2, array_fill(0, 7, DayGrid::ALL))],
            pinned: array_values(array_filter([$pinned, $other], is_object(...))), standing: $standing === null ? [] : [$standing],
        );
        $pin = new Visit(1, 3, 4, 4, 1, 1, null, true);
        $stood = new Visit(2, 3, 8, 4, 1, 1);

        self::assertEquals([$pin, $stood], (new WeekSolver())->solve($problem($pin, null, $stood))->visits);
        self::assertSame(0, (new WeekSolver())->solve($problem(null, null, null))->visits[0]->day, 'without them, early and even');
        $next = new Visit(2, 3, 8, 4, 1, 1, null, true);
        self::assertEquals([$pin, $next], (new WeekSolver())->solve($problem($pin, $next, null))->visits, 'one right after the other');
        $this->expectException(OverlappingPins::class);
        $problem($pin, new Visit(2, 3, 7, 4, 1, 1, null, true), null);
    }

    /** Each just inside its range, and just outside. */
    #[TestWith([1, 0, 0, 1, true])]
    #[TestWith([62, 0, 0, 1, true])]
    #[TestWith([0, 0, 0, 1, false])]
    #[TestWith([63, 0, 0, 1, false])]
    #[TestWith([1, -1, 0, 1, false])]
    #[TestWith([1, 0, -1, 1, false])]
    #[TestWith([1, 0, 0, 0, false])]
    public function test_a_demand_makes_sense(int $slots, int $wished, int $daysApart, int $mostADay, bool $makesSense): void
    {
        if (! $makesSense) {
            $this->expectException(\LogicException::class);
        }
        self::assertSame($slots, (new Demand(1, 1, 1, $wished, $slots, [1], [1], daysApart: $daysApart, mostADay: $mostADay))->slots);
    }

    /** The one that handles drives to and fro; a third session at a place where two are already costs no way. */
    public function test_a_session_goes_beside_those_at_the_same_place(): void
    {
        $far = new Visit(2, 0, 0, 2, 1, 2, null, true);
        $near = new Visit(3, 0, 20, 2, 1, 1, null, true);
        $week = (new WeekSolver())->solve(new WeekProblem(
            [new Demand(1, 1, 1, 1, 2, [1], [1]), new Demand(2, 2, 1, 1, 2, [1], [2]), new Demand(3, 3, 1, 1, 2, [1], [1])],
            [new Worker(1, [DayGrid::ALL, 0, 0, 0, 0, 0, 0])], [self::open(1), self::open(2)],
            array_map(static fn (int $id): DogTimes => new DogTimes($id, array_fill(0, 7, DayGrid::ALL)), [1, 2, 3]),
            new Travel([1 => [2 => 30], 2 => [1 => 45]]), [$far, $near],
        ));

        self::assertSame([0, 5, 20], array_column($week->visits, 'slot'), 'after the way from the other place, and nothing in between');
        self::assertSame(45, $week->worth->travel, 'by the way that leads there');
    }

    public function test_busy_hours_are_looked_for_and_ways_are_short(): void
    {
        $rush = array_fill(0, 7, DayGrid::range(20, 30));
        $week = (new WeekSolver())->solve(new WeekProblem(
            [
                new Demand(1, 1, 1, 1, 4, [1], [1], hours: HoursWish::Busy), new Demand(2, 2, 1, 1, 4, [1], [1]),
                new Demand(3, 3, 0, 1, 4, [1], [2]),
            ],
            [new Worker(1, [DayGrid::ALL, 0, 0, 0, 0, 0, 0])],
            [new Site(1, array_fill(0, 7, DayGrid::ALL), $rush, array_fill(0, 7, 0)), self::open(2)],
            array_map(static fn (int $id): DogTimes => new DogTimes($id, array_fill(0, 7, DayGrid::ALL)), [1, 2, 3]),
            new Travel([1 => [2 => 30]]),
        ));

        self::assertSame([1, 30], [$week->worth->inWishedHours, $week->worth->travel]);
        self::assertSame(3, $week->worth->met);
    }

    public function test_the_grid_of_a_day(): void
    {
        self::assertSame(0b110, DayGrid::within([[365, 405]]), '6:05 to 6:45 holds 6:15 to 6:45');
        self::assertSame(0b111, DayGrid::touching([[365, 405]]));
        self::assertSame([2, 0b10, DayGrid::ALL], [DayGrid::slots(16), DayGrid::starts(0b110, 2), DayGrid::within([[0, 1440]])]);
        self::assertSame([360, 375, 1275], array_map(DayGrid::minute(...), [0, 1, 61]));
        self::assertSame([null, 0, 61, null], array_map(DayGrid::slotAt(...), [359, 360, 1289, 1290]));
        self::assertSame(0, Worth::of(Weeks::small(1), [])->met);
    }

    private static function open(int $id): Site
    {
        return new Site($id, array_fill(0, 7, DayGrid::ALL), array_fill(0, 7, 0), array_fill(0, 7, 0));
    }
}
