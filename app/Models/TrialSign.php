<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $trial_id
 * @property string $sign
 */
final class TrialSign extends Entity
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'trial_id';

    protected $fillable = ['trial_id', 'sign'];
}
