<?php

declare(strict_types=1);

namespace App\Report\Http;

use App\Models\Dog;
use App\Models\Report;
use App\Models\ReportKind;
use App\Models\User;
use App\Report\MakeReport;
use App\Support\Fields;
use App\View\ReportPaper;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\Response;

/** Papers about a dog: looked at with the parts that were chosen, kept, printed, handed out. */
final readonly class ReportController
{
    private const A_PAGE = 40;

    private const MOST_OPENINGS = 20;

    public function __construct(private ReportPaper $paper)
    {
    }

    public function index(Dog $dog): View
    {
        Gate::authorize('view', $dog);

        return view('pages.reports.index', [
            'dog' => $dog, 'kinds' => array_values(array_filter(
                ReportKind::cases(), static fn (ReportKind $kind): bool => $kind->isForHome() || Gate::allows('plan', $dog),
            )),
            'reports' => Gate::allows('plan', $dog)
                ? Report::query()->where('dog_id', $dog->id)->with('user')->withCount('links')->orderByDesc('id')->paginate(self::A_PAGE)
                : null,
        ]);
    }

    /** As it would be now: nothing is kept by looking. */
    public function create(Request $request, Dog $dog, ReportKind $kind, MakeReport $reports, #[CurrentUser] User $user): View
    {
        Gate::authorize($kind->isForHome() ? 'view' : 'plan', $dog);
        $asked = $request->has('parts') ? Fields::of($request->query())->texts('parts') : $kind->usual();
        $query = Fields::of($request->query());
        $short = static fn (string $field, int $most): string => mb_substr(trim($query->text($field)), 0, $most);
        $report = $reports->draft(
            $user, $dog, $kind, $asked, $short('to', 120), $short('note', 1000),
            in_array($short('language', 10), $kind->languages(), true) ? $short('language', 10) : null,
        );

        return view('pages.reports.create', ['report' => $report, 'article' => $this->paper->article($report)]);
    }

    public function store(Request $request, Dog $dog, ReportKind $kind, MakeReport $reports, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $given = Fields::of($request->validate([
            'to' => ['nullable', 'string', 'max:120'], 'note' => ['nullable', 'string', 'max:1000'],
            // the page sends an empty part along, so that none at all can be told from a first look
            'parts' => ['required', 'array', 'min:2'], 'parts.*' => ['nullable', 'string', Rule::in($kind->parts())],
            'language' => ['required', Rule::in($kind->languages())],
        ], [
            'to.*' => say('reports.problems.to'), 'note.*' => say('reports.problems.note'), 'parts' => say('reports.problems.parts'),
            'parts.*' => say('reports.problems.parts'), 'language.*' => say('reports.problems.language'),
        ]));
        $report = $reports->make(
            $user, $dog, $kind, $given->texts('parts'), $given->text('to'), $given->text('note'), $given->text('language'),
        );

        return redirect()->route('reports.show', $report);
    }

    public function show(Report $report): View
    {
        Gate::authorize('plan', $report->dog);

        return view('pages.reports.show', [
            'report' => $report, 'article' => $this->paper->article($report), 'links' => $report->links()->withCount('openings')
                ->limit(self::A_PAGE)->get()->each(
                    static fn ($link) => $link->setRelation('openings', $link->openings()->limit(self::MOST_OPENINGS)->get()),
                ),
        ]);
    }

    /** How far its PDF is, for a page that waits. */
    public function progress(Report $report): View
    {
        Gate::authorize('plan', $report->dog);

        return view('partials.report-pdf', ['report' => $report]);
    }

    public function redraw(Report $report, MakeReport $reports): RedirectResponse
    {
        Gate::authorize('plan', $report->dog);
        $reports->draw($report);

        return redirect()->route('reports.show', $report);
    }

    public function pdf(Report $report, Filesystem $files): Response
    {
        Gate::authorize('plan', $report->dog);

        return self::download($report, $files);
    }

    public static function download(Report $report, Filesystem $files): Response
    {
        $path = $report->pdf();
        abort_if($path === null || ! $files->exists($path), 404);

        return response((string) $files->get($path), 200, [
            'Content-Type' => 'application/pdf', 'Cache-Control' => 'private, no-store',
            'Content-Disposition' => 'attachment; filename="'.self::name($report).'"',
        ]);
    }

    private static function name(Report $report): string
    {
        $dog = trim((string) preg_replace('/[^a-z0-9]+/', '-',
            strtolower(iconv('UTF-8', 'ASCII//TRANSLIT', $report->dog->name) ?: 'dog')), '-');

        return ($dog === '' ? 'dog' : $dog).'-'.str_replace('_', '-', $report->kind->value).'-'.$report->made_at->format('Y-m-d').'.pdf';
    }
}
