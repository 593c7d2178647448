<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Advice\SituationReader;
use App\Http\Requests\StartSessionRequest;
use App\Models\Place;
use App\Models\Plan;
use App\Models\Session;
use App\Models\User;
use App\Trials\SessionPanel;
use App\Trials\SessionStart;
use App\Trials\TrialLogger;
use Core\Decision\RuleBook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

final readonly class SessionController
{
    public function __construct(private TrialLogger $logger, private SessionPanel $panel, private SessionStart $start, private SituationReader $situations, private ClockInterface $clock)
    {
    }

    /** The checklist, with the last session's answers; a change of place or upset asks again where to start. */
    public function create(StartSessionRequest $request, Plan $plan, #[CurrentUser] User $user): View
    {
        Gate::authorize('start', $plan);
        $last = $plan->sessions()->reorder()->latest('started_at')->latest('id')->first();
        $place = $request->has('place_id') ? $request->place() : ($last === null ? $plan->place : $last->place);
        $setting = $this->start->setting($plan, $place, $request->upset());
        $suggestion = [
            'setting' => $setting,
            'start' => RuleBook::standard()->decide($this->situations->read($plan, null, [], $this->clock->now(), $user->distance_unit, $setting)),
            'unit' => $user->distance_unit,
        ];

        return $request->header('HX-Request') === 'true'
            ? view('partials.start-suggestion', $suggestion)
            : view('pages.sessions.create', [
                ...$suggestion, 'plan' => $plan, 'last' => $last,
                'places' => Place::query()->where('practice_id', $user->practice_id)->orderBy('name')->limit(200)->get(),
            ]);
    }

    /** Starts a session, or goes back to the one of this plan that is still open. */
    public function store(StartSessionRequest $request, Plan $plan, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('start', $plan);

        return redirect()->route('sessions.show', $this->start->start($plan, $user, $request));
    }

    public function show(Session $session, #[CurrentUser] User $user): View|RedirectResponse
    {
        Gate::authorize('view', $session);
        if ($session->state === null && $session->ended_at === null) {
            $this->logger->advise($session, $user); // begun before devices kept a state
        }

        return $session->ended_at !== null
            ? redirect()->route('sessions.review', $session)
            : view('pages.sessions.show', $this->panel->of($session, $user));
    }
}
