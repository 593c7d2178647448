<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Session;
use App\Models\User;
use App\Trials\Breaks;
use App\Trials\SessionPanel;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

/** The break is over: the last set ends and a new one begins. */
final readonly class BreakController
{
    public function store(Request $request, Session $session, SessionPanel $panel, Breaks $breaks, ClockInterface $clock, #[CurrentUser] User $user): View|RedirectResponse
    {
        Gate::authorize('view', $session);
        $breaks->over($session, $clock->now());

        return $request->header('HX-Request') === 'true'
            ? view('partials.session-panel', $panel->of($session, $user))
            : redirect()->route('sessions.show', $session);
    }
}
