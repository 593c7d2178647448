<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Access\InSight;
use App\Dog\Readiness;
use App\Engine\CoreCatalogs;
use App\Engine\LimitReader;
use App\Engine\Setting;
use App\Engine\SituationReader;
use App\Incident\CarryOverReader;
use App\Library\TemplateRepository;
use App\Models\Assessment;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\PlanRest;
use App\Models\ResponseModel;
use App\Models\SoundSetUp;
use App\Models\User;
use App\People\Http\HandlerOnTheSpot;
use App\Plan\ChangeRules;
use App\Plan\CreatePlan;
use App\Plan\LadderPlan;
use App\Plan\ReviewPlan;
use App\Support\Fields;
use Core\Decision\RuleBook;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionKey;
use Core\Exposure\DimensionKind;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Planning\LadderReview;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

final readonly class PlanController
{
    public function __construct(
        private SituationReader $situations, private CoreCatalogs $catalogs, private ClockInterface $clock,
        private CarryOverReader $upsets,
    ) {
    }

    public function create(Request $request, Dog $dog, TemplateRepository $templates, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $dog);
        $assessment = Assessment::query()->where('practice_id', $dog->practice_id)->whereKey($request->integer('assessment'))->first();
        $assessed = $assessment === null ? null : ResponseModel::query()->where('dog_id', $dog->id)->find($assessment->response_model_id);
        $kind = $assessed->kind ?? PlanKind::tryFrom($request->string('kind')->value()) ?? PlanKind::Presence;
        $catalog = $this->catalogs->dimensions($kind);

        return view('pages.plans.create', [
            'dog' => $dog,
            'kind' => $kind,
            'triggers' => $dog->triggers()->where('kind', $kind->value)->orderBy('name')->limit(100)->get(),
            'people' => InSight::people($user)->orderBy('name')->limit(200)->get(),
            'places' => InSight::places($user)->orderBy('name')->limit(200)->get(),
            'items' => $dog->items()->limit(60)->get(),
            'methods' => $this->catalogs->methods()->suiting($kind),
            'choices' => $this->catalogs->methods()->choices,
            'templates' => $templates->of($dog->practice_id)->ofKind($kind),
            'template' => $request->string('template')->value(),
            'catalog' => $catalog,
            'proposalWords' => $assessed === null ? '' : words()->exposure(
                Exposure::of(Fields::of($assessment->proposal)->values('values'), $catalog), $catalog,
                Fields::of($assessment->proposal)->texts('unsaid'),
            ),
            'measure' => $catalog->dimension(DimensionKey::leading($kind)->value),
            'ordered' => array_filter($catalog->dimensions, static fn (
                Dimension $dimension,
            ): bool => $dimension->kind === DimensionKind::Ordered),
            'measured' => array_filter($catalog->dimensions, static fn (
                Dimension $dimension,
            ): bool => $dimension->kind->isMeasured() && $dimension->key !== DimensionKey::leading($kind)->value),
            'sources' => LadderPlan::cases(),
            'unit' => $user->units()->distance,
            'assessment' => $assessed === null ? null : $assessment,
            'assessed' => $assessed,
        ]);
    }

    public function store(
        StorePlanRequest $request, Dog $dog, CreatePlan $writer, HandlerOnTheSpot $handler, #[CurrentUser] User $user,
    ): RedirectResponse {
        $handler->take($request, $user);
        $draft = $request->toDraft();
        $plan = $writer->write($dog, $user, $draft);

        return $draft->ladder === LadderPlan::ByHand
            ? redirect()->route('ladders.edit', $plan)->with('status', say('messages.plan.the_plan_has_its_first_step'))
            : redirect()->route('plans.show', $plan)->with('status', say('messages.plan.the_plan_is_made_look_at'));
    }

    public function show(Plan $plan, Readiness $readiness, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $plan);
        $situation = $this->situations->ofPlan($plan, $this->clock->now(), new Setting(
            $plan->place, $this->upsets->on($plan->responseModel->dog_id, $this->clock->now())->upset,
        ));

        return view('pages.plans.show', [
            'plan' => $plan,
            'situation' => $situation,
            'catalog' => $situation->catalog,
            'start' => RuleBook::standard()->decide($situation),
            'review' => $situation->model === null ? null : LadderReview::of($situation->ladder, $situation->model, $situation->caps),
            'method' => $this->catalogs->methods()->method($plan->method),
            'choices' => $this->catalogs->methods()->choices,
            'limit' => $plan->responseModel->kind === PlanKind::Presence ? LimitReader::of($situation) : null,
            'sound' => SoundSetUp::of($plan->responseModel),
            'foundations' => $readiness->ofPlan($plan),
            'missing' => $readiness->missing($plan),
            'waivers' => $plan->waivers()->with('user')->limit(50)->get(),
            'cautions' => $readiness->cautions($plan),
            'rests' => PlanRest::query()
                ->where('plan_id', $plan->id)->with(['user', 'reviewer'])->orderByDesc('rested_at')->limit(20)->get(),
            'inheritedFrom' => $plan->responseModel->inherited === null
                ? null : Plan::query()->find($plan->handed_over_from)?->responseModel->person->name,
            'knownDogs' => $plan->responseModel->inherited['dogs'] ?? null,
            'contradictions' => $this->situations->contradictions($plan, $this->clock->now()),
            'people' => InSight::people($user)->whereKeyNot($plan->responseModel->person_id)->orderBy('name')->limit(200)->get(),
            'sessions' => $plan->sessions()
                ->reorder()->orderByDesc('started_at')->select(['id', 'plan_id', 'started_at', 'ended_at'])->withCount('trials')->limit(20)
                ->get(),
        ]);
    }

    public function update(PlanRulesRequest $request, Plan $plan, ChangeRules $rules): RedirectResponse
    {
        $rules->change($plan, $request->caps(), $request->columns(), $request->trialsAnOuting());

        return redirect()->route('ladders.edit', $plan)->with('status', say('messages.plan.the_rules_are_changed_they_hold'));
    }

    /** The plan goes out of sight; its sessions and trials stay, and late trials still join them. */
    public function destroy(Plan $plan, ReviewPlan $reviews): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $reviews->putAway($plan);

        return redirect()->route('dogs.show', $plan->responseModel->dog_id)->with(
            'status', say('messages.plan.the_plan_is_put_away_its', ['plan' => $plan->name]),
        );
    }

    /** A plan that was put away comes back as it was. */
    public function restore(Dog $dog, int $plan, ReviewPlan $reviews): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $archived = $dog->plans()->onlyTrashed()->findOrFail($plan);
        $reviews->bringBack($archived);

        return redirect()->route('plans.show', $archived)->with('status', say('messages.plan.is_back', ['plan' => $archived->name]));
    }
}
