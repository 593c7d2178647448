<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** @internal who with whom and where, for one plan */
final readonly class Crew
{
    /** @return list<array{int, int, ?int}> worker, place, helper: what is liked best first */
    public static function of(WeekProblem $problem, Demand $demand): array
    {
        $helpers = array_keys(array_filter($problem->workers, static fn (Worker $worker): bool => $worker->helps));
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
}
