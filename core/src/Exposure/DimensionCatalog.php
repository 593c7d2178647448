<?php

declare(strict_types=1);

namespace Core\Exposure;

use Core\Exception\InvalidCatalog;
use Core\Exception\InvalidExposure;
use Core\Measure\LevelScale;

/** The dimensions a kind of plan may use: data, checked once when it is loaded. */
final readonly class DimensionCatalog
{
    /** @param  array<string, Dimension>  $dimensions by key, in the order of the data file */
    private function __construct(public string $version, public PlanKind $plan, public array $dimensions)
    {
    }

    /**
     * @param  array<mixed>  $data  as in core/data/dimensions.presence.json
     *
     * @throws InvalidCatalog naming the dimension and field at fault
     */
    public static function fromArray(array $data): self
    {
        $listed = $data['dimensions'] ?? null;
        if (! is_array($listed) || ! is_string($data['version'] ?? null)) {
            throw InvalidCatalog::missing('dimensions', 'version, dimensions');
        }

        $plan = PlanKind::tryFrom(is_string($data['plan'] ?? null) ? $data['plan'] : '')
            ?? throw InvalidCatalog::missing('dimensions', 'plan');

        $catalog = (new self($data['version'], $plan, []))->extended($listed);
        foreach (DimensionKey::required($plan) as $key) {
            $catalog->has($key->value) || throw InvalidCatalog::missing("dimensions.{$plan->value}", $key->value);
        }

        return $catalog;
    }

    /**
     * With a practice's own dimensions, or its own values for one that ships: a row with the key of a known dimension
     * replaces it, but must keep every value, as trials may have been logged with it.
     *
     * @param  array<mixed>  $rows  as in core/data/dimensions.presence.json
     *
     * @throws InvalidCatalog naming the dimension and field at fault
     */
    public function extended(array $rows): self
    {
        $dimensions = $this->dimensions;
        $added = [];
        foreach ($rows as $row) {
            $dimension = self::fromRow(is_array($row) ? $row : []);
            if (isset($added[$dimension->key])) {
                throw InvalidCatalog::duplicate('dimensions', $dimension->key);
            }
            $known = $this->dimensions[$dimension->key] ?? $dimension;
            $keys = static fn (Dimension $of): array => array_map(static fn (DimensionValue $value): string => $value->key, $of->values);
            if ($known->kind !== $dimension->kind || array_diff($keys($known), $keys($dimension)) !== []) {
                throw InvalidCatalog::contradiction("dimension {$dimension->key}", 'kind-changed-or-value-dropped');
            }
            $dimensions[$dimension->key] = $added[$dimension->key] = $dimension;
        }

        return new self($this->version, $this->plan, $dimensions);
    }

    /**
     * With a dog's own order of some dimensions' values.
     *
     * @param  array<string, list<string>>  $orders  values by dimension key, easiest first
     *
     * @throws InvalidExposure if a dimension is unknown or an order is not of its values
     */
    public function withOrders(array $orders): self
    {
        $dimensions = $this->dimensions;
        foreach ($orders as $key => $order) {
            $dimensions[$key] = $this->dimension($key)->ordered($order);
        }

        return new self($this->version, $this->plan, $dimensions);
    }

    /** With sound levels told on a dog's own scale. */
    public function withLevels(LevelScale $levels): self
    {
        return $this->plan !== PlanKind::Sound ? $this : new self($this->version, $this->plan, array_map(
            static fn (Dimension $dimension): Dimension => $dimension->withLevels($levels), $this->dimensions,
        ));
    }

    /** @throws InvalidExposure if there is no such dimension */
    public function dimension(string $key): Dimension
    {
        return $this->dimensions[$key] ?? throw InvalidExposure::unknownDimension($key);
    }

    /** Whether all that an exposure says goes together: somebody could set it up and carry it out. */
    public function isPossible(Exposure $exposure): bool
    {
        foreach ($exposure->values as $key => $value) {
            if (! $this->dimension($key)->isPossible($value, $exposure->values)) {
                return false;
            }
        }

        return true;
    }

    /** The same exposure without what cannot be: a hand that is not there does not touch. The next easier choice stands for it. */
    public function settled(Exposure $exposure): Exposure
    {
        foreach ($exposure->values as $key => $value) {
            $dimension = $this->dimension($key);
            while (is_string(
                $value,
            ) && ! $dimension->choice($value)->isPossibleWith($exposure->values) && ($easier = $dimension->nextEasier($value)) !== null) {
                $value = $easier->key;
            }
            $exposure = $value === $exposure->values[$key] ? $exposure : $exposure->with($key, $value);
        }

        return $exposure;
    }

    /**
     * The values with every one of these dimensions said: the usual where they are silent, as far as what they do say leaves it
     * possible. A touch needs a gap of 0, whatever the usual gap.
     *
     * @param  array<string, float|string>  $values  by dimension key
     * @param  list<string>  $keys
     * @return array<string, float|string>
     *
     * @throws InvalidExposure if a dimension or value is unknown
     */
    public function completed(array $values, array $keys): array
    {
        $most = [];
        foreach ($values as $key => $value) {
            foreach (
                $this->dimension($key)->kind->isMeasured() ? [] : $this->dimension($key)->choice($value)->needs as $measure => $limit
            ) {
                $most[$measure] = is_float($limit) ? min($most[$measure] ?? $limit, $limit) : $most[$measure] ?? INF;
            }
        }
        foreach (array_diff($keys, array_keys($values)) as $key) {
            $usual = $this->dimension($key)->usual;
            $values[$key] = is_float($usual) ? min($usual, $most[$key] ?? $usual) : $usual;
        }

        return $this->settled(Exposure::of($values, $this))->values;
    }

    public function has(string $key): bool
    {
        return isset($this->dimensions[$key]);
    }

    /** @param  array<mixed>  $row */
    private static function fromRow(array $row): Dimension
    {
        $key = is_string($row['key'] ?? null) ? $row['key'] : throw InvalidCatalog::missing('dimensions', 'key');
        $where = "dimension {$key}";
        $kind = DimensionKind::tryFrom(is_string($row['kind'] ?? null) ? $row['kind'] : '')
            ?? throw InvalidCatalog::missing($where, 'kind');
        $slope = is_array($row['slope'] ?? null) ? $row['slope'] : throw InvalidCatalog::missing($where, 'slope');
        $usual = $row['usual'] ?? null;
        if (! $kind->isMeasured() && ! is_string($usual)) {
            throw InvalidCatalog::missing($where, 'usual');
        }
        $values = $kind->isMeasured() ? [] : self::values($where, $row['values'] ?? null);
        if ($values !== [] && ! in_array($usual, array_map(static fn (DimensionValue $v): string => $v->key, $values), true)) {
            throw InvalidCatalog::contradiction($where, 'usual-not-listed');
        }

        return new Dimension(
            $key,
            is_string($row['label'] ?? null) ? $row['label'] : null,
            $kind,
            is_string($row['unit'] ?? null) ? $row['unit'] : null,
            $values,
            is_string($usual) ? $usual : self::number($where, $row, 'usual'),
            GammaPrior::withMean(self::number($where, $slope, 'shape'), self::number($where, $slope, 'mean')),
            ($row['eases'] ?? true) === true,
            array_values(array_filter(is_array($row['overlaps'] ?? null) ? $row['overlaps'] : [], is_string(...))),
            Picture::tryFrom(is_string($row['picture'] ?? null) ? $row['picture'] : Picture::No->value)
                ?? throw InvalidCatalog::missing($where, 'picture'),
            Whose::tryFrom(is_string($row['whose'] ?? null) ? $row['whose'] : Whose::Ours->value)
                ?? throw InvalidCatalog::missing($where, 'whose'),
            self::needs($where, $row['needs'] ?? []),
            isset($row['within']) ? self::number($where, $row, 'within') : null,
        );
    }

    /** @return non-empty-list<DimensionValue> */
    private static function values(string $where, mixed $rows): array
    {
        if (! is_array($rows) || count($rows) < 2) {
            throw InvalidCatalog::missing($where, 'values');
        }
        $values = [];
        $last = count($rows) - 1;
        foreach (array_values($rows) as $i => $row) {
            if (! is_array($row) || ! is_string($row['key'] ?? null)) {
                throw InvalidCatalog::missing($where, 'values.key');
            }
            $values[] = new DimensionValue(
                $row['key'], is_string($row['label'] ?? null) ? $row['label'] : null,
                isset($row['score']) ? self::number($where, $row, 'score') : $i / $last, self::needs($where, $row['needs'] ?? []),
                ($row['catches'] ?? false) === true, ($row['elsewhere'] ?? false) === true,
            );
        }

        return $values;
    }

    /** @return array<string, float|list<string>> */
    private static function needs(string $where, mixed $rows): array
    {
        $needs = [];
        foreach (is_array($rows) ? $rows : [] as $key => $need) {
            $choices = is_array($need) ? array_values(array_filter($need, is_string(...))) : [];
            $needs[(string) $key] = match (true) {
                is_int($need), is_float($need) => (float) $need,
                $choices !== [] => $choices,
                default => throw InvalidCatalog::missing($where, 'values.needs'),
            };
        }

        return $needs;
    }

    /** @param  array<mixed>  $row */
    private static function number(string $where, array $row, string $field): float
    {
        $value = $row[$field] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw InvalidCatalog::missing($where, $field);
    }
}
