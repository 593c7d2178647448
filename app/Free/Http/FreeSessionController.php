<?php

declare(strict_types=1);

namespace App\Free\Http;

use App\Access\InSight;
use App\Engine\CoreCatalogs;
use App\Engine\StandingObservation;
use App\Free\EndFreeSession;
use App\Free\FreeReview;
use App\Free\FreeState;
use App\Free\ObservationRules;
use App\Free\StartFreeSession;
use App\Handling\AreaView;
use App\Handling\HandlingPage;
use App\Models\Dog;
use App\Models\FreeSession;
use App\Models\User;
use App\People\Http\HandlerOnTheSpot;
use App\Session\Handlers;
use App\Support\Fields;
use Core\Observation\Activity;
use Core\Observation\Kind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/** Sessions without a ladder: started in two taps, run on one screen, looked at afterwards. */
final readonly class FreeSessionController
{
    public function __construct(
        private Handlers $handlers, private CoreCatalogs $catalogs, private HandlingPage $handling, private ObservationRules $rules,
    ) {
    }

    public function create(Request $request, #[CurrentUser] User $user): View
    {
        $dogs = InSight::dogsInTraining($user)->orderBy('name')->limit(500)->get();
        $dog = $dogs->find($request->integer('dog')) ?? ($dogs->count() === 1 ? $dogs->first() : null);

        return view('pages.free.create', [
            'dogs' => $dogs->pluck('name', 'id'), 'dog' => $dog, 'uuid' => (string) Str::uuid7(),
            'people' => $dog === null ? collect() : $this->handlers->of($dog, $user),
            'person' => $dog === null ? null : $this->handlers->own($dog, $user),
            'places' => InSight::places($user)->orderBy('name')->limit(200)->pluck('name'),
            'skills' => array_keys($this->catalogs->methods()->skills),
        ]);
    }

    public function store(
        StartFreeSessionRequest $request, Dog $dog, StartFreeSession $sessions, HandlerOnTheSpot $handler, #[CurrentUser] User $user,
    ): RedirectResponse {
        $handler->take($request, $user);

        return redirect()->route('free.show', $sessions->start($dog, $user, $request->draft()));
    }

    /** The screen while it runs, what it was once it is over. */
    public function show(Request $request, FreeSession $free, FreeState $state, FreeReview $review, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $free);
        $shared = [
            'session' => $free, 'dog' => $free->dog, 'areas' => $this->areas($free),
            'skills' => array_keys($this->catalogs->methods()->skills),
            'uuid' => static fn (): string => (string) Str::uuid7(),
            'ways' => array_map($this->rules->values(...), array_combine(StandingObservation::SETUP, StandingObservation::SETUP)),
        ];

        return $free->ended_at === null
            ? view('pages.free.show', [
                ...$shared, 'state' => $state->of($free),
                'kinds' => array_values(array_filter(
                    $free->activity->kinds(), static fn (Kind $kind): bool => ! in_array($kind, [Kind::Left, Kind::Reacted], true),
                )),
            ])
            : view('pages.free.review', [...$shared, 'open' => $request->integer('seen'), ...$review->of($free)]);
    }

    public function end(Request $request, FreeSession $free, EndFreeSession $sessions, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $free);
        $told = Fields::of($request->validate(['end_note' => ['nullable', 'string', 'max:500']], [
            'end_note.*' => say('messages.trial.note_max'),
        ]));
        $sessions->end($free, $user, $told->textOrNull('end_note'), words()->formats->iso(now()));

        return redirect()->route('free.show', $free);
    }

    /** @return list<AreaView> the body that a tour goes over */
    private function areas(FreeSession $free): array
    {
        return $free->activity === Activity::Tour ? $this->handling->of($free->dog, null, []) : [];
    }
}
