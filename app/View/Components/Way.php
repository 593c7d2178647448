<?php

declare(strict_types=1);

namespace App\View\Components;

use App\View\BandCounts;
use Core\Sign\Band;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The way so far at a glance: a small staircase, solid so far filled, today's start marked; and the last session trial by trial. */
final class Way extends Component
{
    private const WIDTH = 132.0;

    private const HEIGHT = 40.0;

    private const MOST_TREADS = 24;

    private const MOST_TRIALS = 24;

    /**
     * @param  int  $steps  of the plan
     * @param  int  $solid  index of the highest that is solid; −1 for none
     * @param  ?int  $start  index of today's
     * @param  list<Band>  $last  trials of the last session, in their order
     */
    public function __construct(
        private readonly int $steps, private readonly int $solid, private readonly ?int $start, private readonly array $last,
    ) {
    }

    public function render(): View
    {
        $count = max(1, min($this->steps, self::MOST_TREADS));
        // a long plan is drawn in fewer treads, each for the steps it stands for
        $tread = fn (int $step): int => min($count - 1, intdiv($step * $count, max(1, $this->steps)));
        $width = self::WIDTH / $count;
        $treads = [];
        for ($i = 0; $i < $count; $i++) {
            $height = 6.0 + (self::HEIGHT - 14.0) * ($i + 1) / $count;
            $treads[] = [
                'x' => $i * $width, 'y' => self::HEIGHT - $height, 'width' => $width, 'height' => $height,
                'isSolid' => $this->solid >= 0 && $i <= $tread($this->solid),
                'isStart' => $this->start !== null && $i === $tread($this->start),
            ];
        }

        return view('charts.way', [
            'treads' => $treads, 'width' => self::WIDTH, 'height' => self::HEIGHT, 'last' => array_slice($this->last, -self::MOST_TRIALS),
            'told' => say('charts.way.told', [
                'solid' => $this->solid + 1, 'steps' => $this->steps, 'isStart' => $this->start !== null,
                'start' => ($this->start ?? 0) + 1,
            ]),
            'lastTold' => $this->last === [] ? '' : say('charts.way.last', ['counts' => BandCounts::inWords($this->last)]),
        ]);
    }
}
