<?php

declare(strict_types=1);

namespace App\Archive;

use App\Support\Fields;
use Illuminate\Database\Connection;

/**
 * Which tables a practice's archive has, as the database tells them: those with its number and those that hang on them, parents first.
 * What opens something (tokens, links, passwords), what can be worked out anew, and the machine's own are left out.
 */
final readonly class ArchivedTables
{
    public const LEFT_OUT = [
        // opens something
        'api_tokens', 'calendar_links', 'devices', 'home_links', 'invitations', 'one_time_links', 'report_links', 'report_openings',
        'session_helpers', 'helper_passes',
        // worked out anew, or of this server only
        'archives', 'busy_times', 'cache_entries', 'cache_locks', 'calendar_feeds', 'failed_jobs', 'import_rows', 'imports', 'jobs',
        'migrations', 'practices', 'trail_entries', 'week_proposals', 'plan_futures', 'sign_ins',
    ];

    private const COLUMNS_LEFT_OUT = [
        'users' => ['email', 'password', 'remember_token', 'totp_secret', 'totp_since', 'totp_step', 'recovery_codes', 'disabled_at'],
        'sessions' => ['state', 'revised_at', 'meter_token', 'import_id', 'import_key'], 'trials' => ['import_id'],
        'health_entries' => ['import_id'], 'events' => ['import_id'], 'home_reps' => ['import_id'],
        'reports' => ['file', 'progress', 'has_failed'], 'photos' => ['file'], 'dogs' => ['from_file'],
    ];

    public function __construct(private Connection $database)
    {
    }

    /** @return array<string, ArchivedTable> by name, each after those it points to, as far as that is no circle */
    public function all(): array
    {
        $columns = $keys = $pointers = $ofPractice = [];
        foreach ($this->rows('SELECT table_name AS t, column_name AS c, data_type AS d, is_nullable AS n, column_key AS k
            FROM information_schema.columns WHERE table_schema = DATABASE() ORDER BY table_name, ordinal_position') as $row) {
            $columns[$row->text('t')][$row->text('c')] = [$row->text('d'), $row->text('n') === 'YES'];
            if ($row->text('k') === 'PRI') {
                $keys[$row->text('t')][] = $row->text('c');
            }
            $ofPractice[$row->text('t')] = ($ofPractice[$row->text('t')] ?? false) || $row->text('c') === 'practice_id';
        }
        foreach ($this->rows('SELECT table_name AS t, column_name AS c, referenced_table_name AS r FROM information_schema.key_column_usage
            WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL') as $row) {
            $pointers[$row->text('t')][$row->text('c')] = $row->text('r');
        }
        $tables = [];
        foreach (array_diff_key($columns, array_flip(self::LEFT_OUT)) as $name => $of) {
            $kept = array_diff(array_keys($of), self::COLUMNS_LEFT_OUT[$name] ?? [], ['practice_id']);
            $tables[$name] = new ArchivedTable(
                $name, array_values($kept), array_map(static fn (array $one): string => $one[0], $of),
                array_map(static fn (array $one): bool => $one[1], $of), $keys[$name] ?? [],
                array_intersect_key($pointers[$name] ?? [], array_flip($kept)), $ofPractice[$name],
            );
        }

        return self::ordered(array_filter($tables, static fn (ArchivedTable $one): bool => $one->isOfPractice || $one->pointers !== []));
    }

    /**
     * @param  array<string, ArchivedTable>  $tables
     * @return array<string, ArchivedTable>
     */
    private static function ordered(array $tables): array
    {
        $ordered = [];
        while ($tables !== []) {
            $ready = array_filter($tables, static fn (ArchivedTable $one): bool => array_diff(
                array_intersect($one->pointers, array_keys($tables)), [$one->name],
            ) === []);
            // a circle is broken at the first by name
            $ready = $ready === [] ? array_slice($tables, 0, 1, true) : $ready;
            $ordered += $ready;
            $tables = array_diff_key($tables, $ready);
        }

        return $ordered;
    }

    /** @return \Generator<Fields> */
    private function rows(string $sql): \Generator
    {
        foreach ($this->database->select($sql) as $row) {
            yield Fields::of($row);
        }
    }
}
