<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $trial_id
 * @property string $part "real" or "target"
 * @property string $dimension
 * @property ?float $number
 * @property ?string $choice
 */
final class TrialExposure extends Entity
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'trial_id';

    protected $fillable = ['trial_id', 'part', 'dimension', 'number', 'choice'];

    protected $casts = ['number' => 'float'];
}
