<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Session;
use App\Models\TrainingSet;
use App\Models\User;
use App\Trials\SessionPanel;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

/** The break is over: the last set ends and a new one begins. */
final readonly class BreakController
{
    private const MOST_SETS = 100;

    public function store(Request $request, Session $session, SessionPanel $panel, ClockInterface $clock, #[CurrentUser] User $user): View|RedirectResponse
    {
        Gate::authorize('view', $session);
        DB::transaction(static function () use ($session, $clock): void {
            Session::query()->whereKey($session->id)->lockForUpdate()->value('id');
            $last = $session->sets()->reorder()->latest('position')->firstOrFail();
            // a set without a trial is not ended by a second tap
            if ($last->position < self::MOST_SETS && $session->trials()->where('set_id', $last->id)->exists()) {
                $last->update(['ended_at' => $clock->now()]);
                TrainingSet::query()->create(['session_id' => $session->id, 'position' => $last->position + 1, 'started_at' => $clock->now()]);
            }
        });

        return $request->header('HX-Request') === 'true'
            ? view('partials.session-panel', $panel->of($session, $user))
            : redirect()->route('sessions.show', $session);
    }
}
