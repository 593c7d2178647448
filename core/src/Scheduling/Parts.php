<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** @internal the parts of a week that are worth laying again: few and cheap ones first, then more of them */
final readonly class Parts
{
    public const LEVELS = 3;

    public function __construct(private WeekProblem $problem, private Draft $draft)
    {
    }

    /** @return \Generator<Part> */
    public function of(int $level): \Generator
    {
        return match ($level) {
            0 => $this->alone(),
            1 => $this->forWhatIsMissing(),
            default => $this->wider(),
        };
    }

    /**
     * Each visit, each plan, each person's day, each dog, each day.
     *
     * @return \Generator<Part>
     */
    private function alone(): \Generator
    {
        foreach ($this->loose() as $visit) {
            yield new Part([$visit]);
        }
        foreach ([...$this->plans(), ...$this->shared()] as $visits) {
            yield new Part($visits);
        }
    }

    /**
     * A person's day, a dog or a day, with each plan that still lacks a session first, on each of these days.
     *
     * @return \Generator<Part>
     */
    private function forWhatIsMissing(): \Generator
    {
        foreach ($this->shared() as $visits) {
            foreach ($this->missing($visits) as $first) {
                foreach (array_unique(array_column($visits, 'day')) as $day) {
                    yield new Part($visits, $first, $day);
                }
            }
        }
    }

    /**
     * The same with late days first; two plans together.
     *
     * @return \Generator<Part>
     */
    private function wider(): \Generator
    {
        foreach ($this->shared() as $visits) {
            foreach ([null, ...$this->missing($visits)] as $first) {
                yield new Part($visits, $first, null, true);
            }
        }
        $plans = array_values($this->plans());
        foreach ($plans as $n => $one) {
            foreach (array_slice($plans, $n + 1) as $other) {
                yield new Part([...$one, ...$other]);
                yield new Part([...$one, ...$other], null, null, true);
                yield new Part([...$one, ...$other], $this->problem->demands[$other[0]->demand]);
            }
        }
    }

    /** @return list<Visit> */
    private function loose(): array
    {
        return array_values(array_filter($this->draft->visits(), static fn (Visit $visit): bool => ! $visit->isPinned));
    }

    /** @return array<int, non-empty-list<Visit>> */
    private function plans(): array
    {
        $plans = [];
        foreach ($this->loose() as $visit) {
            $plans[$visit->demand][] = $visit;
        }

        return $plans;
    }

    /** @return list<non-empty-list<Visit>> */
    private function shared(): array
    {
        $shared = [];
        foreach ($this->loose() as $visit) {
            $shared["dog {$this->problem->demands[$visit->demand]->dog}"][] = $visit;
            $shared["person {$visit->worker} {$visit->day}"][] = $visit;
            $shared["day {$visit->day}"][] = $visit;
        }

        return array_values($shared);
    }

    /**
     * @param  list<Visit>  $visits
     * @return list<int>
     */
    private static function helpers(array $visits): array
    {
        return array_values(array_filter(array_column($visits, 'helper'), is_int(...)));
    }

    /**
     * Plans that lack a session and compete with these visits for a person or a dog.
     *
     * @param  list<Visit>  $visits
     * @return list<Demand>
     */
    private function missing(array $visits): array
    {
        $workers = array_merge(array_column($visits, 'worker'), self::helpers($visits));
        $dogs = array_map(fn (Visit $visit): int => $this->problem->demands[$visit->demand]->dog, $visits);

        return array_values(array_filter($this->problem->demands, fn (Demand $demand): bool => $this->draft->missing($demand) > 0
            && (in_array($demand->dog, $dogs, true) || array_intersect($demand->workers, $workers) !== []
                || ($demand->needsHelper && self::helpers($visits) !== []))));
    }
}
