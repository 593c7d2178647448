<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** Everything a week has to be made of. */
final readonly class WeekProblem
{
    /** @var array<int, Demand> by id */
    public array $demands;

    /** @var array<int, Worker> */
    public array $workers;

    /** @var array<int, Site> */
    public array $sites;

    /** @var array<int, DogTimes> */
    public array $dogs;

    /** @var array<int, list<array{int, int, ?int}>> worker, place, helper by demand: what is liked best first */
    public array $crews;

    /**
     * @param  list<Demand>  $demands  in the order in which somebody would take them: what is needed most first
     * @param  list<Worker>  $workers
     * @param  list<Site>  $sites
     * @param  list<DogTimes>  $dogs
     * @param  list<Visit>  $pinned  stay where they are, even against a rule
     * @param  list<Visit>  $standing  the week as it is known to people: rather left as it is
     * @param  int  $fromDay  first day of the week that can still be planned, 0 to 7
     *
     * @throws OverlappingPins
     */
    public function __construct(
        array $demands, array $workers, array $sites, array $dogs, public Travel $travel = new Travel(), public array $pinned = [],
        public array $standing = [], public int $fromDay = 0,
    ) {
        $this->demands = array_column($demands, null, 'id');
        $this->workers = array_column($workers, null, 'id');
        $this->sites = array_column($sites, null, 'id');
        $this->dogs = array_column($dogs, null, 'id');
        $this->crews = array_map($this->crews(...), $this->demands);
        foreach ($pinned as $n => $one) {
            foreach (array_slice($pinned, $n + 1) as $other) {
                if ($one->meets($other) && $this->share($one, $other)) {
                    throw new OverlappingPins($one, $other);
                }
            }
        }
    }

    /** @return list<int> days that can still be planned */
    public function days(): array
    {
        return $this->fromDay < DayGrid::DAYS ? range(max(0, $this->fromDay), DayGrid::DAYS - 1) : [];
    }

    /** Whether a visit lies wholly in the busy hours of its place. */
    public function isBusy(Visit $visit): bool
    {
        $needed = DayGrid::range($visit->slot, $visit->end());

        return ($this->sites[$visit->site]->busy[$visit->day] & $needed) === $needed;
    }

    /** @return list<array{int, int, ?int}> */
    private function crews(Demand $demand): array
    {
        $helpers = array_keys(array_filter($this->workers, static fn (Worker $worker): bool => $worker->helps));
        $crews = [];
        foreach ($demand->workers as $worker) {
            foreach ($demand->sites as $site) {
                foreach ($demand->needsHelper ? $helpers : [null] as $helper) {
                    if ($helper !== $worker) {
                        $crews[] = [$worker, $site, $helper];
                    }
                }
            }
        }

        return $crews;
    }

    private function share(Visit $one, Visit $other): bool
    {
        return $other->occupies($one->worker) || ($one->helper !== null && $other->occupies($one->helper))
            || $this->demands[$one->demand]->dog === $this->demands[$other->demand]->dog;
    }
}
