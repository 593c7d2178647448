<?php

declare(strict_types=1);

namespace App\Models;

use Core\Measure\DistanceUnit;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $town
 * @property string $time_zone
 * @property string $language
 * @property DistanceUnit $distance_unit
 * @property bool $is_imperial
 * @property bool $is_clock24
 * @property string $phone shown to guardians
 * @property bool $is_demo
 */
final class Practice extends Model
{
    protected $fillable = ['name', 'town', 'time_zone', 'language', 'distance_unit', 'is_imperial', 'is_clock24', 'phone', 'is_demo'];

    protected $attributes = [
        'language' => 'en', 'distance_unit' => 'm', 'is_imperial' => false, 'is_clock24' => false, 'time_zone' => 'UTC',
        'phone' => '', 'is_demo' => false,
    ];

    protected $casts = [
        'distance_unit' => DistanceUnit::class, 'is_imperial' => 'boolean', 'is_clock24' => 'boolean', 'is_demo' => 'boolean',
    ];
}
