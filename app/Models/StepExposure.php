<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $step_id
 * @property string $dimension
 * @property ?float $number
 * @property ?string $choice
 */
final class StepExposure extends Entity
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'step_id';

    protected $fillable = ['step_id', 'dimension', 'number', 'choice'];

    protected $casts = ['number' => 'float'];
}
