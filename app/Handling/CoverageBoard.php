<?php

declare(strict_types=1);

namespace App\Handling;

use App\Advice\DogCatalogs;
use App\Models\Dog;
use App\Models\HandlerLimit;
use App\Models\Person;
use Core\Coverage\Coverage;
use Core\Coverage\NextCell;
use Core\Coverage\TrialInContext;
use Core\Exposure\PlanKind;

/** People × postures × sides × items × places of a dog's work under the hand. */
final readonly class CoverageBoard
{
    public const FACTORS = ['person' => 'people', 'posture' => 'postures', 'side' => 'sides', 'item' => 'items', 'place' => 'places'];

    private const MOST = 40;

    public function __construct(private ContactTrials $trials, private DogCatalogs $catalogs)
    {
    }

    /**
     * @param  ?int  $trigger  what it is about; null for all care work
     * @return array{coverage: Coverage, labels: array<string, array<string, string>>, next: ?NextCell, nextWords: string, count: int} labels by factor and value, easiest first
     */
    public function of(Dog $dog, ?int $trigger): array
    {
        $catalog = $this->catalogs->ofDog($dog->id, PlanKind::Contact);
        $usual = ['posture' => (string) $catalog->dimension('posture')->usual, 'side' => (string) $catalog->dimension('side')->usual, 'place' => (string) $catalog->dimension('place')->usual];
        $trials = array_map(static fn (TrialInContext $trial): TrialInContext => $trial->with($usual), $this->trials->of($dog, $trigger));
        $kept = HandlerLimit::query()->where('dog_id', $dog->id)->limit(self::MOST)->pluck('person_id')->all();
        $labels = [
            'person' => array_map(strval(...), Person::query()->where('practice_id', $dog->practice_id)->whereNotIn('id', $kept)->orderBy('name')->limit(self::MOST)->pluck('name', 'id')->all()),
            'item' => [],
        ];
        foreach ($trials as $trial) {
            $labels['item'][$trial->factors['item']] = $trial->factors['item'];
        }
        foreach (['posture', 'side', 'place'] as $factor) {
            $labels[$factor] = array_column($catalog->dimension($factor)->values, 'label', 'key');
        }
        $labels = array_replace(self::FACTORS, $labels);
        $coverage = Coverage::of($trials, array_map(static fn (array $values): array => array_map(strval(...), array_keys($values)), $labels), ['posture', 'place']);
        $next = $coverage->best();
        $words = $next === null ? [] : array_map(static fn (string $factor): string => $labels[$factor][$next->values[$factor]] ?? $next->values[$factor], array_keys(self::FACTORS));

        return ['coverage' => $coverage, 'labels' => $labels, 'next' => $next, 'nextWords' => implode(', ', $words), 'count' => count($trials)];
    }
}
