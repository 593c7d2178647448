<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Chart\LinearScale;
use Core\Chart\PathData;
use Core\Exposure\Dimension;
use Core\Insight\Trend;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The limit as of each session, with the range the model left open then. */
final class LimitTrend extends Component
{
    private const WIDTH = 720;

    private const HEIGHT = 260;

    private const DAYS_NAMED = 8;

    public function __construct(private readonly Trend $trend, private readonly Dimension $dimension)
    {
    }

    public function render(): View
    {
        $values = [];
        foreach ($this->trend->points as $point) {
            array_push($values, ...array_filter(
                [$point->limit->point, $point->limit->hardest, $point->limit->easiest], static fn (?float $value): bool => $value !== null,
            ));
        }
        [$low, $high] = $values === [] ? [1.0, 100.0] : [0.9 * min($values), 1.1 * max($values)];
        $y = MeasuredAxis::axis($this->dimension, $high, $low, 14.0, self::HEIGHT - 34.0);
        $x = new LinearScale(0.0, max(1.0, count($this->trend->points) - 1.0), 80.0, self::WIDTH - 24.0);
        $every = max(1, (int) ceil(count($this->trend->points) / self::DAYS_NAMED));
        $points = [];
        foreach ($this->trend->points as $i => $point) {
            $points[] = [
                'x' => $x->map((float) $i), 'y' => $point->limit->point === null ? null : $y->map($point->limit->point),
                'hard' => $y->map($point->limit->hardest), 'easy' => $y->map($point->limit->easiest ?? $high),
                'isOpen' => $point->limit->easiest === null,
                'day' => $i % $every === 0 ? words()->formats->monthDay($point->at) : '',
            ];
        }

        return view('charts.limit-trend', [
            'points' => $points,
            'path' => PathData::line(array_values(array_map(
                static fn (array $point): array => [$point['x'], (float) $point['y']],
                array_filter($points, static fn (array $point): bool => $point['y'] !== null),
            ))),
            'ticks' => $y->ticks($low, $high), 'width' => self::WIDTH, 'height' => self::HEIGHT,
        ]);
    }
}
