<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Chart\LinearScale;
use Core\Decision\Situation;
use Core\Measure\Logistic;
use Core\Measure\Probability;
use Core\Planning\LadderReview;
use Core\Planning\StepReview;
use Core\Response\Risk;
use Core\Response\RiskCaps;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A ladder drawn as a staircase whose treads stand as high as their load; below, each step's risk with its range. */
final class Staircase extends Component
{
    private const WIDTH = 720;

    private const FLOOR = 205.0;

    /** Risk is drawn in logits, between these chances. */
    private const MIN_RISK = 0.001;

    private const MAX_RISK = 0.6;

    /**
     * @param  non-empty-list<float>  $loads  in logits
     * @param  list<?string>  $labels  under the treads, where there is room
     * @param  list<bool>  $beyond  today's limits
     * @param  int  $held  index of the highest step held
     * @param  list<array{mean: float, bound: float}>  $risks  of strain; empty to leave them out
     */
    public function __construct(
        private readonly array $loads,
        private readonly array $labels,
        private readonly string $name,
        private readonly array $beyond = [],
        private readonly int $held = -1,
        private readonly array $risks = [],
        private readonly float $limit = 0.07,
    ) {
    }

    /**
     * For the attributes of the component.
     *
     * @return array{loads: non-empty-list<float>, labels: list<?string>, beyond: list<bool>, held: int, risks: list<array{mean: float,
     *    bound: float}>, limit: float}
     */
    public static function of(LadderReview $review, Situation|RiskCaps $of, callable $label): array
    {
        $caps = $of instanceof Situation ? $of->settings->caps : $of;
        $risks = array_map(
            static fn (StepReview $step): Risk => $of instanceof Situation ? $of->calibration->told($step->today) : $step->today,
            $review->steps,
        );

        return [
            'loads' => array_map(static fn (StepReview $step): float => $step->load, $review->steps),
            'labels' => array_map(static fn (StepReview $step): ?string => self::text($label($step->step)), $review->steps),
            'beyond' => array_map(
                static fn (StepReview $step): bool => $of instanceof Situation
                    ? ! $of->allows($step->step->exposure)
                    : ! $caps->allow($step->today),
                $review->steps,
            ),
            'held' => $of instanceof Situation ? $of->history->solidStep : -1,
            'risks' => array_map(
                static fn (Risk $risk): array => ['mean' => $risk->strainMean->value, 'bound' => $risk->strain()->value], $risks,
            ),
            'limit' => $caps->strain->value,
        ];
    }

    public function render(): View
    {
        $count = count($this->loads);
        $x = new LinearScale(0.0, (float) $count, 8.0, self::WIDTH - 8.0);
        $y = new LinearScale(min($this->loads) - 0.5, max($this->loads), self::FLOOR, 26.0);
        $risk = new LinearScale(Logistic::logit(self::MIN_RISK), Logistic::logit(self::MAX_RISK), 330.0, 245.0);
        $place = static fn (float $chance): float => $risk->map(Logistic::logit(max(self::MIN_RISK, min(self::MAX_RISK, $chance))));
        $every = (int) ceil($count / 12);
        $treads = [];
        foreach ($this->loads as $i => $load) {
            $treads[] = [
                'x' => $x->map((float) $i),
                'width' => $x->map($i + 1.0) - $x->map((float) $i),
                'y' => $y->map($load),
                'height' => self::FLOOR - $y->map($load),
                'label' => $i % $every === 0 || $i === $count - 1 ? $this->labels[$i] ?? (string) ($i + 1) : null,
                'held' => $i <= $this->held,
                'beyond' => $this->beyond[$i] ?? false,
                'mean' => isset($this->risks[$i]) ? $place($this->risks[$i]['mean']) : null,
                'bound' => isset($this->risks[$i]) ? $place($this->risks[$i]['bound']) : null,
            ];
        }

        return view('charts.staircase', [
            'treads' => $treads, 'width' => self::WIDTH, 'height' => $this->risks === [] ? 240 : 350, 'floor' => self::FLOOR,
            'name' => $this->name,
            'limitAt' => $this->risks === [] ? null : $place($this->limit),
            'limitWords' => words()->formats->chance(Probability::of($this->limit)),
        ]);
    }

    private static function text(mixed $label): ?string
    {
        return is_string($label) ? $label : null;
    }
}
