<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Plan;
use App\Models\Session;
use App\Models\SessionKind;
use App\Models\TrainingSet;
use App\Models\User;
use Illuminate\Database\Connection;

/** A session of yesterday, from paper, film or memory: it has its own times, and its trials are added in the review. */
final readonly class WriteDownSession
{
    public function __construct(private Connection $database, private AskAdvice $advice)
    {
    }

    public function write(
        Plan $plan, User $user, int $personId, ?int $placeId, \DateTimeImmutable $from, int $minutes, string $source, ?string $note,
    ): Session {
        return $this->database->transaction(function () use (
            $plan, $user, $personId, $placeId, $from, $minutes, $source, $note,
        ): Session {
            $end = $from->modify("+{$minutes} minutes");
            $session = Session::query()->create([
                'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $personId, 'user_id' => $user->id,
                'place_id' => $placeId, 'started_at' => $from, 'ended_at' => $end, 'kind' => SessionKind::Ladder,
                'checklist' => ['written_from' => $source], 'upset' => 0.0, 'end_note' => $note,
            ]);
            TrainingSet::query()->create(['session_id' => $session->id, 'position' => 1, 'started_at' => $from, 'ended_at' => $end]);
            $this->advice->ask($session);

            return $session;
        });
    }
}
