<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\Session;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

final readonly class SessionEndController
{
    public const WENT = ['easy', 'mixed', 'hard', 'handler'];

    /** Ending twice is harmless: the first end stands. */
    public function store(Request $request, Session $session, ClockInterface $clock): RedirectResponse
    {
        Gate::authorize('end', $session);
        $given = $request->validate([
            'end_note' => ['nullable', 'string', 'max:500'], 'went' => ['nullable', Rule::in(self::WENT)], 'loved' => ['nullable', 'string', 'max:120'],
        ], ['end_note.max' => say('messages.session_end.keep_the_note_under_500_characters'), 'went.*' => say('messages.session_end.choose_how_it_went'), 'loved.max' => say('messages.session_end.keep_it_under_120_characters')]);
        $report = array_filter(['went' => $given['went'] ?? null, 'loved' => $given['loved'] ?? null]);
        $now = $clock->now();
        if (Session::query()->whereKey($session->id)->whereNull('ended_at')->update(['ended_at' => $now->format('Y-m-d H:i:s.v'), 'end_note' => $given['end_note'] ?? null, 'report' => $report === [] ? null : json_encode($report, JSON_THROW_ON_ERROR)]) === 1) {
            $session->sets()->whereNull('ended_at')->update(['ended_at' => $now->format('Y-m-d H:i:s.v')]);
        }

        return redirect()->route('sessions.review', $session);
    }
}
