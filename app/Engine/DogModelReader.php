<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\ResponseModel;
use Core\Decision\WorkingPlan;
use Core\Exposure\Exposure;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Response\DogModel;
use Core\Response\Inherited;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;

/** A dog's model for ladders that are not, or not yet, those of a plan. */
final readonly class DogModelReader
{
    public function __construct(private DogCatalogs $dogs, private EvidenceReader $evidence, private ModelBuilder $builder)
    {
    }

    /** With all that was ever seen of this dog, trigger and person. */
    public function read(ResponseModel $model, Ladder $ladder, \DateTimeImmutable $now): DogModel
    {
        return $this->withEvidence($model, $ladder, $this->evidence->ofModel($model, $now), $now);
    }

    /**
     * @param  list<SessionEvidence>  $earlier
     */
    public function withEvidence(ResponseModel $model, Ladder $ladder, array $earlier, \DateTimeImmutable $now): DogModel
    {
        $catalog = $this->dogs->of($model);
        $scale = WorkingPlan::scaleOf(
            $catalog, Distance::fromMeters($model->reference_meters), $ladder, $earlier,
            $model->reacts_to === null ? null : Exposure::of($model->reacts_to, $catalog), $model->reference_stated,
        );
        $fineAt = $model->fine_at_meters === null ? null : Exposure::of(['distance' => $model->fine_at_meters], $catalog);
        $today = new SessionEvidence($now, []);

        $builder = $this->builder->inheriting(Inherited::fromArray($model->inherited ?? []));

        // a fit that does not converge leaves the typical dog: nothing is advised from it, a ladder is only laid out
        return $builder->build($scale, $model->reference_stated, $fineAt, $earlier, $today)
            ?? $builder->build($scale, $model->reference_stated, null, [], $today)
            ?? throw new \LogicException('The prior alone always has a mode.');
    }
}
