<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A film of a dog, by what it is known by; the film itself stays on the devices that have it.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id who added it
 * @property string $name
 * @property int $length_ms
 * @property int $frame_us from one picture to the next, microseconds
 * @property string $fingerprint
 * @property ?int $session_id that it shows, or that was written down from it
 * @property ?int $aligned_ms a moment of the film, and when that was
 * @property ?CarbonImmutable $aligned_at
 * @property CarbonImmutable $added_at
 * @property-read Dog $dog
 * @property-read ?Session $session
 * @property-read Collection<int, FilmRecord> $records
 */
final class Film extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = [
        'practice_id', 'dog_id', 'user_id', 'name', 'length_ms', 'frame_us', 'fingerprint', 'session_id', 'aligned_ms', 'aligned_at',
        'added_at',
    ];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = ['aligned_at' => 'immutable_datetime', 'added_at' => 'immutable_datetime'];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<Session, $this> */
    public function session(): BelongsTo
    {
        return $this->belongsTo(Session::class);
    }

    /** @return Collection<int, FilmRecord> what each grader saw at first, the one begun first before the other */
    public function graded(): Collection
    {
        return $this->records->where('kind', FilmRecordKind::Graded)->values();
    }

    /** @return Collection<int, FilmRecord> those of them that change no more */
    public function finished(): Collection
    {
        return $this->graded()->whereNotNull('finished_at')->values();
    }

    /** @return HasMany<FilmRecord, $this> */
    public function records(): HasMany
    {
        return $this->hasMany(FilmRecord::class)->orderBy('id');
    }
}
