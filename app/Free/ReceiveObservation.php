<?php

declare(strict_types=1);

namespace App\Free;

use App\Models\FreeSession;
use App\Models\Observation;
use App\Models\User;
use App\Session\FileTrial;
use App\Session\TapTime;
use App\Support\Fields;

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
        $changes = $this->changes($entry['data'] ?? null, $session, $observation);
        if ($observation === null || $changes === []) {
            return ['result' => 'known', 'message' => say('messages.observation.nothing_to_put_right')];
        }

        return ['result' => $this->log->putRight($session, $user, $observation, $uuid, $changes) ? 'kept' : 'known'];
    }

    /** @return array<string, scalar> those that the observation can have */
    public function changes(mixed $told, FreeSession $session, ?Observation $observation): array
    {
        $given = array_intersect_key(
            array_filter(is_array($told) ? $told : [], is_scalar(...)), array_flip(['isOut', 'what', 'side', 'band', 'seconds']),
        );
        if ($observation === null || $given === []) {
            return [];
        }
        $checked = $this->rules->check([
            'uuid' => $observation->uuid, 'kind' => $observation->kind->value, 'what' => $observation->what, 'side' => $observation->side,
            'band' => $observation->band?->value, 'seconds' => $observation->seconds, ...$given,
        ], $session);

        return $checked->fails() ? [] : [...$given, ...isset($given['isOut']) ? ['isOut' => (bool) $given['isOut']] : []];
    }
}
