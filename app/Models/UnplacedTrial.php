<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A trial that a device recorded and that fits no session: kept until somebody places or dismisses it.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id
 * @property string $uuid
 * @property array<string, mixed> $payload
 * @property string $reason
 * @property CarbonImmutable $received_at
 * @property ?CarbonImmutable $settled_at
 */
final class UnplacedTrial extends Model
{
    use OfPractice;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'user_id', 'uuid', 'payload', 'reason', 'received_at', 'settled_at'];

    protected $casts = ['payload' => 'array', 'received_at' => 'immutable_datetime', 'settled_at' => 'immutable_datetime'];
}
