<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Film\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What one person saw on a film, or what two of them settled on.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $film_id
 * @property int $user_id
 * @property FilmRecordKind $kind
 * @property array<mixed> $seen
 * @property int $version counts up with every change
 * @property CarbonImmutable $changed_at
 * @property ?CarbonImmutable $finished_at from then on nothing of it changes
 * @property-read Film $film
 * @property-read User $user
 */
final class FilmRecord extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = ['practice_id', 'film_id', 'user_id', 'kind', 'seen', 'version', 'changed_at', 'finished_at'];

    protected $attributes = ['version' => 0];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = [
        'kind' => FilmRecordKind::class, 'seen' => 'array', 'changed_at' => 'immutable_datetime', 'finished_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Film, $this> */
    public function film(): BelongsTo
    {
        return $this->belongsTo(Film::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function record(): Record
    {
        return Record::fromArray($this->seen);
    }
}
