<?php

declare(strict_types=1);

namespace App\Film\Http;

use App\Access\FilmPolicy;
use App\Film\AddFilm;
use App\Film\KeepRecord;
use App\Film\LineUp;
use App\Film\SettleFilm;
use App\Models\Dog;
use App\Models\Film;
use App\Models\Session;
use App\Models\User;
use App\Support\Fields;
use Core\Film\Record;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** The films of a dog, and the screen on which one is looked at. */
final readonly class FilmController
{
    private const SHOWN = 100;

    /** Sessions a film can be lined up with. */
    private const SESSIONS = 20;

    public function index(Dog $dog): View
    {
        Gate::authorize('view', $dog);

        return view('pages.films.index', [
            'dog' => $dog, 'most' => self::SHOWN,
            'films' => Film::query()->where('dog_id', $dog->id)->with('records.user')->latest('id')->limit(self::SHOWN)->get(),
        ]);
    }

    public function store(Request $request, Dog $dog, AddFilm $films, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('train', $dog);
        $given = Fields::of($request->validate([
            'name' => ['required', 'string', 'max:120'],
            'length' => ['required', 'integer', 'between:1,'.Record::LONGEST],
            'frame' => ['required', 'integer', 'between:1000,1000000'],
            'fingerprint' => ['required', 'string', 'regex:/^[0-9a-fA-F]{64}$/'],
        ], [
            'name.*' => say('film.problems.name'), 'length.*' => say('film.problems.no_film'), 'frame.*' => say('film.problems.no_film'),
            'fingerprint.*' => say('film.problems.no_film'),
        ]));

        return redirect()->route('films.show', $films->add(
            $user, $dog, trim($given->text('name')), $given->int('length'), $given->int('frame'), $given->text('fingerprint'),
        ));
    }

    public function show(Request $request, Film $film, KeepRecord $records, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $film);
        $film->load('records.user');
        $others = $film->graded()->where('user_id', '!==', $user->id);

        $own = KeepRecord::of($film, $user);
        $isDue = $records->isDueAgain($own);
        // once more, and without a look at what one said then
        $record = $isDue && $request->boolean('again') ? null : $own;

        return view('pages.films.show', [
            'film' => $film, 'record' => $record, 'others' => $others, 'isDue' => $isDue && $record !== null,
            'mayGrade' => Gate::allows('grade', $film),
            'isFull' => $others->count() >= FilmPolicy::GRADERS,
            'isGraded' => SettleFilm::graded($film) !== null, 'trials' => LineUp::trials($film),
            'sessions' => Session::query()->whereHas('plan.responseModel', static fn ($model) => $model->where('dog_id', $film->dog_id))
                ->with('plan')->latest('started_at')->limit(self::SESSIONS)->get(),
        ]);
    }

    public function lineUp(Request $request, Film $film, LineUp $lines): RedirectResponse
    {
        Gate::authorize('grade', $film);
        $given = Fields::of($request->validate([
            'session' => ['required', 'integer'], 'trial' => ['required', 'integer', 'between:1,500'],
            'at' => ['required', 'integer', "between:0,{$film->length_ms}"],
        ], [
            'session.*' => say('film.problems.session'), 'trial.*' => say('film.problems.trial'), 'at.*' => say('film.problems.at'),
        ]));
        $session = Session::query()->where('practice_id', $film->practice_id)->with('plan.responseModel')->find($given->int('session'));
        if ($session === null || $session->plan->responseModel->dog_id !== $film->dog_id) {
            throw ValidationException::withMessages(['session' => say('film.problems.session')]);
        }
        $trial = LineUp::of($session)[$given->int('trial') - 1]
            ?? throw ValidationException::withMessages(['trial' => say('film.problems.trial')]);
        $lines->with($film, $session, $trial, $given->int('at'));

        return redirect()->route('films.show', $film)->with('status', say('film.lined_up'));
    }
}
