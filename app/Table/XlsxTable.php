<?php

declare(strict_types=1);

namespace App\Table;

/**
 * The first sheet of an Office Open XML workbook, row by row.
 *
 * @see ECMA-376-1:2016, 18.3 (worksheets), 18.4 (shared strings), 18.8 (styles), 18.17.4 (dates)
 */
final readonly class XlsxTable implements Table
{
    private const MOST_STRINGS = 1_000_000;

    /** Numbers of formats that show a date or a time: 18.8.30. */
    private const DATE_FORMATS = [14, 15, 16, 17, 18, 19, 20, 21, 22, 27, 30, 36, 45, 46, 47, 50, 57];

    private ZippedXml $parts;

    public function __construct(string $path)
    {
        $this->parts = new ZippedXml($path);
    }

    public function rows(): \Generator
    {
        [$sheet, $is1904] = $this->firstSheet();
        $strings = $this->sharedStrings();
        $isDate = $this->dateStyles();
        $xml = $this->parts->open($sheet);
        $number = 0;
        while (ZippedXml::read($xml)) {
            if ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'row') {
                $number = (int) ($xml->getAttribute('r') ?? $number + 1);
                if ($number > self::MOST_ROWS) {
                    throw new UnreadableTable(TableProblem::TooManyRows);
                }
                $row = $xml->isEmptyElement ? [] : self::row($xml, $strings, $isDate, $is1904);
                if (implode('', $row) !== '') {
                    yield $number => $row;
                }
            }
        }
        $xml->close();
    }

    /**
     * @param  list<string>  $strings
     * @param  list<bool>  $isDate  by style
     * @return list<string>
     */
    private static function row(\XMLReader $xml, array $strings, array $isDate, bool $is1904): array
    {
        $row = [];
        $column = -1;
        $depth = $xml->depth;
        while (ZippedXml::read($xml) && $xml->depth > $depth) {
            if ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'c') {
                $column = self::column((string) $xml->getAttribute('r')) ?? $column + 1;
                if ($column >= self::MOST_COLUMNS) {
                    throw new UnreadableTable(TableProblem::TooManyColumns);
                }
                $type = (string) $xml->getAttribute('t');
                $style = (int) $xml->getAttribute('s');
                $value = $xml->isEmptyElement ? '' : self::text($xml, ['v', 't'], ['rPh', 'f']);
                while (count($row) < $column) {
                    $row[] = '';
                }
                $row[$column] = trim(mb_substr(match (true) {
                    $type === 's' => $strings[(int) $value] ?? '',
                    $type === 'e' => '',
                    $type === '' || $type === 'n' => ($isDate[$style] ?? false) && is_numeric($value)
                        ? self::date((float) $value, $is1904)
                        : $value,
                    default => $value,
                }, 0, self::MOST_LETTERS));
            }
        }

        return array_values($row);
    }

    /** "AB12" is 27; null where the cell does not say. */
    private static function column(string $reference): ?int
    {
        if (preg_match('/^([A-Z]{1,3})\d+$/', $reference, $found) !== 1) {
            return null;
        }
        $column = 0;
        foreach (str_split($found[1]) as $letter) {
            $column = 26 * $column + ord($letter) - 64;
        }

        return $column - 1;
    }

    /**
     * All that stands in some elements below this one.
     *
     * @param  list<string>  $of
     * @param  list<string>  $without
     */
    private static function text(\XMLReader $xml, array $of, array $without): string
    {
        $depth = $xml->depth;
        $open = [];
        $text = '';
        while (ZippedXml::read($xml) && $xml->depth > $depth) {
            if ($xml->nodeType === \XMLReader::ELEMENT && ! $xml->isEmptyElement) {
                $open[] = $xml->localName;
            } elseif ($xml->nodeType === \XMLReader::END_ELEMENT) {
                array_pop($open);
            } elseif ($xml->hasValue && array_intersect($of, $open) !== [] && array_intersect($without, $open) === []) {
                $text .= $xml->value;
            }
        }

        return $text;
    }

    /** Days since the end of 1899 (or of 1903) with the time as their fraction. */
    private static function date(float $serial, bool $is1904): string
    {
        $days = $serial + ($is1904 ? 1462.0 : 0.0);
        if ($days < 0.0 || $days > 2_958_465.99999) {
            return (string) $serial;
        }
        if ($days < 1.0) {
            return gmdate('H:i:s', (int) round(86_400.0 * $days));
        }
        // the first 59 days are one off, as that calendar has a February 29 in 1900
        $seconds = (int) round(86_400.0 * ($days - 25_569.0 + ($days < 60.0 ? 1.0 : 0.0)));

        return $seconds % 86_400 === 0 ? gmdate('Y-m-d', $seconds) : gmdate('Y-m-d\TH:i:s', $seconds);
    }

    /** @return array{string, bool} its part, and whether days count from 1904 */
    private function firstSheet(): array
    {
        $xml = $this->parts->open('xl/workbook.xml');
        $id = null;
        $is1904 = false;
        while (ZippedXml::read($xml)) {
            if ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'workbookPr') {
                $is1904 = in_array($xml->getAttribute('date1904'), ['1', 'true'], true);
            }
            if ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'sheet' && $id === null) {
                $id = $xml->getAttributeNs('id', 'http://schemas.openxmlformats.org/officeDocument/2006/relationships')
                    ?? $xml->getAttributeNs('id', 'http://purl.oclc.org/ooxml/officeDocument/relationships') ?? $xml->getAttribute('r:id');
            }
        }
        $xml->close();
        $relations = $this->parts->open('xl/_rels/workbook.xml.rels');
        $target = null;
        while (ZippedXml::read($relations)) {
            if ($relations->nodeType === \XMLReader::ELEMENT && $relations->localName === 'Relationship'
                && $relations->getAttribute('Id') === $id) {
                $target = (string) $relations->getAttribute('Target');
            }
        }
        $relations->close();
        if ($target === null) {
            throw new UnreadableTable(TableProblem::NoTable);
        }

        return [str_starts_with($target, '/') ? substr($target, 1) : "xl/{$target}", $is1904];
    }

    /** @return list<string> */
    private function sharedStrings(): array
    {
        if (! $this->parts->has('xl/sharedStrings.xml')) {
            return [];
        }
        $xml = $this->parts->open('xl/sharedStrings.xml');
        $strings = [];
        while (ZippedXml::read($xml)) {
            if ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'si') {
                $strings[] = $xml->isEmptyElement ? '' : mb_substr(self::text($xml, ['t'], ['rPh']), 0, self::MOST_LETTERS);
                if (count($strings) > self::MOST_STRINGS) {
                    throw new UnreadableTable(TableProblem::TooLarge);
                }
            }
        }
        $xml->close();

        return $strings;
    }

    /** @return list<bool> by number of the style, whether it shows a date or a time */
    private function dateStyles(): array
    {
        if (! $this->parts->has('xl/styles.xml')) {
            return [];
        }
        $xml = $this->parts->open('xl/styles.xml');
        $formats = [];
        $styles = [];
        $isInCells = false;
        while (ZippedXml::read($xml)) {
            if ($xml->localName === 'cellXfs') {
                $isInCells = $xml->nodeType === \XMLReader::ELEMENT;
            } elseif ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'numFmt') {
                // quoted words, escaped letters and [conditions] are no part of a date
                $code = (string) preg_replace('/"[^"]*"|\\\\.|\[[^\]]*\]/', '', (string) $xml->getAttribute('formatCode'));
                $formats[(int) $xml->getAttribute('numFmtId')] = preg_match('/[ymdhs]/i', $code) === 1;
            } elseif ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'xf' && $isInCells) {
                $format = (int) $xml->getAttribute('numFmtId');
                $styles[] = $formats[$format] ?? in_array($format, self::DATE_FORMATS, true);
            }
        }
        $xml->close();

        return $styles;
    }
}
