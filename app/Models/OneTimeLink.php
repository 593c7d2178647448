<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * An address that opens one thing once: what it holds is known to whoever got it, and kept here as a hash only.
 *
 * @property int $id
 * @property LinkKind $kind
 * @property ?int $subject_id the invitation or the user it is for
 * @property string $token
 * @property CarbonImmutable $ends_at
 * @property ?CarbonImmutable $used_at
 */
final class OneTimeLink extends Entity
{
    public $timestamps = false;

    protected $fillable = ['kind', 'subject_id', 'token', 'ends_at', 'used_at'];

    protected $casts = ['kind' => LinkKind::class, 'ends_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
}
