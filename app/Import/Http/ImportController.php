<?php

declare(strict_types=1);

namespace App\Import\Http;

use App\Import\Choices;
use App\Import\ImportProgress;
use App\Import\Matching;
use App\Import\SettleImport;
use App\Import\TakeFile;
use App\Models\Import;
use App\Models\ImportKind;
use App\Models\ImportRow;
use App\Models\ImportState;
use App\Models\User;
use App\Support\Fields;
use App\Table\CsvWriter;
use App\Table\UnreadableTable;
use Core\Measure\DistanceUnit;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A file of rows: brought, matched, looked through, imported, undone. */
final readonly class ImportController
{
    private const A_PAGE = 40;

    private const MOST_KILOBYTES = 20_480;

    private const MOST_PROBLEMS = 10_000;

    public function __construct(private TakeFile $files)
    {
    }

    public function index(#[CurrentUser] User $user): View
    {
        Gate::authorize('create', Import::class);

        return view('pages.imports.index', [
            'imports' => Import::query()->where('practice_id', $user->practice_id)->with('user')->orderByDesc('id')->paginate(self::A_PAGE),
            'most' => intdiv(self::MOST_KILOBYTES, 1024),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', Import::class);
        $request->validate([
            'rows_of' => ['required', Rule::enum(ImportKind::class)], 'file' => ['required', 'file', 'max:'.self::MOST_KILOBYTES],
        ], [
            'rows_of.*' => say('imports.problems.kind'), 'file.max' => say('imports.problems.size', [
                'most' => intdiv(self::MOST_KILOBYTES, 1024),
            ]), 'file.*' => say('imports.problems.file'),
        ]);
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw ValidationException::withMessages(['file' => say('imports.problems.file')]);
        }
        try {
            $import = $this->files->take(
                $user, ImportKind::from($request->string('rows_of')->value()), $file->getPathname(), $file->getClientOriginalName(),
            );
        } catch (UnreadableTable $told) {
            throw ValidationException::withMessages(['file' => say("imports.unreadable.{$told->problem->value}")]);
        }

        return redirect()->route('imports.show', $import);
    }

    public function show(Import $import, ImportProgress $progress, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $import);
        if ($import->state === ImportState::Matching) {
            $choices = Choices::of($user);

            return view('pages.imports.match', [
                'import' => $import, 'matching' => Matching::fromArray($import->matching), 'choices' => $choices,
                ...$this->files->look($import, $choices),
            ]);
        }

        return view('pages.imports.show', [
            'import' => $import, 'rows' => $progress->of($import),
            'bad' => ImportRow::query()->where('import_id', $import->id)->where('state', 'bad')->orderBy('number')
                ->paginate(self::A_PAGE)->withQueryString(),
        ]);
    }

    /** For a page that waits. */
    public function progress(Import $import, ImportProgress $progress): Response
    {
        Gate::authorize('view', $import);

        return response()->view('partials.import-progress', ['import' => $import, 'rows' => $progress->of($import)], 200,
            // what came of it is another page
            $import->state->isBusy() ? [] : ['HX-Refresh' => 'true']);
    }

    public function match(Request $request, Import $import): RedirectResponse
    {
        Gate::authorize('view', $import);
        if ($import->state->isBusy() || in_array($import->state, [ImportState::Imported, ImportState::Undone], true)) {
            return redirect()->route('imports.show', $import)->with('status', say('imports.problems.too_late'));
        }
        $last = count($import->head) - 1;
        $given = Fields::of($request->validate([
            'columns' => ['required', 'array'], 'columns.*' => ['nullable', 'integer', "between:0,{$last}"],
            'distance' => ['nullable', Rule::enum(DistanceUnit::class)], 'weight' => ['nullable', Rule::in(Matching::WEIGHTS)],
            'date_order' => ['required', Rule::in(Matching::DATE_ORDERS)],
            'values' => ['nullable', 'array'], 'values.*' => ['array', 'max:100'], 'values.*.*' => ['nullable', 'string', 'max:40'],
        ], ['*' => say('imports.problems.matching')]));
        $columns = array_map(intval(...), array_filter($given->named('columns'), is_numeric(...)));
        foreach (array_keys(array_filter($import->kind->fields())) as $field) {
            if (! isset($columns[$field])) {
                throw ValidationException::withMessages(["columns.{$field}" => say('imports.problems.column', [
                    'field' => say("imports.fields.{$field}"),
                ])]);
            }
        }
        $this->files->match($import, Matching::fromArray([
            'columns' => $columns, 'values' => $given->list('values'), 'distance' => $given->text('distance'),
            'weight' => $given->text('weight'), 'date_order' => $given->text('date_order'),
        ]));

        return redirect()->route('imports.show', $import);
    }

    /** Back to the columns. */
    public function rematch(Import $import): RedirectResponse
    {
        Gate::authorize('view', $import);
        $this->files->again($import);

        return redirect()->route('imports.show', $import);
    }

    public function run(Request $request, Import $import, SettleImport $settle): RedirectResponse
    {
        Gate::authorize('view', $import);
        if (! $settle->run($import, Fields::of($request->all())->text('which') !== 'good')) {
            return redirect()->route('imports.show', $import)->with('status', say('imports.problems.not_all'));
        }

        return redirect()->route('imports.show', $import);
    }

    public function undo(Import $import, SettleImport $settle): RedirectResponse
    {
        Gate::authorize('view', $import);
        $settle->undo($import);

        return redirect()->route('imports.show', $import);
    }

    /** All problems, to be put right where the rows are. */
    public function problems(Import $import): StreamedResponse
    {
        Gate::authorize('view', $import);

        return response()->streamDownload(static function () use ($import): void {
            $file = fopen('php://output', 'w');
            if ($file !== false) {
                CsvWriter::write($file, self::problemRows($import));
            }
        }, "problems-{$import->id}.csv", ['Content-Type' => 'text/csv; charset=UTF-8']);
    }

    /** @return \Generator<list<string|int>> */
    private static function problemRows(Import $import): \Generator
    {
        yield [say('imports.row'), say('imports.field'), say('imports.problem'), say('imports.text')];
        foreach (ImportRow::query()->where('import_id', $import->id)->where('state', 'bad')->orderBy('number')->limit(self::MOST_PROBLEMS)
            ->lazy(500) as $row) {
            foreach (Fields::of($row->data)->list('problems') as $problem) {
                $told = Fields::of($problem);
                yield [
                    $row->number, say("imports.fields.{$told->text('field')}"), say("imports.row_problems.{$told->text('problem')}"),
                    $told->text('text'),
                ];
            }
        }
    }
}
