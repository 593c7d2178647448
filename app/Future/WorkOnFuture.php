<?php

declare(strict_types=1);

namespace App\Future;

use App\Engine\SituationReader;
use App\Models\PlanFuture;
use Core\Decision\SituationAssembly;
use Core\Simulation\Chance;
use Core\Simulation\Future;
use Core\Simulation\PosteriorDog;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Contracts\Queue\ShouldQueue;
use Psr\Clock\ClockInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Works out some ways, and leaves the rest to another job: whatever else waits is done in between. */
final class WorkOnFuture implements ShouldQueue
{
    use Queueable;

    private const A_JOB = 5;

    public int $tries = 1;

    public int $timeout = 230;

    public function __construct(private readonly int $futureId)
    {
    }

    public function handle(SituationReader $situations, SituationAssembly $assembly, ClockInterface $clock, Dispatcher $jobs): void
    {
        $future = PlanFuture::query()->with('plan')->find($this->futureId);
        $now = $clock->now();
        $basis = $future === null || $future->isDone() ? null : $situations->basis($future->plan, $now);
        if ($future === null || $basis === null) {
            return;
        }
        $change = $future->change(AskFuture::trialsNow($future->plan));
        $plan = $change->of($basis->plan);
        $daysApart = 7.0 / ($change->outings ?? $future->plan->outings_a_week);
        for ($i = 0; $i < self::A_JOB && ! $future->isDone(); $i++) {
            $chance = new Chance(new Randomizer(new Mt19937($future->seed + count($future->ways))));
            $way = Future::of(
                PosteriorDog::drawn($basis->model, $chance), $assembly, $plan, $basis->evidence, $basis->summaries, $basis->lastAt,
                \DateTimeImmutable::createFromInterface($now)->modify('+1 day'), $basis->spread, $daysApart, PlanFuture::HORIZON,
            )->outlook();
            $future->ways = [...$future->ways, ['solid' => $way->solid, 'arrived' => $way->arrived, 'reactions' => $way->reactions]];
        }
        $future->save();
        if (! $future->isDone()) {
            $jobs->dispatch(new self($this->futureId));
        }
    }

    public function failed(): void
    {
        PlanFuture::query()->whereKey($this->futureId)->update(['has_failed' => true]);
    }
}
