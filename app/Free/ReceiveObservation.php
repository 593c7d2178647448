<?php

declare(strict_types=1);

namespace App\Free;

use App\Engine\StandingObservation;
use App\Models\FreeSession;
use App\Models\Observation;
use App\Models\User;
use App\Session\FileTrial;
use App\Session\TapTime;
use App\Support\Fields;
use Core\Observation\Kind;
use Illuminate\Validation\ValidationException;

/**
 * Takes what a device has queued for a session without a ladder, one entry after the other, and answers each by a receipt. One that
 * makes no sense is kept as unfiled, so that the device may let go of it.
 */
final readonly class ReceiveObservation
{
    public const KINDS = ['seen', 'put_right'];

    public function __construct(
        private ObservationRules $rules, private LogObservation $log, private FileTrial $filing, private TapTime $times,
    ) {
    }

    /**
     * @param  array<string, mixed>  $entry  with a valid uuid and kind
     * @return array{uuid: string, result: string, message?: string} result: kept, known, or unfiled
     */
    public function take(FreeSession $session, User $user, array $entry): array
    {
        $uuid = strtolower(is_string($entry['uuid']) ? $entry['uuid'] : '');

        return ['uuid' => $uuid, ...$entry['kind'] === 'seen'
            ? $this->seen($session, $user, $entry, $uuid)
            : $this->putRight($session, $user, $entry, $uuid)];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return array{result: string, message?: string}
     */
    private function seen(FreeSession $session, User $user, array $entry, string $uuid): array
    {
        $data = [...(is_array($entry['data'] ?? null) ? $entry['data'] : []), 'uuid' => $uuid];
        $checked = $this->rules->check($data, $session);
        if ($checked->fails()) {
            $reason = (string) $checked->errors()->first();
            $this->filing->setAside($user, $uuid, $entry, $reason);

            return ['result' => 'unfiled', 'message' => $reason];
        }

        return ['result' => $this->log->log($session, $user, $checked->validated(), $this->times->of($entry)) ? 'kept' : 'known'];
    }

    /**
     * What a stare was at, or that it was none: said after the tap.
     *
     * @param  array<string, mixed>  $entry
     * @return array{result: string, message?: string}
     */
    private function putRight(FreeSession $session, User $user, array $entry, string $uuid): array
    {
        $observation = Observation::query()->where('free_session_id', $session->id)
            ->where('uuid', strtolower(Fields::of($entry)->text('of')))->first();
        try {
            $changes = $observation === null ? [] : $this->changes($entry['data'] ?? null, $session, $observation);
        } catch (ValidationException $problem) {
            return ['result' => 'known', 'message' => $problem->getMessage()];
        }
        if ($observation === null || $changes === []) {
            return ['result' => 'known', 'message' => say('messages.observation.nothing_to_put_right')];
        }

        return ['result' => $this->log->putRight($session, $user, $observation, $uuid, $changes) ? 'kept' : 'known'];
    }

    /**
     * @param  mixed  $told  some of what, side, band, seconds, how a part was touched, isFoodGone, isOut
     * @return array<string, scalar> what differs from the observation as it stands
     *
     * @throws ValidationException if it cannot be so
     */
    public function changes(mixed $told, FreeSession $session, Observation $observation): array
    {
        $standing = StandingObservation::of($observation)->observation;
        $now = [
            'what' => $standing->what, 'side' => $standing->side, 'band' => $standing->band?->value, 'seconds' => $standing->seconds,
            ...$observation->kind === Kind::Part
                ? [...array_fill_keys(StandingObservation::SETUP, ''), ...$standing->setup, 'isFoodGone' => $standing->isFoodGone]
                : [],
        ];
        $given = array_intersect_key(
            array_filter(is_array($told) ? $told : [], is_scalar(...)), [...$now, 'isOut' => null],
        );
        // whatever it says, it may be taken out
        if (array_diff_key($given, ['isOut' => null]) !== []) {
            $this->rules->check(
                ['uuid' => $observation->uuid, 'kind' => $observation->kind->value, ...$now, ...$given], $session,
            )->validate();
        }
        $changes = array_filter(
            $given, static fn (mixed $value, string $part): bool => $part === 'isOut' || (string) $value !== (string) $now[$part],
            ARRAY_FILTER_USE_BOTH,
        );

        return array_replace($changes, array_map(boolval(...), array_intersect_key($changes, ['isOut' => true, 'isFoodGone' => true])));
    }
}
