<?php

declare(strict_types=1);

namespace App\Kit;

use Core\Exception\InvalidMeasure;
use Core\Fit\BasketFit;
use Core\Fit\CollarFit;
use Core\Fit\Finding;
use Core\Fit\HarnessFit;
use Core\Food\DailyEnergy;
use Core\Food\FoodCatalog;
use Core\Food\SessionFood;

/** The calculators of fit and food as their forms know them: fields, ranges, and the core's answer. Nothing is stored. */
final readonly class KitCheck
{
    /** By calculator and field: label, unit, least, most; a field without a unit is a yes or no. */
    public const FIELDS = [
        'basket' => [
            'nose_length' => ['Nose, tip to just under the eyes', 'cm'], 'closed_girth' => ['Around the muzzle, mouth closed', 'cm'], 'open_girth' => ['Around it, mouth fully open', 'cm'], 'open_height' => ['Height, mouth fully open', 'cm'],
            'inside_length' => ['Basket: length inside', 'cm'], 'inside_girth' => ['Basket: around inside', 'cm'], 'inside_height' => ['Basket: height inside', 'cm'], 'short_nosed' => ['A short-nosed dog', ''],
        ],
        'collar' => ['neck' => ['Neck where it sits', 'cm'], 'head' => ['Head at its widest, over the ears', 'cm'], 'worn' => ['Collar as worn', 'cm'], 'open' => ['Limited-slip collar, fully open (else leave empty)', 'cm']],
        'harness' => ['chest' => ['Chest behind the elbows', 'cm'], 'strap' => ['Strap there, closed', 'cm'], 'elbow' => ['From the elbow to the strap', 'cm'], 'leg_free' => ['Both forelegs swing forward freely', '']],
        'food' => [
            'weight' => ['Weight', 'kg'], 'trials' => ['Trials of the session', ''], 'rate' => ['Pieces a trial', ''], 'jackpots' => ['Jackpots of five', ''], 'piece_grams' => ['One piece', 'g'],
            'piece_kcal' => ['Energy of the pieces', 'kcal/g'], 'meal_kcal' => ['Energy of the usual food', 'kcal/g'], 'left' => ['Pieces left over, not earned (else leave empty)', ''],
        ],
    ];

    public const OPTIONAL = ['open', 'left', 'short_nosed', 'leg_free'];

    /**
     * @param  'basket'|'collar'|'harness'  $which
     * @param  array<string, ?float>  $of  numbers by field; 1 for yes
     * @return list<Finding>
     *
     * @throws InvalidMeasure if a measurement is out of its range
     */
    public static function fit(string $which, array $of): array
    {
        $at = static fn (string $field): float => (float) ($of[$field] ?? 0.0);

        return match ($which) {
            'basket' => BasketFit::check($at('nose_length'), $at('closed_girth'), $at('open_girth'), $at('open_height'), $at('inside_length'), $at('inside_girth'), $at('inside_height'), $at('short_nosed') > 0.0),
            'collar' => CollarFit::check($at('neck'), $at('head'), $at('worn'), $of['open'] ?? null),
            'harness' => HarnessFit::check($at('chest'), $at('strap'), $at('elbow'), $at('leg_free') > 0.0),
        };
    }

    /**
     * @param  array<string, ?float>  $of
     * @return array{day: DailyEnergy, session: SessionFood, unearned: ?float}
     *
     * @throws InvalidMeasure if a number is out of its range
     */
    public static function food(FoodCatalog $catalog, string $stage, array $of): array
    {
        $at = static fn (string $field): float => (float) ($of[$field] ?? 0.0);
        $day = DailyEnergy::of($at('weight'), $catalog->stages[$stage] ?? throw InvalidMeasure::notFinite('The life stage'), $catalog->treatShare);

        return [
            'day' => $day,
            'session' => SessionFood::of($day, (int) $at('trials'), $at('rate'), (int) $at('jackpots'), $at('piece_grams'), $at('piece_kcal'), $at('meal_kcal')),
            'unearned' => isset($of['left']) ? SessionFood::unearned((int) $of['left'], $at('piece_grams'), $at('piece_kcal'), $at('meal_kcal')) : null,
        ];
    }
}
