<?php

declare(strict_types=1);

namespace Core\Scheduling;

/**
 * Proposes a week: as good as it gets in the order of {@see Worth}, never against a rule, and the same for the same question.
 *
 * A first week is laid by need. Then parts of it are taken out and laid again (ruin and recreate: Schrimpf, Schneider, Stamm-Wilbrandt
 * & Dueck, J. Comput. Phys. 159, 2000), part after part instead of by chance, cheap kinds of parts before dear ones (variable
 * neighborhood descent: Hansen & Mladenović, Eur. J. Oper. Res. 130, 2001), until nothing gets better or the tries are used up. It is
 * no proof of the best week; on small weeks the tests hold it against all that are possible.
 */
final readonly class WeekSolver
{
    /** @param  int  $tries  counted, not timed, so that the answer is the same on any machine */
    public function __construct(private int $tries = 2500)
    {
    }

    public function solve(WeekProblem $problem): WeekProposal
    {
        $draft = new Draft($problem);
        foreach ($problem->pinned as $visit) {
            $draft->add($visit);
        }
        foreach ($problem->standing as $visit) {
            $this->restore($problem, $draft, $visit);
        }
        $this->fill($problem, $draft, $problem->demands);
        $draft = $this->better($problem, $draft);
        $visits = $draft->visits();
        usort($visits, static fn (Visit $a, Visit $b): int => [$a->day, $a->slot, $a->worker, $a->demand]
            <=> [$b->day, $b->slot, $b->worker, $b->demand]);

        return new WeekProposal($visits, (new Explanation($problem, $draft))->unmet(), Worth::of($problem, $visits));
    }

    private function better(WeekProblem $problem, Draft $draft): Draft
    {
        $worth = Worth::of($problem, $draft->visits());
        $left = $this->tries;
        for ($level = 0; $level < Parts::LEVELS;) {
            $before = $worth;
            foreach ((new Parts($problem, $draft))->of($level) as $part) {
                if (--$left < 0) {
                    return $draft;
                }
                $try = $this->again($problem, $draft, $part);
                $now = $try === null ? null : Worth::of($problem, $try->visits());
                if ($now !== null && $now->compare($worth) > 0) {
                    [$draft, $worth] = [$try, $now];
                }
            }
            $level = $worth === $before ? $level + 1 : 0;
        }

        return $draft;
    }

    /** What stands comes first, where it still breaks nothing. */
    private function restore(WeekProblem $problem, Draft $draft, Visit $visit): void
    {
        $demand = $problem->demands[$visit->demand] ?? null;
        if ($demand === null || $visit->slots !== $demand->slots || $draft->missing($demand) === 0
            || ! in_array([$visit->worker, $visit->site, $visit->helper], $problem->crews[$demand->id], true)) {
            return;
        }
        if (($draft->starts($demand, $visit->day, $visit->worker, $visit->site, $visit->helper) >> $visit->slot & 1) === 1) {
            $draft->add($visit);
        }
    }

    /** The week without a part, and with what then has room; null if the part is no longer there. */
    private function again(WeekProblem $problem, Draft $draft, Part $part): ?Draft
    {
        $try = clone $draft;
        foreach ($part->visits as $visit) {
            if (! $try->has($visit)) {
                return null;
            }
            $try->remove($visit);
        }
        if ($part->first !== null) {
            $days = $part->day === null ? [] : [$part->first->id => [$part->day]];
            $this->fill($problem, $try, [$part->first], $days, $part->isLateFirst);
        }
        // whoever else had no room can have found some only where some was made
        $moved = array_column($part->visits, 'demand', 'demand');
        $waiting = array_filter($problem->demands, static fn (Demand $one): bool => $try->missing($one) > 0);
        $this->fill($problem, $try, $waiting, array_fill_keys(
            array_keys(array_diff_key($waiting, $moved)), array_values(array_unique(array_column($part->visits, 'day'))),
        ), $part->isLateFirst);

        return $try;
    }

    /**
     * One session for each plan, then the second of each, and so on. What fits nowhere now fits nowhere later: visits only take room.
     *
     * @param  array<Demand>  $demands  those that come first, first
     * @param  array<int, list<int>>  $days  where else than everywhere to look, by plan
     */
    private function fill(WeekProblem $problem, Draft $draft, array $demands, array $days = [], bool $isLateFirst = false): void
    {
        while ($demands !== []) {
            foreach ($demands as $n => $demand) {
                $visit = $draft->missing($demand) === 0
                    ? null : $this->best($problem, $draft, $demand, $days[$demand->id] ?? $problem->days(), $isLateFirst);
                if ($visit === null) {
                    unset($demands[$n]);
                } else {
                    $draft->add($visit);
                }
            }
        }
    }

    /** @param  list<int>  $days */
    private function best(WeekProblem $problem, Draft $draft, Demand $demand, array $days, bool $isLateFirst): ?Visit
    {
        $best = $bestKey = null;
        foreach ($this->options($problem, $draft, $demand, $days) as $visit) {
            $key = [
                $draft->count($demand, $visit->day),
                ...$this->key($problem, $draft->of($visit->worker, $visit->day), $visit, $isLateFirst),
            ];
            if ($bestKey === null || $key < $bestKey) {
                [$best, $bestKey] = [$visit, $key];
            }
        }

        return $best;
    }

    /**
     * @param  list<int>  $days
     * @return \Generator<Visit>
     */
    private function options(WeekProblem $problem, Draft $draft, Demand $demand, array $days): \Generator
    {
        foreach ($problem->crews[$demand->id] as [$worker, $site, $helper]) {
            foreach ($days as $day) {
                $starts = $draft->starts($demand, $day, $worker, $site, $helper);
                $busy = $demand->hours === HoursWish::Busy ? DayGrid::starts($problem->sites[$site]->busy[$day], $demand->slots) : 0;
                // first and last of each free run: whatever lies between only splits it
                foreach ([...self::ends($starts), ...self::ends($starts & $busy)] as $slot) {
                    yield new Visit($demand->id, $day, $slot, $demand->slots, $worker, $site, $helper);
                }
            }
        }
    }

    /** @return list<int> */
    private static function ends(int $starts): array
    {
        $edges = $starts & ~($starts << 1) | $starts & ~($starts >> 1);
        $slots = [];
        for ($slot = 0; $edges !== 0; $slot++, $edges >>= 1) {
            if (($edges & 1) === 1) {
                $slots[] = $slot;
            }
        }

        return $slots;
    }

    /**
     * Less is better: hours, way, how full that person's day is, day, slot.
     *
     * @param  list<Visit>  $others  of the same person on the same day
     * @return list<int>
     */
    private function key(WeekProblem $problem, array $others, Visit $visit, bool $isLateFirst): array
    {
        $isWished = $problem->demands[$visit->demand]->hours !== HoursWish::Busy || $problem->isBusy($visit);
        if ($isLateFirst) {
            return [$isWished ? 0 : 1, -$visit->day, -$visit->slot];
        }
        $load = 0;
        $previous = $next = null;
        foreach ($others as $other) {
            $load += $other->slots;
            if ($other->slot < $visit->slot) {
                $previous = $previous === null || $other->slot > $previous->slot ? $other : $previous;
            } else {
                $next = $next === null || $other->slot < $next->slot ? $other : $next;
            }
        }
        $travel = $problem->travel;
        $way = ($previous === null ? 0 : $travel->minutes($previous->site, $visit->site))
            + ($next === null ? 0 : $travel->minutes($visit->site, $next->site))
            - ($previous === null || $next === null ? 0 : $travel->minutes($previous->site, $next->site));

        return [$isWished ? 0 : 1, $way, $load, $visit->day, $visit->slot];
    }
}
