<?php

declare(strict_types=1);

namespace App\Home;

use App\Incident\RestPlan;
use App\Mail\Post;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\HomeRep;
use App\Models\Role;
use App\Models\User;
use Core\Decision\CarryOver;
use Core\Decision\RestReason;
use Core\Homework\Answer;
use Core\Homework\QuietHours;
use Psr\Clock\ClockInterface;

/** Something went wrong at home: it loads the days after, a bite makes the plan rest, and whoever trains is told. */
final readonly class Alarm
{
    /** Of a fright that passes; a bite loads most. Common practice. */
    private const SEVERITY = 2;

    public function __construct(private Post $post, private ClockInterface $clock)
    {
    }

    public function raise(HomeRep $rep, string $by): void
    {
        $homework = $rep->homework;
        $dog = $homework->dog;
        $isBite = $rep->answer === Answer::Bite;
        Event::query()->create([
            'practice_id' => $rep->practice_id, 'dog_id' => $rep->dog_id, 'user_id' => $rep->user_id, 'person_id' => $rep->person_id,
            'uuid' => $rep->uuid, 'kind' => $isBite ? EventKind::Bite : EventKind::Upset,
            'severity' => $isBite ? CarryOver::MAX_SEVERITY : self::SEVERITY, 'occurred_at' => $rep->occurred_at,
            'note' => say("homework.alarm.note.{$rep->answer->value}", ['task' => $homework->name]),
        ]);
        if ($isBite && $homework->plan !== null && $homework->plan->resting_reason === null) {
            RestPlan::rest($homework->plan, $rep->user_id, RestReason::Bite, $this->clock->now());
        }
        $practice = $dog->practice;
        $now = $this->clock->now()->setTimezone($practice->zone());
        $at = $isBite ? $now : (new QuietHours($practice->quiet_from, $practice->quiet_until))->after($now);
        $facts = [
            'dog' => $dog->name, 'task' => $homework->name, 'by' => $by, 'answer' => $rep->answer->value,
            'at' => $rep->occurred_at->toDateTimeImmutable()->setTimezone($now->getTimezone())->format('H:i'),
        ];
        foreach ($this->told($rep) as $user) {
            $this->post->send(
                $practice->id, $user->email, say('homework.alarm.subject', $facts), say('homework.alarm.letter', $facts),
                $at > $now ? $at : null,
            );
        }
    }

    /** @return iterable<User> whoever is in charge of the dog, else the owners */
    private function told(HomeRep $rep): iterable
    {
        $trainer = $rep->homework->dog->trainer;

        return $trainer !== null && $trainer->disabled_at === null
            ? [$trainer]
            : User::query()
                ->where('practice_id', $rep->practice_id)->where('role', Role::Owner)->whereNull('disabled_at')->limit(20)->get();
    }
}
