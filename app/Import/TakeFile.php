<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Import;
use App\Models\ImportKind;
use App\Models\ImportState;
use App\Models\User;
use App\Table\OpenTable;
use App\Table\TableProblem;
use App\Table\UnreadableTable;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Str;

/** Takes a file in, says how it is probably read, and has it looked through once that is settled. Nothing is imported by it. */
final readonly class TakeFile
{
    private const SAMPLE = 200;

    /** Texts of one field that can be matched by hand. */
    private const MOST_VALUES = 60;

    public function __construct(private Filesystem $files, private Dispatcher $jobs)
    {
    }

    /** @throws UnreadableTable */
    public function take(User $by, ImportKind $kind, string $path, string $name): Import
    {
        [$head, $sample] = self::start($path);
        $file = (string) Str::uuid();
        $stream = fopen($path, 'r');
        if ($stream === false) {
            throw new UnreadableTable(TableProblem::Damaged);
        }
        $this->files->put(self::path($file), $stream);
        fclose($stream);

        return Import::query()->create([
            'practice_id' => $by->practice_id, 'user_id' => $by->id, 'kind' => $kind, 'name' => mb_substr($name, 0, 200), 'file' => $file,
            'state' => ImportState::Matching, 'head' => $head, 'matching' => GuessMatching::of($kind, $head, $sample, $by)->toArray(),
        ]);
    }

    /** Read like this: it is looked through row by row. */
    public function match(Import $import, Matching $matching): void
    {
        $import->update(['matching' => $matching->toArray(), 'state' => ImportState::Checking, 'problem' => '']);
        $this->jobs->dispatch(new WorkOnImport($import->id, CheckImport::class));
    }

    /** Other columns: what was looked through is looked through again. */
    public function again(Import $import): void
    {
        if ($import->state === ImportState::Checked || $import->state === ImportState::Failed) {
            $import->rows()->delete();
            $import->update(['state' => ImportState::Matching, 'counts' => null, 'problem' => '']);
        }
    }

    /**
     * What stands in the columns whose texts mean something, with the guess what; and some rows as they are.
     *
     * @return array{values: array<string, array<string, array{text: string, rows: int, guess: ?string}>>, sample: list<list<string>>}
     *    values by field and plain text, the most frequent first
     */
    public function look(Import $import, Choices $choices): array
    {
        $matching = Matching::fromArray($import->matching);
        $fields = array_intersect(Choices::FIELDS, array_keys($matching->columns), array_keys($import->kind->fields()));
        $values = $sample = [];
        $isHead = true;
        foreach (OpenTable::of($this->files->path(self::path($import->file)))->rows() as $row) {
            if ($isHead) {
                $isHead = false;

                continue;
            }
            if (count($sample) < 5) {
                $sample[] = $row;
            }
            foreach ($fields as $field) {
                $text = $matching->cell($row, $field);
                $plain = Matching::plain($text);
                if ($text !== '' && (isset($values[$field][$plain]) || count($values[$field] ?? []) < self::MOST_VALUES)) {
                    $values[$field][$plain] ??= [
                        'text' => mb_substr($text, 0, 80), 'rows' => 0,
                        'guess' => $matching->values[$field][$plain] ?? $choices->guess($field, $text),
                    ];
                    $values[$field][$plain]['rows']++;
                }
            }
        }

        return ['values' => array_map(static function (array $ofField): array {
            uasort($ofField, static fn (array $one, array $other): int => $other['rows'] <=> $one['rows']);

            return $ofField;
        }, $values), 'sample' => $sample];
    }

    public static function path(string $file): string
    {
        return "imports/{$file}";
    }

    /** @return array{list<string>, list<list<string>>} */
    private static function start(string $path): array
    {
        $rows = [];
        foreach (OpenTable::of($path)->rows() as $row) {
            $rows[] = $row;
            if (count($rows) > self::SAMPLE) {
                break;
            }
        }
        if (count($rows) < 2) {
            throw new UnreadableTable(TableProblem::Empty);
        }

        return [array_map(static fn (string $cell): string => mb_substr($cell, 0, 80), $rows[0]), array_slice($rows, 1)];
    }
}
