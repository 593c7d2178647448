<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Plan\CriterionWorth;
use Core\Chart\LinearScale;
use Core\Chart\PathData;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** How likely a rule lets a dog move on, against how often the dog really succeeds. */
final class OperatingCurve extends Component
{
    private const WIDTH = 520;

    /** Point of each curve that carries its label. */
    private const LABELED = [10 => 18, 20 => 10, 40 => 4];

    public function __construct(private readonly CriterionWorth $worth)
    {
    }

    public function render(): View
    {
        $x = new LinearScale(0.4, 1.0, 44.0, self::WIDTH - 24.0);
        $y = new LinearScale(0.0, 1.0, 190.0, 16.0);
        $lines = [];
        foreach ($this->worth->curves() as $trials => $points) {
            $lines[$trials] = [
                'path' => PathData::line(array_map(static fn (array $point): array => [$x->map($point[0]), $y->map($point[1])], $points)),
                // told where the curves lie apart
                'at' => [$x->map($points[self::LABELED[$trials]][0]), $y->map($points[self::LABELED[$trials]][1])],
            ];
        }

        return view('charts.operating-curve', [
            'lines' => $lines, 'width' => self::WIDTH, 'criterion' => words()->criterion($this->worth->criterion),
            'xs' => array_map(
                static fn (int $percent): array => ['at' => $x->map($percent / 100), 'label' => words()->formats->percent($percent)],
                [40, 50, 60, 70, 80, 90, 100],
            ),
            'ys' => array_map(
                static fn (int $percent): array => ['at' => $y->map($percent / 100), 'label' => words()->formats->percent($percent)],
                [0, 25, 50, 75, 100],
            ),
        ]);
    }
}
