<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Advice\LimitReader;
use App\Http\Requests\StoreDogRequest;
use App\Models\Dog;
use App\Models\DogsInSight;
use App\Models\Plan;
use App\Models\Session;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final readonly class DogController
{
    public function __construct(private LimitReader $limits)
    {
    }

    public function index(#[CurrentUser] User $user): View
    {
        return view('pages.dogs.index', ['dogs' => DogsInSight::of($user)->withCount('plans')->orderBy('name')->paginate(30)]);
    }

    public function create(): View
    {
        Gate::authorize('create', Dog::class);

        return view('pages.dogs.create');
    }

    public function store(StoreDogRequest $request): RedirectResponse
    {
        $dog = $request->store();

        return redirect()->route('dogs.show', $dog)->with('said', "{$dog->name} is in. Next: a plan.");
    }

    public function show(Dog $dog, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $dog);
        $plans = $dog->plans()->with(['responseModel.trigger.traits', 'responseModel.person', 'place', 'steps'])->orderBy('plans.name')->limit(50)->get();

        return view('pages.dogs.show', [
            'dog' => $dog,
            'plans' => $plans->map(fn (Plan $plan): array => ['plan' => $plan, ...$this->limits->now($plan, $user->distance_unit)]),
            'events' => $dog->events()->orderByDesc('occurred_at')->limit(20)->get(),
            'sessions' => Session::query()->with('plan.responseModel.trigger')->withCount('trials')
                ->whereHas('plan.responseModel', static fn ($models) => $models->where('dog_id', $dog->id))
                ->orderByDesc('started_at')->limit(20)->get(),
        ]);
    }
}
