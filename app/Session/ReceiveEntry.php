<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\TrialReader;
use App\Models\SecondGrade;
use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\SessionEventKind;
use App\Models\Trial;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Contracts\Validation\Factory;
use Psr\Clock\ClockInterface;

/**
 * Takes what a device has queued, one entry after the other. Each comes with its own UUID, may come twice, and is answered by a
 * receipt that names it; one that cannot be placed is kept as unfiled, so that the device may let go of it.
 */
final readonly class ReceiveEntry
{
    /** Kinds of entry besides a trial that a device may send. */
    public const KINDS = ['trial', 'undo', 'break_over', 'take', 'grade', 'event', 'correct', 'handler'];

    public function __construct(
        private LogTrial $log, private CorrectTrial $corrections, private AskAdvice $advice, private FileTrial $filing,
        private TrialRules $rules, private TrialParser $parser, private TrialReader $trials, private TrialChanges $changes,
        private Handlers $handlers, private Factory $validators, private TakeBreak $breaks, private TapTime $times,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param  array<string, mixed>  $entry  with a valid uuid and kind
     * @return array{uuid: string, result: string, message?: string} result: kept, known, or unfiled
     */
    public function take(Session $session, User $user, array $entry, string $device): array
    {
        $uuid = strtolower(is_string($entry['uuid']) ? $entry['uuid'] : '');

        return ['uuid' => $uuid, ...match ($entry['kind']) {
            'trial' => $this->trial($session, $user, $entry, $uuid, $device),
            'undo' => $this->undo($session, $user, $uuid),
            'correct' => $this->correct($session, $user, $entry, $uuid),
            'grade' => $this->grade($session, $user, $entry, $uuid),
            'break_over' => $this->event($session, $user, $entry, $uuid, SessionEventKind::BreakOver,
                function (\DateTimeImmutable $at) use ($session): void {
                    $this->breaks->over($session, $at);
                    $this->advice->ask($session);
                }),
            'take' => $this->event($session, $user, $entry, $uuid, SessionEventKind::Take,
                function (\DateTimeImmutable $at) use ($session, $device): void {
                    $session->update(['device' => $device, 'device_since' => $at]);
                    $this->advice->ask($session);
                }),
            'handler' => $this->handler($session, $user, $entry, $uuid),
            default => $this->told($session, $user, $entry, $uuid),
        }];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return array{result: string, message?: string}
     */
    private function trial(Session $session, User $user, array $entry, string $uuid, string $device): array
    {
        $data = is_array($entry['trial'] ?? null) ? $entry['trial'] : [];
        $data = [
            ...$data, 'uuid' => $uuid, 'device' => $device, 'device_at' => $entry['at'] ?? null, 'sent_at' => $entry['sent_at'] ?? null,
            'sequence' => $entry['sequence'] ?? null,
        ];
        $unit = $user->units()->distance;
        if (! $this->rules->isPlain($data, $session, $unit)) {
            $validator = $this->rules->check($data, $session, $unit);
            if ($validator->fails()) {
                return $this->setAside($user, $uuid, $data, (string) $validator->errors()->first());
            }
            $data = $validator->validated();
        }
        $trial = $this->parser->parse($data, $session, $unit);
        $this->claim($session, $device);
        $isOthers = $session->device !== $device && ! $this->loggedBefore($session, $device, $this->times->of($entry));
        if ($isOthers && ! Trial::query()->where('practice_id', $session->practice_id)->where('uuid', $uuid)->exists()) {
            return $this->setAside($user, $uuid, $data, say('messages.receive_entry.another_device_was_logging_this_session'));
        }
        try {
            return ['result' => $this->log->log($session, $user, $trial)['isNew'] ? 'kept' : 'known'];
        } catch (UuidTaken) {
            return ['result' => 'known', 'message' => say('messages.trial.uuid_taken')];
        }
    }

    /** @return array{result: string} */
    private function undo(Session $session, User $user, string $uuid): array
    {
        return ['result' => $this->corrections->undoLast($session, $user, $uuid) === null ? 'known' : 'kept'];
    }

    /**
     * Somebody else handles from now on: trials logged after this one keep that name.
     *
     * @param  array<string, mixed>  $entry
     * @return array{result: string, message?: string}
     */
    private function handler(Session $session, User $user, array $entry, string $uuid): array
    {
        $person = Fields::of($entry['data'] ?? null)->intOrNull('person');
        if ($person === null || ! $this->handlers->of($session->plan->responseModel->dog, $user)->has($person)) {
            return ['result' => 'known', 'message' => say('messages.start_session.choose_who_handles')];
        }

        return $this->event($session, $user, $entry, $uuid, SessionEventKind::Handler,
            function () use ($session, $person): void {
                $session->update(['person_id' => $person]);
            });
    }

    /**
     * A trial that is there, put right in some part. One that names none, or cannot be so, changes nothing and says why.
     *
     * @param  array<string, mixed>  $entry
     * @return array{result: string, message?: string}
     */
    private function correct(Session $session, User $user, array $entry, string $uuid): array
    {
        $data = is_array($entry['trial'] ?? null) ? $entry['trial'] : [];
        $read = $this->trials->ofSession($session);
        $id = $read->idOf(strtolower(Fields::of($entry)->text('trial_uuid')));
        if ($id === null) {
            return ['result' => 'known', 'message' => say('messages.receive_entry.this_correction_names_no_trial')];
        }
        $stored = $read->trials[$id];
        $unit = $user->units()->distance;
        $validator = $this->validators->make(
            $data, $this->changes->rules($session, $unit, $data['exposure'] ?? null, $stored), TrialRules::messages(),
        );
        if ($validator->fails()) {
            return ['result' => 'known', 'message' => (string) $validator->errors()->first()];
        }
        $changes = $this->changes->of($validator->validated(), $stored, $read->marks[$id], $session, $unit);
        $isNew = $changes !== [] && $this->corrections->edit($session, $user, $id, $uuid, $changes) !== null;

        return ['result' => $isNew ? 'kept' : 'known'];
    }

    /**
     * A second grade of a trial that is there; the first word of each grader stands.
     *
     * @param  array<string, mixed>  $entry
     * @return array{result: string, message?: string}
     */
    private function grade(Session $session, User $user, array $entry, string $uuid): array
    {
        $trial = Trial::query()->where('session_id', $session->id)->where(
            'uuid', is_string($entry['trial_uuid'] ?? null) ? strtolower($entry['trial_uuid']) : '',
        )->first();
        $band = $entry['band'] ?? null;
        if ($trial === null || ! is_int($band) || $band < 0 || $band > 4) {
            return ['result' => 'known', 'message' => say('messages.receive_entry.this_grade_names_no_trial_of')];
        }
        $grade = SecondGrade::query()->firstOrCreate(['trial_id' => $trial->id, 'user_id' => $user->id], [
            'practice_id' => $session->practice_id, 'uuid' => $uuid, 'band' => $band, 'graded_at' => $this->clock->now(),
        ]);

        return ['result' => $grade->wasRecentlyCreated ? 'kept' : 'known'];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @param  callable(\DateTimeImmutable): void  $effect  done the first time only
     * @return array{result: string}
     */
    private function event(Session $session, User $user, array $entry, string $uuid, SessionEventKind $kind, callable $effect): array
    {
        $at = $this->times->of($entry);
        $event = SessionEvent::query()->firstOrCreate(['practice_id' => $session->practice_id, 'uuid' => $uuid], [
            'session_id' => $session->id, 'user_id' => $user->id, 'kind' => $kind, 'occurred_at' => $at,
            'data' => is_array($entry['data'] ?? null) ? array_slice(array_filter($entry['data'], is_scalar(...)), 0, 10) : null,
        ]);
        if ($event->wasRecentlyCreated) {
            $effect($at);
        }

        return ['result' => $event->wasRecentlyCreated ? 'kept' : 'known'];
    }

    /** Whether a device that was handed over from sends what it logged while it was the one. */
    private function loggedBefore(Session $session, string $device, \DateTimeImmutable $at): bool
    {
        return $session->device_since !== null && $at <= $session->device_since && Trial::query()
            ->where('session_id', $session->id)->where('device', $device)->exists();
    }

    /** The first device to log a trial is the one that logs; of two at the same moment the database lets one through. */
    private function claim(Session $session, string $device): void
    {
        if ($session->device !== null) {
            return;
        }
        Session::query()->toBase()->where('id', $session->id)->whereNull('device')->update(
            ['device' => $device, 'device_since' => $this->clock->now()->format('Y-m-d H:i:s.v')],
        );
        $claimed = Session::query()->whereKey($session->id)->firstOrFail(['device', 'device_since']);
        $session->device = $claimed->device;
        $session->device_since = $claimed->device_since;
        $session->syncOriginalAttributes(['device', 'device_since']);
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return array{result: string, message?: string}
     */
    private function told(Session $session, User $user, array $entry, string $uuid): array
    {
        $kind = $this->eventKind($entry);

        return $this->event($session, $user, $entry, $uuid, $kind, function () use ($session, $kind): void {
            if ($kind === SessionEventKind::Gear) {
                $session->update(['checklist' => [...$session->checklist ?? [], 'gear_off' => true]]);
                $this->advice->ask($session);
            }
        });
    }

    /** @param  array<string, mixed>  $entry */
    private function eventKind(array $entry): SessionEventKind
    {
        $kind = SessionEventKind::tryFrom(is_string($entry['event'] ?? null) ? $entry['event'] : '') ?? SessionEventKind::Note;
        $isGear = GearTrouble::tryFrom(Fields::of($entry['data'] ?? null)->text('what')) !== null;

        return $kind === SessionEventKind::Gear && ! $isGear ? SessionEventKind::Note : $kind;
    }

    /**
     * @param  array<mixed>  $data
     * @return array{result: string, message: string}
     */
    private function setAside(User $user, string $uuid, array $data, string $reason): array
    {
        $this->filing->setAside($user, $uuid, $data, $reason);

        return ['result' => 'unfiled', 'message' => $reason];
    }
}
