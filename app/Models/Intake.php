<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What was told and seen of a dog before the work began.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id
 * @property ?CarbonImmutable $arrived_on
 * @property ?string $since
 * @property ?string $how_often
 * @property ?string $history
 * @property string $worst
 * @property ?string $worst_facts
 * @property bool $sudden_change
 * @property bool $pain_signs
 * @property ?CarbonImmutable $vet_seen_on
 * @property ?string $medication
 * @property ?string $food_limits
 * @property bool $guards_food
 * @property bool $corrections
 * @property bool $children_near
 * @property ?string $baseline
 * @property ?list<string> $normal_signs
 * @property ?CarbonImmutable $updated_at
 */
final class Intake extends Entity
{
    protected $fillable = [
        'practice_id', 'dog_id', 'user_id', 'arrived_on', 'since', 'how_often', 'history', 'worst', 'worst_facts', 'sudden_change',
        'pain_signs', 'vet_seen_on', 'medication', 'food_limits', 'guards_food', 'corrections', 'children_near', 'baseline',
        'normal_signs',
    ];

    protected $casts = [
        'arrived_on' => 'immutable_date', 'vet_seen_on' => 'immutable_date', 'sudden_change' => 'boolean', 'pain_signs' => 'boolean',
        'guards_food' => 'boolean', 'corrections' => 'boolean', 'children_near' => 'boolean', 'normal_signs' => 'array',
        'updated_at' => 'immutable_datetime',
    ];
}
