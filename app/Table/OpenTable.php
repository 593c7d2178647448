<?php

declare(strict_types=1);

namespace App\Table;

/** Opens a file of rows by what is in it, whatever it is called. */
final class OpenTable
{
    /** @throws UnreadableTable */
    public static function of(string $path): Table
    {
        $start = (string) file_get_contents($path, length: 4096);
        if ($start === '') {
            throw new UnreadableTable(TableProblem::Empty);
        }
        if (str_starts_with($start, "PK\x03\x04")) {
            $parts = new ZippedXml($path);

            return match (true) {
                $parts->has('xl/workbook.xml') => new XlsxTable($path),
                $parts->has('content.xml') => new OdsTable($path),
                default => throw new UnreadableTable(TableProblem::NoTable),
            };
        }
        $isWide = str_starts_with($start, "\xFF\xFE") || str_starts_with($start, "\xFE\xFF");
        // an old binary workbook, a PDF, a picture: text has no zero bytes
        if (str_starts_with($start, "\xD0\xCF\x11\xE0") || str_starts_with($start, '%PDF') || (! $isWide && str_contains($start, "\0"))) {
            throw new UnreadableTable(TableProblem::NoTable);
        }

        return new CsvTable($path);
    }
}
