<?php

declare(strict_types=1);

namespace App\Table;

/**
 * The first table of an OpenDocument spreadsheet, row by row.
 *
 * @see OASIS OpenDocument 1.3 part 3, 9.1 (tables) and 19.385 (office:value-type)
 */
final readonly class OdsTable implements Table
{
    private ZippedXml $parts;

    public function __construct(string $path)
    {
        $this->parts = new ZippedXml($path);
    }

    public function rows(): \Generator
    {
        $xml = $this->parts->open('content.xml');
        $number = 0;
        $isIn = false;
        while (ZippedXml::read($xml)) {
            if ($xml->name === 'table:table') {
                if ($xml->nodeType === \XMLReader::END_ELEMENT) {
                    break;
                }
                $isIn = true;
            }
            if ($isIn && $xml->nodeType === \XMLReader::ELEMENT && $xml->name === 'table:table-row') {
                $times = max(1, (int) $xml->getAttribute('table:number-rows-repeated'));
                $row = $xml->isEmptyElement ? [] : self::row($xml);
                if (implode('', $row) === '') {
                    $number += $times;

                    continue;
                }
                for ($i = 0; $i < $times; $i++) {
                    if (++$number > self::MOST_ROWS) {
                        throw new UnreadableTable(TableProblem::TooManyRows);
                    }
                    yield $number => $row;
                }
            }
        }
        $xml->close();
        if (! $isIn) {
            throw new UnreadableTable(TableProblem::NoTable);
        }
    }

    /** @return list<string> without empty cells at its end: sheets are filled up with them to the right */
    private static function row(\XMLReader $xml): array
    {
        $row = [];
        $empty = 0;
        $depth = $xml->depth;
        while (ZippedXml::read($xml) && $xml->depth > $depth) {
            if ($xml->nodeType !== \XMLReader::ELEMENT || ! in_array($xml->name, ['table:table-cell', 'table:covered-table-cell'], true)) {
                continue;
            }
            $times = max(1, (int) $xml->getAttribute('table:number-columns-repeated'));
            $value = self::value($xml);
            if ($value === '') {
                $empty += $times;

                continue;
            }
            if (count($row) + $empty + $times > self::MOST_COLUMNS) {
                throw new UnreadableTable(TableProblem::TooManyColumns);
            }
            $row = [...$row, ...array_fill(0, $empty, ''), ...array_fill(0, $times, $value)];
            $empty = 0;
        }

        return $row;
    }

    private static function value(\XMLReader $xml): string
    {
        $type = (string) $xml->getAttribute('office:value-type');
        $told = match ($type) {
            'float', 'percentage', 'currency' => (string) $xml->getAttribute('office:value'),
            'date' => (string) preg_replace('/(T00:00:00|\.\d+)$/', '', (string) $xml->getAttribute('office:date-value')),
            'time' => self::time((string) $xml->getAttribute('office:time-value')),
            'boolean' => (string) $xml->getAttribute('office:boolean-value'),
            default => null,
        };
        $text = $xml->isEmptyElement ? '' : self::text($xml);

        return trim(mb_substr($told ?? $text, 0, self::MOST_LETTERS));
    }

    /** "PT09H30M00S" is 09:30:00. */
    private static function time(string $value): string
    {
        return preg_match('/^PT(\d+)H(\d+)M(\d+)/', $value, $found) === 1
            ? sprintf('%02d:%02d:%02d', (int) $found[1], (int) $found[2], (int) $found[3])
            : '';
    }

    /** Its paragraphs; notes that are stuck to a cell are no part of it. */
    private static function text(\XMLReader $xml): string
    {
        $depth = $xml->depth;
        $text = '';
        $note = null;
        while (ZippedXml::read($xml) && $xml->depth > $depth) {
            if ($xml->nodeType === \XMLReader::ELEMENT && $xml->name === 'office:annotation' && ! $xml->isEmptyElement) {
                $note ??= $xml->depth;
            } elseif ($xml->nodeType === \XMLReader::END_ELEMENT && $xml->depth === $note) {
                $note = null;
            } elseif ($note === null && $xml->nodeType === \XMLReader::ELEMENT) {
                $text .= match ($xml->name) {
                    'text:p' => $text === '' ? '' : "\n",
                    'text:s' => str_repeat(' ', min(40, max(1, (int) $xml->getAttribute('text:c')))),
                    'text:tab' => "\t",
                    default => '',
                };
            } elseif ($note === null && $xml->hasValue && $xml->nodeType !== \XMLReader::COMMENT) {
                $text .= $xml->value;
            }
        }

        return $text;
    }
}
