<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Access\InSight;
use App\Models\Dog;
use App\Models\Session;
use App\Models\UnplacedTrial;
use App\Models\User;
use App\Session\LogTrial;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

/** Trials that a device recorded and whose session is not to be found: kept here until somebody places or dismisses them. */
final readonly class UnfiledController
{
    private const MAX_BYTES = 20_000;

    public function __construct(private ClockInterface $clock, private LogTrial $logger, private TrialRules $rules)
    {
    }

    public function index(#[CurrentUser] User $user): View
    {
        $dogs = InSight::dogs($user)->toBase()->select('dogs.id');

        return view('pages.unfiled', [
            'unplaced' => InSight::unplaced($user)->orderByDesc('received_at')->limit(100)->get(),
            'sessions' => Session::query()->with('plan.responseModel.dog')->where('practice_id', $user->practice_id)
                ->whereHas('plan.responseModel', static fn ($models) => $models->whereIn('dog_id', $dogs))->orderByDesc('started_at')->limit(40)->get(),
        ]);
    }

    /** A device hands in a trial that names no session it can still reach. The receipt names the UUID. */
    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $given = $request->validate(['uuid' => ['required', 'string', 'uuid']], TrialRules::messages());
        $payload = $request->except(['_token']);
        if (strlen((string) json_encode($payload)) > self::MAX_BYTES) {
            throw ValidationException::withMessages(['uuid' => say('messages.unfiled.this_trial_holds_more_than_20')]);
        }
        UnplacedTrial::query()->firstOrCreate(['practice_id' => $user->practice_id, 'uuid' => strtolower((string) $given['uuid'])], [
            'user_id' => $user->id, 'payload' => $payload, 'reason' => say('messages.unfiled.its_session_could_not_be_found'), 'received_at' => $this->clock->now(),
        ]);

        return new JsonResponse(['trial' => ['uuid' => strtolower((string) $given['uuid'])], 'placed' => false], 202);
    }

    public function place(Request $request, UnplacedTrial $unplaced, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $unplaced);
        $given = $request->validate(['session_id' => ['required', 'integer']], ['session_id.required' => say('messages.unfiled.choose_the_session_that_this_trial')]);
        $session = Session::query()->where('practice_id', $user->practice_id)->findOrFail((int) $given['session_id']);
        Gate::authorize('view', $session);
        $checked = Validator::make($unplaced->payload, $this->rules->of($session, $user->units()->distance, $unplaced->payload['exposure'] ?? null), TrialRules::messages())->after(TrialRules::afterwards(...))->validate();
        // whoever logged it did so; filing it changes nothing of that
        $by = User::query()->find($unplaced->user_id) ?? $user;
        $this->logger->log($session, $by, $this->rules->toTrial($checked, $session, $user->units()->distance));
        $unplaced->update(['settled_at' => $this->clock->now()]);

        return redirect()->route('unfiled.index')->with('status', say('messages.unfiled.the_trial_has_joined_its_session'));
    }

    public function destroy(UnplacedTrial $unplaced): RedirectResponse
    {
        Gate::authorize('view', $unplaced);
        Gate::authorize('create', Dog::class);
        $unplaced->update(['settled_at' => $this->clock->now()]);

        return redirect()->route('unfiled.index')->with('status', say('messages.unfiled.dismissed_the_trial_stays_on_record'));
    }
}
