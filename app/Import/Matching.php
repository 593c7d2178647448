<?php

declare(strict_types=1);

namespace App\Import;

use App\Support\Fields;
use Core\Measure\DistanceUnit;

/** How the columns of a file are read. */
final readonly class Matching
{
    public const DATE_ORDERS = ['dmy', 'mdy', 'ymd'];

    public const WEIGHTS = ['kg', 'lb'];

    /**
     * @param  array<string, int>  $columns  number of the column by field
     * @param  array<string, array<string, string>>  $values  what a text means, by field and plain text; an empty one leaves the row out
     */
    public function __construct(
        public array $columns, public DistanceUnit $distance, public string $weight, public string $dateOrder, public array $values = [],
    ) {
    }

    /** @param  array<string, mixed>  $kept */
    public static function fromArray(array $kept): self
    {
        $given = Fields::of($kept);
        $values = [];
        foreach ($given->list('values') as $field => $texts) {
            foreach (is_array($texts) ? $texts : [] as $text => $key) {
                $values[(string) $field][(string) $text] = is_string($key) ? $key : '';
            }
        }

        return new self(
            array_map(intval(...), array_filter($given->named('columns'), is_numeric(...))),
            DistanceUnit::tryFrom($given->text('distance')) ?? DistanceUnit::Meter,
            in_array($given->text('weight'), self::WEIGHTS, true) ? $given->text('weight') : 'kg',
            in_array($given->text('date_order'), self::DATE_ORDERS, true) ? $given->text('date_order') : 'ymd',
            $values,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'columns' => $this->columns, 'distance' => $this->distance->value, 'weight' => $this->weight, 'date_order' => $this->dateOrder,
            'values' => $this->values,
        ];
    }

    /**
     * @param  list<string>  $cells
     * @return string empty where there is no such column
     */
    public function cell(array $cells, string $field): string
    {
        return isset($this->columns[$field]) ? ($cells[$this->columns[$field]] ?? '') : '';
    }

    /** Small letters without accents, in single spaces: as spellings are compared. */
    public static function plain(string $text): string
    {
        // most texts need no more, and this is asked of every cell
        if (preg_match('/[^\x20-\x7E]/', $text) === 0) {
            return self::spaced(strtolower($text));
        }
        $ascii = transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', $text);

        return self::spaced(is_string($ascii) ? $ascii : strtolower($text));
    }

    private static function spaced(string $text): string
    {
        return mb_substr(trim((string) preg_replace('/[^a-z0-9]+/', ' ', $text)), 0, 120);
    }
}
