<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Advice\CoreCatalogs;
use App\Advice\EvidenceJson;
use App\Assessments\Assessor;
use App\Assessments\Observation;
use App\Http\Requests\AssessmentRequest;
use App\Models\Assessment;
use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\ResponseModel;
use App\Models\User;
use App\Plans\LadderMaker;
use App\Templates\TemplateShelf;
use Core\Decision\Reason;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Response\RiskLimits;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Connection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

/** A guided assessment: what was tried, and where the engine would start. */
final readonly class AssessmentController
{
    public function __construct(private CoreCatalogs $catalogs, private TemplateShelf $shelf, private LadderMaker $ladders, private ClockInterface $clock)
    {
    }

    public function create(Request $request, Dog $dog, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $dog);
        $kind = PlanKind::tryFrom($request->string('kind')->value()) ?? PlanKind::Presence;
        $shelf = $this->shelf->of($dog->practice_id);
        $template = $shelf->templates[$request->string('template')->value()] ?? null;

        return view('pages.assessments.create', [
            'dog' => $dog, 'kind' => $kind, 'unit' => $user->distance_unit,
            'triggers' => $dog->triggers()->where('kind', $kind->value)->orderBy('name')->limit(100)->get(),
            'people' => Person::query()->where('practice_id', $dog->practice_id)->orderBy('name')->limit(200)->get(),
            'places' => Place::query()->where('practice_id', $dog->practice_id)->orderBy('name')->limit(200)->get(),
            'templates' => $shelf->ofKind($kind), 'template' => $template?->kind === $kind ? $template : null,
            'steps' => $template?->kind === $kind && $kind !== PlanKind::Presence ? $this->ladders->preview($this->unsaved($dog, $kind), $template->key, null, null, $this->clock->now())->steps : [],
            'catalog' => $this->catalogs->dimensions($kind),
        ]);
    }

    public function store(AssessmentRequest $request, Dog $dog, Assessor $assessor, Connection $database, #[CurrentUser] User $user): RedirectResponse
    {
        $assessment = $database->transaction(function () use ($request, $dog, $assessor, $user): Assessment {
            $model = $this->model($request, $dog);
            $now = $this->clock->now();
            $kind = $request->kind();
            $place = $request->filled('place_id') ? Place::query()->find($request->integer('place_id')) : null;
            $ladder = $kind === PlanKind::Presence ? null : $this->ladders->preview($this->unsaved($dog, $kind), $request->template(), null, null, $now);
            if ($ladder !== null && $model->reacts_to === null) {
                $told = $request->reactedAt($ladder);
                $model->update(['reacts_to' => ($told ?? $ladder->step($ladder->top())->exposure)->values, 'reference_stated' => $told !== null]);
            }
            $observations = $request->observations($ladder, $this->catalogs);
            $limits = $dog->isCautious() ? RiskLimits::cautious() : RiskLimits::usual();
            $found = $assessor->assess($model, $observations, $ladder, $limits, $place?->room_meters === null ? null : Distance::fromMeters($place->room_meters), $user->distance_unit);
            $point = $found['point'];

            return Assessment::query()->create([
                'practice_id' => $dog->practice_id, 'response_model_id' => $model->id, 'user_id' => $user->id, 'place_id' => $place?->id, 'made_at' => $now,
                'observations' => array_map(fn (Observation $of): array => [
                    'words' => $of->exposure->inWords($this->catalogs->dimensions($kind), $user->distance_unit), 'values' => $of->exposure->values, 'cue' => $of->cue, 'food' => $of->food, 'band' => $of->band->value,
                ], $observations),
                'evidence' => EvidenceJson::encode($found['evidence']),
                'proposal' => [
                    'values' => $point->exposure->values, 'words' => $point->exposure->inWords($this->catalogs->dimensions($kind), $user->distance_unit),
                    'step' => $found['step'], 'template' => $kind === PlanKind::Presence ? null : $request->template(), 'isWithin' => $point->isWithin, 'sure' => round($point->sure, 3),
                    'limit' => $point->limit === null ? null : ['point' => $point->limit->point, 'hardest' => $point->limit->hardest, 'easiest' => $point->limit->easiest],
                    'reasons' => array_map(static fn (Reason $reason): array => ['code' => $reason->code, 'sentence' => $reason->sentence], $point->reasons),
                ],
                'note' => $request->filled('note') ? $request->string('note')->value() : null,
            ]);
        });

        return redirect()->route('assessments.show', $assessment);
    }

    public function show(Assessment $assessment, #[CurrentUser] User $user): View
    {
        $model = ResponseModel::query()->with(['dog', 'trigger', 'person'])->findOrFail($assessment->response_model_id);
        Gate::authorize('plan', $model->dog);

        return view('pages.assessments.show', ['assessment' => $assessment, 'model' => $model, 'unit' => $user->distance_unit]);
    }

    private function model(AssessmentRequest $request, Dog $dog): ResponseModel
    {
        $trigger = $request->filled('trigger_id')
            ? $dog->triggers()->whereKey($request->integer('trigger_id'))->firstOrFail()
            : $dog->triggers()->firstOrCreate(['name' => trim($request->string('trigger_name')->value())], ['practice_id' => $dog->practice_id, 'kind' => $request->kind()]);

        return ResponseModel::query()->firstOrCreate(['trigger_id' => $trigger->id, 'person_id' => $request->integer('person_id')], [
            ...$this->unsaved($dog, $request->kind())->getAttributes(), 'reference_meters' => $request->reaction()->meters ?? $this->catalogs->priors->assumedReferenceMeters, 'reference_stated' => $request->reaction() !== null,
        ]);
    }

    private function unsaved(Dog $dog, PlanKind $kind): ResponseModel
    {
        return new ResponseModel(['practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'kind' => $kind, 'reference_meters' => $this->catalogs->priors->assumedReferenceMeters, 'reference_stated' => false]);
    }
}
