<?php

declare(strict_types=1);

namespace App\Future;

use App\Engine\SituationReader;
use App\Models\Plan;
use App\Models\PlanFuture;
use App\Models\User;
use Core\Decision\RuleSettings;
use Core\Exposure\PlanKind;
use Illuminate\Contracts\Bus\Dispatcher;
use Psr\Clock\ClockInterface;

/** Has the ways in which a plan may go on worked out; asked again while the same is being worked out, that one is told. */
final readonly class AskFuture
{
    /** Kept of a plan, the newest. */
    private const KEPT = 6;

    /** Sessions that a future needs to have been logged. */
    public const LEAST_SESSIONS = 3;

    public function __construct(private SituationReader $situations, private Dispatcher $jobs, private ClockInterface $clock)
    {
    }

    /** Whether there is anything to draw a future from. */
    public function canAsk(Plan $plan): bool
    {
        return $plan->responseModel->kind !== PlanKind::Duration
            && $plan->sessions()->whereNotNull('evidence')->count() >= self::LEAST_SESSIONS
            && $this->situations->basis($plan, $this->clock->now()) !== null;
    }

    /** Trials in a session: as many as the plan allows, and its place. */
    public static function trialsNow(Plan $plan): int
    {
        return max(RuleSettings::TRIALS[0], min($plan->most_trials, $plan->place->trials_an_outing ?? $plan->most_trials));
    }

    /** @param  array{trials?: int, outings?: float, run?: int, caution?: string}  $changes */
    public function ask(User $by, Plan $plan, array $changes): PlanFuture
    {
        $open = PlanFuture::query()->where('plan_id', $plan->id)->where('has_failed', false)->latest('id')->limit(self::KEPT)->get()
            ->first(static fn (PlanFuture $one): bool => ! $one->isDone() && $one->changes === $changes);
        if ($open !== null) {
            return $open;
        }
        $future = PlanFuture::query()->create([
            'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'user_id' => $by->id, 'seed' => random_int(1, 1_000_000_000),
            'changes' => $changes, 'ways' => [], 'asked_at' => $this->clock->now(),
        ]);
        $old = PlanFuture::query()->where('plan_id', $plan->id)->latest('id')->skip(self::KEPT)->take(100)->pluck('id');
        PlanFuture::query()->whereKey($old)->delete();
        $this->jobs->dispatch(new WorkOnFuture($future->id));

        return $future;
    }
}
