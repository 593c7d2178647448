<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Report;
use App\Words\SpokenTo;
use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\View\Factory;
use Words\Reader;

/** What a report looks like, in the language it is written in, whoever looks: on a page, or as a document a PDF is drawn from. */
final readonly class ReportPaper
{
    public function __construct(private Container $container, private SpokenTo $spoken, private Factory $views)
    {
    }

    /** For a page; its report need not be saved. */
    public function article(Report $report): string
    {
        return $this->render('partials.report', $report, []);
    }

    /** A document of its own, with its styles in it. */
    public function document(Report $report): string
    {
        return $this->render('pages.reports.paper', $report, ['styles' => (string) file_get_contents(resource_path('css/paper.css'))]);
    }

    /**
     * @param  view-string  $view
     * @param  array<string, string>  $data
     */
    private function render(string $view, Report $report, array $data): string
    {
        $asked = $this->container->make(Reader::class);

        return $this->spoken->reader(
            new Reader($report->language, $asked->units, $report->dog->practice->time_zone, $asked->audience),
            fn (): string => $this->views->make($view, ['report' => $report, ...$data])->render(),
        );
    }
}
