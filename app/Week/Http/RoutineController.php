<?php

declare(strict_types=1);

namespace App\Week\Http;

use App\Access\InSight;
use App\Models\Plan;
use App\Models\User;
use App\Support\Fields;
use App\Week\ChangeRoutine;
use Core\Scheduling\HoursWish;
use Core\Scheduling\Routine;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What a plan asks of a week. */
final readonly class RoutineController
{
    private const A_WEEK = [0.5, 21];

    private const NUMBERS = [
        'most_a_day' => Routine::MOST_A_DAY, 'days_apart' => Routine::DAYS_APART, 'easy_after_struggling' => Routine::EASY_DAYS,
        'easy_after_reaction' => Routine::EASY_DAYS, 'encounters' => Routine::ENCOUNTERS,
    ];

    public function edit(Plan $plan, #[CurrentUser] User $user): View
    {
        Gate::authorize('update', $plan);

        return view('pages.week.routine', [
            'plan' => $plan, 'usual' => Routine::usual($plan->responseModel->kind), 'numbers' => self::NUMBERS,
            'places' => InSight::places($user)->whereKeyNot($plan->place_id ?? 0)->orderBy('name')->limit(200)->get(),
        ]);
    }

    public function update(Request $request, Plan $plan, ChangeRoutine $routines, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $rules = $problems = [];
        foreach (self::NUMBERS as $field => $range) {
            $rules[$field] = ['nullable', 'integer', 'between:'.implode(',', $range)];
            $problems["{$field}.*"] = say("week.routine.problems.{$field}", ['from' => $range[0], 'to' => $range[1]]);
        }
        $given = Fields::of($request->validate([
            ...$rules, 'outings_a_week' => ['required', 'numeric', 'between:'.implode(',', self::A_WEEK)],
            'where' => ['required', Rule::in(['usual', 'home', 'places'])],
            'busy_or_quiet' => ['required', Rule::enum(HoursWish::class)], 'needs_helper' => ['required', 'boolean'],
            'places' => ['nullable', 'array', 'max:20'],
            'places.*' => ['integer', Rule::in(InSight::places($user)->limit(1000)->pluck('id')->all())],
        ], [
            ...$problems, 'outings_a_week.*' => say('messages.plan_rules.give_0_5_to_21_outings'), 'where.*' => say('week.problems.place'),
            'busy_or_quiet.*' => say('messages.plan_rules.choose_one_of_the_options_shown'),
            'needs_helper.*' => say('messages.plan_rules.choose_one_of_the_options_shown'), 'places.*' => say('week.problems.place'),
        ]));
        $columns = ['outings_a_week' => $given->number('outings_a_week'), 'busy_or_quiet' => $given->text('busy_or_quiet')];
        foreach (array_keys(self::NUMBERS) as $field) {
            $columns[$field] = $given->intOrNull($field);
        }
        $places = array_values(array_map(intval(...), array_filter($request->array('places'), is_numeric(...))));
        $routines->change($plan, [
            ...$columns, 'needs_helper' => $request->boolean('needs_helper'),
            'is_at_home' => ['usual' => null, 'home' => true, 'places' => false][$given->text('where')] ?? null,
        ], $places);

        return redirect()->route('routine', $plan)->with('status', say('account.saved'));
    }
}
