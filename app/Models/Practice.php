<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $town
 * @property string $time_zone
 */
final class Practice extends Model
{
    protected $fillable = ['name', 'town', 'time_zone'];
}
