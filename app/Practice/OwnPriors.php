<?php

declare(strict_types=1);

namespace App\Practice;

use App\Engine\CoreCatalogs;
use App\Engine\SituationReader;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\TrailAction;
use App\Models\Trial;
use App\Models\User;
use App\Support\Fields;
use App\Trail\Trail;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\PlanKind;
use Core\Response\EmpiricalBayes;
use Core\Response\Inherited;
use Core\Response\KnownDog;
use Core\Response\ModelBuilder;
use Psr\Clock\ClockInterface;

/**
 * What a practice's own dogs have in common, by kind of plan: how much each part of a setup weighs and how signs grade. Worked out when an
 * owner asks for it; models begun from then on start there, those that exist stay as they are.
 */
final readonly class OwnPriors
{
    /** Dogs that are looked at, those with the most trials. */
    private const MAX_DOGS = 60;

    /** Times the usual weight from which on a difference is told. */
    private const TOLD = 1.2;

    public function __construct(
        private SituationReader $situations, private ModelBuilder $builder, private CoreCatalogs $catalogs, private Trail $trail,
        private ClockInterface $clock,
    ) {
    }

    /** @return array<string, int> by kind: dogs with enough trials */
    public function dogs(Practice $practice): array
    {
        return array_map(count(...), self::models($practice));
    }

    /** Whether any kind of plan has enough dogs. */
    public function workOut(User $by): bool
    {
        $now = $this->clock->now();
        $found = [];
        foreach (self::models($by->practice) as $kind => $models) {
            $dogs = [];
            foreach ($models as $id) {
                $plan = Plan::query()->withTrashed()->with('responseModel.dog.intake')->where('response_model_id', $id)->latest('id')
                    ->first();
                if ($plan !== null) {
                    [$inCore, $scale, $sessions] = $this->situations->evidence($plan, $now);
                    $dogs[] = new KnownDog($scale, $inCore->isReferenceStated, $inCore->fineAt, $sessions);
                }
            }
            $known = EmpiricalBayes::of($this->builder, $dogs);
            if ($known !== null) {
                $found[$kind] = ['dogs' => count($dogs), ...$known->toArray()];
            }
        }
        $this->keep($by, $found === [] ? null : $found);

        return $found !== [];
    }

    public function giveUp(User $by): void
    {
        $this->keep($by, null);
    }

    /**
     * What is otherwise than usual.
     *
     * @return array<string, array{catalog: DimensionCatalog, dogs: int, otherwise: array<string, float>}> by kind; weights in times the
     *    usual, by dimension, the heaviest first
     */
    public function told(Practice $practice): array
    {
        $told = [];
        foreach ($practice->own_priors ?? [] as $kind => $kept) {
            $catalog = $this->catalogs->dimensions(PlanKind::from($kind));
            $times = [];
            foreach (Inherited::fromArray($kept)->slopes ?? [] as $key => $slope) {
                $times[$key] = $slope->mean() / $catalog->dimension($key)->slope->mean();
            }
            arsort($times);
            $told[$kind] = [
                'catalog' => $catalog, 'dogs' => Fields::of($kept)->int('dogs'),
                'otherwise' => array_filter($times, static fn (float $of): bool => $of >= self::TOLD || $of <= 1.0 / self::TOLD),
            ];
        }

        return $told;
    }

    /** @param  ?array<string, array<string, mixed>>  $priors */
    private function keep(User $by, ?array $priors): void
    {
        $practice = $by->practice;
        if ($priors !== null || $practice->own_priors !== null) {
            $practice->update(['own_priors' => $priors]);
            $this->trail->note($by, TrailAction::PracticeChanged, $practice, ['own_priors' => $priors === null ? 'no' : 'yes']);
        }
    }

    /** @return array<string, list<int>> by kind: one model of each dog, the one with the most trials */
    private static function models(Practice $practice): array
    {
        $rows = Trial::query()->toBase()->join('sessions', 'sessions.id', '=', 'trials.session_id')
            ->join('plans', 'plans.id', '=', 'sessions.plan_id')
            ->join('response_models', 'response_models.id', '=', 'plans.response_model_id')
            ->where('sessions.practice_id', $practice->id)->where('response_models.kind', '<>', PlanKind::Duration->value)
            ->groupBy('response_models.id', 'response_models.dog_id', 'response_models.kind')
            ->havingRaw('COUNT(*) >= ?', [EmpiricalBayes::MIN_TRIALS])->orderByRaw('COUNT(*) DESC')
            ->get(['response_models.id', 'response_models.dog_id', 'response_models.kind']);
        $models = [];
        foreach ($rows->map(Fields::of(...)) as $row) {
            $models[$row->text('kind')][$row->int('dog_id')] ??= $row->int('id');
        }

        return array_map(static fn (array $of): array => array_slice(array_values($of), 0, self::MAX_DOGS), $models);
    }
}
