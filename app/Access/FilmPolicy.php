<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final readonly class FilmPolicy
{
    public const GRADERS = 2;

    public function __construct(private DogPolicy $dogs)
    {
    }

    public function view(User $user, Film $film): Response
    {
        return $film->practice_id === $user->practice_id ? $this->dogs->view($user, $film->dog) : Response::denyAsNotFound();
    }

    /** Whoever may train the dog; two on a film, each blind to the other. */
    public function grade(User $user, Film $film): Response
    {
        $graded = $film->graded();

        return Seen::and(
            $this->view($user, $film),
            $user->role->startsSessions() && ($graded->contains('user_id', $user->id) || $graded->count() < self::GRADERS),
            'film.problems.two_grade',
        );
    }

    /** What was seen: by whoever saw it at any time, by others once nobody can be told by it what to see. */
    public function open(User $user, Film $film, FilmRecord $record): Response
    {
        $isOpen = $record->user_id === $user->id || $film->finished()->contains('user_id', $user->id) || $this->isGraded($film);

        return Seen::and($this->view($user, $film), $isOpen && $record->film_id === $film->id, 'film.problems.blind');
    }

    public function settle(User $user, Film $film): Response
    {
        return Seen::and(
            $this->view($user, $film), $user->role->startsSessions() && $this->isGraded($film), 'film.problems.not_graded_twice',
        );
    }

    private function isGraded(Film $film): bool
    {
        return $film->finished()->count() === self::GRADERS;
    }
}
