<?php

declare(strict_types=1);

namespace App\Models;

use Core\Exposure\PlanKind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The unit of a response model: dog × trigger × handler. Its reference distance never changes, whatever plans do.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $trigger_id
 * @property int $person_id
 * @property PlanKind $kind
 * @property ?array<string, float|string> $reacts_to where no distance tells it: what the dog reacts to, or is taken to; never changes
 *    either
 * @property float $reference_meters
 * @property bool $reference_stated
 * @property ?float $fine_at_meters
 * @property ?float $quiet_at_meters where it showed nothing, of a dog that may hide its signs: no evidence
 * @property ?array<string, mixed> $inherited what another person's model of the same passed on when this one began
 * @property-read Dog $dog
 * @property-read Trigger $trigger
 * @property-read Person $person
 */
final class ResponseModel extends Entity
{
    protected $fillable = [
        'practice_id', 'dog_id', 'trigger_id', 'person_id', 'kind', 'reacts_to', 'reference_meters', 'reference_stated', 'fine_at_meters',
        'quiet_at_meters', 'inherited',
    ];

    protected $attributes = ['kind' => 'presence'];

    protected $casts = [
        'kind' => PlanKind::class, 'reacts_to' => 'array', 'inherited' => 'array',
        'reference_meters' => 'float', 'reference_stated' => 'boolean', 'fine_at_meters' => 'float', 'quiet_at_meters' => 'float',
    ];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<Trigger, $this> */
    public function trigger(): BelongsTo
    {
        return $this->belongsTo(Trigger::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
