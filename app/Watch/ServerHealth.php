<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Psr\Clock\ClockInterface;

/** How this server is: what whoever runs it would look at first. Numbers only, nobody's data. */
final readonly class ServerHealth
{
    public const WAITING_MINUTES = 10;

    private const LOW_DISK_SHARE = 0.1;

    public function __construct(private Connection $database, private ClockInterface $clock, private string $folder)
    {
    }

    /** @return array<string, array{float|int, string}> with what each is, by the name under which it is told */
    public function numbers(): array
    {
        $disk = ['wheatear_disk_free_share' => [round($this->diskFree(), 4), 'Share of the disk of the data that is free.']];
        try {
            return [
                'wheatear_database_up' => [1, 'Whether the database answers.'],
                'wheatear_jobs_waiting_long' => [$this->waitingLong(), 'Letters and other work that nobody has done for ten minutes.'],
                'wheatear_jobs_failed' => [$this->database->table('failed_jobs')->count(), 'Work that was given up.'],
                'wheatear_sessions_open' => [
                    $this->database->table('sessions')->whereNull('ended_at')->where('started_at', '>', $this->ago('-12 hours'))->count(),
                    'Training sessions that began in the last twelve hours and go on.',
                ],
                'wheatear_trials_last_hour' => [
                    $this->database->table('trials')->where('id', '>', $this->before())->where('received_at', '>', $this->ago('-1 hour'))
                        ->count(),
                    'Trials that came in the last hour.',
                ],
                'wheatear_trials_unfiled' => [
                    $this->database->table('unplaced_trials')->whereNull('settled_at')->count(), 'Trials that wait to be filed.',
                ],
                ...$disk,
            ];
        } catch (QueryException|\PDOException) {
            return ['wheatear_database_up' => [0, 'Whether the database answers.'], ...$disk];
        }
    }

    /** @return list<string> keys of what should be looked at; none where all is well */
    public function problems(): array
    {
        $numbers = array_map(static fn (array $one): float|int => $one[0], $this->numbers());

        return array_keys(array_filter([
            'database' => $numbers['wheatear_database_up'] === 0,
            'waiting' => ($numbers['wheatear_jobs_waiting_long'] ?? 0) > 0,
            'failed' => ($numbers['wheatear_jobs_failed'] ?? 0) > 0,
            'disk' => $numbers['wheatear_disk_free_share'] < self::LOW_DISK_SHARE,
        ]));
    }

    /** @throws QueryException if the database does not answer */
    public function waitingLong(): int
    {
        return $this->database->table('jobs')->whereNull('reserved_at')
            ->where('available_at', '<', $this->clock->now()->getTimestamp() - 60 * self::WAITING_MINUTES)->count();
    }

    private function diskFree(): float
    {
        $all = @disk_total_space($this->folder);
        $free = @disk_free_space($this->folder);

        return $all === false || $free === false || $all <= 0.0 ? 1.0 : $free / $all;
    }

    /** No index tells when a trial came; the newest ten thousand do. */
    private function before(): int
    {
        $newest = $this->database->table('trials')->max('id');

        return max(0, (is_numeric($newest) ? (int) $newest : 0) - 10_000);
    }

    private function ago(string $time): string
    {
        return $this->clock->now()->modify($time)->format('Y-m-d H:i:s');
    }
}
