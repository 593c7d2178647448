<?php

declare(strict_types=1);

namespace App\Assessment;

use App\Engine\CoreCatalogs;
use App\Engine\DogModelReader;
use App\Models\ResponseModel;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Planning\StartingPoint;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Psr\Clock\ClockInterface;

/** Asks the core where exposure should start, from what was tried. */
final readonly class AssessmentProposal
{
    public function __construct(private CoreCatalogs $catalogs, private DogModelReader $models, private ClockInterface $clock)
    {
    }

    /**
     * @param  list<ObservationReader>  $observations
     * @param  ?Ladder  $ladder  whose steps were tried; null for distances
     * @return array{point: StartingPoint, step: ?int, evidence: SessionEvidence}
     */
    public function assess(ResponseModel $model, array $observations, ?Ladder $ladder, RiskCaps $caps, ?Distance $room): array
    {
        $now = $this->clock->now();
        $evidence = SessionEvidence::ofTrials($now, array_map(
            static fn (ObservationReader $seen): array =>
                ['exposure' => $seen->exposure, 'band' => $seen->band, 'afterReaction' => false], $observations,
        ));

        return ['evidence' => $evidence, ...($ladder === null
            ? ['step' => null, 'point' => $this->along($model, $observations, $evidence, $caps, $room, $now)]
            : $this->onLadder($model, $observations, $ladder, $evidence, $caps, $now))];
    }

    /** @param  list<ObservationReader>  $observations */
    private function along(
        ResponseModel $model, array $observations, SessionEvidence $evidence, RiskCaps $caps, ?Distance $room, \DateTimeImmutable $now,
    ): StartingPoint {
        $atReference = Exposure::of(['distance' => $model->reference_meters], $this->catalogs->dimensions(PlanKind::Presence));
        $ladder = Ladder::of([new Step($atReference, Criterion::run(5))]);
        $doubts = array_map(
            static fn (ObservationReader $seen): float => (float) ($seen->exposure->distance()->meters ?? 0.0),
            array_filter($observations, static fn (ObservationReader $seen): bool => ! $seen->isFine()),
        );

        return StartingPoint::along(
            $this->models->withEvidence($model, $ladder, [$evidence], $now), $this->models->withEvidence($model, $ladder, [], $now),
            $atReference, DimensionKey::Distance->value, $caps, $room, $doubts === [] ? null : max($doubts),
        );
    }

    /**
     * @param  list<ObservationReader>  $observations
     * @return array{step: int, point: StartingPoint}
     */
    private function onLadder(
        ResponseModel $model, array $observations, Ladder $ladder, SessionEvidence $evidence, RiskCaps $caps, \DateTimeImmutable $now,
    ): array {
        $doubtful = array_map(
            static fn (ObservationReader $seen): Exposure => $seen->exposure,
            array_filter($observations, static fn (ObservationReader $seen): bool => ! $seen->isFine()),
        );
        $firstDoubt = null;
        foreach ($ladder->steps as $i => $step) {
            if (array_filter($doubtful, static fn (Exposure $exposure): bool => $exposure->equals($step->exposure)) !== []) {
                $firstDoubt = $i;
                break;
            }
        }

        return StartingPoint::on(
            $ladder, $this->models->withEvidence($model, $ladder, [$evidence], $now),
            $this->models->withEvidence($model, $ladder, [], $now), $caps, $firstDoubt,
        );
    }
}
