<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Access\DogFilter;
use App\Access\InSight;
use App\Engine\BandsReader;
use App\Engine\PlanStarts;
use App\Home\HomeBoard;
use App\Incident\CarryOverReader;
use App\Incident\RecordIncident;
use App\Models\Appointment;
use App\Models\FreeSession;
use App\Models\Person;
use App\Models\Plan;
use App\Models\PlanRest;
use App\Models\Role;
use App\Models\Session;
use App\Models\User;
use App\Practice\DuePlans;
use App\Support\Fields;
use App\Week\WeekPage;
use Core\Planning\Pace;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Collection;
use Psr\Clock\ClockInterface;

/** What needs somebody, and what is due: each plan with where it would start today and why; and what is due later. */
final readonly class TodayController
{
    private const A_PAGE = 24;

    private const MOST_LATER = 200;

    private const MOST_APPOINTMENTS = 20;

    public function __construct(private PlanStarts $starts, private ClockInterface $clock, private CarryOverReader $upsets,
        private BandsReader $bands, private WeekPage $week,
    ) {
    }

    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        $now = $this->clock->now();
        $dogs = InSight::dogsInTraining($user)->toBase()->select('dogs.id');
        $filter = DogFilter::of($user, $request->query('trainer'), $request->query('client'));
        $plans = DuePlans::of($user, $now, $filter);
        $page = max(1, Paginator::resolveCurrentPage());
        $shown = array_slice($plans->due, self::A_PAGE * ($page - 1), self::A_PAGE);

        return view('pages.today', [
            'pages' => (new LengthAwarePaginator($shown, count($plans->due), self::A_PAGE, $page, ['path' => '/']))->withQueryString(),
            'due' => $this->cards($shown, $plans, $now),
            'later' => self::inOrder(array_keys(array_slice($plans->later, 0, self::MOST_LATER, true))), 'laterIn' => $plans->later,
            'daysSince' => $plans->daysSince,
            'filter' => $filter,
            'resting' => $user->role->managesPlans() ? PlanRest::query()->whereNull('reviewed_at')->where('practice_id', $user->practice_id)
                ->whereHas('plan.responseModel', static fn ($models) => $models->whereIn('dog_id', $dogs))
                ->with(['plan.responseModel.dog', 'user'])->orderByDesc('rested_at')->limit(20)->get()->unique('plan_id') : [],
            'home' => $user->role === Role::Guardian ? HomeBoard::homes(InSight::dogsInTraining($user)) : [],
            'wrongAtHome' => $user->role->managesPlans() ? HomeBoard::unseen(InSight::dogsInTraining($user)) : [],
            'unread' => $user->role->managesPlans() ? HomeBoard::unread(InSight::dogsInTraining($user)) : [],
            'unfinished' => RecordIncident::unfinished(InSight::dogs($user)),
            'open' => Session::query()
                ->with(['plan.responseModel.dog', 'plan.responseModel.trigger'])->where('practice_id', $user->practice_id)
                ->whereNull('ended_at')->whereHas('plan.responseModel', static fn ($models) => $models->whereIn('dog_id', $dogs))
                ->orderByDesc('started_at')->limit(10)->get(),
            'openFree' => FreeSession::query()->with('dog')->whereNull('ended_at')->whereIn('dog_id', $dogs)
                ->orderByDesc('started_at')->limit(10)->get(),
            'appointments' => $this->appointments($user, $now),
            'unplaced' => InSight::unplaced($user)->count(),
            'now' => $now,
        ]);
    }

    /**
     * One's own: of today for whoever lays weeks, of the next days for whoever only comes along.
     *
     * @return Collection<int, Appointment>
     */
    private function appointments(User $user, \DateTimeImmutable $now): Collection
    {
        $today = $now->setTimezone($user->practice->zone())->setTime(0, 0);
        $own = Person::query()->where('user_id', $user->id)->pluck('id')->all();
        $isMine = static fn (Appointment $one): bool => in_array($one->person_id, $own, true) || in_array($one->helper_id, $own, true);
        $all = $this->week->appointments($user, $today, $today->modify($user->role->managesPlans() ? '+1 day' : '+7 days'));

        return $all->filter(static fn (Appointment $one): bool => $one->ends_at > $now && (! $user->role->managesPlans() || $isMine($one)))
            ->take(self::MOST_APPOINTMENTS)->values();
    }

    /**
     * What each would start with today, and why.
     *
     * @param  list<int>  $ids
     * @return list<array<string, mixed>>
     */
    private function cards(array $ids, DuePlans $plans, \DateTimeImmutable $now): array
    {
        $latest = $this->latestSessions($ids);
        $last = $this->bands->of(array_values($latest));
        $found = self::inOrder($ids);
        $upsets = $this->upsets->ofAll(
            array_values(array_unique(array_map(static fn (Plan $plan): int => $plan->responseModel->dog_id, $found))), $now,
        );
        $starts = $this->starts->of($found, $upsets, $now);
        $cards = [];
        foreach ($found as $plan) {
            $start = $starts[$plan->id];
            $daysSince = $plans->daysSince[$plan->id] ?? null;
            $cards[] = [
                'plan' => $plan,
                'daysSince' => $daysSince,
                'dueIn' => $daysSince === null ? null : (new Pace($plan->outings_a_week))->dueIn($daysSince),
                'carried' => CarryOverReader::inWords($upsets[$plan->responseModel->dog_id]),
                'start' => $start->advice,
                'catalog' => $start->catalog,
                'solid' => $start->solid,
                'steps' => $start->steps,
                'last' => $last[$latest[$plan->id] ?? 0] ?? [],
            ];
        }

        return $cards;
    }

    /**
     * @param  list<int>  $ids
     * @return list<Plan>
     */
    private static function inOrder(array $ids): array
    {
        $found = Plan::query()->with(['responseModel.dog', 'responseModel.trigger', 'responseModel.person', 'place'])->whereKey($ids)->get()
            ->keyBy('id');

        return array_values(array_filter(array_map(static fn (int $id): ?Plan => $found[$id] ?? null, $ids)));
    }

    /**
     * @param  array<mixed>  $plans
     * @return array<int, int> newest session by plan
     */
    private function latestSessions(array $plans): array
    {
        $latest = [];
        foreach (Session::query()->toBase()->whereIn('plan_id', $plans)->whereNotNull('ended_at')->groupBy('plan_id')
            ->selectRaw('plan_id, MAX(id) AS latest')->get() as $row) {
            $latest[Fields::of($row)->int('plan_id')] = Fields::of($row)->int('latest');
        }

        return $latest;
    }
}
