<?php

declare(strict_types=1);

namespace App\Report;

use App\View\BandCounts;
use Core\Chart\Ticks;
use Core\Insight\Trend;
use Core\Sign\Band;

/** What is drawn on a report, as numbers in the reader's units with their labels: the page and the PDF draw from the same. */
final readonly class Drawing
{
    private const MOST_POINTS = 40;

    private const TICKS = 4;

    /**
     * The working distance after each session, with the range that was open then.
     *
     * @return ?array<string, mixed> null where there is nothing to draw a line between
     */
    public static function trend(Trend $trend): ?array
    {
        $units = words()->reader->units->distance;
        $points = [];
        foreach (array_slice($trend->points, -self::MOST_POINTS) as $point) {
            if ($point->limit->point !== null) {
                $points[] = [
                    'label' => words()->formats->monthDay($point->at), 'value' => $point->limit->point / $units->meters(),
                    'from' => $point->limit->hardest / $units->meters(),
                    'to' => ($point->limit->easiest ?? $point->limit->point) / $units->meters(),
                ];
            }
        }

        return count($points) < 2 ? null : [
            'kind' => 'line', 'points' => $points, 'isDown' => true,
            'ticks' => self::ticks($points, static fn (float $value): string => words()->formats->meters($value * $units->meters())),
            'told' => say('reports.drawn.trend', [
                'from' => words()->formats->meters($points[0]['value'] * $units->meters()),
                'to' => words()->formats->meters($points[count($points) - 1]['value'] * $units->meters()), 'count' => count($points),
            ]),
        ];
    }

    /**
     * @param  list<array{on: \DateTimeInterface, kilograms: float}>  $weights  oldest first
     * @return ?array<string, mixed>
     */
    public static function weights(array $weights): ?array
    {
        $units = words()->reader->units;
        $points = array_map(static fn (array $one): array => [
            'label' => words()->formats->day($one['on']), 'value' => $units->fromMetric($one['kilograms'], 'kg'),
            'from' => $units->fromMetric($one['kilograms'], 'kg'), 'to' => $units->fromMetric($one['kilograms'], 'kg'),
        ], array_slice($weights, -self::MOST_POINTS));

        return count($points) < 2 ? null : [
            'kind' => 'line', 'points' => $points, 'isDown' => false,
            'ticks' => self::ticks(
                $points, static fn (float $value): string => words()->formats->kilograms($units->toMetric($value, 'kg')),
            ),
            'told' => say('reports.drawn.weights', ['count' => count($points)]),
        ];
    }

    /**
     * @param  list<array{at: \DateTimeInterface, bands: list<Band>}>  $sessions  oldest first
     * @return ?array<string, mixed>
     */
    public static function bands(array $sessions): ?array
    {
        $shown = array_slice(array_values(array_filter($sessions, static fn (array $one): bool => $one['bands'] !== [])),
            -self::MOST_POINTS);

        return $shown === [] ? null : [
            'kind' => 'bands',
            'columns' => array_map(static fn (array $one): array => [
                'label' => words()->formats->monthDay($one['at']),
                'counts' => array_map(static fn (Band $band): int => count(array_filter(
                    $one['bands'], static fn (Band $shown): bool => $shown === $band,
                )), Band::cases()),
            ], $shown),
            'names' => array_map(static fn (Band $band): string => words()->label($band), Band::cases()),
            'told' => say('reports.drawn.bands', ['counts' => BandCounts::inWords(array_merge(...array_column($shown, 'bands')))]),
        ];
    }

    /**
     * @param  non-empty-list<array{label: string, value: float, from: float, to: float}>  $points
     * @param  \Closure(float): string  $say
     * @return list<array{value: float, label: string}>
     */
    private static function ticks(array $points, \Closure $say): array
    {
        $values = [...array_column($points, 'from'), ...array_column($points, 'to'), ...array_column($points, 'value')];
        [$low, $high] = [min($values), max($values)];

        return array_map(
            static fn (float $value): array => ['value' => $value, 'label' => $say($value)],
            Ticks::linear($low, $high > $low ? $high : $low + 1.0, self::TICKS),
        );
    }
}
