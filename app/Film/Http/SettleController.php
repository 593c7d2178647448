<?php

declare(strict_types=1);

namespace App\Film\Http;

use App\Film\KnownGrading;
use App\Film\SettleFilm;
use App\Models\Film;
use App\Models\User;
use App\Support\Fields;
use Core\Film\Agreement;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What two graders of a film told alike, and what they settle on. */
final readonly class SettleController
{
    private const SHOWN = 100;

    public function show(Film $film): View
    {
        Gate::authorize('settle', $film);
        [$first, $second] = SettleFilm::graded($film) ?? throw new \LogicException('It was asked.');
        $agreement = Agreement::of($first->record(), $second->record());

        return view('pages.films.agreement', [
            'film' => $film, 'first' => $first, 'second' => $second, 'agreement' => $agreement, 'settled' => SettleFilm::settled($film),
            'known' => [$first->user->name => KnownGrading::of($first->user), $second->user->name => KnownGrading::of($second->user)],
            'differences' => array_slice($agreement->differences, 0, self::SHOWN),
        ]);
    }

    public function settle(Request $request, Film $film, SettleFilm $films, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('settle', $film);
        $given = Fields::of($request->validate(
            ['followed' => ['nullable', 'array', 'max:'.self::SHOWN], 'followed.*' => ['nullable', 'string', 'max:60']],
            ['followed*' => say('film.problems.followed')],
        ));
        $films->settle($film, $user, array_values(array_filter($given->texts('followed'), static fn (string $key): bool => $key !== '')));

        return redirect()->route('films.agreement', $film)->with('status', say('film.settled'));
    }
}
