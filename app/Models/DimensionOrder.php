<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A dog's own order of an ordered dimension's values, easiest first.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property string $kind
 * @property string $dimension
 * @property list<string> $order
 */
final class DimensionOrder extends Entity
{
    public $timestamps = false;

    protected $fillable = ['practice_id', 'dog_id', 'kind', 'dimension', 'order'];

    protected $casts = ['order' => 'array'];
}
