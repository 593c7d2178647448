<?php

declare(strict_types=1);

namespace Core\Exposure;

use Core\Exception\InvalidExposure;
use Core\Measure\Distance;

/** All that was, or is to be, presented to the dog: a value for each dimension that was recorded. */
final readonly class Exposure
{
    /** @param  array<string, float|string>  $values by dimension key, sorted by key; measured ones in the unit of the catalog */
    private function __construct(public array $values)
    {
    }

    /**
     * @param  array<string, float|int|string>  $values  by dimension key
     *
     * @throws InvalidExposure if a dimension or a value is not in the catalog
     */
    public static function of(array $values, DimensionCatalog $catalog): self
    {
        $checked = [];
        foreach ($values as $key => $value) {
            $dimension = $catalog->dimension($key);
            if ($dimension->kind->isMeasured()) {
                if (! is_numeric($value)) {
                    throw InvalidExposure::notANumber($key);
                }
                $checked[$key] = (float) $value;
            } else {
                $checked[$key] = $dimension->choice((string) $value)->key;
            }
        }
        ksort($checked);

        return new self($checked);
    }

    /** A copy that does not say one dimension. */
    public function without(string $dimension): self
    {
        return new self(array_diff_key($this->values, [$dimension => true]));
    }

    /** A copy with one value changed; the value must come from the same catalog. */
    public function with(string $dimension, float|string $value): self
    {
        $values = $this->values;
        $values[$dimension] = $value;
        ksort($values);

        return new self($values);
    }

    public function distance(): ?Distance
    {
        return isset($this->values[DimensionKey::Distance->value])
            ? Distance::fromMeters((float) $this->values[DimensionKey::Distance->value])
            : null;
    }

    public function withDistance(Distance $distance): self
    {
        return $this->with(DimensionKey::Distance->value, $distance->meters);
    }

    /** One text for equal exposures: numbers to a millimeter or millisecond. */
    public function key(): string
    {
        $parts = [];
        foreach ($this->values as $dimension => $value) {
            $parts[] = $dimension.'='.(is_float($value) ? number_format($value, 3, '.', '') : $value);
        }

        return implode(';', $parts);
    }

    public function equals(self $other): bool
    {
        return $this->key() === $other->key();
    }
}
