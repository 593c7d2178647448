<?php

declare(strict_types=1);

namespace App\Import;

use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Models\Event;
use App\Models\HealthEntry;
use App\Models\HomeRep;
use App\Models\Import;
use App\Models\ImportKind;
use App\Models\ImportRow;
use App\Models\ImportState;
use App\Models\Session;
use App\Models\Trial;
use App\Support\Fields;
use App\Support\UuidOfBytes;
use App\Table\OpenTable;
use Illuminate\Contracts\Filesystem\Filesystem;
use Psr\Clock\ClockInterface;

/**
 * Looks a file through without importing anything: each row is understood, known already, or has its problems told.
 *
 * @phpstan-type Row array{
 *    number: int, state: string, uuid: ?string, session: string, occurs_at: ?string, data: array<string, mixed>,
 * }
 */
final readonly class CheckImport implements ImportStep
{
    private const AT_ONCE = 500;

    public function __construct(
        private Filesystem $files, private PlanReader $plans, private CoreCatalogs $catalogs, private ClockInterface $clock,
        private ImportProgress $progress,
    ) {
    }

    public function work(Import $import): void
    {
        $import->rows()->delete();
        $reader = RowReader::of($import, Choices::of($import->user), $this->plans, $this->catalogs, $this->clock->now());
        $counts = ['rows' => 0, 'good' => 0, 'known' => 0, 'bad' => 0, 'timeless' => 0];
        $rows = $times = [];
        foreach (OpenTable::of($this->files->path(TakeFile::path($import->file)))->rows() as $number => $cells) {
            // the first row names the columns
            if ($counts['rows']++ === 0) {
                continue;
            }
            $rows[] = self::row($import, $number, $reader->read($cells), $times);
            if (count($rows) === self::AT_ONCE) {
                self::keep($import, $rows, $counts);
                $this->progress->tell($import, $counts['rows']);
                $rows = [];
            }
        }
        self::keep($import, $rows, $counts);
        $counts['rows'] = max(0, $counts['rows'] - 1);
        $import->update(['state' => ImportState::Checked, 'counts' => [...$counts, 'logged' => self::onLoggedDays($import)]]);
    }

    public static function from(): ImportState
    {
        return ImportState::Checking;
    }

    /**
     * What is the same is known by what it says, so that the same file twice is the same rows; those that say the same within one file
     * are told apart by their place among each other.
     *
     * @param  array<string, int>  $times  how often each was met so far
     * @return Row
     */
    private static function row(Import $import, int $number, ReadRow $read, array &$times): array
    {
        if ($read->at === null) {
            return [
                'number' => $number, 'state' => 'bad', 'uuid' => null, 'session' => '', 'occurs_at' => null,
                'data' => ['problems' => $read->problems],
            ];
        }
        $content = hash('sha256', json_encode([
            'import', $import->practice_id, $import->kind->value, $read->session, $read->at->format('c'), $read->data,
        ], JSON_THROW_ON_ERROR), true);
        $nth = $times[$content] = ($times[$content] ?? 0) + 1;

        return [
            'number' => $number, 'state' => 'good', 'uuid' => UuidOfBytes::version(8, hash('sha256', $content.$nth, true)),
            'session' => $read->session, 'occurs_at' => $read->at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
            'data' => $read->data,
        ];
    }

    /**
     * @param  list<Row>  $rows
     * @param  array<string, int>  $counts
     */
    private static function keep(Import $import, array $rows, array &$counts): void
    {
        $known = array_flip(self::known($import, array_values(array_filter(array_column($rows, 'uuid')))));
        foreach ($rows as $i => $row) {
            if ($row['uuid'] !== null && isset($known[$row['uuid']])) {
                $rows[$i]['state'] = 'known';
            }
            $counts[$rows[$i]['state']]++;
            $counts['timeless'] += ($row['data']['isTimed'] ?? true) === false ? 1 : 0;
        }
        ImportRow::query()->toBase()->insert(array_map(static fn (array $row): array => [
            ...$row, 'import_id' => $import->id, 'data' => json_encode($row['data'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ], $rows));
    }

    /**
     * @param  list<string>  $uuids
     * @return list<string> those that are imported already
     */
    private static function known(Import $import, array $uuids): array
    {
        [$model, $column] = match ($import->kind) {
            ImportKind::Trials => [Trial::class, 'uuid'],
            ImportKind::Sessions => [Session::class, 'import_key'],
            ImportKind::Weights => [HealthEntry::class, 'uuid'],
            ImportKind::Upsets => [Event::class, 'uuid'],
            ImportKind::Home => [HomeRep::class, 'uuid'],
        };
        // a line of reps is known by the first of them
        $written = $import->kind === ImportKind::Home
            ? array_map(static fn (string $uuid): string => HomeRows::uuid($uuid, 0), $uuids)
            : $uuids;
        $wanted = array_combine($written, $uuids);
        $found = $model::query()->toBase()->where('practice_id', $import->practice_id)->whereIn($column, array_keys($wanted))
            ->pluck($column);

        return array_values(array_intersect_key($wanted, array_flip(array_filter($found->all(), is_string(...)))));
    }

    /** Rows on days on which a session of that plan is logged here already: they may be the same. */
    private static function onLoggedDays(Import $import): int
    {
        if ($import->kind !== ImportKind::Trials && $import->kind !== ImportKind::Sessions) {
            return 0;
        }
        $zone = $import->practice->zone();
        $logged = [];
        foreach (Session::query()->toBase()->where('practice_id', $import->practice_id)->whereNull('import_key')
            ->orderBy('id')->get(['plan_id', 'started_at']) as $row) {
            $row = Fields::of($row);
            $at = new \DateTimeImmutable($row->text('started_at'), new \DateTimeZone('UTC'));
            $logged["{$row->int('plan_id')}|{$at->setTimezone($zone)->format('Y-m-d')}"] = true;
        }
        $rows = 0;
        foreach ($import->goodRows()->toBase()
            ->groupBy('session')->selectRaw('session, COUNT(*) AS many')->get() as $row) {
            $row = Fields::of($row);
            [$plan, , , $day] = [...explode('|', $row->text('session')), '', '', '', ''];
            $rows += isset($logged["{$plan}|{$day}"]) ? $row->int('many') : 0;
        }

        return $rows;
    }
}
