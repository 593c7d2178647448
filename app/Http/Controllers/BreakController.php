<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Session;
use App\Trials\Breaks;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

/** The break is over: the last set ends and a new one begins. */
final readonly class BreakController
{
    public function store(Session $session, Breaks $breaks, ClockInterface $clock): RedirectResponse
    {
        Gate::authorize('view', $session);
        $breaks->over($session, $clock->now());

        return redirect()->route('sessions.show', $session);
    }
}
