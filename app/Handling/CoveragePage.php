<?php

declare(strict_types=1);

namespace App\Handling;

use App\Access\InSight;
use App\Engine\DogCatalogs;
use App\Models\Dog;
use App\Models\HandlerLimit;
use App\Models\Place;
use App\Models\Trigger;
use App\Models\User;
use Core\Coverage\Coverage;
use Core\Coverage\NextCell;
use Core\Coverage\TrialInContext;
use Core\Exposure\PlanKind;

/** What a dog's work has covered: with whom, where and how; and what would be best next. */
final readonly class CoveragePage
{
    /** @var array<string, list<string>> factors by kind of plan */
    public const FACTORS = [
        'contact' => ['person', 'posture', 'position', 'side', 'held', 'item', 'place'],
        'presence' => ['person', 'spot', 'item', 'motion'],
    ];

    /** Dimensions that are factors as they are, and whose values are easier and harder. */
    private const DIMENSIONS = [
        'contact' => [
            'posture' => 'posture', 'position' => 'dog_position', 'side' => 'side', 'held' => 'held_at', 'place' => 'place',
        ],
        'presence' => ['motion' => 'trigger_motion'],
    ];

    private const ORDERED = ['posture', 'place', 'motion'];

    private const MAX = 40;

    public function __construct(private TrialsInContext $trials, private DogCatalogs $catalogs)
    {
    }

    /**
     * @param  ?int  $trigger  what it is about; null for all of the kind
     * @return array{coverage: Coverage, labels: array<string, array<array-key, string>>, next: ?NextCell, nextWords: string, count: int}
     *    labels by factor and value, easiest first
     */
    public function of(User $user, Dog $dog, PlanKind $kind, ?int $trigger): array
    {
        $catalog = $this->catalogs->ofDog($dog->id, $kind);
        $factors = self::FACTORS[$kind->value] ?? [];
        $hasSpot = in_array('spot', $factors, true);
        $usual = $hasSpot ? ['spot' => say('options.nowhere')] : [];
        $labels = ['person' => $this->people($user, $dog)];
        foreach (self::DIMENSIONS[$kind->value] ?? [] as $factor => $dimension) {
            $usual[$factor] = (string) $catalog->dimension($dimension)->usual;
            $labels[$factor] = words()->choices($catalog, $dimension);
        }
        $trials = array_map(
            static fn (TrialInContext $trial): TrialInContext => $trial->with($usual), $this->trials->of($dog, $kind, $trigger),
        );
        if ($hasSpot) {
            $spots = array_map(static fn (Place $place): string => $place->name, InSight::places(
                $user,
            )->orderBy('name')->limit(self::MAX)->get()->all());
            $labels['spot'] = array_combine($spots, $spots);
        }
        $labels['item'] = $trigger === null && $kind === PlanKind::Presence ? self::named($dog, $kind) : [];
        foreach ($trials as $trial) {
            $labels['item'][$trial->factors['item']] ??= $trial->factors['item'];
            if ($hasSpot) {
                $labels['spot'][$trial->factors['spot']] ??= $trial->factors['spot'];
            }
        }
        $labels = array_replace(array_fill_keys($factors, []), $labels);
        $coverage = Coverage::of(
            $trials, array_map(static fn (array $values): array => array_map(strval(...), array_keys($values)), $labels), self::ORDERED,
        );
        $next = $coverage->best();
        $words = $next === null ? [] : array_map(
            static fn (string $factor): string => $labels[$factor][$next->values[$factor]] ?? $next->values[$factor], $factors,
        );

        return [
            'coverage' => $coverage, 'labels' => $labels, 'next' => $next, 'nextWords' => implode(', ', $words), 'count' => count($trials),
        ];
    }

    /** @return array<array-key, string> triggers of the kind, by name */
    private static function named(Dog $dog, PlanKind $kind): array
    {
        $names = array_map(static fn (Trigger $trigger): string => $trigger->name, array_values(
            $dog->triggers()->where('kind', $kind->value)->orderBy('name')->limit(self::MAX)->get()->all(),
        ));

        return array_combine($names, $names);
    }

    /** @return array<array-key, string> names of those who may handle this dog, by id */
    private function people(User $user, Dog $dog): array
    {
        $kept = HandlerLimit::inTraining($dog->id)->limit(self::MAX)->pluck('person_id')->all();
        $people = [];
        foreach (InSight::people($user)->whereNotIn('id', $kept)->orderBy('name')->limit(self::MAX)->get() as $person) {
            $people[$person->id] = $person->name;
        }

        return $people;
    }
}
