<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $plan_id
 * @property int $position from 0, easiest first; of a retired step: of the one that stands for it
 * @property ?CarbonImmutable $retired_at
 * @property int $run_length
 * @property bool $is_new_behavior
 * @property-read Collection<int, StepExposure> $exposures
 */
final class Step extends Entity
{
    public $timestamps = false;

    protected $fillable = [
        'plan_id', 'position', 'retired_at', 'run_length', 'is_new_behavior', 'window', 'sessions', 'days', 'instruction', 'food',
        'posture', 'who', 'hands', 'eyes', 'is_on_the_way', 'strands',
    ];

    protected $casts = ['is_new_behavior' => 'boolean', 'retired_at' => 'immutable_datetime'];

    /** @return HasMany<StepExposure, $this> */
    public function exposures(): HasMany
    {
        return $this->hasMany(StepExposure::class);
    }
}
