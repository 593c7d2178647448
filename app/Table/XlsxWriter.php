<?php

declare(strict_types=1);

namespace App\Table;

/**
 * Writes one sheet as an Office Open XML workbook, row by row: text as inline strings, which nothing runs as a formula, and numbers as
 * numbers.
 *
 * @see ECMA-376-1:2016, 18.3.1.4 (cells) and 18.18.11 (inlineStr)
 */
final class XlsxWriter
{
    private const PARTS = [
        '[Content_Types].xml' => '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'
            .'<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
            .'<Default Extension="xml" ContentType="application/xml"/>'
            .'<Override PartName="/xl/workbook.xml" '
            .'ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/>'
            .'<Override PartName="/xl/worksheets/sheet1.xml" '
            .'ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/></Types>',
        '_rels/.rels' => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" '
            .'Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="xl/workbook.xml"/>'
            .'</Relationships>',
        'xl/workbook.xml' => '<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" '
            .'xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships">'
            .'<sheets><sheet name="1" sheetId="1" r:id="rId1"/>'
            .'</sheets></workbook>',
        'xl/_rels/workbook.xml.rels' => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
            .'<Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" '
            .'Target="worksheets/sheet1.xml"/></Relationships>',
    ];

    private const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    /** @param  iterable<list<string|int|float|bool|null>>  $rows */
    public static function write(string $path, iterable $rows): void
    {
        $sheet = tempnam(sys_get_temp_dir(), 'sheet');
        if ($sheet === false) {
            throw new \RuntimeException('No temporary file for a workbook.');
        }
        try {
            $xml = new \XMLWriter;
            $xml->openUri($sheet);
            $xml->startDocument('1.0', 'UTF-8', 'yes');
            $xml->startElementNs(null, 'worksheet', 'http://schemas.openxmlformats.org/spreadsheetml/2006/main');
            $xml->startElement('sheetData');
            foreach ($rows as $row) {
                self::row($xml, $row);
            }
            $xml->endElement();
            $xml->endElement();
            $xml->endDocument();
            $xml->flush();
            $zip = new \ZipArchive;
            if ($zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
                throw new \RuntimeException('The workbook cannot be written.');
            }
            foreach (self::PARTS as $name => $part) {
                $zip->addFromString($name, self::HEAD.$part);
            }
            $zip->addFile($sheet, 'xl/worksheets/sheet1.xml');
            $zip->close();
        } finally {
            unlink($sheet);
        }
    }

    /** @param  list<string|int|float|bool|null>  $row */
    private static function row(\XMLWriter $xml, array $row): void
    {
        $xml->startElement('row');
        foreach ($row as $cell) {
            $xml->startElement('c');
            if (is_int($cell) || is_float($cell)) {
                $xml->writeElement('v', (string) json_encode($cell));
            } elseif ($cell !== null && $cell !== '') {
                $xml->writeAttribute('t', 'inlineStr');
                $xml->startElement('is');
                $xml->startElement('t');
                $xml->writeAttribute('xml:space', 'preserve');
                // control characters have no place in XML
                $text = is_bool($cell) ? ($cell ? '1' : '0') : mb_scrub($cell);
                $xml->text((string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text));
                $xml->endElement();
                $xml->endElement();
            }
            $xml->endElement();
        }
        $xml->endElement();
    }
}
