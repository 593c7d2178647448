<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Models\Plan;
use App\Models\SoundSetUp;
use App\Models\User;
use App\Plan\LadderEdit;
use App\Plan\LadderEditor;
use App\Plan\LadderPage;
use App\Plan\LadderProblems;
use App\Plan\RevisePlan;
use Core\Exception\InvalidLadder;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;

/** The plan builder. An edit is answered with the ladder as it would be; only keeping it stores anything. */
final readonly class LadderController
{
    public function __construct(
        private LadderPage $page, private LadderEditor $editor, private PlanReader $plans, private CoreCatalogs $catalogs,
    ) {
    }

    public function edit(Request $request, Plan $plan, #[CurrentUser] User $user): View
    {
        Gate::authorize('update', $plan);
        $ladder = $this->plans->read($plan)->ladder;
        $version = $request->has('version') ? $plan->versions()->where('number', $request->integer('version'))->first() : null;
        if ($version !== null) {
            $ladder = LadderData::read($version->steps, $this->plans->read($plan)->catalog);
        }
        $model = $this->page->model($plan, $ladder);
        $edit = $request->boolean('replan') ? $this->editor->apply($ladder, 'replan', [], $model) : new LadderEdit(
            $ladder, null, $version === null ? '' : say('messages.ladder.version_as_it_was_keep_it', ['number' => $version->number]),
        );

        return $this->show($plan, $edit, null, $user, $request);
    }

    /** One edit of the ladder that came with the form: nothing is stored. */
    public function preview(LadderRequest $request, Plan $plan, #[CurrentUser] User $user): View
    {
        $ladder = $request->ladder();
        try {
            if ($request->edit() === 'undo') {
                return $this->show(
                    $plan, new LadderEdit($request->before() ?? $ladder, null, say('messages.ladder.the_last_change_is_taken_back')), null,
                    $user, $request,
                );
            }
            $edit = $this->editor->apply(
                $ladder, $request->edit(), $request->step(), $this->page->model($plan, $ladder), $plan->place?->room_meters,
            );
            $isSame = LadderData::write($edit->ladder) === LadderData::write($ladder);

            return $this->show($plan, $edit, $isSame ? $request->before() : $ladder, $user, $request);
        } catch (InvalidLadder $problem) {
            $open = str_starts_with($problem->pointer, '/step') ? $request->at() : null;
            view()->share('errors', (new ViewErrorBag)->put('default', new MessageBag([ltrim(
                str_replace('/', '.', $problem->pointer), '.',
            ) ?: 'ladder' => words()->error($problem, $this->plans->read($plan)->catalog)])));

            return $this->show(
                $plan, new LadderEdit($ladder, $open, ''), $request->before(), $user, $request, $open === null ? [] : $request->step(),
            );
        }
    }

    public function update(LadderRequest $request, Plan $plan, RevisePlan $plans, #[CurrentUser] User $user): RedirectResponse
    {
        $ladder = $request->ladder();
        $review = $this->page->review($plan, $ladder, $this->page->model($plan, $ladder));
        if (! $review->hasPath()) {
            $gap = $review->firstGap();
            throw ValidationException::withMessages(['ladder' => $gap === null
                ? say('messages.ladder.the_goal_the_last_step_is')
                : say('messages.ladder.unreachable', ['step' => $gap + 1])]);
        }

        $problems = LadderProblems::of(
            array_map(static fn (Step $step): array => $step->exposure->values, $ladder->steps), $plan->responseModel->dog_id,
            $plan->session_minutes, SoundSetUp::of($plan->responseModel),
        );
        if ($problems !== []) {
            throw ValidationException::withMessages(['ladder' => array_values($problems)]);
        }

        return $plans->revise($plan, $user, $ladder)
            ? redirect()->route('plans.show', $plan)->with('status', say(
                'messages.ladder.version_of_the_ladder_is_in', ['version' => $plan->version],
            ))
            : redirect()->route('plans.show', $plan)->with('status', say('messages.ladder.the_ladder_is_as_it_was'));
    }

    /** @param  array<mixed>  $typed  of the open step, where it was refused */
    private function show(Plan $plan, LadderEdit $edit, ?Ladder $before, User $user, Request $request, array $typed = []): View
    {
        $model = $this->page->model($plan, $edit->ladder);

        return view($request->header('HX-Request') === 'true' ? 'partials.ladder-builder' : 'pages.plans.ladder', [
            ...$this->page->of($plan, $edit->ladder, $model, $user->units()->distance),
            'plan' => $plan, 'edit' => $edit, 'before' => $before, 'unit' => $user->units()->distance, 'typed' => $typed,
            'versions' => $plan->versions()->with('user')->limit(50)->get(), 'choices' => $this->catalogs->methods()->choices,
        ]);
    }
}
