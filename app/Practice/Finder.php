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
    public function find(User $user, string $word): array
    {
        $like = '%'.addcslashes($word, '%_\\').'%';
        $seesPeople = $user->role->managesPlans();
        $dogs = InSight::dogs($user)->toBase()->select('dogs.id');
        $plans = Plan::query()->withTrashed()->whereHas('responseModel', static fn (Builder $models) => $models->whereIn('dog_id', $dogs));
        $sessions = Session::query()->whereIn('plan_id', (clone $plans)->toBase()->select('plans.id'));

        return [
            'dogs' => self::first(InSight::dogs($user)->where(static fn (Builder $either) => $either->where('dogs.name', 'like', $like)
                ->orWhere('dogs.description', 'like', $like)->orWhere('dogs.breed', 'like', $like)->orWhere('dogs.chip', 'like', $like))
                ->orderBy('dogs.name')),
            'clients' => self::first(Client::query()->where('practice_id', $seesPeople ? $user->practice_id : 0)->where(
                static fn (Builder $either) => $either->where('name', 'like', $like)->orWhere('phone', 'like', $like)
                    ->orWhere('email', 'like', $like)->orWhere('note', 'like', $like),
            )->orderBy('name')),
            'people' => self::first(Person::query()->where('practice_id', $seesPeople ? $user->practice_id : 0)->where(
                static fn (Builder $either) => $either->where('name', 'like', $like)->orWhere('phone', 'like', $like)
                    ->orWhere('note', 'like', $like),
            )->orderBy('name')),
            'places' => self::first(InSight::allPlaces($user)->where(static fn (Builder $either) => $either->where('name', 'like', $like)
                ->orWhere('address', 'like', $like)->orWhere('note', 'like', $like))->orderBy('name')),
            'plans' => self::first((clone $plans)->with('responseModel.dog')->whereNull('deleted_at')->where(
                static fn (Builder $either) => $either->where('name', 'like', $like)->orWhere('goal', 'like', $like),
            )->orderBy('name')),
            'sessions' => self::first((clone $sessions)->with('plan.responseModel.dog')->where('end_note', 'like', $like)
                ->orderByDesc('started_at')),
            'trials' => self::first(Trial::query()->whereIn('session_id', (clone $sessions)->toBase()->select('sessions.id'))
                ->where('note', 'like', $like)->orderByDesc('occurred_at')),
            'free' => self::first(FreeSession::query()->with('dog')->whereIn('dog_id', $dogs)->where('end_note', 'like', $like)
                ->orderByDesc('started_at')),
            'events' => self::first(Event::query()->whereIn('dog_id', $dogs)->where('note', 'like', $like)->orderByDesc('occurred_at')),
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
