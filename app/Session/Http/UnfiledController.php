<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Access\InSight;
use App\Models\Dog;
use App\Models\Session;
use App\Models\UnplacedTrial;
use App\Models\User;
use App\Session\FileTrial;
use App\Session\TrialRules;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Trials that a device recorded and whose session is not to be found: kept here until somebody places or dismisses them. */
final readonly class UnfiledController
{
    private const MAX_BYTES = 20_000;

    private const MOST_SETTLED = 20;

    public function __construct(private FileTrial $filing)
    {
    }

    public function index(#[CurrentUser] User $user): View
    {
        $dogs = InSight::dogs($user)->toBase()->select('dogs.id');

        return view('pages.unfiled', [
            'unplaced' => InSight::unplaced($user)->with('user')->orderByDesc('received_at')->limit(100)->get(),
            'settled' => InSight::settled($user)->with(['user', 'trial'])->orderByDesc('settled_at')->limit(self::MOST_SETTLED)->get(),
            'sessions' => Session::query()->with('plan.responseModel.dog')->where('practice_id', $user->practice_id)
                ->whereHas('plan.responseModel', static fn ($models) => $models->whereIn('dog_id', $dogs))
                ->orderByDesc('started_at')->limit(40)->get(),
        ]);
    }

    /** A device hands in a trial that names no session it can still reach. The receipt names the UUID. */
    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $given = Fields::of($request->validate(['uuid' => ['required', 'string', 'uuid']], TrialRules::messages()));
        $payload = $request->except(['_token']);
        if (strlen((string) json_encode($payload)) > self::MAX_BYTES) {
            throw ValidationException::withMessages(['uuid' => say('messages.unfiled.this_trial_holds_more_than_20')]);
        }
        $uuid = strtolower($given->text('uuid'));
        $this->filing->setAside($user, $uuid, $payload, say('messages.unfiled.its_session_could_not_be_found'));

        return new JsonResponse(['trial' => ['uuid' => $uuid], 'placed' => false], 202);
    }

    public function place(Request $request, UnplacedTrial $unplaced, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $unplaced);
        $given = Fields::of($request->validate(['session_id' => ['required', 'integer']], [
            'session_id.required' => say('messages.unfiled.choose_the_session_that_this_trial'),
        ]));
        $session = Session::query()->where('practice_id', $user->practice_id)->findOrFail($given->int('session_id'));
        Gate::authorize('view', $session);
        $this->filing->into($session, $unplaced, $user);

        return redirect()->route('unfiled.index')->with('status', say('messages.unfiled.the_trial_has_joined_its_session'));
    }

    public function destroy(UnplacedTrial $unplaced): RedirectResponse
    {
        Gate::authorize('view', $unplaced);
        Gate::authorize('create', Dog::class);
        $this->filing->dismiss($unplaced);

        return redirect()->route('unfiled.index')->with('status', say('messages.unfiled.dismissed_the_trial_stays_on_record'));
    }

    /** Filing or dismissing is taken back. */
    public function restore(UnplacedTrial $unplaced, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $unplaced);
        $this->filing->takeBack($unplaced, $user);

        return redirect()->route('unfiled.index')->with('status', say('messages.unfiled.it_waits_again'));
    }
}
