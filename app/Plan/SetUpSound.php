<?php

declare(strict_types=1);

namespace App\Plan;

use App\Engine\PlanReader;
use App\Models\Plan;
use App\Models\SoundSetUp;
use App\Models\User;

/** Keeps what is played in a plan and how loud it was found to be. */
final readonly class SetUpSound
{
    public function __construct(private PlanReader $plans)
    {
    }

    public function setUp(Plan $plan, User $user, SoundDraft $draft): void
    {
        SoundSetUp::query()->updateOrCreate(['response_model_id' => $plan->response_model_id], [
            'practice_id' => $plan->practice_id, 'user_id' => $user->id, ...$draft->columns(SoundSetUp::of($plan->responseModel)),
        ]);
        $this->plans->forget();
    }
}
