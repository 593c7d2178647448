<?php

declare(strict_types=1);

namespace App\Practice;

use App\Access\InSight;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Event;
use App\Models\FreeSession;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\Session;
use App\Models\Trial;
use App\Models\User;
use App\Support\SearchWord;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;

/** Looks for a word in all that a user may see: names first, then what was noted. */
final readonly class Finder
{
    /** Of each kind. */
    public const MOST = 15;

    /**
     * @return array{dogs: Collection<int, Dog>, clients: Collection<int, Client>, people: Collection<int, Person>,
     *    places: Collection<int, Place>, plans: Collection<int, Plan>, sessions: Collection<int, Session>, trials: Collection<int, Trial>,
     *    free: Collection<int, FreeSession>, events: Collection<int, Event>}
     */
    public function find(User $user, SearchWord $word): array
    {
        $seesPeople = $user->role->managesPlans();
        $dogs = InSight::dogs($user)->toBase()->select('dogs.id');
        $plans = Plan::query()->withTrashed()->whereHas('responseModel', static fn (Builder $models) => $models->whereIn('dog_id', $dogs));
        $sessions = Session::query()->whereIn('plan_id', (clone $plans)->toBase()->select('plans.id'));

        return [
            'dogs' => self::first($word->in(
                InSight::dogs($user), ['dogs.name', 'dogs.description', 'dogs.breed', 'dogs.chip'],
            )->orderBy('dogs.name')),
            'clients' => self::first($word->in(
                Client::query()->where('practice_id', $seesPeople ? $user->practice_id : 0), ['name', 'phone', 'email', 'note'],
            )->orderBy('name')),
            'people' => self::first($word->in(
                Person::query()->where('practice_id', $seesPeople ? $user->practice_id : 0), ['name', 'phone', 'note'],
            )->orderBy('name')),
            'places' => self::first($word->in(InSight::allPlaces($user), ['name', 'address', 'note'])->orderBy('name')),
            'plans' => self::first($word->in(
                (clone $plans)->with('responseModel.dog')->whereNull('deleted_at'), ['name', 'goal'],
            )->orderBy('name')),
            'sessions' => self::first($word->in(
                (clone $sessions)->with('plan.responseModel.dog'), ['end_note'],
            )->orderByDesc('started_at')),
            'trials' => self::first($word->in(
                Trial::query()->whereIn('session_id', (clone $sessions)->toBase()->select('sessions.id')), ['note'],
            )->orderByDesc('occurred_at')),
            'free' => self::first($word->in(
                FreeSession::query()->with('dog')->whereIn('dog_id', $dogs), ['end_note'],
            )->orderByDesc('started_at')),
            'events' => self::first($word->in(Event::query()->whereIn('dog_id', $dogs), ['note'])->orderByDesc('occurred_at')),
        ];
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $of
     * @return Collection<int, T>
     */
    private static function first(Builder $of): Collection
    {
        return $of->limit(self::MOST)->get();
    }
}
