<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Appointment;
use App\Models\Client;
use App\Models\Dog;
use App\Models\FreeSession;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Role;
use App\Models\Session;
use App\Models\UnplacedTrial;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;

/** What a user may see of a practice: all of it, and for a guardian only their own dogs, who handles them and where. */
final class InSight
{
    /** @return Builder<Dog> with those that are archived: what was logged of them is still theirs to see */
    public static function dogs(User $user): Builder
    {
        $dogs = Dog::query()->where('dogs.practice_id', $user->practice_id);
        if ($user->role !== Role::Guardian) {
            return $dogs;
        }

        return $dogs->where(static fn (Builder $either) => $either
            ->whereHas('guardians', static fn (Builder $guardians) => $guardians->whereKey($user->id))
            ->orWhereIn('dogs.client_id', Person::query()->toBase()->where('user_id', $user->id)->whereNotNull('client_id')
                ->select('client_id')));
    }

    /** @return Builder<Dog> those that are trained: what is due, and what can be chosen */
    public static function dogsInTraining(User $user): Builder
    {
        return self::dogs($user)->whereNull('dogs.archived_at');
    }

    /** @return Builder<Person> those who handle dogs still */
    public static function people(User $user): Builder
    {
        $people = Person::query()->where('people.practice_id', $user->practice_id)->whereNull('people.archived_at');
        if ($user->role !== Role::Guardian) {
            return $people;
        }
        $dogs = self::dogs($user)->toBase()->select('dogs.id');

        return $people->where(static fn (Builder $either) => $either
            ->where('user_id', $user->id)
            ->orWhereIn('id', ResponseModel::query()->toBase()->whereIn('dog_id', $dogs)->select('person_id'))
            ->orWhereIn('id', Session::query()->toBase()->whereIn('plan_id', self::plans($user))->select('person_id'))
            ->orWhereIn('id', FreeSession::query()->toBase()->whereIn('dog_id', $dogs)->select('person_id')));
    }

    /** @return array<int, string> names by id, to choose from: households that are not archived, for those who keep them */
    public static function clientsToChoose(User $user): array
    {
        return Client::query()->where('practice_id', $user->practice_id)->whereNull('archived_at')->orderBy('name')->limit(500)
            ->get()->mapWithKeys(static fn (Client $client): array => [$client->id => $client->name])->all();
    }

    /** @return array<int, string> names by id, to choose from: who makes plans and signs in still */
    public static function trainersToChoose(User $user): array
    {
        return User::query()->where('practice_id', $user->practice_id)->whereIn('role', [Role::Owner, Role::Trainer])
            ->whereNull('disabled_at')->orderBy('name')->limit(200)->get()
            ->mapWithKeys(static fn (User $trainer): array => [$trainer->id => $trainer->name])->all();
    }

    /** @return Builder<Place> those that are gone to still */
    public static function places(User $user): Builder
    {
        return self::allPlaces($user)->whereNull('places.archived_at');
    }

    /** @return Builder<Place> with those that are archived */
    public static function allPlaces(User $user): Builder
    {
        $places = Place::query()->where('places.practice_id', $user->practice_id);
        if ($user->role !== Role::Guardian) {
            return $places;
        }

        return $places->where(static fn (Builder $either) => $either
            ->whereIn('id', Plan::query()->toBase()->whereIn('id', self::plans($user))->select('place_id'))
            ->orWhereIn('id', Session::query()->toBase()->whereIn('plan_id', self::plans($user))->select('place_id'))
            ->orWhereIn('id', FreeSession::query()->toBase()->whereIn(
                'dog_id', self::dogs($user)->toBase()->select('dogs.id'),
            )->select('place_id')));
    }

    /**
     * Of the week: all of them for whoever lays it, for others what they have to be at, and what is planned with their own dogs.
     *
     * @return Builder<Appointment>
     */
    public static function appointments(User $user): Builder
    {
        $appointments = Appointment::query()->where('appointments.practice_id', $user->practice_id);
        if ($user->role->managesPlans()) {
            return $appointments;
        }
        $own = Person::query()->toBase()->where('user_id', $user->id)->select('id');

        return $appointments->where(static fn (Builder $either) => $either
            ->whereIn('person_id', $own)->orWhereIn('helper_id', $own)
            ->when($user->role === Role::Guardian, static fn (Builder $more) => $more->orWhereIn('plan_id', self::plans($user))));
    }

    /**
     * Trials that wait for their session: whoever manages plans files everybody's, others their own.
     *
     * @return Builder<UnplacedTrial>
     */
    public static function unplaced(User $user): Builder
    {
        return self::handedIn($user)->whereNull('settled_at');
    }

    /** @return Builder<UnplacedTrial> those that were filed or dismissed */
    public static function settled(User $user): Builder
    {
        return self::handedIn($user)->whereNotNull('settled_at');
    }

    /** @return Builder<UnplacedTrial> */
    private static function handedIn(User $user): Builder
    {
        $unplaced = UnplacedTrial::query()->where('practice_id', $user->practice_id);

        return $user->role->managesPlans() ? $unplaced : $unplaced->where('user_id', $user->id);
    }

    private static function plans(User $user): \Illuminate\Database\Query\Builder
    {
        $models = ResponseModel::query()->toBase()->whereIn('dog_id', self::dogs($user)->toBase()->select('dogs.id'))->select('id');

        return Plan::query()->withTrashed()->toBase()->whereIn('response_model_id', $models)->select('id');
    }
}
