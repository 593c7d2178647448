<?php

declare(strict_types=1);

namespace App\Week\Http;

use App\Models\ClosedDays;
use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\User;
use App\Models\WeeklyHours;
use App\Support\Fields;
use App\Support\MinuteOfDay;
use App\Week\Hours;
use App\Week\HoursText;
use App\Week\KeepHours;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** When a person works, a place is open and busy, a dog is to be had; and when the practice is closed. */
final readonly class HoursController
{
    private const MOST_TRAVEL = 180;

    public function __construct(private KeepHours $hours)
    {
    }

    public function person(Person $person): View
    {
        Gate::authorize('view', $person);

        return $this->form($person, route('person-hours', $person), route('people.show', $person), [WeeklyHours::FREE]);
    }

    public function keepPerson(Request $request, Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $person);
        $this->hours->keep($user, $person, self::typed($request, [WeeklyHours::FREE]), ['helps' => $request->boolean('helps')]);

        return redirect()->route('person-hours', $person)->with('status', say('account.saved'));
    }

    public function place(Place $place): View
    {
        Gate::authorize('update', $place);

        return $this->form(
            $place, route('place-hours', $place), route('places.show', $place), [WeeklyHours::FREE, WeeklyHours::BUSY],
        );
    }

    public function keepPlace(Request $request, Place $place, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $place);
        $given = Fields::of($request->validate(
            ['travel_minutes' => ['nullable', 'integer', 'between:0,'.self::MOST_TRAVEL]], self::problems(),
        ));
        $this->hours->keep(
            $user, $place, self::typed($request, [WeeklyHours::FREE, WeeklyHours::BUSY]),
            ['travel_minutes' => $given->intOrNull('travel_minutes')],
        );

        return redirect()->route('place-hours', $place)->with('status', say('account.saved'));
    }

    public function dog(Dog $dog): View
    {
        Gate::authorize('plan', $dog);

        return $this->form($dog, route('dog-hours', $dog), route('dogs.show', $dog), [WeeklyHours::FREE]);
    }

    public function keepDog(Request $request, Dog $dog, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $this->hours->keep($user, $dog, self::typed($request, [WeeklyHours::FREE]));

        return redirect()->route('dog-hours', $dog)->with('status', say('account.saved'));
    }

    public function practice(#[CurrentUser] User $user): View
    {
        Gate::authorize('update', $user->practice);

        return view('pages.week.practice', [
            'practice' => $user->practice,
            'closed' => ClosedDays::query()->where('practice_id', $user->practice_id)->orderByDesc('from_on')->limit(50)->get(),
        ]);
    }

    public function keepPractice(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $user->practice);
        $given = Fields::of($request->validate([
            'travel_minutes' => ['required', 'integer', 'between:0,'.self::MOST_TRAVEL],
            'hot_from_month' => ['required', 'integer', 'between:1,12'], 'hot_until_month' => ['required', 'integer', 'between:1,12'],
            'hot_from' => ['required', 'date_format:H:i'], 'hot_until' => ['required', 'date_format:H:i', 'after:hot_from'],
        ], self::problems()));
        $this->hours->change($user, $user->practice, [
            'travel_minutes' => $given->int('travel_minutes'), 'hot_from_month' => $given->int('hot_from_month'),
            'hot_until_month' => $given->int('hot_until_month'), 'hot_from' => MinuteOfDay::of($given->text('hot_from')),
            'hot_until' => MinuteOfDay::of($given->text('hot_until')),
        ]);

        return redirect()->route('practice-hours')->with('status', say('account.saved'));
    }

    public function close(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $user->practice);
        $given = Fields::of($request->validate([
            'from_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01'],
            'until_on' => ['required', 'date_format:Y-m-d', 'after_or_equal:from_on', 'before:2100-01-01'],
            'name' => ['required', 'string', 'max:80'],
        ], self::problems()));
        $this->hours->close($user, $given->text('from_on'), $given->text('until_on'), $given->text('name'));

        return redirect()->route('practice-hours')->with('status', say('account.saved'));
    }

    public function open(ClosedDays $closed, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $user->practice);
        $this->hours->open($closed);

        return redirect()->route('practice-hours')->with('status', say('account.saved'));
    }

    /** @param  list<string>  $kinds */
    private function form(Person|Place|Dog $owner, string $action, string $back, array $kinds): View
    {
        $hours = Hours::ofPractice($owner->practice_id);
        $typed = [];
        foreach ($kinds as $kind) {
            foreach (range(0, 6) as $weekday) {
                $typed[$kind][$weekday] = HoursText::of($hours->times(KeepHours::column($owner), $owner->id, $kind, $weekday));
            }
        }

        return view('pages.week.hours', [
            'owner' => $owner, 'of' => match (true) {
                $owner instanceof Person => 'person', $owner instanceof Place => 'place', default => 'dog'
            }, 'action' => $action, 'back' => $back, 'hours' => $typed,
        ]);
    }

    /**
     * @param  list<string>  $kinds
     * @return array<string, array<int, list<array{int, int}>>>
     */
    private static function typed(Request $request, array $kinds): array
    {
        $hours = $problems = [];
        foreach ($kinds as $kind) {
            $days = $request->input($kind);
            foreach (range(0, 6) as $weekday) {
                $text = is_array($days) ? $days[$weekday] ?? '' : '';
                $times = HoursText::parse(is_scalar($text) ? (string) $text : '');
                $times === null ? $problems["{$kind}.{$weekday}"] = say('week.problems.hours') : $hours[$kind][$weekday] = $times;
            }
        }
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }

        return $hours;
    }

    /** @return array<string, string> */
    private static function problems(): array
    {
        return [
            'travel_minutes.*' => say('week.problems.travel', ['most' => self::MOST_TRAVEL]),
            'hot_from_month.*' => say('week.problems.hot'),
            'hot_until_month.*' => say('week.problems.hot'), 'hot_from.*' => say('week.problems.hot'),
            'hot_until.*' => say('week.problems.hot'), 'from_on.*' => say('week.problems.closed'),
            'until_on.*' => say('week.problems.closed'), 'name.*' => say('week.problems.closed_name'),
        ];
    }
}
