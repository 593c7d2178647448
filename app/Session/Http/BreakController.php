<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\Session;
use App\Session\TakeBreak;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

/** The break is over: the last set ends and a new one begins. */
final readonly class BreakController
{
    public function store(Session $session, TakeBreak $breaks, ClockInterface $clock): RedirectResponse
    {
        Gate::authorize('view', $session);
        $breaks->over($session, $clock->now());

        return redirect()->route('sessions.show', $session);
    }
}
