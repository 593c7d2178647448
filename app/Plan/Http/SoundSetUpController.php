<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Engine\PlanReader;
use App\Models\Plan;
use App\Models\SoundSetUp;
use App\Models\User;
use App\Plan\SetUpSound;
use App\Session\Meter;
use Core\Exposure\PlanKind;
use Core\Sound\Recording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** What a sound plan plays, how loud it was found to be, and how each step is played. */
final readonly class SoundSetUpController
{
    public function edit(Plan $plan, PlanReader $plans, Meter $meter, #[CurrentUser] User $user): View
    {
        Gate::authorize('update', $plan);
        abort_unless($plan->responseModel->kind === PlanKind::Sound, 404);
        $setUp = SoundSetUp::of($plan->responseModel) ?? new SoundSetUp;
        $open = $plan->sessions()->whereNull('ended_at')->whereNotNull('meter_token')->reorder()->latest('id')->first();

        return view('pages.plans.sound', [
            'plan' => $plan, 'setUp' => $setUp, 'player' => $setUp->player(), 'inCore' => $plans->read($plan),
            'unit' => $user->units()->distance,
            'recordings' => collect(Recording::cases())
                ->mapWithKeys(static fn (Recording $recording): array => [$recording->value => words()->label($recording)]),
            'reading' => $open === null ? null : $meter->now($open->id),
        ]);
    }

    public function update(SoundSetUpRequest $request, Plan $plan, SetUpSound $sounds, #[CurrentUser] User $user): RedirectResponse
    {
        $sounds->setUp($plan, $user, $request->draft());

        return redirect()->route('sounds.edit', $plan)->with('status', say('messages.sound_set_up.the_sound_is_set_up_it'));
    }
}
