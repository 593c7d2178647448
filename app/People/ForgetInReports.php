<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Report;
use App\Models\ReportLink;
use Illuminate\Contracts\Filesystem\Filesystem;

/** Takes a name out of reports that were saved: their words stay but for it, and a PDF that shows it goes. */
final readonly class ForgetInReports
{
    private const AT_ONCE = 100;

    public function __construct(private Filesystem $files)
    {
    }

    public function forget(int $practiceId, string $name, string $somebody): void
    {
        Report::query()->where('practice_id', $practiceId)->chunkById(self::AT_ONCE, function ($reports) use ($name, $somebody): void {
            foreach ($reports as $report) {
                $this->forgetIn($report, $name, $somebody);
            }
        });
        ReportLink::query()->where('practice_id', $practiceId)->where('name', $name)->update(['name' => $somebody]);
    }

    private function forgetIn(Report $report, string $name, string $somebody): void
    {
        $sections = json_encode($report->sections, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $quoted = static fn (string $text): string => substr(json_encode($text, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 1, -1);
        $without = str_replace($quoted($name), $quoted($somebody), $sections);
        if ($without === $sections && ! str_contains($report->name.$report->note, $name) && $report->user->name !== $somebody) {
            return;
        }
        if ($report->pdf() !== null) {
            $this->files->delete($report->pdf());
        }
        $report->update([
            'sections' => json_decode($without, true, flags: JSON_THROW_ON_ERROR), 'name' => str_replace($name, $somebody, $report->name),
            'note' => str_replace($name, $somebody, $report->note), 'file' => null, 'has_failed' => true, 'progress' => 0,
        ]);
    }
}
