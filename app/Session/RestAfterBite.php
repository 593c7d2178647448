<?php

declare(strict_types=1);

namespace App\Session;

use App\Incident\RestPlan;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\Session;
use App\Models\User;
use Core\Decision\CarryOver;
use Core\Decision\RestReason;

/** After signs that end the work, the plan rests until a named user has reviewed it, and the event stands on the dog's record. */
final readonly class RestAfterBite
{
    /** @param  list<string>  $signs */
    public function ifSeen(Session $session, User $user, array $signs, \DateTimeImmutable $at): void
    {
        $reason = RestReason::afterSigns($signs);
        if ($reason === null) {
            return;
        }
        RestPlan::rest($session->plan, $user->id, $reason, $at);
        Event::query()->create([
            'practice_id' => $session->practice_id, 'dog_id' => $session->plan->responseModel->dog_id, 'session_id' => $session->id,
            'user_id' => $user->id,
            'kind' => EventKind::Bite, 'severity' => CarryOver::MAX_SEVERITY, 'occurred_at' => $at,
        ]);
    }
}
