<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Support\Fields;
use Core\Chart\LinearScale;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/**
 * One drawing of a report: a line with its range, or sessions as stacked bands. It names its colors itself, as the page and the PDF
 * draw the same; lightness and a pattern of lines tell the bands apart in gray.
 */
final class ReportDrawing extends Component
{
    private const WIDTH = 640.0;

    private const HEIGHT = 200.0;

    private const LEFT = 64.0;

    private const BOTTOM = 24.0;

    /** Light to dark, easy to over. */
    private const FILLS = ['#dfe6ea', '#b9cfdf', '#dfb88a', '#b0633a', '#5c1f0c'];

    /** @param  array<string, mixed>  $drawing  as Report\Drawing makes it */
    public function __construct(private readonly array $drawing, private readonly bool $isPicture = false)
    {
    }

    public function render(): View
    {
        $drawn = ($this->drawing['kind'] ?? '') === 'bands' ? $this->bands() : $this->line();

        return view('charts.report-drawing', [
            ...$drawn, 'told' => Fields::of($this->drawing)->text('told'), 'width' => self::WIDTH, 'height' => self::HEIGHT,
            'left' => self::LEFT, 'isPicture' => $this->isPicture,
        ]);
    }

    /** @return array<string, mixed> */
    private function line(): array
    {
        $points = array_map(Fields::of(...), self::listOf($this->drawing['points'] ?? []));
        $ticks = array_map(Fields::of(...), self::listOf($this->drawing['ticks'] ?? []));
        $values = array_merge(
            array_map(static fn (Fields $one): float => $one->number('from'), $points),
            array_map(static fn (Fields $one): float => $one->number('to'), $points),
            array_map(static fn (Fields $one): float => $one->number('value'), $points),
        );
        [$low, $high] = $values === [] ? [0.0, 1.0] : [min($values), max($values)];
        // nearer is progress, and stands higher
        $isDown = Fields::of($this->drawing)->isOn('isDown');
        $ends = [self::HEIGHT - self::BOTTOM - 6.0, 12.0];
        $y = new LinearScale($isDown ? $high : $low, $isDown ? $low : ($high > $low ? $high : $low + 1.0), $ends[0], $ends[1]);
        $x = new LinearScale(0.0, max(1.0, count($points) - 1.0), self::LEFT + 12.0, self::WIDTH - 24.0);

        return [
            'points' => array_map(static fn (Fields $one, int $i): array => [
                'x' => $x->map((float) $i), 'y' => $y->map($one->number('value')), 'from' => $y->map($one->number('from')),
                'to' => $y->map($one->number('to')), 'label' => $one->text('label'),
            ], $points, array_keys($points)),
            'ticks' => array_map(static fn (Fields $one): array => [
                'y' => $y->map($one->number('value')), 'label' => $one->text('label'),
            ], $ticks),
            'every' => max(1, (int) ceil(count($points) / 7)), 'columns' => [], 'names' => [],
        ];
    }

    /** @return array<string, mixed> */
    private function bands(): array
    {
        $columns = array_map(Fields::of(...), self::listOf($this->drawing['columns'] ?? []));
        $counts = array_map(
            static fn (Fields $one): array => array_map(static fn (mixed $count): int => is_int($count) ? $count : 0, $one->list('counts')),
            $columns,
        );
        $most = max([1, ...array_map(array_sum(...), $counts)]);
        $space = (self::WIDTH - self::LEFT - 24.0) / max(1, count($columns));
        $width = min(28.0, 0.8 * $space);
        $scale = (self::HEIGHT - self::BOTTOM - 34.0) / $most;
        $drawn = [];
        foreach ($columns as $i => $column) {
            $bottom = self::HEIGHT - self::BOTTOM;
            $parts = [];
            foreach ($counts[$i] as $band => $count) {
                $bottom -= $count * $scale;
                $parts[] = ['y' => $bottom, 'height' => $count * $scale, 'fill' => self::FILLS[$band] ?? self::FILLS[0]];
            }
            $drawn[] = [
                'x' => self::LEFT + $i * $space, 'width' => $width, 'label' => $column->text('label'),
                'parts' => array_values(array_filter($parts, static fn (array $part): bool => $part['height'] > 0.0)),
            ];
        }

        return [
            'points' => [], 'ticks' => [], 'columns' => $drawn, 'every' => max(1, (int) ceil(count($columns) / 9)),
            'names' => array_map(
                static fn (mixed $name, int $band): array => [
                    'name' => is_string($name) ? $name : '', 'fill' => self::FILLS[$band] ?? self::FILLS[0],
                ],
                array_values(self::listOf($this->drawing['names'] ?? [])),
                array_keys(array_values(self::listOf($this->drawing['names'] ?? []))),
            ),
        ];
    }

    /** @return list<mixed> */
    private static function listOf(mixed $value): array
    {
        return is_array($value) ? array_values($value) : [];
    }
}
