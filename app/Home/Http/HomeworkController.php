<?php

declare(strict_types=1);

namespace App\Home\Http;

use App\Access\InSight;
use App\Engine\PlanReader;
use App\Engine\SituationReader;
use App\Home\AnswerHome;
use App\Home\GiveHomework;
use App\Home\HomeBoard;
use App\Home\HomeLinks;
use App\Home\HomeTasks;
use App\Models\Dog;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Plan;
use App\Models\User;
use App\Support\Fields;
use Core\Homework\HomeworkKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

/** Homework as whoever trains gives it, looks at it and ends it. */
final readonly class HomeworkController
{
    public function __construct(private GiveHomework $homework, private AnswerHome $answers, private ClockInterface $clock)
    {
    }

    public function index(Dog $dog, HomeBoard $board, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $dog);

        return view('pages.homework.board', [
            'dog' => $dog, ...$board->of($dog), 'plans' => $dog->plans()->orderBy('plans.name')->limit(50)->get(),
            'people' => InSight::people($user)->orderBy('name')->limit(200)->pluck('name', 'id'),
            'languages' => HomeLinks::LANGUAGES, 'days' => HomeLinks::DAYS,
        ]);
    }

    public function create(Request $request, Dog $dog, PlanReader $plans, SituationReader $situations, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $dog);
        $plan = $dog->plans()->whereKey($request->integer('plan'))->with('responseModel')->first();

        return view('pages.homework.create', [
            'dog' => $dog, 'plan' => $plan,
            ...$plan === null ? ['steps' => [], 'solid' => -1, 'kind' => null] : $this->steps($plan, $plans, $situations),
            'before' => HomeTasks::of($dog, $this->clock->now()->setTimezone($dog->practice->zone()))->all
                ->mapWithKeys(static fn (Homework $one): array => [$one->id => $one->name])->all(),
            'others' => InSight::dogsInTraining($user)->whereKeyNot($dog->id)->orderBy('name')->limit(100)->pluck('name', 'id'),
        ]);
    }

    public function store(HomeworkRequest $request, Dog $dog, PlanReader $plans, #[CurrentUser] User $user): RedirectResponse
    {
        [$kind, $columns] = $request->task($plans, $this->clock);
        $others = $request->others($user);
        $this->homework->give($user, $dog, $request->plan(), $kind, $columns, $others);

        return redirect()->route('homework.index', $dog)->with('status', say('homework.given', [
            'name' => Fields::of($columns)->text('name'), 'others' => count($others),
        ]));
    }

    public function end(Homework $homework): RedirectResponse
    {
        Gate::authorize('plan', $homework->dog);
        $this->homework->end($homework);

        return redirect()->route('homework.index', $homework->dog)->with('status', say('homework.ended', ['name' => $homework->name]));
    }

    public function open(Homework $homework): RedirectResponse
    {
        Gate::authorize('plan', $homework->dog);
        $this->homework->open($homework);

        return redirect()->route('homework.index', $homework->dog)->with('status', say('homework.opened', ['name' => $homework->name]));
    }

    public function seen(Dog $dog): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $this->answers->seen($dog);

        return redirect()->route('homework.index', $dog);
    }

    public function takeOut(HomeRep $rep, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $rep->homework->dog);
        $this->answers->takeOut($user, $rep);

        return redirect()->route('homework.index', $rep->homework->dog)->with('status', say('dogs.health.taken_out'));
    }

    /** @return array{steps: array<int, string>, solid: int, kind: HomeworkKind} */
    private function steps(Plan $plan, PlanReader $plans, SituationReader $situations): array
    {
        $inCore = $plans->read($plan);
        $solid = $situations->ofPlan($plan, $this->clock->now())->history->solidStep;
        $steps = [];
        foreach ($inCore->ladder->steps as $i => $step) {
            $steps[$i] = say('homework.step', [
                'number' => $i + 1, 'step' => words()->step($step, $inCore->catalog), 'isSolid' => $i <= $solid,
            ]);
        }

        return ['steps' => $steps, 'solid' => $solid, 'kind' => HomeworkKind::of($plan->responseModel->kind, $plan->method)];
    }
}
