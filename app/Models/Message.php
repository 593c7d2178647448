<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A word between a home and whoever trains its dog.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property ?int $user_id
 * @property ?int $person_id
 * @property bool $is_from_home
 * @property string $uuid
 * @property string $body
 * @property CarbonImmutable $sent_at
 * @property ?CarbonImmutable $read_at
 * @property-read Dog $dog
 * @property-read ?User $user
 * @property-read ?Person $person
 */
final class Message extends Entity
{
    use OfPractice, SaidFromHome;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'dog_id', 'user_id', 'person_id', 'is_from_home', 'uuid', 'body', 'sent_at', 'read_at'];

    protected $casts = ['is_from_home' => 'boolean', 'sent_at' => 'immutable_datetime', 'read_at' => 'immutable_datetime'];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }
}
