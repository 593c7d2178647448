<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A paper about one dog as it was handed out: its words are kept, and stay what they were.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id who made it
 * @property ReportKind $kind
 * @property string $language
 * @property string $name whom it is for
 * @property string $note
 * @property list<string> $parts chosen
 * @property list<array{title: string, lines: list<string>, facts: list<array{0: string, 1: string}>, head: list<string>,
 *    rows: list<list<string>>, drawings: list<array<string, mixed>>}> $sections
 * @property CarbonImmutable $made_at
 * @property int $progress of its PDF, 0 to 100
 * @property ?string $file of its PDF
 * @property bool $has_failed
 * @property-read Dog $dog
 * @property-read User $user
 * @property-read Collection<int, ReportLink> $links
 */
final class Report extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = [
        'practice_id', 'dog_id', 'user_id', 'kind', 'language', 'name', 'note', 'parts', 'sections', 'made_at', 'progress', 'file',
        'has_failed',
    ];

    protected $attributes = ['progress' => 0, 'has_failed' => false];

    protected $casts = [
        'kind' => ReportKind::class, 'parts' => 'array', 'sections' => 'array', 'made_at' => 'immutable_datetime',
        'has_failed' => 'boolean',
    ];

    /** Where its PDF lies among the files; null while there is none. */
    public function pdf(): ?string
    {
        return $this->file === null ? null : self::pdfOf($this->file);
    }

    public static function pdfOf(string $file): string
    {
        return "reports/{$file}.pdf";
    }

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<ReportLink, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(ReportLink::class)->orderByDesc('id');
    }
}
