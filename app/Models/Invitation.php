<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody asked to sign in to a practice, as what, and for a guardian to see which dog.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id who invited
 * @property ?int $person_id who has handled dogs without a sign-in so far
 * @property ?int $dog_id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property CarbonImmutable $made_at
 * @property ?CarbonImmutable $accepted_at
 * @property ?CarbonImmutable $withdrawn_at
 * @property-read Practice $practice
 * @property-read ?Dog $dog
 * @property-read User $user
 */
final class Invitation extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = [
        'practice_id', 'user_id', 'person_id', 'dog_id', 'name', 'email', 'role', 'made_at', 'accepted_at', 'withdrawn_at',
    ];

    protected $casts = [
        'role' => Role::class, 'made_at' => 'immutable_datetime', 'accepted_at' => 'immutable_datetime',
        'withdrawn_at' => 'immutable_datetime',
    ];

    /** @return Builder<self> neither accepted nor taken back */
    public static function open(): Builder
    {
        return self::query()->whereNull('accepted_at')->whereNull('withdrawn_at');
    }

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
