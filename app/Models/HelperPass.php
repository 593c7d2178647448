<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Once that a helper walked by, counted on the helper's own screen.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $session_id
 * @property string $uuid
 * @property CarbonImmutable $passed_at
 */
final class HelperPass extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'session_id', 'uuid', 'passed_at'];

    protected $casts = ['passed_at' => 'immutable_datetime'];
}
