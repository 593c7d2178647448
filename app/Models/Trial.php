<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One exposure with its response, as first logged. Never changed: corrections are rows of their own.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $session_id
 * @property int $set_id
 * @property int $step_id
 * @property int $person_id
 * @property int $user_id
 * @property string $uuid
 * @property string $content_hash
 * @property int $sequence
 * @property CarbonImmutable $occurred_at
 * @property CarbonImmutable $device_at
 * @property int $clock_offset_ms
 * @property CarbonImmutable $received_at
 * @property ?string $under_action
 * @property ?string $forecast
 * @property Outcome $outcome
 * @property Band $band
 * @property Band $band_proposed
 * @property FoodTaken $food
 * @property bool $food_left
 * @property ?TurnLatency $latency
 * @property ?int $latency_ms
 * @property ?int $stare_ms
 * @property string $stare_at what it stared at, where somebody said
 * @property ?int $paid_ms from the mark to the food
 * @property ?int $stay_ms from the offer on
 * @property ?int $hold_ms
 * @property ?int $return_ms back from a tossed treat
 * @property ?string $device
 * @property bool $interrupted
 * @property bool $handler_error
 * @property ?string $slip
 * @property ?string $note
 * @property string $signs_version
 * @property-read Step $step
 * @property-read Collection<int, TrialExposure> $exposures
 * @property-read Collection<int, TrialSign> $signs
 * @property-read Collection<int, TrialTrait> $traits
 * @property-read Collection<int, TrialCorrection> $corrections
 */
final class Trial extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'session_id', 'set_id', 'step_id', 'person_id', 'user_id', 'uuid', 'content_hash', 'sequence', 'occurred_at',
        'device_at',
        'clock_offset_ms', 'received_at', 'under_action', 'outcome', 'band', 'band_proposed', 'food', 'food_left', 'latency', 'latency_ms',
        'interrupted', 'handler_error', 'note', 'signs_version',
    ];

    protected $casts = [
        'occurred_at' => 'immutable_datetime', 'device_at' => 'immutable_datetime', 'received_at' => 'immutable_datetime',
        'outcome' => Outcome::class, 'band' => Band::class, 'band_proposed' => Band::class, 'food' => FoodTaken::class,
        'latency' => TurnLatency::class,
        'food_left' => 'boolean', 'interrupted' => 'boolean', 'handler_error' => 'boolean',
    ];

    /** @return BelongsTo<Step, $this> */
    public function step(): BelongsTo
    {
        return $this->belongsTo(Step::class);
    }

    /** @return HasMany<TrialExposure, $this> */
    public function exposures(): HasMany
    {
        return $this->hasMany(TrialExposure::class);
    }

    /** @return HasMany<TrialSign, $this> */
    public function signs(): HasMany
    {
        return $this->hasMany(TrialSign::class);
    }

    /** @return HasMany<TrialTrait, $this> */
    public function traits(): HasMany
    {
        return $this->hasMany(TrialTrait::class);
    }

    /** Whether it was taken out of the count and not put back. */
    public function isOut(): bool
    {
        return TrialCorrection::leaveOut(array_values($this->corrections->map(
            static fn (TrialCorrection $correction): string => $correction->kind,
        )->all()));
    }

    /** @return HasMany<TrialCorrection, $this> */
    public function corrections(): HasMany
    {
        return $this->hasMany(TrialCorrection::class)->orderBy('id');
    }
}
