<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * An address that opens one report without a sign-in, for whom it was given, until a day.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $report_id
 * @property int $user_id who made it
 * @property string $name for whom
 * @property string $token hash
 * @property CarbonImmutable $ends_at
 * @property ?CarbonImmutable $closed_at
 * @property-read Report $report
 * @property-read Collection<int, ReportOpening> $openings
 */
final class ReportLink extends Entity
{
    use OfPractice;

    protected $fillable = ['practice_id', 'report_id', 'user_id', 'name', 'token', 'ends_at', 'closed_at'];

    protected $casts = ['ends_at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime'];

    /** @return BelongsTo<Report, $this> */
    public function report(): BelongsTo
    {
        return $this->belongsTo(Report::class);
    }

    /** @return HasMany<ReportOpening, $this> */
    public function openings(): HasMany
    {
        return $this->hasMany(ReportOpening::class)->orderByDesc('id');
    }
}
