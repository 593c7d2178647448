<?php

declare(strict_types=1);

namespace App\Watch;

use App\Support\Fields;
use Illuminate\Database\QueryException;
use Monolog\Formatter\FormatterInterface;
use Monolog\LogRecord;

/**
 * One line of JSON for each thing that happened: what and where, never whose. Of a query its text without its values, of an exception its
 * class and place without its arguments, of a problem of the database its number without the row that it quotes.
 */
final class JsonLines implements FormatterInterface
{
    private const FRAMES = 12;

    /** What may be told beside the message. */
    private const TOLD = ['route', 'status', 'ms', 'queries', 'database_ms', 'slow', 'memory_mb', 'userId'];

    public function format(LogRecord $record): string
    {
        $problem = $record->context['exception'] ?? null;
        $problem = $problem instanceof \Throwable ? $problem : null;

        return json_encode(array_filter([
            'at' => $record->datetime->format('Y-m-d\TH:i:s.vP'),
            'level' => strtolower($record->level->getName()),
            'what' => $problem === null ? $record->message : self::message($problem),
            ...array_intersect_key($record->context, array_flip(self::TOLD)),
            'problem' => $problem === null ? null : self::told($problem),
        ], static fn (mixed $value): bool => $value !== null), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE
            | JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)."\n";
    }

    /** @param  array<LogRecord>  $records */
    public function formatBatch(array $records): string
    {
        return implode('', array_map($this->format(...), $records));
    }

    private static function message(\Throwable $problem): string
    {
        return $problem instanceof \PDOException
            ? trim('SQLSTATE '.$problem->getCode().' '.Fields::of($problem->errorInfo)->text('1'))
            : $problem->getMessage();
    }

    /** @return array<string, mixed> */
    private static function told(\Throwable $problem): array
    {
        $before = $problem->getPrevious();

        return array_filter([
            'class' => $problem::class,
            'sql' => $problem instanceof QueryException ? $problem->getSql() : null,
            'in' => self::place($problem->getFile(), $problem->getLine()),
            'from' => array_map(
                static fn (array $frame): string => ($frame['class'] ?? '').($frame['type'] ?? '').$frame['function'].' '
                    .self::place($frame['file'] ?? '', $frame['line'] ?? 0),
                array_slice($problem->getTrace(), 0, self::FRAMES),
            ),
            'before' => $before === null ? null : ['class' => $before::class, 'what' => self::message($before)],
        ], static fn (mixed $value): bool => $value !== null);
    }

    private static function place(string $file, int $line): string
    {
        $root = dirname(__DIR__, 2).'/';

        return (str_starts_with($file, $root) ? substr($file, strlen($root)) : $file).":{$line}";
    }
}
