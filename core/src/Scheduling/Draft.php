<?php

declare(strict_types=1);

namespace Core\Scheduling;

/**
 * A week in the making: where each next visit can begin, as bits of a day. A copy is cheap, so that a change can be tried and dropped.
 *
 * @internal of WeekSolver
 */
final class Draft
{
    /** The cheap ones first. */
    private const BY_DAY = [Rule::RestDay, Rule::DaysApart, Rule::OneTrigger, Rule::OneNewPlace];

    private const BY_OTHERS = [Rule::DogPause, Rule::Worker, Rule::Helper];

    /** @var array<int, list<Visit>> by demand */
    private array $ofDemand = [];

    /** @var array<int, list<Visit>> by worker and day */
    private array $ofWorker = [];

    /** @var array<int, list<Visit>> by dog and day */
    private array $ofDog = [];

    /** @var \ArrayObject<string, int> shared by all copies: where a visit could begin if nobody else had one */
    private \ArrayObject $alone;

    public function __construct(private readonly WeekProblem $problem)
    {
        $this->alone = new \ArrayObject();
    }

    public function add(Visit $visit): void
    {
        $this->ofDemand[$visit->demand][] = $visit;
        $this->ofDog[$this->dogDay($visit)][] = $visit;
        foreach (self::workerDays($visit) as $key) {
            $this->ofWorker[$key][] = $visit;
        }
    }

    public function remove(Visit $visit): void
    {
        $others = static fn (Visit $other): bool => $other !== $visit;
        $this->ofDemand[$visit->demand] = array_values(array_filter($this->ofDemand[$visit->demand], $others));
        $this->ofDog[$this->dogDay($visit)] = array_values(array_filter($this->ofDog[$this->dogDay($visit)], $others));
        foreach (self::workerDays($visit) as $key) {
            $this->ofWorker[$key] = array_values(array_filter($this->ofWorker[$key], $others));
        }
    }

    public function has(Visit $visit): bool
    {
        return in_array($visit, $this->ofDemand[$visit->demand] ?? [], true);
    }

    /** @return list<Visit> */
    public function visits(): array
    {
        return array_merge(...array_values($this->ofDemand));
    }

    /** @return list<Visit> of one person on one day */
    public function of(int $worker, int $day): array
    {
        return $this->ofWorker[self::key($worker, $day)] ?? [];
    }

    /** Visits of a plan on a day. */
    public function count(Demand $demand, int $day): int
    {
        return count(array_filter($this->ofDemand[$demand->id] ?? [], static fn (Visit $visit): bool => $visit->day === $day));
    }

    public function missing(Demand $demand): int
    {
        return max(0, $demand->wished - count($this->ofDemand[$demand->id] ?? []));
    }

    /** Slots in which a visit can begin that breaks no rule. */
    public function starts(Demand $demand, int $day, int $worker, int $site, ?int $helper): int
    {
        $starts = $this->alone["{$demand->id} {$day} {$worker} {$site}"] ??= $this->alone($demand, $day, $worker, $site);
        foreach ($starts === 0 ? [] : [...self::BY_DAY, ...self::BY_OTHERS] as $rule) {
            $starts &= $this->allowed($rule, $demand, $day, $worker, $site, $helper);
            if ($starts === 0) {
                break;
            }
        }

        return $starts;
    }

