<?php

declare(strict_types=1);

namespace App\Home\Http;

use App\Home\HomeClass;
use App\Home\HomeTasks;
use App\Models\Homework;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

/** A class that practices the same at home. */
final readonly class HomeClassController
{
    public function __construct(private HomeClass $class)
    {
    }

    public function show(Homework $homework, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $homework->dog);

        return view('pages.homework.class', [
            'task' => $homework, 'rows' => $this->class->board($this->class->of($homework, $user), $user->practice->zone()),
        ]);
    }

    /** One page each. */
    public function sheets(Homework $homework, ClockInterface $clock, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $homework->dog);
        $now = $clock->now()->setTimezone($user->practice->zone());
        $sheets = $this->class->of($homework, $user)->map(static fn (Homework $one): array => [
            'dog' => $one->dog, 'tasks' => HomeTasks::of($one->dog, $now)->open(),
        ]);

        return view('pages.homework.sheets', ['task' => $homework, 'sheets' => $sheets, 'days' => range(0, 6)]);
    }
}
