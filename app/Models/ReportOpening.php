<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * One time that a report was opened by its address.
 *
 * @property int $id
 * @property int $report_link_id
 * @property bool $is_pdf rather than the page
 * @property CarbonImmutable $opened_at
 */
final class ReportOpening extends Entity
{
    public $timestamps = false;

    protected $fillable = ['report_link_id', 'is_pdf', 'opened_at'];

    protected $casts = ['is_pdf' => 'boolean', 'opened_at' => 'immutable_datetime'];
}
