<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

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
final class DimensionOrder extends Model
{
    public $timestamps = false;

    protected $fillable = ['practice_id', 'dog_id', 'kind', 'dimension', 'order'];

    protected $casts = ['order' => 'array'];
}
