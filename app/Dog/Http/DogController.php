<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Access\DogFilter;
use App\Access\InSight;
use App\Dog\AddDog;
use App\Dog\ChangeDog;
use App\Dog\Readiness;
use App\Dog\TimelineReader;
use App\Engine\LimitReader;
use App\Incident\CarryOverReader;
use App\Library\CautionRepository;
use App\Models\Assessment;
use App\Models\Dog;
use App\Models\FreeSession;
use App\Models\Incident;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Session;
use App\Models\User;
use App\Photo\KeepPhoto;
use App\Support\Fields;
use App\Support\SearchWord;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

final readonly class DogController
{
    private const A_PAGE = 40;

    public function __construct(
        private LimitReader $limits, private Readiness $readiness, private CautionRepository $cautions, private CarryOverReader $upsets,
        private ClockInterface $clock, private TimelineReader $timelines,
    ) {
    }

    public function index(Request $request, #[CurrentUser] User $user): View
    {
        $search = new SearchWord($request->string('q')->value());
        $isArchived = $request->boolean('archived');
        $filter = DogFilter::of($user, $request->query('trainer'), $request->query('client'));

        return view('pages.dogs.index', [
            'filter' => $filter,
            'dogs' => $filter->narrow($search->in(
                $isArchived ? InSight::dogs($user)->whereNotNull('dogs.archived_at') : InSight::dogsInTraining($user),
                ['dogs.name', 'dogs.description', 'dogs.breed'], ['client' => 'name'],
            ))->with(['client', 'trainer'])->withCount('plans')
                ->when($request->boolean('mine'), static fn ($dogs) => $dogs->where('dogs.trainer_id', $user->id))
                ->orderBy('dogs.name')->orderBy('dogs.id')->paginate(self::A_PAGE)->withQueryString(),
            'search' => $search->typed, 'isArchived' => $isArchived, 'isMine' => $request->boolean('mine'),
        ]);
    }

    public function create(#[CurrentUser] User $user): View
    {
        Gate::authorize('create', Dog::class);

        return view('pages.dogs.create', ['clients' => InSight::clientsToChoose($user)]);
    }

    public function store(DogRequest $request, AddDog $dogs, #[CurrentUser] User $user): RedirectResponse
    {
        $dog = $dogs->add($user, $request->columns());

        return redirect()
            ->route('intakes.edit', $dog)->with('status', say('messages.dog.is_in_next_the_intake_all', ['dog' => $dog->name]));
    }

    public function show(Dog $dog, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $dog);
        $plans = $dog->plans()
            ->with(['responseModel.trigger.traits', 'responseModel.person', 'place', 'steps'])->orderBy('plans.name')->limit(50)->get();

        return view('pages.dogs.show', [
            'dog' => $dog, 'photo' => KeepPhoto::of($dog),
            'plans' => $plans->map(fn (Plan $plan): array => ['plan' => $plan, ...$this->limits->now($plan)]),
            'archived' => $dog->plans()->onlyTrashed()->with('responseModel.trigger')->orderByDesc('plans.deleted_at')->limit(50)->get(),
            'triggers' => $dog->triggers()->with('traits')->orderBy('name')->limit(100)->get(),
            'items' => $dog->items()->limit(60)->get(),
            'foundations' => $this->readiness->ofDog($dog),
            'cautions' => $this->cautions->forDog($dog),
            'unread' => CautionRepository::unread($this->cautions->forDog($dog), $dog, $user),
            'agreement' => $dog->agreements()->with('user')->first(),
            'assessments' => Assessment::query()->whereIn('response_model_id', ResponseModel::query()->where(
                'dog_id', $dog->id,
            )->select('id'))->with('responseModel.trigger')->orderByDesc('made_at')->limit(10)->get(),
            'carried' => CarryOverReader::inWords($this->upsets->on($dog->id, $this->clock->now())),
            'incidents' => Incident::query()->where('dog_id', $dog->id)->limit(100)->pluck('id', 'event_id'),
            'events' => $dog->events()->orderByDesc('occurred_at')->limit(20)->get(),
            'sessions' => $this->latestSessions($dog), 'timeline' => $this->timelines->of($dog, $this->clock->now()),
            'freeSessions' => FreeSession::query()->where('dog_id', $dog->id)->with('place')->withCount('observations')
                ->orderByDesc('started_at')->limit(20)->get(),
        ]);
    }

    public function edit(Dog $dog, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $dog);

        return view('pages.dogs.edit', [
            'dog' => $dog, 'clients' => InSight::clientsToChoose($user), 'photo' => KeepPhoto::of($dog),
            'trainers' => InSight::trainersToChoose($user),
        ]);
    }

    public function update(DogRequest $request, Dog $dog, ChangeDog $dogs, #[CurrentUser] User $user): RedirectResponse
    {
        $dogs->change($user, $dog, $request->columns(), $request->reason());

        return redirect()->route('dogs.show', $dog)->with('status', say('account.saved'));
    }

    public function archive(Request $request, Dog $dog, ChangeDog $dogs, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $given = Fields::of($request->validate(
            ['archived_for' => ['required', Rule::in(ChangeDog::ARCHIVED_FOR)]],
            ['archived_for.*' => say('dogs.edit.problems.archived_for')],
        ));
        $dogs->archive($user, $dog, $given->text('archived_for'));

        return redirect()->route('dogs.show', $dog)->with('status', say('dogs.edit.archived_'.$given->text('archived_for'), [
            'dog' => $dog->name,
        ]));
    }

    public function restore(Dog $dog, ChangeDog $dogs, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $dogs->restore($user, $dog);

        return redirect()->route('dogs.show', $dog)->with('status', say('people.restored', ['name' => $dog->name]));
    }

    /**
     * The index tells which twenty; only those are read and counted.
     *
     * @return Collection<int, Session>
     */
    private function latestSessions(Dog $dog): Collection
    {
        $plans = Plan::query()
            ->withTrashed()->whereIn('response_model_id', ResponseModel::query()->where('dog_id', $dog->id)->select('id'));
        $ids = Session::query()->whereIn('plan_id', $plans->select('id'))->orderByDesc('started_at')->limit(20)->pluck('id');

        return Session::query()->select([
            'id', 'plan_id', 'started_at', 'ended_at',
        ])->whereKey($ids)->with('plan.responseModel.trigger')->withCount('trials')->orderByDesc('started_at')->get();
    }
}
