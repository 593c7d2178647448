<?php

declare(strict_types=1);

namespace App\Week\Http;

use App\Access\InSight;
use App\Models\Appointment;
use App\Models\Person;
use App\Models\User;
use App\Support\Fields;
use App\Week\AppointmentWords;
use App\Week\ProposeWeek;
use App\Week\WeekDays;
use App\Week\WeekPage;
use Core\Scheduling\DayGrid;
use Core\Scheduling\OverlappingPins;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

/** The week, one day of it, the month; and a proposal for it. */
final readonly class WeekController
{
    public function __construct(private ClockInterface $clock, private WeekPage $page)
    {
    }

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        $person = $request->query('person');

        return view('pages.week.show', [
            ...$this->page->of($user, $this->days($request, $user), is_numeric($person) ? (int) $person : null),
            'choices' => $user->role->managesPlans() ? $this->choices($user) : [],
        ]);
    }

    public function day(Request $request, #[CurrentUser] User $user): View
    {
        $days = $this->days($request, $user);
        $asked = Fields::of($request->query())->textOrNull('of');
        $day = array_search($asked, array_map(static fn (\DateTimeImmutable $one): string => $one->format('Y-m-d'), $days->days()), true);
        $day = $day === false ? max(0, min(6, $days->indexOf($this->clock->now()))) : (int) $day;

        return view('pages.week.day', [...$this->page->of($user, $days), 'day' => $day]);
    }

    public function month(Request $request, #[CurrentUser] User $user): View
    {
        $zone = $user->practice->zone();
        $asked = \DateTimeImmutable::createFromFormat('!Y-m', Fields::of($request->query())->text('of'), $zone);
        $now = $this->clock->now()->setTimezone($zone);
        $first = ($asked !== false && abs($asked->getTimestamp() - $now->getTimestamp()) < 315_360_000 ? $asked : $now)
            ->modify('first day of this month')->setTime(0, 0);
        $from = WeekDays::around($first, $zone)->monday;
        $until = WeekDays::around($first->modify('last day of this month'), $zone)->end();
        $byDay = [];
        foreach ($this->page->appointments($user, $from, $until) as $one) {
            $byDay[words()->formats->iso($one->starts_at)][] = AppointmentWords::title($one, $user->role->managesPlans());
        }
        $weeks = [];
        for ($day = $from; $day < $until; $day = $day->modify('+1 day')) {
            $weeks[$day->format('o-W')][] = [
                'day' => $day, 'isOther' => $day->format('m') !== $first->format('m'), 'isToday' => $day->format('Ymd') === $now
                    ->format('Ymd'),
                'titles' => $byDay[$day->format('Y-m-d')] ?? [],
            ];
        }

        return view('pages.week.month', [
            // of a calendar day, whatever the zone
            'first' => new \DateTimeImmutable($first->format('Y-m-d'), new \DateTimeZone('UTC')), 'weeks' => array_values($weeks)]);
    }

    public function propose(Request $request, ProposeWeek $weeks, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', Appointment::class);
        $days = $this->days($request, $user);
        $back = redirect()->route('week', ['of' => $days->monday->format('Y-m-d')]);
        if ($days->indexOf($this->clock->now()) >= DayGrid::DAYS) {
            return $back->withErrors(['of' => say('week.problems.over')]);
        }
        try {
            $proposal = $weeks->propose($user, $days);
        } catch (OverlappingPins $pins) {
            return $back->withErrors(['of' => say('week.problems.pins', [
                'day' => words()->formats->weekday($days->day($pins->first->day)),
                'time' => words()->formats->time($days->at($pins->second->day, DayGrid::minute($pins->second->slot))),
            ])]);
        }

        return $back->with('status', say('week.proposed', ['unmet' => array_sum(array_column($proposal->unmet, 'missing'))]));
    }

    private function days(Request $request, User $user): WeekDays
    {
        return WeekDays::asked(Fields::of($request->input())->textOrNull('of'), $this->clock->now(), $user->practice->zone());
    }

    /** @return array<string, array<int, string>> for something that is added by hand */
    private function choices(User $user): array
    {
        return [
            'people' => InSight::people($user)->orderBy('name')->limit(200)->get()
                ->mapWithKeys(static fn (Person $person): array => [$person->id => $person->name])->all(),
        ];
    }
}
