<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Report;
use App\View\ReportPaper;
use Core\Measure\DistanceUnit;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Str;

/** Draws the PDF of a report from the same sections as its page. */
final class DrawPdf implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 120;

    public function __construct(private readonly int $reportId)
    {
    }

    public function handle(Filesystem $files, ReportPaper $paper): void
    {
        $report = Report::query()->with(['dog.practice', 'user'])->find($this->reportId);
        if ($report === null) {
            return;
        }
        $report->update(['progress' => 20, 'has_failed' => false]);
        $pdf = new Dompdf(self::options());
        $pdf->setPaper($report->dog->practice->reader()->units->distance === DistanceUnit::Meter ? 'a4' : 'letter');
        $pdf->loadHtml($paper->document($report));
        $report->update(['progress' => 50]);
        $pdf->render();
        $report->update(['progress' => 90]);
        $file = (string) Str::uuid();
        $files->put(Report::pdfOf($file), (string) $pdf->output());
        $old = $report->pdf();
        $report->update(['file' => $file, 'progress' => 100]);
        if ($old !== null) {
            $files->delete($old);
        }
    }

    public function failed(): void
    {
        Report::query()->whereKey($this->reportId)->update(['has_failed' => true]);
    }

    /** Nothing is fetched and nothing is run: pictures come with the page, and fonts with the library. */
    private static function options(): Options
    {
        $fonts = storage_path('framework/pdf-fonts');
        if (! is_dir($fonts)) {
            mkdir($fonts, 0o700, true);
        }

        return new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'DejaVu Sans',
            'fontDir' => $fonts, 'fontCache' => $fonts, 'tempDir' => sys_get_temp_dir(),
            'chroot' => base_path('resources'),
        ]);
    }
}
