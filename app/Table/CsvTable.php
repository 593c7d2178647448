<?php

declare(strict_types=1);

namespace App\Table;

/** Text with a mark between cells (RFC 4180), in whichever encoding and with whichever mark spreadsheets write it. */
final readonly class CsvTable implements Table
{
    private const MARKS = [',', ';', "\t", '|'];

    private const SNIFFED = 65_536;

    public function __construct(private string $path)
    {
    }

    public function rows(): \Generator
    {
        $file = fopen($this->path, 'r');
        if ($file === false) {
            throw new UnreadableTable(TableProblem::Damaged);
        }
        try {
            $start = (string) fread($file, self::SNIFFED);
            [$encoding, $skip] = self::encoding($start);
            fseek($file, $skip);
            if ($encoding !== 'UTF-8') {
                stream_filter_append($file, "convert.iconv.{$encoding}/UTF-8", STREAM_FILTER_READ);
            }
            $mark = self::mark(mb_scrub(mb_convert_encoding(substr($start, $skip), 'UTF-8', $encoding) ?: ''));
            for ($number = 1; ($cells = fgetcsv($file, null, $mark, escape: '')) !== false; $number++) {
                if ($number > self::MOST_ROWS) {
                    throw new UnreadableTable(TableProblem::TooManyRows);
                }
                if (count($cells) > self::MOST_COLUMNS) {
                    throw new UnreadableTable(TableProblem::TooManyColumns);
                }
                $row = array_map(
                    static fn (?string $cell): string => trim(mb_substr(mb_scrub((string) $cell), 0, self::MOST_LETTERS)), $cells,
                );
                if (implode('', $row) !== '') {
                    yield $number => $row;
                }
            }
        } finally {
            fclose($file);
        }
    }

    /** @return array{string, int} and the bytes of a mark of the encoding at the start. What is no UTF-8 is taken for Windows-1252. */
    private static function encoding(string $start): array
    {
        return match (true) {
            str_starts_with($start, "\xEF\xBB\xBF") => ['UTF-8', 3],
            str_starts_with($start, "\xFF\xFE") => ['UTF-16LE', 2],
            str_starts_with($start, "\xFE\xFF") => ['UTF-16BE', 2],
            // a letter cut in half at the end of what was looked at is no other encoding
            mb_check_encoding((string) preg_replace('/[\xC2-\xF4][\x80-\xBF]{0,2}$/', '', $start), 'UTF-8') => ['UTF-8', 0],
            default => ['Windows-1252', 0],
        };
    }

    /** The one that makes the same number of cells in most lines. */
    private static function mark(string $start): string
    {
        $lines = array_slice(preg_split('/\r\n|\n|\r/', $start) ?: [], 0, 20);
        $best = ',';
        $most = 0;
        foreach (self::MARKS as $mark) {
            $counts = array_count_values(array_filter(array_map(
                static fn (string $line): int => count(str_getcsv($line, $mark, escape: '')) - 1, $lines,
            )));
            arsort($counts);
            $score = $counts === [] ? 0 : reset($counts) * min(8, (int) key($counts));
            if ($score > $most) {
                [$best, $most] = [$mark, $score];
            }
        }

        return $best;
    }
}
