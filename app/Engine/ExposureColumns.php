<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;

/** Exposures as rows: one for each dimension, so that they can be queried and a new dimension needs no migration. */
final readonly class ExposureColumns
{
    /** @return list<array{dimension: string, number: ?float, choice: ?string}> */
    public static function toRows(Exposure $exposure): array
    {
        $rows = [];
        foreach ($exposure->values as $dimension => $value) {
            $rows[] = [
                'dimension' => $dimension, 'number' => is_float($value) ? $value : null, 'choice' => is_string($value) ? $value : null,
            ];
        }

        return $rows;
    }

    /** As "dimension=value" pairs joined by ";": what a correction keeps, and fromText reads. */
    public static function toText(Exposure $exposure): string
    {
        return implode(';', array_map(
            static fn (string $dimension, float|string $value): string => "{$dimension}={$value}", array_keys($exposure->values),
            $exposure->values,
        ));
    }

    /**
     * From "dimension=value" pairs joined by ";", as GROUP_CONCAT gives them.
     */
    public static function fromText(string $text, DimensionCatalog $catalog): Exposure
    {
        $values = [];
        foreach (explode(';', $text) as $pair) {
            [$dimension, $value] = explode('=', $pair, 2);
            $values[$dimension] = $value;
        }

        return Exposure::of($values, $catalog);
    }
}
