<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a program shows to be let in: it reads and logs as its user, as far as it was given.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id
 * @property string $name
 * @property string $token hash
 * @property list<string> $scopes
 * @property CarbonImmutable $ends_at
 * @property ?CarbonImmutable $used_at last
 * @property ?CarbonImmutable $closed_at
 * @property-read User $user
 */
final class ApiToken extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'user_id', 'name', 'token', 'scopes', 'ends_at', 'used_at', 'closed_at'];

    protected $casts = [
        'scopes' => 'array', 'ends_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function may(ApiScope $scope): bool
    {
        return in_array($scope->value, $this->scopes, true);
    }
}
