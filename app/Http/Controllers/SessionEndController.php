<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Session;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

final readonly class SessionEndController
{
    public const WENT = ['easy' => 'easy all through', 'mixed' => 'some of it was work', 'hard' => 'hard for the dog', 'handler' => 'hard for me'];

    /** Ending twice is harmless: the first end stands. */
    public function store(Request $request, Session $session, ClockInterface $clock): RedirectResponse
    {
        Gate::authorize('end', $session);
        $given = $request->validate([
            'end_note' => ['nullable', 'string', 'max:500'], 'went' => ['nullable', Rule::in(array_keys(self::WENT))], 'loved' => ['nullable', 'string', 'max:120'],
        ], ['end_note.max' => 'Keep the note under 500 characters.', 'went.*' => 'Choose how it went.', 'loved.max' => 'Keep it under 120 characters.']);
        $report = array_filter(['went' => $given['went'] ?? null, 'loved' => $given['loved'] ?? null]);
        $now = $clock->now();
        if (Session::query()->whereKey($session->id)->whereNull('ended_at')->update(['ended_at' => $now->format('Y-m-d H:i:s.v'), 'end_note' => $given['end_note'] ?? null, 'report' => $report === [] ? null : json_encode($report, JSON_THROW_ON_ERROR)]) === 1) {
            $session->sets()->whereNull('ended_at')->update(['ended_at' => $now->format('Y-m-d H:i:s.v')]);
        }

        return redirect()->route('sessions.review', $session);
    }
}
