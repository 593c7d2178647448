<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\Session;
use App\Session\EndSession;
use App\Support\Fields;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final readonly class SessionEndController
{
    public const WENT = ['easy', 'mixed', 'hard', 'handler'];

    /** Ending twice is harmless: the first end stands. */
    public function store(Request $request, Session $session, EndSession $sessions): RedirectResponse
    {
        Gate::authorize('end', $session);
        $given = Fields::of($request->validate([
            'end_note' => ['nullable', 'string', 'max:500'], 'went' => ['nullable', Rule::in(self::WENT)],
            'loved' => ['nullable', 'string', 'max:120'],
        ],
            [
                'end_note.max' => say('messages.session_end.keep_the_note_under_500_characters'),
                'went.*' => say('messages.session_end.choose_how_it_went'),
                'loved.max' => say('messages.session_end.keep_it_under_120_characters'),
            ]));
        $sessions->end($session, $given->textOrNull('went'), $given->textOrNull('loved'), $given->textOrNull('end_note'));

        return redirect()->route('sessions.review', $session);
    }
}
