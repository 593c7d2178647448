<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Something about who was met in a trial.
 *
 * @property int $trial_id
 * @property string $trait
 */
final class TrialTrait extends Entity
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'trial_id';

    protected $fillable = ['trial_id', 'trait'];
}
