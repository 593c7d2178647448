<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\Adviser;
use App\Engine\CoreCatalogs;
use App\Engine\ExposureColumns;
use App\Engine\PlanReader;
use App\Engine\SituationReader;
use App\Engine\TrialReader;
use App\Models\AdviceGiven;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\Plan;
use App\Models\Session;
use App\Models\Trial;
use App\Models\TrialCorrection;
use App\Models\User;
use Core\Decision\RestReason;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Sign\Grading;
use Core\Sign\SignKey;
use Illuminate\Database\Connection;
use Illuminate\Database\UniqueConstraintViolationException;
use Psr\Clock\ClockInterface;

/** Writes trials and corrections, and asks for the advice that follows. Every write may come twice. */
final readonly class LogTrial
{
    private const TIME = 'Y-m-d H:i:s.v';

    public function __construct(
        private Connection $database,
        private ClockInterface $clock,
        private CoreCatalogs $catalogs,
        private TrialReader $trials,
        private SituationReader $situations,
        private Adviser $adviser,
        private PlanReader $plans,
        private MeasuredExposure $heard,
    ) {
    }

    /**
     * @return array{advice: AdviceGiven, trialId: int, isNew: bool} for a trial already logged: the advice first given
     *
     * @throws UuidTaken if its UUID is known with other content
     */
    public function log(Session $session, User $user, IncomingTrial $trial): array
    {
        return $this->database->transaction(function () use ($session, $user, $trial): array {
            self::lock($session);
            $hash = $trial->contentHash($session->id);
            try {
                $id = $this->insert($session, $user, $trial, $hash);
            } catch (UniqueConstraintViolationException) {
                return $this->known($session->practice_id, $trial->uuid, $hash);
            }
            if (in_array(SignKey::Bite->value, $trial->signs, true)) {
                $this->rest($session, $user);
            }

            return ['advice' => $this->advise($session, $user, $id), 'trialId' => $id, 'isNew' => true];
        }, attempts: 3);
    }

    /** A bite: the plan rests until a named user has reviewed it, and the event stands on the dog's record. */
    private function rest(Session $session, User $user): void
    {
        $session->plan->resting_reason = RestReason::Bite;
        $session->plan->reviewed_by = null;
        $session->plan->save();
        Event::query()->create([
            'practice_id' => $session->practice_id, 'dog_id' => $session->plan->responseModel->dog_id, 'session_id' => $session->id, 'user_id' => $user->id,
            'kind' => EventKind::Bite, 'severity' => 4, 'occurred_at' => $this->clock->now(),
        ]);
    }

    /** Takes the last trial that stands out of the count, and asks again. A second undo with the same UUID does nothing. */
    public function undoLast(Session $session, User $user, string $uuid): ?AdviceGiven
    {
        return $this->correct($session, $user, $uuid, 'undo', null, fn (): ?int => $this->trials->ofSession($session)->lastId());
    }

    /** @param  array<string, scalar|null>  $changes columns of the trial */
    public function edit(Session $session, User $user, int $trialId, string $uuid, array $changes): ?AdviceGiven
    {
        return $this->correct($session, $user, $uuid, 'edit', $changes, static fn (): int => $trialId);
    }

    /** The advice for the session as it stands: after its last trial, or to start with. */
    public function advise(Session $session, User $user, ?int $trialId = null): AdviceGiven
    {
        $trials = $this->trials->ofSession($session);
        $situation = $this->situations->read($session->plan, $session, array_values($trials->trials), $this->clock->now());

        $advice = $this->adviser->advise($session, $situation, $trials, $trialId ?? $trials->lastId());
        $this->situations->changed($session);

        return $advice;
    }

    /**
     * Keeps a correction and asks again; one that came before, or has no trial to correct, does nothing.
     *
     * @param  ?array<string, scalar|null>  $changes
     * @param  callable(): ?int  $trialId  asked for once the session is locked
     */
    private function correct(Session $session, User $user, string $uuid, string $kind, ?array $changes, callable $trialId): ?AdviceGiven
    {
        return $this->database->transaction(function () use ($session, $user, $uuid, $kind, $changes, $trialId): ?AdviceGiven {
            self::lock($session);
            $isKnown = TrialCorrection::query()->where('practice_id', $session->practice_id)->where('uuid', $uuid)->exists();
            $corrected = $isKnown ? null : $trialId();
            if ($corrected === null) {
                return null;
            }
            TrialCorrection::query()->create([
                'practice_id' => $session->practice_id, 'trial_id' => $corrected, 'user_id' => $user->id, 'uuid' => $uuid,
                'kind' => $kind, 'changes' => $changes, 'made_at' => $this->clock->now(),
            ]);

            return $this->advise($session, $user);
        });
    }

    /** One write of a session at a time: its advice depends on all before it. */
    private static function lock(Session $session): void
    {
        Session::query()->toBase()->where('id', $session->id)->lockForUpdate()->value('id');
    }

    private function insert(Session $session, User $user, IncomingTrial $trial, string $hash): int
    {
        $received = $this->clock->now();
        $offset = $trial->sentAt === null ? 0 : (int) round(((float) $received->format('U.u') - (float) $trial->sentAt->format('U.u')) * 1000);
        $device = $trial->deviceAt ?? $received;
        $occurred = $device->modify(sprintf('%+d milliseconds', $offset));
        // a clock may be off by years, but a trial is never logged before it happened, nor before computers kept time
        $occurred = min($received, max($occurred, new \DateTimeImmutable('@86400')));
        $model = $session->plan->responseModel;
        $grading = new Grading($this->catalogs->signs, $model->dog->hides_signs, self::reading($session->plan), $model->dog->intake->normal_signs ?? []);
        $proposed = $grading->propose($this->signsOf($trial), $trial->outcome);
        $id = (int) Trial::query()->toBase()->insertGetId([
            'practice_id' => $session->practice_id,
            'session_id' => $session->id,
            'set_id' => self::setAt($session, $occurred),
            'step_id' => $this->plans->read($session->plan)->stepIds[$trial->target->step],
            'person_id' => $session->person_id,
            'user_id' => $user->id,
            'uuid' => $trial->uuid,
            'content_hash' => $hash,
            'sequence' => $trial->sequence ?? (int) Trial::query()->where('session_id', $session->id)->max('sequence') + 1,
            'occurred_at' => $occurred->format(self::TIME),
            'device_at' => $device->format(self::TIME),
            'clock_offset_ms' => $offset,
            'received_at' => $received->format(self::TIME),
            'under_action' => $trial->under?->value,
            'forecast' => $trial->forecast === null ? null : json_encode($trial->forecast, JSON_THROW_ON_ERROR),
            'outcome' => $trial->outcome->value,
            'band' => ($trial->band ?? $proposed)->value,
            'band_proposed' => $proposed->value,
            'food' => $trial->food->value,
            'food_left' => $trial->foodLeft,
            'latency' => $trial->latency?->value,
            'latency_ms' => $trial->latencyMilliseconds,
            'stare_ms' => $trial->stareMilliseconds,
            ...$trial->times->columns(),
            'device' => $trial->device,
            'interrupted' => $trial->interrupted,
            'handler_error' => $trial->handlerError,
            'note' => $trial->note,
            'signs_version' => $this->catalogs->signs->version,
        ]);
        $real = $this->heard->exposure($session, $trial->exposure, $trial->sound, $occurred);
        $this->database->table('trial_exposures')->insert([...$this->rows($id, 'real', $real), ...$this->rows($id, 'target', $trial->target->exposure)]);
        if ($trial->signs !== []) {
            $this->database->table('trial_signs')->insert(array_map(static fn (string $sign): array => ['trial_id' => $id, 'sign' => $sign], $trial->signs));
        }

        return $id;
    }

    /** Leaving is a no at a station and a reset on a mat; stiffness under the hand is strong. */
    private static function reading(Plan $plan): ?string
    {
        return match (true) {
            $plan->method === 'opt_in_station' => 'station',
            $plan->method === 'calm_settling' => 'mat',
            $plan->responseModel->kind === PlanKind::Contact => 'contact',
            default => null,
        };
    }

    /**
     * The signs ticked, with those that food and latency already tell. A slow unprompted return is no sign: waiting was asked for.
     *
     * @return list<string>
     */
    private function signsOf(IncomingTrial $trial): array
    {
        $waited = in_array($trial->outcome->value, ['returned', 'watched', 'unnoticed'], true);

        return array_values(array_unique(array_filter([...$trial->signs, $trial->foodLeft ? $trial->food->asSign()?->value : null, $waited ? null : $trial->latency?->asSign()?->value])));
    }

    /** @return list<array<string, mixed>> */
    private function rows(int $trialId, string $part, Exposure $exposure): array
    {
        return array_map(static fn (array $row): array => ['trial_id' => $trialId, 'part' => $part, ...$row], ExposureColumns::toRows($exposure));
    }

    /** The set that was running then; a late trial joins the one it belongs to. */
    private static function setAt(Session $session, \DateTimeImmutable $at): int
    {
        $found = $session->sets->first() ?? throw new \LogicException('Every session has a set.');
        foreach ($session->sets as $set) {
            $found = $set->started_at <= $at ? $set : $found;
        }

        return $found->id;
    }

    /**
     * @return array{advice: AdviceGiven, trialId: int, isNew: bool}
     *
     * @throws UuidTaken if the content differs
     */
    private function known(int $practiceId, string $uuid, string $hash): array
    {
        $known = Trial::query()->where('practice_id', $practiceId)->where('uuid', $uuid)->firstOrFail();
        if ($known->content_hash !== $hash) {
            throw UuidTaken::by($uuid);
        }

        return ['advice' => AdviceGiven::query()->where('trial_id', $known->id)->orderBy('id')->firstOrFail(), 'trialId' => $known->id, 'isNew' => false];
    }
}