    /** Slots in which a visit can begin as far as this one rule goes. */
    public function allowed(Rule $rule, Demand $demand, int $day, int $worker, int $site, ?int $helper): int
    {
        $length = $demand->slots;

        return match ($rule) {
            Rule::Past => self::if($day >= $this->problem->fromDay),
            Rule::RestDay => self::if($day >= $demand->notBefore),
            Rule::Closed => DayGrid::starts($this->problem->sites[$site]->open[$day], $length),
            Rule::BusyHours => $demand->hours === HoursWish::Quiet
                ? DayGrid::starts(DayGrid::ALL & ~$this->problem->sites[$site]->busy[$day], $length) : DayGrid::ALL,
            Rule::Heat => DayGrid::starts(DayGrid::ALL & ~$this->problem->sites[$site]->hot[$day], $length),
            Rule::DogFree => DayGrid::starts($this->problem->dogs[$demand->dog]->free[$day], $length),
            Rule::DaysApart => self::if(! $this->isTooSoon($demand, $day)),
            Rule::OneTrigger => self::if(! $this->meetsAnotherTrigger($demand, $day, $site)),
            Rule::OneNewPlace => self::if(! $this->isSecondNewPlace($demand, $day, $site)),
            Rule::DogPause => $this->clear(
                $this->ofDog[self::key($demand->dog, $day)] ?? [], $site, $length, $this->problem->dogs[$demand->dog]->pause,
            ),
            Rule::Worker => $this->with($worker, $day, $site, $length),
            Rule::Helper => $helper === null ? self::if(! $demand->needsHelper) : $this->with($helper, $day, $site, $length),
        };
    }

    private function alone(Demand $demand, int $day, int $worker, int $site): int
    {
        $starts = DayGrid::starts($this->problem->workers[$worker]->free[$day], $demand->slots);
        foreach ([Rule::Past, Rule::Closed, Rule::BusyHours, Rule::Heat, Rule::DogFree] as $rule) {
            $starts &= $this->allowed($rule, $demand, $day, $worker, $site, null);
        }

        return $starts;
    }

    private function with(int $worker, int $day, int $site, int $length): int
    {
        return DayGrid::starts($this->problem->workers[$worker]->free[$day], $length)
            & $this->clear($this->of($worker, $day), $site, $length, 0);
    }

    /** @param  list<Visit>  $others */
    private function clear(array $others, int $site, int $length, int $pause): int
    {
        $blocked = 0;
        foreach ($others as $other) {
            $blocked |= DayGrid::range(
                $other->slot - max($pause, $this->problem->travel->slots($site, $other->site)) - $length + 1,
                $other->end() + max($pause, $this->problem->travel->slots($other->site, $site)),
            );
        }

        return DayGrid::ALL & ~$blocked;
    }

    private function isTooSoon(Demand $demand, int $day): bool
    {
        $today = $demand->lastDay === $day ? 1 : 0;
        if ($today === 0 && $demand->lastDay !== null && abs($day - $demand->lastDay) < $demand->daysApart) {
            return true;
        }
        foreach ($this->ofDemand[$demand->id] ?? [] as $visit) {
            if ($visit->day === $day) {
                $today++;
            } elseif (abs($visit->day - $day) < $demand->daysApart) {
                return true;
            }
        }

        return $today >= $demand->mostADay;
    }

    private function meetsAnotherTrigger(Demand $demand, int $day, int $site): bool
    {
        foreach ($demand->trigger === 0 ? [] : $this->ofDog[self::key($demand->dog, $day)] ?? [] as $visit) {
            $trigger = $this->problem->demands[$visit->demand]->trigger;
            if ($trigger !== 0 && ($trigger !== $demand->trigger || $visit->site !== $site)) {
                return true;
            }
        }

        return false;
    }

    private function isSecondNewPlace(Demand $demand, int $day, int $site): bool
    {
        $new = $this->problem->dogs[$demand->dog]->newSites;
        foreach (in_array($site, $new, true) ? $this->ofDog[self::key($demand->dog, $day)] ?? [] : [] as $visit) {
            if ($visit->site !== $site && in_array($visit->site, $new, true)) {
                return true;
            }
        }

        return false;
    }

    private function dogDay(Visit $visit): int
    {
        return self::key($this->problem->demands[$visit->demand]->dog, $visit->day);
    }

    /** @return list<int> */
    private static function workerDays(Visit $visit): array
    {
        $own = self::key($visit->worker, $visit->day);

        return $visit->helper === null ? [$own] : [$own, self::key($visit->helper, $visit->day)];
    }

    private static function key(int $id, int $day): int
    {
        return $id * DayGrid::DAYS + $day;
    }

    private static function if(bool $isAllowed): int
    {
        return $isAllowed ? DayGrid::ALL : 0;
    }
}
