<?php

declare(strict_types=1);

namespace App\Advice;

use App\Models\Assessment;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Session;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;

/** A dog's model for ladders that are not, or not yet, those of a plan. */
final readonly class DogModelReader
{
    private const MOST_SESSIONS = 400;

    private const MOST_ASSESSMENTS = 10;

    public function __construct(private CoreCatalogs $catalogs, private DogCatalogs $dogs, private ModelBuilder $builder)
    {
    }

    /** With all that was ever seen of this dog, trigger and person. */
    public function read(ResponseModel $model, Ladder $ladder, \DateTimeImmutable $now): DogModel
    {
        return $this->withEvidence($model, $ladder, $model->exists ? [...$this->assessed($model->id, $model->kind, $now), ...$this->sessions($model)] : [], $now);
    }

    /**
     * @param  list<SessionEvidence>  $earlier
     */
    public function withEvidence(ResponseModel $model, Ladder $ladder, array $earlier, \DateTimeImmutable $now): DogModel
    {
        $catalog = $this->dogs->of($model);
        $keys = array_merge(...array_map(static fn (Step $step): array => $step->exposure->values, $ladder->steps));
        foreach ($earlier as $session) {
            foreach ($session->rows as $row) {
                $keys += $row->exposure->values;
            }
        }
        $scale = LoadScale::of($catalog, Distance::fromMeters($model->reference_meters), array_keys($keys), $model->reacts_to === null ? null : Exposure::of($model->reacts_to, $catalog));
        $fineAt = $model->fine_at_meters === null ? null : Exposure::of(['distance' => $model->fine_at_meters], $catalog);
        $today = new SessionEvidence($now, []);

        // a fit that does not converge leaves the typical dog: nothing is advised from it, a ladder is only laid out
        return $this->builder->build($scale, $model->reference_stated, $fineAt, $earlier, $today)
            ?? $this->builder->build($scale, $model->reference_stated, null, [], $today)
            ?? throw new \LogicException('The prior alone always has a mode.');
    }

    /** @return list<SessionEvidence> what assessments showed, oldest first */
    public function assessed(int $responseModelId, PlanKind $kind, \DateTimeImmutable $before): array
    {
        $rows = Assessment::query()->toBase()->where('response_model_id', $responseModelId)->where('made_at', '<=', $before->format('Y-m-d H:i:s.v'))
            ->orderByDesc('made_at')->limit(self::MOST_ASSESSMENTS)->get(['made_at', 'evidence']);

        return array_values($rows->reverse()->map(fn (object $row): SessionEvidence => $this->decode((string) $row->made_at, (string) $row->evidence, 0.0, $kind))->all());
    }

    /** @return list<SessionEvidence> */
    private function sessions(ResponseModel $model): array
    {
        $rows = Session::query()->toBase()->whereIn('plan_id', Plan::query()->withTrashed()->toBase()->where('response_model_id', $model->id)->select('id'))
            ->whereNotNull('evidence')->orderByDesc('started_at')->limit(self::MOST_SESSIONS)->get(['started_at', 'upset', 'evidence']);

        return array_values($rows->reverse()->map(fn (object $row): SessionEvidence => $this->decode((string) $row->started_at, (string) $row->evidence, (float) $row->upset, $model->kind))->all());
    }

    private function decode(string $at, string $evidence, float $upset, PlanKind $kind): SessionEvidence
    {
        return EvidenceJson::decode(new \DateTimeImmutable($at, new \DateTimeZone('UTC')), $evidence, $upset, $this->catalogs->dimensions($kind));
    }
}
