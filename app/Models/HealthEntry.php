<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A medication or a condition from a day on, or a weight on a day.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id who wrote it down
 * @property HealthKind $kind
 * @property string $name empty for a weight
 * @property ?float $kilograms
 * @property CarbonImmutable $from_on
 * @property ?CarbonImmutable $until_on null: still so
 * @property ?CarbonImmutable $taken_out_at written down by mistake; it stays on record
 * @property-read Dog $dog
 * @property-read User $user
 */
final class HealthEntry extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'dog_id', 'user_id', 'kind', 'name', 'kilograms', 'from_on', 'until_on', 'taken_out_at'];

    protected $casts = [
        'kind' => HealthKind::class, 'kilograms' => 'float', 'from_on' => 'immutable_date', 'until_on' => 'immutable_date',
        'taken_out_at' => 'immutable_datetime',
    ];

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
