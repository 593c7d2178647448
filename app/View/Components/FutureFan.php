<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Simulation\Fan;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A fan as a picture: the step that is solid after each session, eight in ten within the band. */
final class FutureFan extends Component
{
    private const WIDTH = 560.0;

    private const HEIGHT = 200.0;

    private const LEFT = 52.0;

    private const BOTTOM = 30.0;

    public function __construct(public Fan $fan, public int $top)
    {
    }

    public function render(): View
    {
        $count = count($this->fan->solid);
        $x = fn (int $session): float => round(self::LEFT + (self::WIDTH - self::LEFT - 8.0) * $session / max(1, $count - 1), 1);
        $y = fn (float $step): float => round(8.0 + (self::HEIGHT - self::BOTTOM - 8.0) * (1.0 - ($step + 1.0) / ($this->top + 1.0)), 1);
        $line = fn (string $of): array => array_map(
            static fn (array $at, int $i): string => $x($i).','.$y($at[$of]), $this->fan->solid, array_keys($this->fan->solid),
        );

        return view('charts.future-fan', [
            'width' => self::WIDTH, 'height' => self::HEIGHT, 'left' => self::LEFT, 'floor' => self::HEIGHT - self::BOTTOM,
            'band' => implode(' ', [...$line('high'), ...array_reverse($line('low'))]), 'middle' => implode(' ', $line('middle')),
            'sessions' => array_map(static fn (int $i): array => ['x' => $x($i - 1), 'number' => $i], range(10, $count, 10)),
            'steps' => [['y' => $y((float) $this->top), 'number' => $this->top + 1], ['y' => $y(-1.0), 'number' => 0]], 'count' => $count,
        ]);
    }
}
