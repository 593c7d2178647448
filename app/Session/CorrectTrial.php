<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\TrialReader;
use App\Models\AdviceGiven;
use App\Models\Session;
use App\Models\TrialCorrection;
use App\Models\User;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Keeps a correction beside the trial it is about, which is never changed itself, and asks for advice again. */
final readonly class CorrectTrial
{
    public function __construct(
        private Connection $database, private ClockInterface $clock, private TrialReader $trials, private AskAdvice $advice,
        private RestAfterBite $rest,
    ) {
    }

    /** Takes the last trial that stands out of the count. A second undo with the same UUID does nothing. */
    public function undoLast(Session $session, User $user, string $uuid): ?AdviceGiven
    {
        return $this->correct($session, $user, $uuid, 'undo', null, fn (): ?int => $this->trials->ofSession($session)->lastId());
    }

    /** Any trial of the session: out of the count, or back in. */
    public function takeOut(Session $session, User $user, int $trialId, string $uuid): ?AdviceGiven
    {
        return $this->correct($session, $user, $uuid, 'undo', null, static fn (): int => $trialId);
    }

    public function putBack(Session $session, User $user, int $trialId, string $uuid): ?AdviceGiven
    {
        return $this->correct($session, $user, $uuid, 'restore', null, static fn (): int => $trialId);
    }

    /** @param  array<string, scalar|null>  $changes as TrialChanges tells them */
    public function edit(Session $session, User $user, int $trialId, string $uuid, array $changes): ?AdviceGiven
    {
        return $this->correct($session, $user, $uuid, 'edit', $changes, static fn (): int => $trialId);
    }

    /**
     * One that came before, or has no trial to correct, does nothing. A bite told late rests the plan as one told at once.
     *
     * @param  ?array<string, scalar|null>  $changes
     * @param  callable(): ?int  $trialId  asked for once the session is locked
     */
    private function correct(Session $session, User $user, string $uuid, string $kind, ?array $changes, callable $trialId): ?AdviceGiven
    {
        return $this->database->transaction(function () use ($session, $user, $uuid, $kind, $changes, $trialId): ?AdviceGiven {
            $session->lockForWriting();
            $isKnown = TrialCorrection::query()->where('practice_id', $session->practice_id)->where('uuid', $uuid)->exists();
            $corrected = $isKnown ? null : $trialId();
            if ($corrected === null) {
                return null;
            }
            TrialCorrection::query()->create([
                'practice_id' => $session->practice_id, 'trial_id' => $corrected, 'user_id' => $user->id, 'uuid' => $uuid,
                'kind' => $kind, 'changes' => $changes, 'made_at' => $this->clock->now(),
            ]);
            $this->rest->ifSeen($session, $user, explode(';', (string) ($changes['signs'] ?? '')), $this->clock->now());

            return $this->advice->ask($session);
        });
    }
}
