<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Access\InSight;
use App\Engine\BandsReader;
use App\Engine\Setting;
use App\Engine\SituationReader;
use App\Incident\CarryOverReader;
use App\Incident\RecordIncident;
use App\Models\FreeSession;
use App\Models\Plan;
use App\Models\PlanRest;
use App\Models\Session;
use App\Models\User;
use App\Support\Fields;
use Core\Decision\RuleBook;
use Core\Measure\CalendarDay;
use Core\Planning\Pace;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Psr\Clock\ClockInterface;

/** What is due: every plan with where it would start today and why, sessions still open, trials to place. */
final readonly class TodayController
{
    private const MAX_PLANS = 24;

    public function __construct(private SituationReader $situations, private ClockInterface $clock, private CarryOverReader $upsets,
        private BandsReader $bands,
    ) {
    }

    public function __invoke(#[CurrentUser] User $user): View
    {
        $dogs = InSight::dogsInTraining($user)->toBase()->select('dogs.id');
        $plans = Plan::query()->with(['responseModel.dog', 'responseModel.trigger', 'responseModel.person', 'place'])
            ->whereHas('responseModel', static fn ($models) => $models->whereIn('dog_id', $dogs))
            ->withMax('sessions as last_session_at', 'started_at')->withCount('sessions')
            // whose it is first, then what is due most by its own pace; what was never begun waits for nobody
            ->orderByRaw('EXISTS (SELECT 1 FROM response_models JOIN people ON people.id = response_models.person_id
                WHERE response_models.id = plans.response_model_id AND people.user_id = ?) DESC', [$user->id])
            ->orderByRaw('last_session_at IS NULL, TIMESTAMPDIFF(HOUR, last_session_at, ?) * plans.outings_a_week DESC', [
                $this->clock->now()->format('Y-m-d H:i:s'),
            ])->orderBy('plans.id')->paginate(self::MAX_PLANS);
        $now = $this->clock->now();
        $zone = new \DateTimeZone($user->practice->time_zone);
        $carried = [];
        $latest = $this->latestSessions($plans->getCollection()->modelKeys());
        $last = $this->bands->of(array_values($latest));

        return view('pages.today', [
            'pages' => $plans,
            'due' => $plans->getCollection()->map(function (Plan $plan) use ($now, $zone, $last, $latest, &$carried): array {
                $carried[$plan->responseModel->dog_id] ??= $this->upsets->on($plan->responseModel->dog_id, $now);
                $situation = $this->situations->read($plan, null, [], $now, new Setting(
                    $plan->place, $carried[$plan->responseModel->dog_id]->upset,
                ));

                $lastAt = Fields::of($plan->getAttributes())->textOrNull('last_session_at');
                $daysSince = $lastAt === null ? null : CalendarDay::between(
                    (new \DateTimeImmutable($lastAt, new \DateTimeZone('UTC')))->setTimezone($zone), $now->setTimezone($zone),
                );

                return [
                    'plan' => $plan,
                    'daysSince' => $daysSince,
                    'dueIn' => $daysSince === null ? null : (new Pace($plan->outings_a_week))->dueIn($daysSince),
                    'carried' => CarryOverReader::inWords($carried[$plan->responseModel->dog_id]),
                    'start' => RuleBook::standard()->decide($situation),
                    'catalog' => $situation->catalog,
                    'solid' => $situation->history->solidStep,
                    'steps' => $situation->ladder->top() + 1,
                    'last' => $last[$latest[$plan->id] ?? 0] ?? [],
                ];
            }),
            'resting' => $user->role->managesPlans() ? PlanRest::query()->whereNull('reviewed_at')->where('practice_id', $user->practice_id)
                ->whereHas('plan.responseModel', static fn ($models) => $models->whereIn('dog_id', $dogs))
                ->with(['plan.responseModel.dog', 'user'])->orderByDesc('rested_at')->limit(20)->get()->unique('plan_id') : [],
            'unfinished' => RecordIncident::unfinished(InSight::dogs($user)),
            'open' => Session::query()
                ->with(['plan.responseModel.dog', 'plan.responseModel.trigger'])->where('practice_id', $user->practice_id)
                ->whereNull('ended_at')->whereHas('plan.responseModel', static fn ($models) => $models->whereIn('dog_id', $dogs))
                ->orderByDesc('started_at')->limit(10)->get(),
            'openFree' => FreeSession::query()->with('dog')->whereNull('ended_at')->whereIn('dog_id', $dogs)
                ->orderByDesc('started_at')->limit(10)->get(),
            'unplaced' => InSight::unplaced($user)->count(),
            'now' => $now,
        ]);
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
