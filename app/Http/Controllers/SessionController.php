<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Plan;
use App\Models\Session;
use App\Models\TrainingSet;
use App\Models\User;
use App\Trials\SessionPanel;
use App\Trials\TrialLogger;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

final readonly class SessionController
{
    public function __construct(private TrialLogger $logger, private SessionPanel $panel, private ClockInterface $clock)
    {
    }

    /** Starts a session, or goes back to the one of this plan that is still open. */
    public function store(Plan $plan, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('start', $plan);
        $session = DB::transaction(function () use ($plan, $user): Session {
            Plan::query()->whereKey($plan->id)->lockForUpdate()->value('id');
            $open = $plan->sessions()->whereNull('ended_at')->latest('id')->first();
            if ($open !== null) {
                return $open;
            }
            $now = $this->clock->now();
            $session = Session::query()->create([
                'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $plan->responseModel->person_id,
                'user_id' => $user->id, 'place_id' => $plan->place_id, 'started_at' => $now,
            ]);
            TrainingSet::query()->create(['session_id' => $session->id, 'position' => 1, 'started_at' => $now]);
            $this->logger->advise($session, $user);

            return $session;
        });

        return redirect()->route('sessions.show', $session);
    }

    public function show(Session $session, #[CurrentUser] User $user): View|RedirectResponse
    {
        Gate::authorize('view', $session);

        return $session->ended_at !== null
            ? redirect()->route('sessions.review', $session)
            : view('pages.sessions.show', $this->panel->of($session, $user));
    }
}
