<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One visit to the work.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $plan_id
 * @property int $person_id
 * @property int $user_id
 * @property ?int $place_id
 * @property CarbonImmutable $started_at
 * @property ?CarbonImmutable $ended_at
 * @property ?string $end_note
 * @property ?array<mixed> $evidence
 * @property ?array<mixed> $summary
 * @property ?array{dimensions: list<string>, theta: list<float>, daySd?: float, walkSd?: float} $mode
 * @property SessionKind $kind
 * @property ?array<string, mixed> $checklist
 * @property float $upset
 * @property ?array<string, mixed> $report
 * @property ?string $device
 * @property ?CarbonImmutable $device_since
 * @property ?string $meter_token hash of what a sound level meter shows
 * @property ?array<string, mixed> $state
 * @property-read Plan $plan
 * @property-read Person $person
 * @property-read User $user
 * @property-read ?Place $place
 * @property-read Collection<int, TrainingSet> $sets
 * @property-read Collection<int, Trial> $trials
 * @property-read Collection<int, AdviceGiven> $advice
 * @property-read Collection<int, SessionEvent> $events
 */
final class Session extends Entity
{
    use OfPractice;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'plan_id', 'person_id', 'user_id', 'place_id', 'started_at', 'ended_at', 'end_note', 'evidence', 'summary', 'kind',
        'checklist', 'upset', 'report', 'device', 'device_since',
    ];

    protected $attributes = ['kind' => 'ladder', 'upset' => 0.0];

    protected $casts = ['started_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime', 'evidence' => 'array',
        'summary' => 'array', 'mode' => 'array',
        'kind' => SessionKind::class, 'checklist' => 'array', 'upset' => 'float', 'report' => 'array',
        'device_since' => 'immutable_datetime', 'state' => 'array'];

    /**
     * A deleted plan keeps its sessions.
     *
     * @return BelongsTo<Plan, $this>
     */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class)->withTrashed();
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<User, $this> who started it, or wrote it down */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return HasMany<TrainingSet, $this> */
    public function sets(): HasMany
    {
        return $this->hasMany(TrainingSet::class)->orderBy('position');
    }

    /** @return HasMany<Trial, $this> */
    public function trials(): HasMany
    {
        return $this->hasMany(Trial::class)->orderBy('sequence')->orderBy('occurred_at')->orderBy('id');
    }

    /** @return HasMany<SessionEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(SessionEvent::class)->orderBy('occurred_at')->orderBy('id');
    }

    /** @return HasMany<AdviceGiven, $this> */
    public function advice(): HasMany
    {
        return $this->hasMany(AdviceGiven::class)->orderBy('id');
    }

    /** One write of a session at a time: its advice depends on all before it. */
    public function lockForWriting(): void
    {
        self::query()->toBase()->where('id', $this->id)->lockForUpdate()->value('id');
    }
}
