<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Chart\LinearScale;
use Core\Chart\PathData;
use Core\Exposure\Dimension;
use Core\Insight\ResponseCurve;
use Core\Measure\Probability;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/**
 * The chance of strain or worse along the leading measure: what was assumed before any trial, and what the trials say now, with its range.
 */
final class LearnedCurve extends Component
{
    private const WIDTH = 720;

    private const HEIGHT = 260;

    /** Where P(band ≥ 3) and P(band ≥ 4) stand in a point. */
    private const STRAIN = 2;

    private const OVER = 3;

    public function __construct(
        private readonly ResponseCurve $before, private readonly ResponseCurve $after, private readonly Dimension $dimension,
        private readonly Probability $limit,
    ) {
    }

    public function render(): View
    {
        $points = $this->after->points;
        [$easy, $hard] = [$points[0]['value'], $points[count($points) - 1]['value']];
        $x = MeasuredAxis::axis($this->dimension, $easy, $hard, 52.0, self::WIDTH - 24.0);
        $y = new LinearScale(0.0, 1.0, self::HEIGHT - 40.0, 14.0);
        $line = static fn (ResponseCurve $curve, int $above): ?string => PathData::line(array_map(
            static fn (array $point): array => [$x->map($point['value']), $y->map($point['atLeast'][$above])], $curve->points,
        ));
        $range = [
            ...array_map(static fn (array $point): array => [$x->map($point['value']), $y->map($point['strainHigh'])], $points),
            ...array_reverse(array_map(
                static fn (array $point): array => [$x->map($point['value']), $y->map($point['strainLow'])], $points,
            )),
        ];

        return view('charts.learned-curve', [
            'before' => $line($this->before, self::STRAIN), 'strain' => $line($this->after, self::STRAIN),
            'over' => $line($this->after, self::OVER),
            'range' => PathData::line($range), 'limitAt' => $y->map($this->limit->value),
            'limit' => words()->formats->chance($this->limit), 'xs' => $x->ticks(min($easy, $hard), max($easy, $hard)),
            'ys' => array_map(
                static fn (int $percent): array => ['at' => $y->map($percent / 100), 'label' => words()->formats->percent($percent)],
                [0, 25, 50, 75, 100],
            ),
            'width' => self::WIDTH, 'height' => self::HEIGHT,
        ]);
    }
}
