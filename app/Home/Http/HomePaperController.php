<?php

declare(strict_types=1);

namespace App\Home\Http;

use App\Home\AnswerHome;
use App\Home\HomeTasks;
use App\Models\Dog;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** A week of homework on paper: printed with boxes to tick, and typed back. */
final readonly class HomePaperController
{
    private const DAYS = 7;

    private const MOST_A_DAY = 20;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function show(Dog $dog): View
    {
        Gate::authorize('plan', $dog);

        return view('pages.homework.sheet', [
            'dog' => $dog, 'days' => range(0, self::DAYS - 1), 'tasks' => $this->tasks($dog)->open(),
        ]);
    }

    public function create(Dog $dog): View
    {
        Gate::authorize('plan', $dog);
        $now = $this->now($dog);

        return view('pages.homework.paper', [
            'dog' => $dog, 'tasks' => $this->tasks($dog)->all, 'sheet' => (string) Str::uuid7(), 'most' => self::MOST_A_DAY,
            'days' => array_map(
                static fn (int $back): \DateTimeImmutable => $now->modify("-{$back} days"), range(self::DAYS - 1, 0),
            ),
        ]);
    }

    public function store(Request $request, Dog $dog, AnswerHome $answers, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $given = Fields::of($request->validate([
            'sheet' => ['required', 'string', 'uuid'], 'cells' => ['required', 'array', 'max:100'], 'cells.*' => ['array', 'max:40'],
            'cells.*.*.good' => ['nullable', 'integer', 'between:0,'.self::MOST_A_DAY],
            'cells.*.*.not' => ['nullable', 'integer', 'between:0,'.self::MOST_A_DAY],
        ], ['*' => say('homework.problems.paper', ['most' => self::MOST_A_DAY])]));
        $now = $this->now($dog);
        $cells = [];
        foreach ($this->tasks($dog)->all as $task) {
            for ($back = 0; $back < self::DAYS; $back++) {
                $day = $now->modify("-{$back} days")->format('Y-m-d');
                $cell = $given->below('cells')->below((string) $task->id)->below($day);
                $cells[] = ['homework' => $task, 'day' => $day, 'good' => $cell->int('good'), 'not' => $cell->int('not')];
            }
        }
        $typed = $answers->typePaper($user, $given->text('sheet'), $cells, $dog->practice->zone());

        return redirect()->route('homework.index', $dog)->with('status', say('homework.paper.typed', ['count' => $typed]));
    }

    private function now(Dog $dog): \DateTimeImmutable
    {
        return $this->clock->now()->setTimezone($dog->practice->zone());
    }

    private function tasks(Dog $dog): HomeTasks
    {
        return HomeTasks::of($dog, $this->now($dog));
    }
}
