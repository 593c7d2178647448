<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Access\InSight;
use App\Models\Plan;
use App\Models\User;
use App\People\Http\HandlerOnTheSpot;
use App\Session\Handlers;
use App\Session\WriteDownSession;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** Sessions written down afterwards; their trials are added in the review, one after the other. */
final readonly class PastSessionController
{
    public function __construct(private WriteDownSession $sessions, private Handlers $handlers)
    {
    }

    public function create(Plan $plan, #[CurrentUser] User $user): View
    {
        Gate::authorize('writeDown', $plan);

        return view('pages.sessions.past', [
            'plan' => $plan,
            'people' => $this->handlers->of($plan->responseModel->dog, $user),
            'person' => $this->handlers->usual($plan, $user),
            'places' => InSight::places($user)->orderBy('name')->limit(200)->pluck('name', 'id'),
            'yesterday' => words()->formats->iso(now()->subDay()),
        ]);
    }

    public function store(PastSessionRequest $request, Plan $plan, HandlerOnTheSpot $handler, #[CurrentUser] User $user): RedirectResponse
    {
        $handler->take($request, $user);
        $session = $this->sessions->write(
            $plan, $user, $request->integer('person_id'), $request->filled('place_id') ? $request->integer('place_id') : null,
            $request->from(), $request->integer('minutes'), $request->string('source')->value(),
            $request->filled('note') ? $request->string('note')->value() : null,
        );

        return redirect()->route('sessions.review', [$session, 'trial' => 'new'])->withFragment('new-trial');
    }
}
