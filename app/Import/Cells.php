<?php

declare(strict_types=1);

namespace App\Import;

/** The cells of one row by field, read as what they are meant to be; what cannot be is noted, and nothing of it guessed. */
final class Cells
{
    private const OLDEST = '2000-01-01';

    /** @var list<array{field: string, problem: string, text: string}> */
    private array $problems = [];

    /** @param  list<string>  $cells */
    public function __construct(
        private readonly array $cells, private readonly Matching $matching, private readonly Choices $choices,
    ) {
    }

    /** @return list<array{field: string, problem: string, text: string}> */
    public function problems(): array
    {
        return $this->problems;
    }

    public function problem(string $field, RowProblem $problem): void
    {
        $this->problems[] = ['field' => $field, 'problem' => $problem->value, 'text' => mb_substr($this->text($field), 0, 60)];
    }

    public function text(string $field): string
    {
        // our own files keep a spreadsheet from running such a cell
        return (string) preg_replace('/^\'(?=[=+\-@])/', '', $this->matching->cell($this->cells, $field));
    }

    /** What a text means: as it was matched, else as it is written. Null where there is none, or where it is a problem. */
    public function key(string $field, bool $isNeeded): ?string
    {
        $text = $this->text($field);
        if ($text === '') {
            if ($isNeeded) {
                $this->problem($field, RowProblem::Missing);
            }

            return null;
        }
        $key = $this->matching->values[$field][Matching::plain($text)] ?? $this->choices->guess($field, $text);
        if ($key === null || ($key !== '' && ! $this->choices->has($field, $key))) {
            $this->problem($field, RowProblem::Unknown);

            return null;
        }
        // matched to nothing on purpose: the row goes, or the cell where the row can do without
        if ($key === '' && $isNeeded) {
            $this->problem($field, RowProblem::LeftOut);
        }

        return $key === '' ? null : $key;
    }

    /** Number of a record: "i12". */
    public function id(string $field, bool $isNeeded): ?int
    {
        $key = $this->key($field, $isNeeded);

        return $key === null ? null : (int) substr($key, 1);
    }

    public function number(string $field, float $least, float $most, bool $isNeeded): ?float
    {
        $text = str_replace(["\u{00A0}", ' '], '', $this->text($field));
        if ($text === '') {
            if ($isNeeded) {
                $this->problem($field, RowProblem::Missing);
            }

            return null;
        }
        // "12,5" and "12.5 yd"; "1,250.5" has its comma for thousands
        $text = (string) preg_replace('/[a-zA-Z"\']+\.?$/', '', $text);
        $text = str_contains($text, '.') ? str_replace(',', '', $text) : str_replace(',', '.', $text);
        if (! is_numeric($text)) {
            $this->problem($field, RowProblem::NoNumber);

            return null;
        }
        if ((float) $text < $least || (float) $text > $most) {
            $this->problem($field, RowProblem::OutOfRange);

            return null;
        }

        return (float) $text;
    }

    /** @return ?array{0: \DateTimeImmutable, 1: bool} the moment where the practice is, and whether its time is known; noon if not */
    public function moment(\DateTimeZone $zone, \DateTimeImmutable $now): ?array
    {
        if ($this->text('date') === '') {
            $this->problem('date', RowProblem::Missing);

            return null;
        }
        $day = $this->day();
        if ($day === null) {
            $this->problem('date', RowProblem::NoDate);

            return null;
        }
        $time = $this->clock();
        if ($time === false) {
            $this->problem('time', RowProblem::NoTime);

            return null;
        }
        $at = new \DateTimeImmutable("{$day} ".($time ?? '12:00:00'), $zone);
        if ($day < self::OLDEST) {
            $this->problem('date', RowProblem::TooOld);

            return null;
        }
        if ($time === null ? $day > $now->setTimezone($zone)->format('Y-m-d') : $at > $now) {
            $this->problem('date', RowProblem::NotYet);

            return null;
        }

        return [min($at, $now->setTimezone($zone)), $time !== null];
    }

    private function day(): ?string
    {
        $text = $this->text('date');
        if (preg_match('/^(\d{4})[-.\/](\d{1,2})[-.\/](\d{1,2})(?:$|[T ])/', $text, $found) === 1) {
            [$year, $month, $day] = [(int) $found[1], (int) $found[2], (int) $found[3]];
        } elseif (preg_match('/^(\d{1,2})[-.\/ ]+(\d{1,2})[-.\/ ]+(\d{4}|\d{2})(?:$|[T ])/', $text, $found) === 1) {
            [$first, $second, $year] = [(int) $found[1], (int) $found[2], (int) $found[3] + (strlen($found[3]) === 2 ? 2000 : 0)];
            [$day, $month] = $this->matching->dateOrder === 'mdy' ? [$second, $first] : [$first, $second];
        } elseif (preg_match('/^(?:[a-z]{2,9}\.?,? +)?(\d{1,2})\.? +([a-z]{3})[a-z]*\.?,? +(\d{4})/i', $text, $found) === 1) {
            [$day, $month, $year] = [(int) $found[1], self::month($found[2]), (int) $found[3]];
        } elseif (preg_match('/^(?:[a-z]{2,9}\.?,? +)?([a-z]{3})[a-z]*\.? +(\d{1,2}),? +(\d{4})/i', $text, $found) === 1) {
            [$month, $day, $year] = [self::month($found[1]), (int) $found[2], (int) $found[3]];
        } else {
            return null;
        }

        return checkdate($month, $day, $year) ? sprintf('%04d-%02d-%02d', $year, $month, $day) : null;
    }

    private static function month(string $name): int
    {
        $found = array_search(strtolower($name), [
            'jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec',
        ], true);

        return $found === false ? 0 : $found + 1;
    }

    /** @return string|false|null null where none is said; false where it cannot be */
    private function clock(): string|false|null
    {
        $text = $this->text('time');
        if ($text === '' && preg_match('/[T ](\d{1,2}:\d{2}(?::\d{2})?(?: *[ap]\.?m\.?)?)/i', $this->text('date'), $found) === 1) {
            $text = $found[1];
        }
        if ($text === '') {
            return null;
        }
        if (preg_match('/^(?:\d{4}-\d\d-\d\dT)?(\d{1,2})(?:[:.h](\d{2}))?(?::(\d{2}))? *(?:([ap])\.?m\.?)?$/i', $text, $found) !== 1) {
            return false;
        }
        $hour = (int) $found[1];
        $half = strtolower($found[4] ?? '');
        if ($half !== '' && ($hour < 1 || $hour > 12)) {
            return false;
        }
        $hour = match ($half) {
            'p' => $hour % 12 + 12,
            'a' => $hour % 12,
            default => $hour,
        };
        $minute = (int) ($found[2] ?? 0);
        $second = (int) ($found[3] ?? 0);

        return $hour > 23 || $minute > 59 || $second > 59 ? false : sprintf('%02d:%02d:%02d', $hour, $minute, $second);
    }
}
