<?php

declare(strict_types=1);

namespace Core\Film;

use Core\Sign\Band;

/**
 * A record as timed text, so that any player shows it with the film, and any editor changes it. A cue is "ears: forward" for as long as it
 * lasts, "mark" for the moment it happens, "trial: 2" with its band; the length of the film stands in a note.
 *
 * @see W3C (2019). WebVTT: The Web Video Text Tracks Format. Candidate Recommendation.
 */
final readonly class WebVtt
{
    /** Milliseconds for which what happens at one moment is shown. */
    private const MOMENT = 500;

    private const TIME = '(?:(\d{2,}):)?([0-5]\d):([0-5]\d)\.(\d{3})';

    public static function write(Record $record): string
    {
        $cues = [];
        foreach (Part::cases() as $part) {
            foreach ($record->spells($part) as $spell) {
                $cues[] = [$spell->from, $spell->until, "{$part->value}: {$spell->state}"];
            }
        }
        foreach ($record->happenings as $one) {
            $cues[] = [$one->at, min($record->length, $one->at) + self::MOMENT, $one->happening->value];
        }
        foreach ($record->trials as $one) {
            $cues[] = [$one->from, $one->until, "trial: {$one->band->value}"];
        }
        usort($cues, static fn (array $a, array $b): int => [$a[0], $a[2]] <=> [$b[0], $b[2]]);
        $lines = ['WEBVTT', '', 'NOTE', "length={$record->length}"];
        foreach ($cues as [$from, $until, $said]) {
            array_push($lines, '', self::clock($from).' --> '.self::clock($until), $said);
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * @param  int  $length  of the film, where the text has none; milliseconds
     *
     * @throws UnreadableRecord with the line at fault
     */
    public static function read(string $text, int $length): Record
    {
        $lines = preg_split('/\r\n|\r|\n/', str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text);
        if ($lines === false || preg_match('/^WEBVTT(?:[ \t]|$)/', $lines[0]) !== 1) {
            throw new UnreadableRecord(RecordProblem::Unreadable, 1);
        }
        $states = $happenings = $trials = [];
        $times = null;
        foreach ($lines as $i => $line) {
            if ($times === null && preg_match('/^length=(\d{1,9})$/', $line, $found) === 1) {
                $length = (int) $found[1];
            } elseif (str_contains($line, '-->')) {
                $times = self::times($line, $i + 1);
            } elseif (trim($line) === '') {
                $times = null;
            } elseif ($times !== null) {
                $said = self::said(trim($line), $times[0], $times[1], $i + 1);
                if ($said instanceof StateFrom) {
                    $states[] = $said;
                } elseif ($said instanceof FilmTrial) {
                    $trials[] = $said;
                } else {
                    $happenings[] = $said;
                }
            }
        }

        return Record::of($length, $states, $happenings, $trials);
    }

    private static function said(string $said, int $from, int $until, int $line): StateFrom|FilmTrial|HappeningAt
    {
        $parts = array_map(trim(...), explode(':', $said, 2));
        [$name, $value] = [$parts[0], $parts[1] ?? ''];
        if ($name === 'trial') {
            $band = ctype_digit($value) ? Band::tryFrom((int) $value) : null;

            return new FilmTrial($from, $until, $band ?? throw new UnreadableRecord(RecordProblem::UnknownBand, $line, $value));
        }
        if ($value === '') {
            return new HappeningAt(
                Happening::tryFrom($name) ?? throw new UnreadableRecord(RecordProblem::UnknownHappening, $line, $name), $from,
            );
        }
        $part = Part::tryFrom($name) ?? throw new UnreadableRecord(RecordProblem::UnknownPart, $line, $name);

        return in_array($value, $part->states(), true) ? new StateFrom($part, $value, $from)
            : throw new UnreadableRecord(RecordProblem::UnknownState, $line, $value);
    }

    /** @return array{int, int} milliseconds */
    private static function times(string $line, int $number): array
    {
        return preg_match('/^\s*'.self::TIME.'\s+-->\s+'.self::TIME.'(?:\s|$)/', $line, $found) === 1
            ? [self::milliseconds(array_slice($found, 1, 4)), self::milliseconds(array_slice($found, 5, 4))]
            : throw new UnreadableRecord(RecordProblem::Unreadable, $number);
    }

    private static function clock(int $at): string
    {
        return sprintf('%02d:%02d:%02d.%03d', intdiv($at, 3_600_000), intdiv($at, 60_000) % 60, intdiv($at, 1000) % 60, $at % 1000);
    }

    /** @param  array<string>  $of  hours, minutes, seconds, milliseconds */
    private static function milliseconds(array $of): int
    {
        [$hours, $minutes, $seconds, $rest] = array_map(intval(...), array_values($of));

        return (($hours * 60 + $minutes) * 60 + $seconds) * 1000 + $rest;
    }
}
