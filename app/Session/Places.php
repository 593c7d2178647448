<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\State\PlaceState;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\DimensionKind;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Sound\Player;

/**
 * Where a session can be, as its screen is told once: the steps of the plan in words, and for each thing in play the values it can be
 * changed to in two taps.
 */
final readonly class Places
{
    /** Measures that a hand or a clock knows, beside those of the plan: centimeters and seconds. */
    private const USUAL = [
        'gap' => [0.0, 5.0, 10.0, 20.0, 30.0, 50.0, 80.0, 120.0],
        'time' => [1.0, 2.0, 3.0, 5.0, 8.0, 10.0, 15.0, 20.0, 30.0, 45.0, 60.0, 90.0, 120.0, 180.0, 300.0],
    ];

    /**
     * @return array{first: list<array<string, mixed>>, others: list<array<string, mixed>>, steps: list<array<string, mixed>>}
     */
    public static function of(Ladder $ladder, DimensionCatalog $catalog, InPlay $inPlay, ?Player $player): array
    {
        $unsaid = $catalog->has(DimensionKey::Distance->value) ? [] : $ladder->shared();
        $inWords = new StateInWords(words(), $catalog);
        $choices = static fn (Dimension $dimension): array => [
            'key' => $dimension->key, 'label' => words()->capital(words()->dimension($catalog, $dimension->key)),
            'values' => self::values($dimension, $catalog, $ladder->steps),
        ];

        return [
            'first' => array_map($choices, $inPlay->first),
            'others' => array_map($choices, $inPlay->others),
            'steps' => array_map(static fn (Step $step): array => [
                ...$inWords->place(PlaceState::of($step->exposure, $step->manner, $player), $unsaid),
                'manner' => words()->atHand($step->manner),
            ], $ladder->steps),
        ];
    }

    /**
     * @param  list<Step>  $steps
     * @return list<array{value: float|string, label: string}> easiest first, where they have an order
     */
    private static function values(Dimension $dimension, DimensionCatalog $catalog, array $steps): array
    {
        $values = array_map(static fn ($value): string => $value->key, $dimension->values);
        if ($dimension->kind->isMeasured()) {
            $values = [...self::USUAL[$dimension->kind->value] ?? [], ...array_filter(
                array_map(static fn (Step $step): float|string|null => $step->exposure->values[$dimension->key] ?? null, $steps),
                is_float(...),
            )];
            $values = array_values(array_unique($values, SORT_NUMERIC));
            $dimension->kind === DimensionKind::Gap ? rsort($values) : sort($values);
        }

        return array_map(static fn (float|string $value): array => [
            'value' => $value, 'label' => words()->value($catalog, $dimension, $value),
        ], $values);
    }
}
