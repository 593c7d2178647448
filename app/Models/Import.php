<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A file of rows that is taken in.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id who brought it
 * @property ImportKind $kind
 * @property string $name of the file
 * @property string $file
 * @property ImportState $state
 * @property list<string> $head the first row
 * @property array<string, mixed> $matching
 * @property ?array<string, int> $counts
 * @property string $problem code
 * @property ?CarbonImmutable $finished_at
 * @property ?CarbonImmutable $created_at
 * @property-read Practice $practice
 * @property-read User $user
 */
final class Import extends Entity
{
    use OfPractice;

    protected $fillable = [
        'practice_id', 'user_id', 'kind', 'name', 'file', 'state', 'head', 'matching', 'counts', 'problem', 'finished_at',
    ];

    protected $casts = [
        'kind' => ImportKind::class, 'state' => ImportState::class, 'head' => 'array', 'matching' => 'array', 'counts' => 'array',
        'finished_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<ImportRow, $this> */
    public function rows(): HasMany
    {
        return $this->hasMany(ImportRow::class);
    }

    /** @return HasMany<ImportRow, $this> that were understood, and are not imported yet */
    public function goodRows(): HasMany
    {
        return $this->rows()->where('state', 'good');
    }
}
