<?php

declare(strict_types=1);

use App\Models\Dog;
use App\Models\Person;
use App\Models\Plan;
use App\Models\User;
use App\Plan\CreatePlan;
use App\Plan\LadderPlan;
use App\Plan\PlanDraft;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Measure\Distance;
use Core\Response\RiskCaps;

/** A new dog of the demo's trainer, with the plan that benches work on. */
function bargePlan(User $user, string $name): Plan
{
    $dog = Dog::query()->create(['practice_id' => $user->practice_id, 'name' => $name]);

    return app(CreatePlan::class)->write($dog, $user, new PlanDraft(
        'Barges', PlanKind::Presence, null, 'Barges', Person::query()->where('user_id', $user->id)->firstOrFail()->id,
        'notice_and_turn_back', LadderPlan::EqualRatios, Criterion::run(5), RiskCaps::usual(),
        reaction: Distance::fromMeters(8.0), fineAt: Distance::fromMeters(32.0), start: 64.0, goal: 4.0,
        play: ['trigger_motion' => 'slow_walk'],
    ));
}
