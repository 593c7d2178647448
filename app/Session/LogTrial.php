<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\AdviceGiven;
use App\Models\Session;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Database\Connection;
use Illuminate\Database\UniqueConstraintViolationException;
use Psr\Clock\ClockInterface;

/** Logs a trial and asks for the advice that follows. The same trial may come twice. */
final readonly class LogTrial
{
    public function __construct(
        private Connection $database, private ClockInterface $clock, private TrialWriter $trials, private AskAdvice $advice,
        private RestAfterBite $rest,
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
            $session->lockForWriting();
            $hash = $trial->contentHash($session->id);
            try {
                $id = $this->trials->insert($session, $user, $trial, $hash);
            } catch (UniqueConstraintViolationException) {
                return $this->known($session->practice_id, $trial->uuid, $hash);
            }
            $this->rest->ifSeen($session, $user, $trial->signs, $this->clock->now());

            return ['advice' => $this->advice->ask($session, $id), 'trialId' => $id, 'isNew' => true];
        }, attempts: 3);
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

        return [
            'advice' => AdviceGiven::query()->where('trial_id', $known->id)->orderBy('id')->firstOrFail(), 'trialId' => $known->id,
            'isNew' => false,
        ];
    }
}
