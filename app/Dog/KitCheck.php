<?php

declare(strict_types=1);

namespace App\Dog;

use Core\Exception\InvalidMeasure;
use Core\Food\DailyEnergy;
use Core\Food\FoodCatalog;
use Core\Food\LifeStage;
use Core\Food\SessionFood;
use Core\Gear\BasketCheck;
use Core\Gear\CollarCheck;
use Core\Gear\Finding;
use Core\Gear\HarnessCheck;

/** The calculators of fit and food as their forms know them: fields, ranges, and the core's answer. Nothing is stored. */
final readonly class KitCheck
{
    /** Units by calculator and field; a field without one is a count, or a yes or no. */
    public const FIELDS = [
        'basket' => [
            'nose_length' => 'cm', 'closed_girth' => 'cm', 'open_girth' => 'cm', 'open_height' => 'cm', 'inside_length' => 'cm',
            'inside_girth' => 'cm', 'inside_height' => 'cm', 'short_nosed' => '',
        ],
        'collar' => ['neck' => 'cm', 'head' => 'cm', 'worn' => 'cm', 'open' => 'cm'],
        'harness' => ['chest' => 'cm', 'strap' => 'cm', 'elbow' => 'cm', 'leg_free' => ''],
        'food' => [
            'weight' => 'kg', 'trials' => '', 'rate' => '', 'jackpots' => '', 'piece_grams' => 'g', 'piece_kcal' => 'kcal/g',
            'meal_kcal' => 'kcal/g', 'left' => '',
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
            'basket' => BasketCheck::check(
                $at('nose_length'), $at('closed_girth'), $at('open_girth'), $at('open_height'), $at('inside_length'), $at('inside_girth'),
                $at('inside_height'), $at('short_nosed') > 0.0,
            ),
            'collar' => CollarCheck::check($at('neck'), $at('head'), $at('worn'), $of['open'] ?? null),
            'harness' => HarnessCheck::check($at('chest'), $at('strap'), $at('elbow'), $at('leg_free') > 0.0),
        };
    }

    /**
     * @param  array<string, ?float>  $of
     * @return array{day: DailyEnergy, session: SessionFood, unearned: ?float}
     *
     * @throws InvalidMeasure if a number is out of its range
     */
    public static function food(FoodCatalog $catalog, LifeStage $stage, array $of): array
    {
        $at = static fn (string $field): float => (float) ($of[$field] ?? 0.0);
        $day = DailyEnergy::of($at('weight'), $stage, $catalog->treatShare);

        return [
            'day' => $day,
            'session' => SessionFood::of(
                $day, (int) $at('trials'), $at('rate'), (int) $at('jackpots'), $at('piece_grams'), $at('piece_kcal'), $at('meal_kcal'),
            ),
            'unearned' => isset($of['left'])
                ? SessionFood::unearned((int) $of['left'], $at('piece_grams'), $at('piece_kcal'), $at('meal_kcal'))
                : null,
        ];
    }
}
