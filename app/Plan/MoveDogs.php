<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\Dog;
use App\Models\Person;
use App\Models\ResponseModel;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Database\Connection;

/**
 * Puts another trainer in charge of a dog. Their plans go along with all that was learned: what was logged stays with who handled then, and
 * the plan goes on from there. A copy for a second person is something else (HandOverPlan).
 */
final readonly class MoveDogs
{
    public function __construct(private Connection $database, private Trail $trail)
    {
    }

    /**
     * @return list<string> names of what the new trainer trains with this dog already, and the old one's plans stayed for
     */
    public function move(User $by, Dog $dog, User $to): array
    {
        return $this->database->transaction(function () use ($by, $dog, $to): array {
            $from = $dog->trainer;
            $stayed = $from === null ? [] : $this->plans($dog, $from, $to);
            $dog->update(['trainer_id' => $to->id]);
            $this->trail->note($by, TrailAction::Moved, $dog, ['from' => $from->name ?? '', 'to' => $to->name]);

            return $stayed;
        });
    }

    /** @return array<string, list<string>> what stayed, by dog */
    public function moveAll(User $by, User $from, User $to): array
    {
        $stayed = [];
        foreach (Dog::query()->where('practice_id', $from->practice_id)->where('trainer_id', $from->id)->get() as $dog) {
            $stayed[$dog->name] = $this->move($by, $dog, $to);
        }

        return array_filter($stayed, static fn (array $names): bool => $names !== []);
    }

    /** @return list<string> */
    private function plans(Dog $dog, User $from, User $to): array
    {
        $stayed = [];
        $new = Person::query()->where('practice_id', $dog->practice_id)->where('user_id', $to->id)->first()
            ?? Person::query()->create(['practice_id' => $dog->practice_id, 'user_id' => $to->id, 'name' => $to->name]);
        $old = Person::query()->where('practice_id', $dog->practice_id)->where('user_id', $from->id)->value('id');
        foreach (ResponseModel::query()->where('dog_id', $dog->id)->where('person_id', $old)->with('trigger')->get() as $model) {
            // one model for a dog, what it reacts to and a person: where there is one already, two histories are never mixed
            if (ResponseModel::query()->where('trigger_id', $model->trigger_id)->where('person_id', $new->id)->exists()) {
                $stayed[] = $model->trigger->name;
            } else {
                $model->update(['person_id' => $new->id]);
            }
        }

        return $stayed;
    }
}
