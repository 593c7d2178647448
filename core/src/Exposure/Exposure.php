<?php

declare(strict_types=1);

namespace Core\Exposure;

use Core\Exception\InvalidExposure;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;

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
        return isset($this->values['distance']) ? Distance::fromMeters((float) $this->values['distance']) : null;
    }

    public function withDistance(Distance $distance): self
    {
        return $this->with('distance', $distance->meters);
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

    /**
     * "18 m, slow walk, across".
     *
     * @param  list<string>  $without  keys of dimensions that go without saying
     */
    public function inWords(DimensionCatalog $catalog, DistanceUnit $unit, array $without = []): string
    {
        $words = [];
        foreach ($catalog->dimensions as $key => $dimension) {
            $value = $this->values[$key] ?? null;
            if ($value === null || in_array($key, $without, true)) {
                continue;
            }
            if ($dimension->kind === DimensionKind::Gap && $value <= 0.0 && isset($this->values['contact'])) {
                continue; // the contact says it
            }
            $words[] = match ($dimension->kind) {
                DimensionKind::Distance => Distance::fromMeters((float) $value)->inWords($unit),
                DimensionKind::Time => round((float) $value, 1).' s',
                DimensionKind::Speed => round((float) $value, 1).' m/s',
                DimensionKind::Share => round(100.0 * (float) $value)."\u{00A0}% in",
                DimensionKind::Gap => $value <= 0.0 ? 'touching' : round((float) $value)."\u{00A0}cm away",
                DimensionKind::SoundLevel => $dimension->levelInWords((float) $value),
                DimensionKind::Ordered => $dimension->choice($value)->label,
            };
        }

        return implode(', ', $words);
    }
}
