<?php

declare(strict_types=1);

namespace App\Incident;

use App\Models\Dog;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\Incident;
use App\Models\User;
use Core\Decision\CarryOver;
use Core\Decision\RestReason;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Keeps an incident and lets every plan of the dog rest until a named person has reviewed it: all of it or nothing. */
final readonly class RecordIncident
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * @param  array{uuid: string, occurred_at: \DateTimeImmutable, place: string, facts: array<string, string>, before: string,
     *    treatment: ?string, told: list<string>, told_note: ?string} $told
     * @return array{Incident, bool} the incident, and whether it is new
     */
    public function write(Dog $dog, User $user, array $told): array
    {
        return $this->database->transaction(function () use ($dog, $user, $told): array {
            $known = Incident::query()->where('practice_id', $dog->practice_id)->where('uuid', $told['uuid'])->first();
            if ($known !== null) {
                return [$known, false];
            }
            $isBite = IncidentFacts::isBite($told['facts']);
            // a bite logged with a trial is on record already: its facts are told here
            $event = Event::query()->where('dog_id', $dog->id)->where('kind', EventKind::Bite)->doesntHave('incident')
                ->whereBetween('occurred_at', [$told['occurred_at']->modify('-12 hours'), $told['occurred_at']->modify('+12 hours')])
                ->first()
                ?? Event::query()->create([
                    'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id,
                    'kind' => $isBite ? EventKind::Bite : EventKind::Incident, 'severity' => CarryOver::MAX_SEVERITY,
                    'occurred_at' => $told['occurred_at'], 'uuid' => $told['uuid'],
                ]);
            $incident = Incident::query()->create([
                'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'event_id' => $event->id, 'user_id' => $user->id, ...$told,
            ]);
            foreach ($dog->plans()->get() as $plan) {
                RestPlan::rest($plan, $user->id, RestReason::Incident, $told['occurred_at']);
            }
            if ($isBite) {
                $dog->update(['bite_history' => true]);
            }

            return [$incident, true];
        });
    }

    /**
     * Bites on record whose facts nobody has written down yet.
     *
     * @param  Builder<Dog>  $dogs
     * @return Collection<int, Event>
     */
    public static function unfinished(Builder $dogs): Collection
    {
        return Event::query()->where(
            'kind', EventKind::Bite,
        )->whereIn('dog_id', $dogs->pluck('dogs.id')->all())->doesntHave('incident')->latest('occurred_at')->limit(10)->get();
    }
}
