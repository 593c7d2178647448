<?php

declare(strict_types=1);

namespace App\Models;

use Core\Exposure\PlanKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a dog reacts to.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property string $name
 * @property PlanKind $kind
 * @property ?string $motive as far as it can be told
 * @property string $named_by guardian or trainer
 * @property ?string $note
 * @property-read Collection<int, TriggerTrait> $traits
 */
final class Trigger extends Entity
{
    protected $fillable = ['practice_id', 'dog_id', 'name', 'kind', 'motive', 'named_by', 'note'];

    protected $attributes = ['kind' => 'presence', 'named_by' => 'trainer'];

    protected $casts = ['kind' => PlanKind::class];

    /** @return HasMany<TriggerTrait, $this> */
    public function traits(): HasMany
    {
        return $this->hasMany(TriggerTrait::class);
    }
}
