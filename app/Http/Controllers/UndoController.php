<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Session;
use App\Models\User;
use App\Trials\TrialLogger;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Takes the last trial out of the count; the trial and the undo are both kept. */
final readonly class UndoController
{
    public function store(Request $request, Session $session, TrialLogger $logger, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $session);
        $given = $request->validate(['uuid' => ['required', 'string', 'uuid']]);
        $logger->undoLast($session, $user, (string) $given['uuid']);

        return redirect()->route('sessions.show', $session);
    }
}
