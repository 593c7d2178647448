<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Advice\CoreCatalogs;
use App\Advice\LimitReader;
use App\Advice\SituationReader;
use App\Http\Requests\StorePlanRequest;
use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\User;
use App\Plans\PlanWriter;
use Core\Decision\RuleBook;
use Core\Ladder\Step;
use Core\Response\Day;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;

final readonly class PlanController
{
    public function __construct(private SituationReader $situations, private CoreCatalogs $catalogs, private ClockInterface $clock)
    {
    }

    public function create(Dog $dog, #[CurrentUser] User $user): View
    {
        Gate::authorize('plan', $dog);

        return view('pages.plans.create', [
            'dog' => $dog,
            'triggers' => $dog->triggers()->orderBy('name')->limit(100)->get(),
            'people' => Person::query()->where('practice_id', $dog->practice_id)->orderBy('name')->limit(200)->get(),
            'places' => Place::query()->where('practice_id', $dog->practice_id)->orderBy('name')->limit(200)->get(),
            'motions' => $this->catalogs->dimensions->dimension('trigger_motion')->values,
            'unit' => $user->distance_unit,
        ]);
    }

    public function store(StorePlanRequest $request, Dog $dog, PlanWriter $writer, #[CurrentUser] User $user): RedirectResponse
    {
        $plan = $writer->write($dog, $user, $request->toDraft());

        return redirect()->route('plans.show', $plan)->with('said', 'The plan is made. Look at the ladder, then start a session.');
    }

    public function show(Plan $plan, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $plan);
        $situation = $this->situations->read($plan, null, [], $this->clock->now(), $user->distance_unit);
        $model = $situation->model;

        return view('pages.plans.show', [
            'plan' => $plan,
            'situation' => $situation,
            'start' => RuleBook::standard()->decide($situation),
            'steps' => array_map(static fn (Step $step): array => [
                'words' => $situation->words($step->exposure),
                'criterion' => $step->criterion,
                'load' => $model?->load($step->exposure),
                'risk' => $model?->risk($step->exposure, Day::Today),
                'allowed' => $situation->allows($step->exposure),
            ], $situation->ladder->steps),
            'limit' => LimitReader::of($situation),
            'sessions' => $plan->sessions()->reorder()->orderByDesc('started_at')->withCount('trials')->limit(20)->get(),
        ]);
    }

    /** The plan goes out of sight; its sessions and trials stay, and late trials still join them. */
    public function destroy(Plan $plan): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $plan->delete();

        return redirect()->route('dogs.show', $plan->responseModel->dog_id)->with('said', "The plan \"{$plan->name}\" is put away. Its sessions are kept.");
    }
}
