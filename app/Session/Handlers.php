<?php

declare(strict_types=1);

namespace App\Session;

use App\Access\InSight;
use App\Models\Dog;
use App\Models\HandlerLimit;
use App\Models\Person;
use App\Models\Plan;
use App\Models\User;
use Illuminate\Support\Collection;

/** Who may handle a dog in a session: those this user knows of, without those who must not. */
final readonly class Handlers
{
    private const MOST = 200;

    /** @return Collection<int, string> name by id, in their order */
    public function of(Dog $dog, User $user): Collection
    {
        return InSight::people($user)
            ->whereNotIn('people.id', HandlerLimit::inTraining($dog->id)->select('person_id'))
            ->orderBy('name')->limit(self::MOST)->get()
            ->mapWithKeys(static fn (Person $person): array => [$person->id => $person->name]);
    }

    /** Whoever is signed in, else the plan's own person. */
    public function usual(Plan $plan, User $user): int
    {
        return $this->own($plan->responseModel->dog, $user) ?? $plan->responseModel->person_id;
    }

    /** Whoever is signed in, if they may handle this dog. */
    public function own(Dog $dog, User $user): ?int
    {
        $own = Person::query()->where('practice_id', $dog->practice_id)->where('user_id', $user->id)->value('id');

        return is_int($own) && $this->of($dog, $user)->has($own) ? $own : null;
    }
}
