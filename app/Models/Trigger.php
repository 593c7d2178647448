<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a dog reacts to.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property string $name
 * @property-read Collection<int, TriggerTrait> $traits
 */
final class Trigger extends Model
{
    protected $fillable = ['practice_id', 'dog_id', 'name'];

    /** @return HasMany<TriggerTrait, $this> */
    public function traits(): HasMany
    {
        return $this->hasMany(TriggerTrait::class);
    }
}
