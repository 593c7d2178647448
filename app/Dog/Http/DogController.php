<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Access\InSight;
use App\Dog\AddDog;
use App\Dog\Readiness;
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
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

final readonly class DogController
{
    public function __construct(
        private LimitReader $limits, private Readiness $readiness, private CautionRepository $cautions, private CarryOverReader $upsets,
        private ClockInterface $clock,
    ) {
    }

    public function index(#[CurrentUser] User $user): View
    {
        return view('pages.dogs.index', ['dogs' => InSight::dogs($user)->withCount('plans')->orderBy('name')->paginate(30)]);
    }

    public function create(): View
    {
        Gate::authorize('create', Dog::class);

        return view('pages.dogs.create');
    }

    public function store(StoreDogRequest $request, AddDog $dogs, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->given();
        $dog = $dogs->add(
            $user, $given->text('name'), $given->text('description'), $given->textOrNull('born_on'), $given->isOn('bite_history'),
            $given->isOn('hides_signs'), $given->textOrNull('health_note'),
        );

        return redirect()
            ->route('intakes.edit', $dog)->with('status', say('messages.dog.is_in_next_the_intake_all', ['dog' => $dog->name]));
    }

    public function show(Dog $dog, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $dog);
        $plans = $dog->plans()
            ->with(['responseModel.trigger.traits', 'responseModel.person', 'place', 'steps'])->orderBy('plans.name')->limit(50)->get();

        return view('pages.dogs.show', [
            'dog' => $dog,
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
            )->select('id'))->orderByDesc('made_at')->limit(10)->get(),
            'carried' => CarryOverReader::inWords($this->upsets->on($dog->id, $this->clock->now())),
            'incidents' => Incident::query()->where('dog_id', $dog->id)->limit(100)->pluck('id', 'event_id'),
            'events' => $dog->events()->orderByDesc('occurred_at')->limit(20)->get(),
            'sessions' => $this->latestSessions($dog),
            'freeSessions' => FreeSession::query()->where('dog_id', $dog->id)->with('place')->withCount('observations')
                ->orderByDesc('started_at')->limit(20)->get(),
        ]);
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
