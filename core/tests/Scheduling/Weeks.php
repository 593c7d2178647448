<?php

declare(strict_types=1);

namespace Core\Tests\Scheduling;

use Core\Scheduling\DayGrid;
use Core\Scheduling\Demand;
use Core\Scheduling\DogTimes;
use Core\Scheduling\HoursWish;
use Core\Scheduling\Site;
use Core\Scheduling\Travel;
use Core\Scheduling\Visit;
use Core\Scheduling\WeekProblem;
use Core\Scheduling\WeekRules;
use Core\Scheduling\Worker;
use Core\Scheduling\Worth;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Weeks to try: drawn by chance, and everything that is possible in a small one. */
final readonly class Weeks
{
    /** Two plans or three, two people, three days of two hours and a half: small enough to try everything. */
    public static function small(int $seed): WeekProblem
    {
        $chance = new Randomizer(new Mt19937($seed));
        $hours = static fn (int $most): array => array_map(
            static fn (int $day): int => $day > 2 || $chance->getInt(0, 9) < 2
                ? 0 : DayGrid::range($chance->getInt(0, 3), $chance->getInt(4, $most)),
            range(0, 6),
        );
        $demands = [];
        foreach (range(1, $chance->getInt(2, 3)) as $id) {
            $demands[] = new Demand(
                $id, $chance->getInt(1, 2), $chance->getInt(0, 2), $chance->getInt(1, 2), $chance->getInt(1, 3),
                $chance->getInt(0, 1) === 1 ? [1] : [2, 1], $chance->getInt(0, 1) === 1 ? [1] : [1, 2], $chance->getInt(0, 3) === 0,
                HoursWish::cases()[$chance->getInt(0, 2)], $chance->getInt(0, 2), $chance->getInt(1, 2),
                $chance->getInt(0, 4) === 0 ? 1 : 0, $chance->getInt(0, 3) === 0 ? -1 : null,
            );
        }
        $none = array_fill(0, 7, 0);

        return new WeekProblem(
            $demands, [new Worker(1, $hours(7)), new Worker(2, $hours(6), true)],
            [new Site(1, array_fill(0, 7, DayGrid::ALL), $hours(6), $none), new Site(2, $hours(8), $none, $hours(5))],
            [new DogTimes(1, $hours(10), $chance->getInt(0, 3), [1, 2]), new DogTimes(2, array_fill(0, 7, DayGrid::ALL), 1)],
            new Travel([1 => [2 => 15 * $chance->getInt(0, 2)]]),
        );
    }

    /** Forty plans of twenty-five dogs, three people, seven days. */
    public static function big(int $seed): WeekProblem
    {
        $chance = new Randomizer(new Mt19937($seed));
        // six days alike, and one off
        $days = static fn (int ...$edges): array => [
            ...array_fill(0, 6, array_reduce(
                array_chunk($edges, 2), static fn (int $mask, array $time): int => $mask | DayGrid::within([[$time[0], $time[1] ?? 0]]), 0,
            )), 0,
        ];
        $always = array_fill(0, 7, DayGrid::ALL);
        $none = array_fill(0, 7, 0);
        $sites = $dogs = $demands = [];
        foreach (range(1, 8) as $id) {
            $sites[] = new Site(
                $id, $always, $days(480, 540, 930, 1020), $chance->getInt(0, 2) === 0 ? $days(720, 1020) : $none,
            );
        }
        foreach (range(1, 25) as $id) {
            $from = 60 * $chance->getInt(7, 16);
            $dogs[] = new DogTimes(
                $id, $days($from, $from + 60 * $chance->getInt(2, 8)), 4, [$chance->getInt(1, 8), $chance->getInt(1, 8)],
            );
        }
        foreach (range(1, 40) as $id) {
            $demands[] = new Demand(
                $id, $chance->getInt(1, 25), $chance->getInt(0, 3), $chance->getInt(1, 4), $chance->getInt(1, 4),
                $chance->getInt(0, 2) === 0 ? [1, 2] : [$chance->getInt(1, 2)], [$chance->getInt(1, 8), $chance->getInt(1, 8)],
                $chance->getInt(0, 3) === 0, HoursWish::cases()[$chance->getInt(0, 2)], $chance->getInt(0, 2), 1,
                $chance->getInt(0, 8) === 0 ? 2 : 0, $chance->getInt(-4, 3) < 0 ? -$chance->getInt(1, 3) : null,
            );
        }

        return new WeekProblem(
            $demands, [
                new Worker(1, $days(540, 1080)), new Worker(2, $days(480, 900)), new Worker(3, $days(840, 1200), true),
            ], $sites, $dogs, new Travel([], 20),
        );
    }

    /** The best of all weeks there are, by trying every one of them. */
    public static function best(WeekProblem $problem): Worth
    {
        $rules = new WeekRules($problem);
        $best = Worth::of($problem, []);
        $moves = [];
        foreach ($problem->demands as $demand) {
            for ($n = 0; $n < $demand->wished; $n++) {
                $moves[] = self::everywhere($problem, $demand->id);
            }
        }
        self::tryAll($problem, $rules, $moves, [], $best);

        return $best;
    }

    /** @return list<Visit> */
    private static function everywhere(WeekProblem $problem, int $demand): array
    {
        $visits = [];
        $wish = $problem->demands[$demand];
        foreach ($wish->workers as $worker) {
            foreach ($wish->sites as $site) {
                foreach ($wish->needsHelper ? array_keys($problem->workers) : [null] as $helper) {
                    for ($day = 0; $day < 3; $day++) {
                        for ($slot = 0; $slot < 10; $slot++) {
                            $visit = new Visit($demand, $day, $slot, $wish->slots, $worker, $site, $helper);
                            if ((new WeekRules($problem))->broken($visit, []) === []) {
                                $visits[] = $visit;
                            }
                        }
                    }
                }
            }
        }

        return $visits;
    }

    /**
     * @param  list<list<Visit>>  $moves  still to be made
     * @param  list<Visit>  $made
     */
    private static function tryAll(WeekProblem $problem, WeekRules $rules, array $moves, array $made, Worth &$best): void
    {
        if ($moves === []) {
            foreach ($made as $n => $visit) {
                if ($rules->broken($visit, [...array_slice($made, 0, $n), ...array_slice($made, $n + 1)]) !== []) {
                    return;
                }
            }
            $worth = Worth::of($problem, $made);
            $best = $worth->compare($best) > 0 ? $worth : $best;

            return;
        }
        $next = array_shift($moves);
        self::tryAll($problem, $rules, $moves, $made, $best);
        foreach ($next as $visit) {
            // two of one plan are the same two the other way round
            $last = end($made);
            if ($last instanceof Visit && $last->demand === $visit->demand && [$last->day, $last->slot] >= [$visit->day, $visit->slot]) {
                continue;
            }
            if ($rules->broken($visit, $made) === []) {
                self::tryAll($problem, $rules, $moves, [...$made, $visit], $best);
            }
        }
    }
}
