<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Report;
use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\View\Factory;
use Words\Reader;

/** What a report looks like, in the language it is written in, whoever looks: on a page, or as a document a PDF is drawn from. */
final readonly class ReportPaper
{
    public function __construct(private Container $container, private Factory $views)
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
        $before = $this->container->make(Reader::class);
        $this->container->instance(Reader::class, new Reader(
            $report->language, $before->units, $report->dog->practice->time_zone, $before->audience,
        ));
        try {
            return $this->views->make($view, ['report' => $report, ...$data])->render();
        } finally {
            $this->container->instance(Reader::class, $before);
        }
    }
}
