<?php

declare(strict_types=1);

namespace App\Plan;

use Core\Ladder\Criterion;
use Core\Worth\AdvanceChance;
use Core\Worth\CriterionChance;
use Core\Worth\Effort;

/** What a plan's rule is worth: its operating curve, and the effort to the goal. */
final readonly class CriterionWorth
{
    /** Trials within which the curves tell the chance to move on. */
    public const WITHIN = [10, 20, 40];

    private const RATES = [0.7, 0.8, 0.9, 0.95];

    private const POINTS = 31;

    private AdvanceChance $chance;

    public function __construct(
        public Criterion $criterion, private int $steps, private int $trialsAnOuting, private int $mostAdvances,
        private float $outingsAWeek,
    ) {
        $this->chance = CriterionChance::of($criterion, max(1, min(200, $trialsAnOuting)));
    }

    /** @return array<int, list<array{float, float}>> success rate and chance to move on, by trials */
    public function curves(): array
    {
        $curves = [];
        foreach (self::WITHIN as $trials) {
            for ($i = 0; $i < self::POINTS; $i++) {
                $rate = 0.4 + 0.6 * $i / (self::POINTS - 1);
                $curves[$trials][] = [$rate, $this->chance->within($trials, $rate)];
            }
        }

        return $curves;
    }

    /** @return list<array{rate: float, each: ?float, within: float, effort: ?Effort}> */
    public function rows(): array
    {
        return array_map(fn (float $rate): array => [
            'rate' => $rate, 'each' => $this->chance->expectedTrials($rate), 'within' => $this->chance->within(20, $rate),
            'effort' => $this->effort($this->steps, $rate),
        ], self::RATES);
    }

    /** For a ladder of another length, as a contrast. */
    public function effort(int $steps, float $rate): ?Effort
    {
        return Effort::of($this->chance, $rate, max(1, min(500, $steps)), $this->trialsAnOuting, $this->mostAdvances, $this->outingsAWeek);
    }
}
