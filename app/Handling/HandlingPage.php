<?php

declare(strict_types=1);

namespace App\Handling;

use App\Engine\DogCatalogs;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\StepExposure;
use App\Support\Fields;
use Core\Coverage\TrialInContext;
use Core\Exposure\DimensionKey;
use Core\Exposure\PlanKind;
use Core\Handling\Acceptance;
use Core\Handling\BodyAreas;
use Core\Handling\HandlingMap;
use Core\Handling\Touch;

/** All that the handling page shows: every part of the dog, in its own order from least to most sensitive. */
final readonly class HandlingPage
{
    private const MAX_PLANS = 60;

    public function __construct(private TrialsInContext $trials, private DogCatalogs $catalogs)
    {
    }

    /**
     * @param  array<int, string>  $people  names by id
     * @return list<AreaView>
     */
    public function of(Dog $dog, ?int $person, array $people): array
    {
        $trials = $this->trials->of($dog, PlanKind::Contact);
        $map = HandlingMap::of($trials, Touch::keys());
        $seenBy = array_intersect_key($people, array_flip(
            array_map(static fn (TrialInContext $trial): int => (int) $trial->factors['person'], $trials),
        ));
        $known = AreaRepository::of($dog->id);
        $plans = $this->plansByArea($dog);
        $views = [];
        $catalog = $this->catalogs->ofDog($dog->id, PlanKind::Contact);
        foreach ($catalog->dimension(DimensionKey::BodyArea->value)->values as $value) {
            foreach (BodyAreas::sides($value->key) as $side) {
                $on = $side === 'both' ? null : $side;
                $chosen = $map->at($value->key, $on, $person === null ? null : (string) $person);
                $views[] = new AreaView(
                    $value->key, $side, AreaView::name($value->key, $side), $chosen,
                    array_filter(
                        array_combine($seenBy, array_map(
                            static fn (int $id): Acceptance => $map->at($value->key, $on, (string) $id), array_keys($seenBy),
                        )),
                        static fn (Acceptance $by): bool => $by->isSeen(),
                    ),
                    $known["{$value->key} {$side}"] ?? null, $plans[$value->key] ?? [], Touch::tryFrom($chosen->accepted ?? '')?->rank(),
                );
            }
        }

        return $views;
    }

    /** @return array<string, list<Plan>> care plans by the parts that their steps are at */
    private function plansByArea(Dog $dog): array
    {
        $plans = $dog->plans()->with('responseModel.person')->whereHas('responseModel', static fn ($models) => $models->where(
            'kind', PlanKind::Contact->value,
        ))->orderBy('plans.id')->limit(self::MAX_PLANS)->get()->keyBy('id');
        $rows = StepExposure::query()->toBase()->join(
            'steps', 'steps.id', '=', 'step_exposures.step_id',
        )->whereIn('steps.plan_id', $plans->keys())->whereNull('steps.retired_at')
            ->where('dimension', 'body_area')->distinct()->get(['steps.plan_id', 'choice']);
        $by = [];
        foreach ($rows as $row) {
            $plan = $plans->get(Fields::of($row)->int('plan_id'));
            if ($plan !== null) {
                $by[Fields::of($row)->text('choice')][] = $plan;
            }
        }

        return $by;
    }
}
