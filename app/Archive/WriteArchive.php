<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Practice;
use App\Models\PracticeArchive;
use App\Models\TrailEntry;
use App\Table\CsvWriter;
use Illuminate\Database\Connection;

/** Everything of a practice as one file. */
final readonly class WriteArchive
{
    public const FORMAT = 'wheatear.archive';

    public const VERSION = 1;

    /** Columns of the practice itself that travel with it. */
    public const OF_PRACTICE = [
        'name', 'town', 'time_zone', 'phone', 'language', 'distance_unit', 'is_imperial', 'is_clock24', 'quiet_from', 'quiet_until',
        'travel_minutes', 'hot_from_month', 'hot_until_month', 'hot_from', 'hot_until',
    ];

    public function __construct(private Connection $database, private ArchivedTables $tables, private WriteFile $file)
    {
    }

    /** @return array{checksum: string, rows: int} */
    public function write(Practice $practice, string $path, ?PracticeArchive $told = null): array
    {
        $of = array_intersect_key($practice->getAttributes(), array_flip(self::OF_PRACTICE));
        ksort($of);
        $written = $this->file->write(
            $path, new OfPractice($this->database, $this->tables->all(), $practice->id),
            ['format' => self::FORMAT, 'version' => self::VERSION], 'practice', $of,
            static fn (string $day): string => say('archive.readme', ['practice' => $practice->name, 'day' => $day]),
            static fn (int $percent) => $told?->update(['progress' => intdiv(9 * $percent, 10)]),
        );
        self::trail($path, $practice);
        $told?->update(['progress' => 95]);

        return $written;
    }

    /** Who did what when: to be read, and not restored, as it tells of this server. */
    private static function trail(string $path, Practice $practice): void
    {
        $csv = tmpfile();
        $zip = new \ZipArchive;
        if ($csv === false || $zip->open($path) !== true) {
            throw new \RuntimeException('There is no room for an archive.');
        }
        CsvWriter::write($csv, [['done_at', 'user', 'action', 'about']]);
        foreach (TrailEntry::query()->where('practice_id', $practice->id)->with('user')->lazyById(1000) as $entry) {
            CsvWriter::write($csv, [[
                $entry->done_at->format('Y-m-d\TH:i:s\Z'), $entry->user->name ?? '', $entry->action->value, $entry->about,
            ]]);
        }
        fflush($csv);
        $zip->addFile(stream_get_meta_data($csv)['uri'] ?? '', 'csv/trail.csv');
        $zip->close();
        fclose($csv);
    }
}
