<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Response\RiskCaps;
use Core\Simulation\Outlook;
use Core\Simulation\PlanChange;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How a plan may go on, as it is or with something changed.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $plan_id
 * @property int $user_id who asked
 * @property int $seed
 * @property array{trials?: int, outings?: float, run?: int, caution?: string} $changes
 * @property list<array{solid: list<int>, arrived: ?int, reactions: int}> $ways
 * @property bool $has_failed
 * @property CarbonImmutable $asked_at
 * @property-read Plan $plan
 */
final class PlanFuture extends Entity
{
    use OfPractice;

    /** Ways that are worked out, and sessions that are looked ahead. */
    public const WAYS = 100;

    public const HORIZON = 40;

    public $timestamps = false;

    protected $fillable = ['practice_id', 'plan_id', 'user_id', 'seed', 'changes', 'ways', 'has_failed', 'asked_at'];

    protected $attributes = ['has_failed' => false];

    protected $casts = ['changes' => 'array', 'ways' => 'array', 'has_failed' => 'boolean', 'asked_at' => 'immutable_datetime'];

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        // asked before it was archived
        return $this->belongsTo(Plan::class)->withTrashed();
    }

    /** @param  int  $trials  in a session, where nothing else was asked about */
    public function change(int $trials): PlanChange
    {
        $caution = $this->changes['caution'] ?? null;

        return new PlanChange(
            $this->changes['trials'] ?? $trials, $this->changes['outings'] ?? null, $this->changes['run'] ?? null,
            $caution === null ? null : RiskCaps::for($caution === 'careful'),
        );
    }

    /** @return list<Outlook> */
    public function outlooks(): array
    {
        return array_map(static fn (array $way): Outlook => new Outlook($way['solid'], $way['arrived'], $way['reactions']), $this->ways);
    }

    public function isDone(): bool
    {
        return count($this->ways) >= self::WAYS;
    }
}
