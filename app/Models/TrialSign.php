<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $trial_id
 * @property string $sign
 */
final class TrialSign extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'trial_id';

    protected $fillable = ['trial_id', 'sign'];
}
