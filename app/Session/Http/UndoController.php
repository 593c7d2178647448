<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\Session;
use App\Models\User;
use App\Session\CorrectTrial;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Takes the last trial out of the count; the trial and the undo are both kept. */
final readonly class UndoController
{
    public function store(Request $request, Session $session, CorrectTrial $corrections, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $session);
        $given = Fields::of($request->validate(['uuid' => ['required', 'string', 'uuid']]));
        $corrections->undoLast($session, $user, $given->text('uuid'));

        return redirect()->route('sessions.show', $session);
    }
}
