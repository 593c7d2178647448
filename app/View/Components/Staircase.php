<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Chart\LinearScale;
use Core\Decision\Situation;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A ladder drawn as a staircase whose treads stand as high as their load. */
final class Staircase extends Component
{
    private const WIDTH = 720;

    private const HEIGHT = 240;

    private const FLOOR = 205.0;

    public function __construct(private readonly Situation $situation)
    {
    }

    public function render(): View
    {
        $steps = $this->situation->ladder->steps;
        $model = $this->situation->model;
        $loads = array_map(fn ($step): float => $model?->load($step->exposure) ?? 0.0, $steps);
        $x = new LinearScale(0.0, (float) count($steps), 8.0, self::WIDTH - 8.0);
        $y = new LinearScale(min($loads) - 0.5, max($loads), self::FLOOR, 26.0);
        $every = (int) ceil(count($steps) / 12);
        $treads = [];
        foreach ($steps as $i => $step) {
            $treads[] = [
                'x' => $x->map((float) $i),
                'width' => $x->map($i + 1.0) - $x->map((float) $i),
                'y' => $y->map($loads[$i]),
                'height' => self::FLOOR - $y->map($loads[$i]),
                'label' => $i % $every === 0 || $i === count($steps) - 1 ? $step->exposure->distance()?->inWords($this->situation->settings->unit) : null,
                'held' => $i <= $this->situation->history->heldStep,
                'beyond' => ! $this->situation->allows($step->exposure),
            ];
        }

        return view('charts.staircase', ['treads' => $treads, 'width' => self::WIDTH, 'height' => self::HEIGHT, 'floor' => self::FLOOR]);
    }
}
