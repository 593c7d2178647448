<?php

declare(strict_types=1);

namespace App\Assessment\Http;

use App\Access\InSight;
use App\Assessment\RecordAssessment;
use App\Engine\DogCatalogs;
use App\Library\TemplateRepository;
use App\Models\Assessment;
use App\Models\Dog;
use App\Models\ResponseModel;
use App\Models\User;
use App\People\Http\HandlerOnTheSpot;
use App\Support\Fields;
use App\Words\AdviceInWords;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A guided assessment: what was tried, and where the engine would start. */
final readonly class AssessmentController
{
    public function __construct(private DogCatalogs $catalogs, private TemplateRepository $templates, private RecordAssessment $writer)
    {
    }

    public function create(Request $request, Dog $dog, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $dog);
        $kind = PlanKind::tryFrom($request->string('kind')->value()) ?? PlanKind::Presence;
        $templates = $this->templates->of($dog->practice_id);
        $template = $templates->templates[$request->string('template')->value()] ?? null;

        return view('pages.assessments.create', [
            'dog' => $dog, 'kind' => $kind, 'unit' => $user->units()->distance,
            'triggers' => $dog->triggers()->where('kind', $kind->value)->orderBy('name')->limit(100)->get(),
            'people' => InSight::people($user)->orderBy('name')->limit(200)->get(),
            'places' => InSight::places($user)->orderBy('name')->limit(200)->get(),
            'templates' => $templates->ofKind($kind), 'template' => $template?->kind === $kind ? $template : null,
            'ladder' => $this->writer->ladder($dog, $kind, $template?->kind === $kind ? $template->key : null),
            'catalog' => $this->catalogs->ofDog($dog->id, $kind),
        ]);
    }

    public function store(AssessmentRequest $request, Dog $dog, HandlerOnTheSpot $handler, #[CurrentUser] User $user): RedirectResponse
    {
        $handler->take($request, $user);

        return redirect()->route('assessments.show', $this->writer->write($dog, $user, $request->toDraft()));
    }

    public function show(Assessment $assessment, #[CurrentUser] User $user): View
    {
        $model = ResponseModel::query()->with(['dog', 'trigger', 'person'])->findOrFail($assessment->response_model_id);
        Gate::authorize('plan', $model->dog);

        $catalog = $this->catalogs->of($model);

        return view('pages.assessments.show', [
            'assessment' => $assessment, 'model' => $model, 'inWords' => new AdviceInWords(words(), $catalog),
            'setup' => static fn (array $values): string => words()->exposure(
                Exposure::of(Fields::of(['at' => $values])->values('at'), $catalog), $catalog,
                Fields::of($assessment->proposal)->texts('unsaid'),
            ),
        ]);
    }
}
