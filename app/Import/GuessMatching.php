<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\ImportKind;
use App\Models\User;
use Core\Measure\DistanceUnit;

/** Looks at the first rows of a file and says how they are probably read: columns by their heads, units, the order of a date. */
final readonly class GuessMatching
{
    /** What heads are called, the likeliest first. */
    private const HEADS = [
        'dog' => ['dog', 'dog name', 'name of dog', 'animal', 'name'],
        'date' => ['date', 'day', 'when', 'datum', 'fecha'],
        'time' => ['time', 'start', 'at', 'clock', 'hour'],
        'plan' => ['plan', 'trigger', 'stimulus', 'exercise', 'what'],
        'person' => ['handler', 'person', 'trainer', 'who handled', 'by'],
        'place' => ['place', 'location', 'where', 'site'],
        'distance' => ['distance', 'dist', 'yards', 'yd', 'meters', 'metres', 'feet', 'ft', 'm'],
        'step' => ['step', 'level', 'stage'],
        'outcome' => ['outcome', 'result', 'response', 'did'],
        'band' => ['band', 'grade', 'stress', 'score', 'rating', 'how it was'],
        'signs' => ['signs', 'body language', 'signals'],
        'food' => ['food', 'treat', 'ate', 'took food', 'eats'],
        'latency' => ['latency', 'seconds to turn', 'turn'],
        'hold' => ['hold', 'held', 'duration', 'seconds'],
        'traits' => ['traits', 'who it was', 'met'],
        'note' => ['note', 'notes', 'comment', 'comments', 'remarks'],
        'minutes' => ['minutes', 'min', 'length', 'duration'],
        'weight' => ['weight', 'kg', 'lb', 'lbs', 'pounds', 'kilograms'],
        'severity' => ['severity', 'how bad', 'level'],
        'task' => ['task', 'homework', 'exercise'],
        'times' => ['times', 'reps', 'count', 'done'],
    ];

    /**
     * @param  list<string>  $head
     * @param  list<list<string>>  $sample
     */
    public static function of(ImportKind $kind, array $head, array $sample, User $user): Matching
    {
        $columns = self::columns($kind, $head);
        $units = $user->units();
        $headOf = static fn (string $field): string => isset($columns[$field]) ? Matching::plain($head[$columns[$field]] ?? '') : '';

        return new Matching($columns, match (true) {
            preg_match('/\b(yd|yds|yard|yards)\b/', $headOf('distance')) === 1 => DistanceUnit::Yard,
            preg_match('/\b(ft|foot|feet)\b/', $headOf('distance')) === 1 => DistanceUnit::Foot,
            preg_match('/\b(m|meter|meters|metre|metres)\b/', $headOf('distance')) === 1 => DistanceUnit::Meter,
            default => $units->distance,
        }, match (true) {
            preg_match('/\b(lb|lbs|pound|pounds)\b/', $headOf('weight')) === 1 => 'lb',
            preg_match('/\b(kg|kilogram|kilograms)\b/', $headOf('weight')) === 1 => 'kg',
            default => $units->isImperial ? 'lb' : 'kg',
        }, self::dateOrder(
            array_map(static fn (array $row): string => isset($columns['date']) ? ($row[$columns['date']] ?? '') : '', $sample),
            $units->isImperial ? 'mdy' : 'dmy',
        ));
    }

    /**
     * @param  list<string>  $head
     * @return array<string, int>
     */
    private static function columns(ImportKind $kind, array $head): array
    {
        $plain = array_map(Matching::plain(...), $head);
        $columns = [];
        // first those whose head is the very word, then those that hold it
        foreach ([true, false] as $isWhole) {
            foreach (array_keys($kind->fields()) as $field) {
                foreach (self::HEADS[$field] as $word) {
                    foreach ($plain as $column => $text) {
                        $isMeant = $isWhole ? $text === $word : preg_match('/\b'.preg_quote($word, '/').'\b/', $text) === 1;
                        if (! isset($columns[$field]) && $isMeant && ! in_array($column, $columns, true)) {
                            $columns[$field] = $column;
                        }
                    }
                }
            }
        }

        return $columns;
    }

    /** @param  list<string>  $dates */
    private static function dateOrder(array $dates, string $usual): string
    {
        $first = $second = 0;
        foreach ($dates as $date) {
            if (preg_match('/^\d{4}\D/', $date) === 1) {
                return 'ymd';
            }
            if (preg_match('/^(\d{1,2})\D+(\d{1,2})\D/', $date, $found) === 1) {
                $first += (int) $found[1] > 12 ? 1 : 0;
                $second += (int) $found[2] > 12 ? 1 : 0;
            }
        }

        return match (true) {
            $first > $second => 'dmy',
            $second > $first => 'mdy',
            default => $usual,
        };
    }
}
