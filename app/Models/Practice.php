<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Measure\DistanceUnit;
use Words\Audience;
use Words\Reader;
use Words\Units;

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
 * @property int $quiet_from minute of the day from which nobody is written to
 * @property int $quiet_until
 * @property int $travel_minutes to a home
 * @property int $hot_from_month first month in which the ground gets too hot at midday
 * @property int $hot_until_month
 * @property int $hot_from minute of the day
 * @property int $hot_until
 * @property ?CarbonImmutable $reminded_on the evening on which letters about the next day were written last
 * @property ?array<string, array<string, mixed>> $own_priors by kind of plan: what its own dogs have in common; null for the usual
 * @property bool $is_demo
 */
final class Practice extends Entity
{
    protected $fillable = [
        'name', 'town', 'time_zone', 'language', 'distance_unit', 'is_imperial', 'is_clock24', 'phone', 'quiet_from', 'quiet_until',
        'travel_minutes', 'reminded_on', 'hot_from_month', 'hot_until_month', 'hot_from', 'hot_until', 'is_demo',
        'own_priors',
    ];

    protected $attributes = [
        'language' => 'en', 'distance_unit' => 'm', 'is_imperial' => false, 'is_clock24' => false, 'time_zone' => 'UTC',
        'phone' => '', 'is_demo' => false, 'quiet_from' => 1260, 'quiet_until' => 420,
        'travel_minutes' => 15, 'hot_from_month' => 6, 'hot_until_month' => 8, 'hot_from' => 660, 'hot_until' => 1140,
    ];

    protected $casts = [
        'distance_unit' => DistanceUnit::class, 'is_imperial' => 'boolean', 'is_clock24' => 'boolean', 'is_demo' => 'boolean',
        'reminded_on' => 'immutable_date', 'own_priors' => 'array',
    ];

    /** In which its days are counted. */
    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->time_zone);
    }

    /** Whoever reads without a sign-in: a home, or a helper. */
    public function reader(?string $language = null): Reader
    {
        return new Reader(
            $language ?? $this->language, new Units($this->distance_unit, $this->is_imperial, $this->is_clock24), $this->time_zone,
            Audience::Guardian,
        );
    }
}
