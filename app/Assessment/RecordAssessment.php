<?php

declare(strict_types=1);

namespace App\Assessment;

use App\Engine\CoreCatalogs;
use App\Engine\EvidenceJson;
use App\Models\Assessment;
use App\Models\Dog;
use App\Models\ResponseModel;
use App\Models\User;
use App\Plan\LadderMaker;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Planning\StartingPoint;
use Core\Response\RiskCaps;
use Core\Sign\Band;
use Core\Sign\Grading;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;
use Words\Facts;

/** Keeps an assessment with its proposal, as evidence of the dog's model: all of it or nothing. */
final readonly class RecordAssessment
{
    public function __construct(
        private Connection $database, private CoreCatalogs $catalogs, private LadderMaker $ladders, private AssessmentProposal $assessor,
        private ClockInterface $clock,
    ) {
    }

    public function write(Dog $dog, User $user, AssessmentDraft $draft): Assessment
    {
        return $this->database->transaction(function () use ($dog, $user, $draft): Assessment {
            $ladder = $this->ladder($dog, $draft->kind, $draft->template);
            $model = $this->model($dog, $draft, $ladder);
            $observations = $this->observations($dog, $draft, $ladder);
            $room = $draft->place?->room_meters === null ? null : Distance::fromMeters($draft->place->room_meters);
            $found = $this->assessor->assess($model, $observations, $ladder, RiskCaps::for($dog->isCautious()), $room);

            return Assessment::query()->create([
                'practice_id' => $dog->practice_id, 'response_model_id' => $model->id, 'user_id' => $user->id,
                'place_id' => $draft->place?->id, 'made_at' => $this->clock->now(),
                'observations' => array_map(
                    static fn (ObservationReader $of): array =>
                        ['values' => $of->exposure->values, 'cue' => $of->cue, 'food' => $of->food, 'band' => $of->band->value],
                    $observations,
                ),
                'evidence' => EvidenceJson::encode($found['evidence']),
                'proposal' => [
                    'unsaid' => $ladder?->shared() ?? [], 'step' => $found['step'],
                    'template' => $draft->template, ...self::proposal($found['point']),
                ],
                'note' => $draft->note,
            ]);
        });
    }

    /** The steps that are tried: laid for the typical dog, so that what is read is what was shown. Null where distances are tried. */
    public function ladder(Dog $dog, PlanKind $kind, ?string $template): ?Ladder
    {
        return $template === null || $kind === PlanKind::Presence
            ? null
            : $this->ladders->preview($this->unsaved($dog, $kind), $template, null, null, $this->clock->now());
    }

    private function model(Dog $dog, AssessmentDraft $draft, ?Ladder $ladder): ResponseModel
    {
        $trigger = $draft->triggerId !== null
            ? $dog->triggers()->whereKey($draft->triggerId)->firstOrFail()
            : $dog->triggers()
                ->firstOrCreate(['name' => $draft->triggerName], ['practice_id' => $dog->practice_id, 'kind' => $draft->kind]);
        $told = $ladder === null ? null : self::reactedAt($draft, $ladder);

        return ResponseModel::query()->firstOrCreate(['trigger_id' => $trigger->id, 'person_id' => $draft->personId], [
            ...$this->unsaved($dog, $draft->kind)->getAttributes(),
            'reference_meters' => $draft->reaction->meters ?? $this->catalogs->priors->assumedReferenceMeters,
            'reference_stated' => $draft->reaction !== null || $told !== null,
            'reacts_to' => $ladder === null ? null : ($told ?? $ladder->step($ladder->top())->exposure)->values,
            'inherited' => $dog->practice->own_priors[$draft->kind->value] ?? null,
        ]);
    }

    /** The easiest step at which it has reacted, if one was told. */
    private static function reactedAt(AssessmentDraft $draft, Ladder $ladder): ?Exposure
    {
        foreach ($draft->tried as $tried) {
            if ($tried->band === Band::Over && $tried->row <= $ladder->top()) {
                return $ladder->step($tried->row)->exposure;
            }
        }

        return null;
    }

    /** @return list<ObservationReader> */
    private function observations(Dog $dog, AssessmentDraft $draft, ?Ladder $ladder): array
    {
        $grading = new Grading($this->catalogs->signs, $dog->hides_signs, null, $dog->intake->normal_signs ?? []);
        $seen = [];
        foreach ($draft->tried as $tried) {
            $exposure = match (true) {
                $ladder === null => $tried->meters === null
                    ? null
                    : Exposure::of(['distance' => $tried->meters], $this->catalogs->dimensions($draft->kind)),
                // told, not tried: it sets what loads are counted from
                $tried->band === Band::Over || $tried->row > $ladder->top() => null,
                default => $ladder->step($tried->row)->exposure,
            };
            if ($exposure !== null) {
                $seen[] = ObservationReader::of($exposure, $tried->cue, $tried->food, $tried->band, $grading);
            }
        }

        return $seen;
    }

    /** @return array<string, mixed> */
    private static function proposal(StartingPoint $point): array
    {
        return [
            'values' => $point->exposure->values, 'isWithin' => $point->isWithin, 'sure' => round($point->sure->value, 3),
            'limit' => $point->limit === null
                ? null
                : ['point' => $point->limit->point, 'hardest' => $point->limit->hardest, 'easiest' => $point->limit->easiest],
            'reasons' => array_map(Facts::ofReason(...), $point->reasons),
        ];
    }

    private function unsaved(Dog $dog, PlanKind $kind): ResponseModel
    {
        return new ResponseModel([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'kind' => $kind,
            'reference_meters' => $this->catalogs->priors->assumedReferenceMeters, 'reference_stated' => false,
        ]);
    }
}
