<?php

declare(strict_types=1);

namespace App\Week;

use App\Access\InSight;
use App\Models\Appointment;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\Session;
use App\Models\User;
use App\Models\WeeklyHours;
use App\Models\WeekProposal;
use Core\Scheduling\DayGrid;
use Core\Scheduling\Rule;
use Illuminate\Support\Collection;
use Psr\Clock\ClockInterface;

/** What a week shows: days with their appointments side by side, whose time they take, and what could not be met. */
final readonly class WeekPage
{
    private const MOST = 600;

    private const MOST_LANES = 4;

    private const MOST_OTHERS = 60;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return array<string, mixed> */
    public function of(User $user, WeekDays $days, ?int $person = null): array
    {
        $all = $this->appointments($user, $days->monday, $days->end());
        $held = self::held($all, $days);
        $shown = $person === null ? $all : $all->filter(
            static fn (Appointment $one): bool => $one->person_id === $person || $one->helper_id === $person,
        );
        $proposal = WeekProposal::query()->with('user')->where('practice_id', $user->practice_id)
            ->where('monday', $days->monday->format('Y-m-d'))->first();
        $manages = $user->role->managesPlans();

        return [
            'days' => $days, 'today' => $days->indexOf($this->clock->now()), 'now' => $this->clock->now(),
            'columns' => array_map(fn (int $day): array => $this->lanes(
                $shown->filter(static fn (Appointment $one): bool => $days->indexOf($one->starts_at) === $day)->values(), $days, $held,
            ), range(0, DayGrid::DAYS - 1)),
            'people' => self::times($user->practice, $all, $days), 'person' => $person, 'proposal' => $manages ? $proposal : null,
            'unmet' => $manages && $proposal !== null ? self::unmet($proposal, $days) : [],
            'isCut' => $all->count() >= self::MOST, 'mayPlan' => $manages, ...$manages ? self::others($user) : [],
        ];
    }

    /** @return Collection<int, Appointment> */
    public function appointments(User $user, \DateTimeImmutable $from, \DateTimeImmutable $until): Collection
    {
        $utc = new \DateTimeZone('UTC');

        return InSight::appointments($user)->with(['plan.responseModel.dog', 'person', 'helper', 'place'])
            ->whereNull('cancelled_at')->where('starts_at', '>=', $from->setTimezone($utc))
            ->where('starts_at', '<', $until->setTimezone($utc))
            ->orderBy('starts_at')->orderBy('id')->limit(self::MOST)->get()->toBase();
    }

    /**
     * Side by side where they meet.
     *
     * @param  Collection<int, Appointment>  $appointments  of one day, in order
     * @param  array<string, true>  $held
     * @return list<array{appointment: Appointment, slot: int, slots: int, came: ?string, lane: int, lanes: int}>
     */
    private function lanes(Collection $appointments, WeekDays $days, array $held): array
    {
        $cards = $lanes = [];
        $group = [];
        $ends = [];
        foreach ($appointments as $n => $appointment) {
            $from = $days->minuteOf($appointment->starts_at) - DayGrid::FIRST_MINUTE;
            $slot = max(0, min(DayGrid::SLOTS - 1, intdiv($from, DayGrid::MINUTES)));
            $slots = max(1, min(DayGrid::SLOTS - $slot, DayGrid::slots($appointment->minutes())));
            if ($ends === [] || $slot >= max($ends)) {
                $ends = $group = [];
            }
            $lane = 0;
            while (isset($ends[$lane]) && $ends[$lane] > $slot && $lane < self::MOST_LANES - 1) {
                $lane++;
            }
            $ends[$lane] = $slot + $slots;
            $cards[$n] = [
                'appointment' => $appointment, 'slot' => $slot, 'slots' => $slots, 'lane' => $lane,
                'came' => $this->came($appointment, $days, $held),
            ];
            $group[] = $n;
            $lanes = array_fill_keys($group, count($ends)) + $lanes;
        }

        return array_values(array_map(
            static fn (array $card, int $n): array => [...$card, 'lanes' => $lanes[$n]], $cards, array_keys($cards),
        ));
    }

    /**
     * Whose time a week takes: at appointments, and on the road from one to the next.
     *
     * @param  Collection<int, Appointment>  $appointments  in their order
     * @return array<int, array{name: string, minutes: int, road: int, count: int}> by person
     */
    private static function times(Practice $practice, Collection $appointments, WeekDays $days): array
    {
        $times = $last = [];
        foreach ($appointments as $one) {
            foreach (array_filter([$one->person, $one->helper]) as $person) {
                $times[$person->id] ??= ['name' => $person->name, 'minutes' => 0, 'road' => 0, 'count' => 0];
                $times[$person->id]['minutes'] += $one->minutes();
                $times[$person->id]['count']++;
                $before = $last[$person->id] ?? null;
                if ($before !== null && $days->indexOf($before->starts_at) === $days->indexOf($one->starts_at)) {
                    $times[$person->id]['road'] += SitesOfWeek::between($practice, $before, $one);
                }
                $last[$person->id] = $one;
            }
        }
        uasort($times, static fn (array $a, array $b): int => $a['name'] <=> $b['name']);

        return $times;
    }

    /**
     * Held, missed, or null while that cannot be said.
     *
     * @param  array<string, true>  $held
     */
    private function came(Appointment $appointment, WeekDays $days, array $held): ?string
    {
        return match (true) {
            $appointment->plan_id === null => null,
            isset($held["{$appointment->plan_id} {$days->indexOf($appointment->starts_at)}"]) => 'held',
            default => $appointment->ends_at < $this->clock->now() ? 'missed' : null,
        };
    }

    /**
     * Plans that had a session, by day.
     *
     * @param  Collection<int, Appointment>  $appointments
     * @return array<string, true> by plan and day
     */
    private static function held(Collection $appointments, WeekDays $days): array
    {
        $held = [];
        foreach (Session::query()->whereIn('plan_id', $appointments->pluck('plan_id')->filter()->unique())
            ->where('started_at', '>=', $days->at(0, 0))->where('started_at', '<', $days->at(DayGrid::DAYS, 0))
            ->limit(self::MOST)->get(['plan_id', 'started_at']) as $session) {
            $held["{$session->plan_id} {$days->indexOf($session->started_at)}"] = true;
        }

        return $held;
    }

    /** @return array<string, mixed> what no proposal lays: done at home when it suits, or resting */
    private static function others(User $user): array
    {
        $plans = Plan::query()->with(['responseModel.dog', 'responseModel.person'])->where('practice_id', $user->practice_id)
            ->whereHas('responseModel.dog', static fn ($dogs) => $dogs->whereNull('archived_at'));
        $atWork = WeeklyHours::query()->toBase()->where('practice_id', $user->practice_id)->whereNotNull('person_id')->select('person_id');

        return [
            'isSetUp' => (clone $atWork)->exists(),
            'resting' => (clone $plans)->whereNotNull('resting_reason')->orderBy('name')->limit(self::MOST_OTHERS)->get(),
            'atHome' => $plans->whereNull('resting_reason')
                ->whereHas('responseModel', static fn ($models) => $models->whereNotIn('person_id', $atWork))
                ->orderBy('name')->limit(self::MOST_OTHERS)->get(),
        ];
    }

    /** @return list<array{plan: Plan, missing: int, rule: Rule, otherwise: ?\DateTimeImmutable}> */
    private static function unmet(WeekProposal $proposal, WeekDays $days): array
    {
        $plans = Plan::query()->with('responseModel.dog')->whereKey(array_column($proposal->unmet, 'plan'))->get()->keyBy('id');
        $unmet = [];
        foreach ($proposal->unmet as $one) {
            $rule = Rule::tryFrom($one['rule']);
            if ($rule !== null && isset($plans[$one['plan']])) {
                $unmet[] = [
                    'plan' => $plans[$one['plan']], 'missing' => $one['missing'], 'rule' => $rule,
                    'otherwise' => $one['day'] === null || $one['minute'] === null ? null : $days->at($one['day'], $one['minute']),
                ];
            }
        }

        return $unmet;
    }
}
