<?php

declare(strict_types=1);

namespace App\Report\Http;

use App\Models\Report;
use App\Models\ReportLink;
use App\Models\User;
use App\Report\ReportLinks;
use App\Support\Fields;
use App\View\ReportPaper;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Words\Reader;

/** Handing a report to somebody who has no sign-in here. */
final readonly class ReportLinkController
{
    public function __construct(private ReportLinks $links)
    {
    }

    public function store(Request $request, Report $report, ClockInterface $clock, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $report->dog);
        $zone = $report->dog->practice->zone();
        $today = $clock->now()->setTimezone($zone);
        $most = $today->modify('+'.ReportLinks::MOST_DAYS.' days')->format('Y-m-d');
        $given = Fields::of($request->validate([
            'link_for' => ['required', 'string', 'max:120'],
            'ends_on' => ['required', 'date_format:Y-m-d', 'after_or_equal:'.$today->format('Y-m-d'), "before_or_equal:{$most}"],
        ], [
            'link_for.*' => say('reports.problems.link_for'),
            'ends_on.*' => say('reports.problems.ends_on', ['days' => ReportLinks::MOST_DAYS]),
        ]));
        // to the end of that day, where the practice is
        $endsAt = (new \DateTimeImmutable($given->text('ends_on').' 00:00', $zone))->modify('+1 day');
        $token = $this->links->make($user, $report, $given->text('link_for'), $endsAt->setTimezone(new \DateTimeZone('UTC')));

        return redirect()->to(route('reports.show', $report).'#links')->with('report-link', route('report-page', $token))
            ->with('status', say('reports.links.made', ['name' => $given->text('link_for')]));
    }

    public function destroy(ReportLink $link): RedirectResponse
    {
        Gate::authorize('plan', $link->report->dog);
        $this->links->close($link);

        return redirect()->to(route('reports.show', $link->report_id).'#links')->with('status', say('reports.links.closed_now', [
            'name' => $link->name,
        ]));
    }

    public function open(string $token, ReportPaper $paper): Response
    {
        $link = $this->links->find($token);
        if ($link === null) {
            return response()->view('pages.reports.ended', [], 410);
        }
        $this->links->opened($link, false);
        app()->instance(Reader::class, $link->report->dog->practice->reader($link->report->language));

        return response()->view('pages.reports.open', [
            'report' => $link->report, 'article' => $paper->article($link->report), 'token' => $token, 'link' => $link,
        ])
            ->header('Cache-Control', 'private, no-store')->header('X-Robots-Tag', 'noindex');
    }

    public function pdf(string $token, Filesystem $files): Response
    {
        $link = $this->links->find($token);
        if ($link === null) {
            return response()->view('pages.reports.ended', [], 410);
        }
        $this->links->opened($link, true);

        return ReportController::download($link->report, $files);
    }
}
