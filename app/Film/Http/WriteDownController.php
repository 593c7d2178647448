<?php

declare(strict_types=1);

namespace App\Film\Http;

use App\Film\KeepRecord;
use App\Film\SettleFilm;
use App\Film\WriteDownFilm;
use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\Plan;
use App\Models\User;
use App\People\Http\HandlerOnTheSpot;
use App\Session\Handlers;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A film becomes a session that is written down later. */
final readonly class WriteDownController
{
    public function __construct(private Handlers $handlers)
    {
    }

    public function create(Film $film, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $film);

        return view('pages.films.session', [
            'film' => $film, 'record' => self::record($film, $user), 'plans' => self::plans($film)->pluck('name', 'id'),
            'people' => $this->handlers->of($film->dog, $user), 'person' => $this->handlers->own($film->dog, $user),
            'day' => words()->formats->iso($film->added_at),
        ]);
    }

    public function store(
        WriteDownRequest $request, Film $film, WriteDownFilm $films, HandlerOnTheSpot $handler, #[CurrentUser] User $user,
    ): RedirectResponse {
        $plan = self::plans($film)->find($request->integer('plan')) ?? throw ValidationException::withMessages(
            ['plan' => say('film.problems.plan')],
        );
        Gate::authorize('writeDown', $plan);
        $record = self::record($film, $user);
        if ($record === null || $record->record()->trials === []) {
            throw ValidationException::withMessages(['plan' => say('film.problems.no_trials')]);
        }
        $handler->take($request, $user);
        $session = $films->write(
            $film, $record, $plan, $user, $request->integer('person_id'), $request->from(),
            Distance::from($request->float('distance'), $user->units()->distance),
        );

        return redirect()->route('sessions.review', $session);
    }

    /** What was settled, or what one has finished oneself. */
    private static function record(Film $film, User $user): ?FilmRecord
    {
        $own = KeepRecord::of($film, $user);

        return SettleFilm::settled($film) ?? ($own?->finished_at === null ? null : $own);
    }

    /** @return Collection<int, Plan> */
    private static function plans(Film $film): Collection
    {
        return Plan::query()->whereHas('responseModel', static fn ($model) => $model->where('dog_id', $film->dog_id)
            ->where('kind', PlanKind::Presence))->orderBy('name')->limit(100)->get();
    }
}
