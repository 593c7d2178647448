<?php

declare(strict_types=1);

namespace App\Future\Http;

use App\Future\AskFuture;
use App\Models\Plan;
use App\Models\PlanFuture;
use App\Models\User;
use App\Support\Fields;
use Core\Decision\RuleSettings;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\Response;

/** What if: how a plan may go on, as it is or with something changed. */
final readonly class FutureController
{
    private const SHOWN = 6;

    public function __construct(private AskFuture $futures)
    {
    }

    public function index(Plan $plan): View
    {
        Gate::authorize('update', $plan);

        return view('pages.futures.index', [
            'plan' => $plan, 'canAsk' => $this->futures->canAsk($plan), 'top' => $plan->steps()->count() - 1,
            'futures' => PlanFuture::query()->where('plan_id', $plan->id)->latest('id')->limit(self::SHOWN)->get(),
        ]);
    }

    public function store(Request $request, Plan $plan, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        abort_unless($this->futures->canAsk($plan), 404);
        [$least, $most] = RuleSettings::TRIALS;
        $given = Fields::of($request->validate([
            'trials' => ['nullable', 'integer', "between:{$least},{$most}"], 'outings' => ['nullable', 'numeric', 'between:0.5,21'],
            'run' => ['nullable', 'integer', 'between:1,20'], 'caution' => ['nullable', Rule::in(['usual', 'careful'])],
        ], [
            'trials.*' => say('futures.problems.trials', ['least' => $least, 'most' => $most]),
            'outings.*' => say('futures.problems.outings'),
            'run.*' => say('futures.problems.run'), 'caution.*' => say('futures.problems.caution'),
        ]));
        $changes = array_filter([
            'trials' => $given->intOrNull('trials'), 'outings' => $given->numberOrNull('outings'), 'run' => $given->intOrNull('run'),
            'caution' => $given->textOrNull('caution'),
        ], static fn (int|float|string|null $one): bool => $one !== null);
        $this->futures->ask($user, $plan, $changes);

        return redirect()->route('futures.index', $plan);
    }

    /** For a page that waits. */
    public function progress(PlanFuture $future): Response
    {
        Gate::authorize('update', $future->plan);

        return response()->view('partials.future', [
            'future' => $future, 'plan' => $future->plan, 'top' => $future->plan->steps()->count() - 1,
        ]);
    }
}
