<?php

declare(strict_types=1);

namespace Core\Scheduling;

/**
 * The rules one by one, as plainly as they can be said: what a visit would break among others.
 *
 * The solver works with bits; this is what it is held against, and what a person who moves a visit is told.
 */
final readonly class WeekRules
{
    public function __construct(private WeekProblem $problem)
    {
    }

    /**
     * @param  list<Visit>  $others  of the same week, without the visit itself
     * @return list<Rule> in the order of their cases
     */
    public function broken(Visit $visit, array $others): array
    {
        return array_values(array_filter(Rule::cases(), fn (Rule $rule): bool => $this->breaks($rule, $visit, $others)));
    }

    /** @param  list<Visit>  $others */
    private function breaks(Rule $rule, Visit $visit, array $others): bool
    {
        $demand = $this->problem->demands[$visit->demand];
        $site = $this->problem->sites[$visit->site];
        $needed = DayGrid::range($visit->slot, $visit->end());

        return match ($rule) {
            Rule::Past => $visit->day < $this->problem->fromDay,
            Rule::Worker => ! in_array($visit->worker, $demand->workers, true) || ! $this->isFree($visit->worker, $visit, $others),
            Rule::Helper => $visit->helper === null ? $demand->needsHelper : $visit->helper === $visit->worker
                || ! $this->problem->workers[$visit->helper]->helps || ! $this->isFree($visit->helper, $visit, $others),
            Rule::Closed => ! in_array($visit->site, $demand->sites, true) || ($site->open[$visit->day] & $needed) !== $needed,
            Rule::BusyHours => $demand->hours === HoursWish::Quiet && ($site->busy[$visit->day] & $needed) !== 0,
            Rule::Heat => ($site->hot[$visit->day] & $needed) !== 0,
            Rule::DogFree => ($this->problem->dogs[$demand->dog]->free[$visit->day] & $needed) !== $needed,
            Rule::DogPause => ! $this->isClear($visit, $this->sameDog($visit, $others), $this->problem->dogs[$demand->dog]->pause),
            Rule::RestDay => $visit->day < $demand->notBefore,
            Rule::DaysApart => $this->isTooSoon($visit, $demand, $others),
            Rule::OneTrigger => $demand->trigger !== 0 && $this->meetsAnotherTrigger($visit, $demand, $others),
            Rule::OneNewPlace => $this->isSecondNewPlace($visit, $others),
        };
    }

    /** @param  list<Visit>  $others */
    private function isFree(int $worker, Visit $visit, array $others): bool
    {
        $needed = DayGrid::range($visit->slot, $visit->end());

        return ($this->problem->workers[$worker]->free[$visit->day] & $needed) === $needed && $this->isClear(
            $visit, array_filter($others, static fn (Visit $other): bool => $other->day === $visit->day && $other->occupies($worker)), 0,
        );
    }

    /**
     * Whether pause and way fit between this one and each of the others.
     *
     * @param  array<Visit>  $others  of the same day
     */
    private function isClear(Visit $visit, array $others, int $pause): bool
    {
        foreach ($others as $other) {
            [$first, $second] = $other->slot < $visit->slot ? [$other, $visit] : [$visit, $other];
            if ($second->slot - $first->end() < max($pause, $this->problem->travel->slots($first->site, $second->site))) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<Visit>  $others */
    private function isTooSoon(Visit $visit, Demand $demand, array $others): bool
    {
        $same = array_filter($others, static fn (Visit $other): bool => $other->demand === $visit->demand);
        foreach ([...array_map(static fn (Visit $other): int => $other->day, $same), $demand->lastDay] as $day) {
            if ($day !== null && $day !== $visit->day && abs($visit->day - $day) < $demand->daysApart) {
                return true;
            }
        }
        $today = count(array_filter($same, static fn (Visit $other): bool => $other->day === $visit->day))
            + ($demand->lastDay === $visit->day ? 1 : 0);

        return $today >= $demand->mostADay;
    }

    /** @param  list<Visit>  $others */
    private function meetsAnotherTrigger(Visit $visit, Demand $demand, array $others): bool
    {
        foreach ($this->sameDog($visit, $others) as $other) {
            $trigger = $this->problem->demands[$other->demand]->trigger;
            if ($trigger !== 0 && ($trigger !== $demand->trigger || $other->site !== $visit->site)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Visit>  $others */
    private function isSecondNewPlace(Visit $visit, array $others): bool
    {
        $new = $this->problem->dogs[$this->problem->demands[$visit->demand]->dog]->newSites;
        foreach (in_array($visit->site, $new, true) ? $this->sameDog($visit, $others) : [] as $other) {
            if ($other->site !== $visit->site && in_array($other->site, $new, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Visit>  $others
     * @return list<Visit> of the same dog on the same day
     */
    private function sameDog(Visit $visit, array $others): array
    {
        $dog = $this->problem->demands[$visit->demand]->dog;

        return array_values(array_filter(
            $others, fn (Visit $other): bool => $other->day === $visit->day && $this->problem->demands[$other->demand]->dog === $dog,
        ));
    }
}
