<?php

declare(strict_types=1);

namespace App\Session;

use App\Dog\Readiness;
use App\Engine\Setting;
use App\Incident\CarryOverReader;
use App\Library\CautionRepository;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\HandlerLimit;
use App\Models\Place;
use App\Models\Plan;
use App\Models\Session;
use App\Models\TrainingSet;
use App\Models\User;
use Core\Method\Clearance;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Opens a session with what was looked at before it, or goes back to the one that is still open. */
final readonly class StartSession
{
    public function __construct(
        private Connection $database, private ClockInterface $clock, private AskAdvice $advice, private CarryOverReader $upsets,
        private Readiness $readiness,
    ) {
    }

    /**
     * Place, and upset carried over from what is on record and from what was just told.
     *
     * @param  ?array{severity: float, hours: int}  $told
     */
    public function setting(Plan $plan, ?Place $place, ?array $told): Setting
    {
        return new Setting($place, round($this->upsets->on($plan->responseModel->dog_id, $this->clock->now(), $told)->upset, 3));
    }

    /**
     * Cautions are read first; without a foundation the work begins only for a reason that is told. Both are recorded.
     *
     * @throws NotCleared if something keeps it from beginning
     */
    public function start(Plan $plan, User $user, SessionChecklist $checklist): Session
    {
        return $this->database->transaction(function () use ($plan, $user, $checklist): Session {
            Plan::query()->whereKey($plan->id)->lockForUpdate()->value('id');
            $open = $plan->sessions()->whereNull('ended_at')->latest('id')->first();
            if ($open !== null) {
                return $open;
            }
            $this->clear($plan, $user, $checklist);

            return $this->open($plan, $user, $checklist);
        });
    }

    private function clear(Plan $plan, User $user, SessionChecklist $checklist): void
    {
        $dog = $plan->responseModel->dog;
        $limit = HandlerLimit::inTraining($dog->id)->where('person_id', $checklist->personId)->first();
        $unread = $this->readiness->unread($plan, $user);
        $missing = $this->readiness->missing($plan);
        $inTheWay = Clearance::missing($limit === null, $unread, $checklist->read, $missing, $checklist->withoutReason);
        if ($inTheWay !== []) {
            throw new NotCleared($inTheWay, $limit);
        }
        CautionRepository::markRead(array_keys($unread), $dog, $user, $this->clock->now());
        $this->readiness->waive($plan, $user, $missing, $checklist->withoutReason);
    }

    private function open(Plan $plan, User $user, SessionChecklist $checklist): Session
    {
        $now = $this->clock->now();
        $setting = $this->setting($plan, $checklist->place, $checklist->upset);
        if ($checklist->upset !== null) {
            Event::query()->create([
                'practice_id' => $plan->practice_id, 'dog_id' => $plan->responseModel->dog_id, 'user_id' => $user->id,
                'kind' => EventKind::Upset,
                'severity' => (int) $checklist->upset['severity'], 'occurred_at' => $now->modify("-{$checklist->upset['hours']} hours"),
            ]);
        }
        $session = Session::query()->create([
            'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $checklist->personId,
            'user_id' => $user->id,
            'place_id' => $checklist->place?->id, 'started_at' => $now, 'kind' => $checklist->kind, 'checklist' => $checklist->answers,
            'upset' => $setting->upset,
        ]);
        TrainingSet::query()->create(['session_id' => $session->id, 'position' => 1, 'started_at' => $now]);
        $this->advice->ask($session);

        return $session;
    }
}
