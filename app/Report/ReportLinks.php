<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Report;
use App\Models\ReportLink;
use App\Models\ReportOpening;
use App\Models\User;
use App\Support\Secret;
use Psr\Clock\ClockInterface;

/** Addresses that open one report for whoever was given them, until a day; each time is written down. */
final readonly class ReportLinks
{
    public const MOST_DAYS = 90;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return string what the address ends in: shown once, kept as a hash */
    public function make(User $by, Report $report, string $for, \DateTimeImmutable $endsAt): string
    {
        $token = Secret::make();
        ReportLink::query()->create([
            'practice_id' => $report->practice_id, 'report_id' => $report->id, 'user_id' => $by->id, 'name' => $for,
            'token' => Secret::hash($token), 'ends_at' => $endsAt,
        ]);

        return $token;
    }

    /** Null where it has ended, was closed, or never was. */
    public function find(string $token): ?ReportLink
    {
        return ReportLink::query()->with(['report.dog.practice', 'report.user'])->where('token', Secret::hash($token))
            ->whereNull('closed_at')->where('ends_at', '>', $this->clock->now())->first();
    }

    public function opened(ReportLink $link, bool $isPdf): void
    {
        ReportOpening::query()->create(['report_link_id' => $link->id, 'is_pdf' => $isPdf, 'opened_at' => $this->clock->now()]);
    }

    public function close(ReportLink $link): void
    {
        $link->update(['closed_at' => $this->clock->now()]);
    }
}
