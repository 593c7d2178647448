<?php

declare(strict_types=1);

namespace App\Free\Http;

use App\Engine\StandingObservation;
use App\Free\FreeState;
use App\Free\LogObservation;
use App\Free\ObservationRules;
use App\Free\ReceiveObservation;
use App\Input\DeviceQueue;
use App\Models\FreeSession;
use App\Models\Observation;
use App\Models\User;
use App\Session\TapTime;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What is seen in a session without a ladder: from a device's queue, from a plain form, and put right afterwards. */
final readonly class ObservationController
{
    public function __construct(private ReceiveObservation $entries, private LogObservation $log)
    {
    }

    public function receive(Request $request, FreeSession $free, FreeState $state, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $free);
        $receipts = [];
        foreach (DeviceQueue::of($request, ReceiveObservation::KINDS, $user)->entries as $entry) {
            $receipts[] = $this->entries->take($free, $user, $entry);
        }

        return new JsonResponse(['receipts' => $receipts, 'state' => $state->of($free)]);
    }

    public function store(
        Request $request, FreeSession $free, ObservationRules $rules, TapTime $times, #[CurrentUser] User $user,
    ): RedirectResponse {
        Gate::authorize('view', $free);
        $this->log->log($free, $user, $rules->check(self::told($request), $free)->validate(), $times->of([]));

        return redirect()->route('free.show', $free);
    }

    public function update(Request $request, FreeSession $free, int $observation, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $free);
        $given = Fields::of($request->validate(['uuid' => ['required', 'string', 'uuid']], [
            'uuid.*' => say('messages.event.this_entry_has_no_identifier_reload'),
        ]));
        $stored = Observation::query()->where('free_session_id', $free->id)->findOrFail($observation);
        // a word that was emptied is one that is taken back
        $words = array_fill_keys(['what', ...StandingObservation::SETUP], '');
        $told = $request->except('_token');
        $changes = $this->entries->changes([...$told, ...array_intersect_key($words, array_filter($told, is_null(...)))], $free, $stored);
        if ($changes !== []) {
            $this->log->putRight($free, $user, $stored, $given->text('uuid'), $changes);
        }

        return redirect()->to(route('free.show', $free).'#seen');
    }

    /** @return array<mixed> a button of a tour says part, side and band in one: "ear left 2" */
    private static function told(Request $request): array
    {
        $part = Fields::of($request->all())->text('part');
        [$what, $side, $band] = [...explode(' ', $part), '', '', ''];

        return [...$request->except('_token'), ...$part === '' ? [] : ['what' => $what, 'side' => $side, 'band' => $band]];
    }
}
