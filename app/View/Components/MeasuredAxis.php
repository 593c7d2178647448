<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Chart\LinearScale;
use Core\Chart\Ticks;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionKind;

/** An axis of one measured dimension: distances by halvings and in the user's unit, all else as it is kept, labeled as it is told. */
final readonly class MeasuredAxis
{
    private function __construct(private LinearScale $scale, private Dimension $dimension, private bool $isDistance)
    {
    }

    /**
     * @param  float  $from  value at the first end, in the dimension's unit
     * @param  float  $to  value at the other
     * @param  float  $start  place of the first end on the chart
     */
    public static function axis(Dimension $dimension, float $from, float $to, float $start, float $end): self
    {
        $isDistance = $dimension->kind === DimensionKind::Distance;
        $at = static fn (float $value): float => $isDistance ? log(max($value, 0.1), 2.0) : $value;

        return new self(new LinearScale($at($from), $at($to), $start, $end), $dimension, $isDistance);
    }

    public function map(float $value): float
    {
        return $this->scale->map($this->isDistance ? log(max($value, 0.1), 2.0) : $value);
    }

    /** @return list<array{at: float, label: string}> between two values */
    public function ticks(float $low, float $high): array
    {
        $per = $this->isDistance ? words()->reader->units->distance->meters() : 1.0;
        $ticks = $this->isDistance ? Ticks::logarithmic($low / $per, $high / $per) : Ticks::linear($low, $high, 5);

        return array_map(
            fn (float $tick): array => [
                'at' => $this->map($tick * $per),
                'label' => $this->isDistance
                    ? words()->formats->meters($tick * $per)
                    : words()->formats->number($this->dimension->toDisplayed($tick)).words()->unit($this->dimension),
            ],
            $ticks,
        );
    }
}
