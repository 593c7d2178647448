<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** @internal which rule stood in the way of what was not met */
final readonly class Explanation
{
    public function __construct(private WeekProblem $problem, private Draft $draft)
    {
    }

    /** @return list<Unmet> */
    public function unmet(): array
    {
        $unmet = [];
        foreach ($this->problem->demands as $demand) {
            $missing = $this->draft->missing($demand);
            if ($missing > 0) {
                $unmet[] = $this->explain($demand, $missing);
            }
        }

        return $unmet;
    }

    private function explain(Demand $demand, int $missing): Unmet
    {
        $alone = $forbids = $first = [];
        // without anybody to ask, it is the first of these three that is missing
        $crews = $this->problem->crews[$demand->id];
        if ($crews === []) {
            $rule = $demand->workers === [] ? Rule::Worker : ($demand->sites === [] ? Rule::Closed : Rule::Helper);

            return new Unmet($demand->id, $missing, $rule, null);
        }
        foreach ($this->problem->days() as $day) {
            foreach ($crews as [$worker, $site, $helper]) {
                $allowed = [];
                foreach (Rule::cases() as $rule) {
                    $allowed[$rule->value] = $this->draft->allowed($rule, $demand, $day, $worker, $site, $helper);
                }
                foreach (Rule::cases() as $rule) {
                    $forbidden = DayGrid::starts(DayGrid::ALL, $demand->slots) & ~$allowed[$rule->value];
                    $forbids[$rule->value] = ($forbids[$rule->value] ?? 0) + self::bits($forbidden);
                    foreach ($allowed as $other => $starts) {
                        $forbidden &= $other === $rule->value ? DayGrid::ALL : $starts;
                    }
                    $alone[$rule->value] = ($alone[$rule->value] ?? 0) + self::bits($forbidden);
                    if ($forbidden !== 0) {
                        $first[$rule->value] ??= new Visit(
                            $demand->id, $day, self::lowest($forbidden), $demand->slots, $worker, $site, $helper,
                        );
                    }
                }
            }
        }
        $counts = array_sum($alone) > 0 ? $alone : $forbids;
        $rule = $counts === [] ? Rule::Past : Rule::from((string) array_search(max($counts), $counts, true));

        return new Unmet($demand->id, $missing, $rule, $first[$rule->value] ?? null);
    }

    private static function bits(int $mask): int
    {
        return substr_count(decbin($mask), '1');
    }

    private static function lowest(int $mask): int
    {
        return strlen(decbin($mask & -$mask)) - 1;
    }
}
