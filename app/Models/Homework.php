<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Homework\HomeworkKind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something a home is asked to practice: what to do, when it counts, when to stop, how often.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property ?int $plan_id
 * @property int $user_id who gave it
 * @property ?string $class_uuid the same in all that were given it at once
 * @property HomeworkKind $kind
 * @property string $name
 * @property string $what
 * @property string $counts_when
 * @property string $stop_when
 * @property string $word
 * @property string $gear
 * @property ?int $pieces of food
 * @property ?int $hold_seconds
 * @property ?array<string, float|int|string> $exposure of the step it was taken from
 * @property int $times_a_day
 * @property CarbonImmutable $from_on
 * @property ?CarbonImmutable $until_on
 * @property ?int $after_id opens once that one went well
 * @property ?int $good_days of that one
 * @property ?CarbonImmutable $opened_at by whoever trains
 * @property ?CarbonImmutable $ended_at
 * @property-read Dog $dog
 * @property-read ?Plan $plan
 * @property-read User $user
 * @property-read ?Homework $after
 */
final class Homework extends Entity
{
    use OfPractice;

    protected $table = 'homework';

    protected $fillable = [
        'practice_id', 'dog_id', 'plan_id', 'user_id', 'class_uuid', 'kind', 'name', 'what', 'counts_when', 'stop_when', 'word',
        'gear', 'pieces',
        'hold_seconds', 'exposure', 'times_a_day', 'from_on', 'until_on', 'after_id', 'good_days', 'opened_at', 'ended_at',
    ];

    protected $casts = [
        'kind' => HomeworkKind::class, 'exposure' => 'array', 'from_on' => 'immutable_date', 'until_on' => 'immutable_date',
        'opened_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<self, $this> */
    public function after(): BelongsTo
    {
        return $this->belongsTo(self::class);
    }
}
