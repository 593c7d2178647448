<?php

declare(strict_types=1);

namespace App\Table;

/** Writes rows as text (RFC 4180). A cell that a spreadsheet would run as a formula starts with an apostrophe. */
final class CsvWriter
{
    /**
     * @param  resource  $file
     * @param  iterable<list<string|int|float|bool|null>>  $rows
     */
    public static function write($file, iterable $rows): void
    {
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::cell(...), $row), escape: '', eol: "\r\n");
        }
    }

    public static function cell(string|int|float|bool|null $value): string
    {
        $text = is_bool($value) ? ($value ? '1' : '0') : (string) $value;

        return preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'{$text}" : $text;
    }
}
