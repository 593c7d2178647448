<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Session;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

final readonly class SessionEndController
{
    /** Ending twice is harmless: the first end stands. */
    public function store(Request $request, Session $session, ClockInterface $clock): RedirectResponse
    {
        Gate::authorize('end', $session);
        $given = $request->validate(['end_note' => ['nullable', 'string', 'max:500']], ['end_note.max' => 'Keep the note under 500 characters.']);
        $now = $clock->now();
        if (Session::query()->whereKey($session->id)->whereNull('ended_at')->update(['ended_at' => $now->format('Y-m-d H:i:s.v'), 'end_note' => $given['end_note'] ?? null]) === 1) {
            $session->sets()->whereNull('ended_at')->update(['ended_at' => $now->format('Y-m-d H:i:s.v')]);
        }

        return redirect()->route('sessions.review', $session);
    }
}
