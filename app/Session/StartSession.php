<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\Setting;
use App\Incident\CarryOverReader;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\Place;
use App\Models\Plan;
use App\Models\Session;
use App\Models\TrainingSet;
use App\Models\User;
use App\Session\Http\StartSessionRequest;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Opens a session with what was looked at before it, or goes back to the one that is still open. */
final readonly class StartSession
{
    public function __construct(private Connection $database, private ClockInterface $clock, private LogTrial $logger, private CarryOverReader $upsets)
    {
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

    public function start(Plan $plan, User $user, StartSessionRequest $request): Session
    {
        return $this->database->transaction(function () use ($plan, $user, $request): Session {
            Plan::query()->whereKey($plan->id)->lockForUpdate()->value('id');
            $open = $plan->sessions()->whereNull('ended_at')->latest('id')->first();
            if ($open !== null) {
                return $open;
            }
            $now = $this->clock->now();
            $told = $request->upset();
            $place = $request->has('place_id') ? $request->place() : $plan->place;
            $setting = $this->setting($plan, $place, $told);
            if ($told !== null) {
                Event::query()->create([
                    'practice_id' => $plan->practice_id, 'dog_id' => $plan->responseModel->dog_id, 'user_id' => $user->id, 'kind' => EventKind::Upset,
                    'severity' => (int) $told['severity'], 'occurred_at' => $now->modify("-{$told['hours']} hours"),
                ]);
            }
            $session = Session::query()->create([
                'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $plan->responseModel->person_id, 'user_id' => $user->id,
                'place_id' => $place?->id, 'started_at' => $now, 'kind' => $request->kind(), 'checklist' => $request->checklist(), 'upset' => $setting->upset,
            ]);
            TrainingSet::query()->create(['session_id' => $session->id, 'position' => 1, 'started_at' => $now]);
            $this->logger->advise($session, $user);

            return $session;
        });
    }
}
