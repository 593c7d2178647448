<?php

declare(strict_types=1);

namespace Core\Exposure;

use Core\Exception\InvalidExposure;
use Core\Measure\Distance;

/**
 * Turns exposures into covariates for one model: which dimensions are in play, in which order, and from which reference
 * distance they are counted.
 *
 * The reference never changes in the life of a model; changing a plan changes neither.
 */
final readonly class LoadScale
{
    /** Logits under which two exposures are equally hard: ladders are laid at an earlier slope. A working value. */
    public const SAME_LOGITS = 0.05;

    /** From where every dog is taken to be calm to where a reaction is as likely as not. A working value. */
    private const CALM_LOGITS = 7.0;

    /**
     * @param  non-empty-list<Dimension>  $dimensions in play, in the order of the covariates
     * @param  array<string, float>  $reactedAt  covariates of the exposure that the dog is known to react to, by dimension key
     * @param  float  $topCutShift  logits by which a reaction is farther away than the loads alone say, before any trial
     */
    private function __construct(
        public DimensionCatalog $catalog, public Distance $reference, public array $dimensions, private array $reactedAt,
        public float $topCutShift,
    ) {
    }

    /**
     * @param  list<string>  $keys  of the dimensions in play; distance is always one where the plan's kind has it, and of those that say
     *    the same only the first counts
     * @param  ?Exposure  $reactsTo  where no distance tells it: an exposure to which the dog is known, or taken, to react. Loads are
     *    counted from it, as they are from the reaction distance
     * @param  ?Exposure  $calmAt  at which every dog is taken to be calm before any trial: the first step under the hand
     *
     * @throws InvalidExposure if a key is not in the catalog
     */
    public static function of(
        DimensionCatalog $catalog, Distance $reference, array $keys, ?Exposure $reactsTo = null, ?Exposure $calmAt = null,
    ): self {
        $dimensions = [];
        $keys = array_unique($catalog->has(DimensionKey::Distance->value) ? [DimensionKey::Distance->value, ...$keys] : $keys);
        foreach ($keys as $key) {
            $dimension = $catalog->dimension($key);
            if (array_intersect($dimension->overlaps, $keys) === []) {
                $dimensions[] = $dimension;
            }
        }
        if ($dimensions === []) {
            throw InvalidExposure::empty();
        }
        // the order of the catalog, so that equal sets of dimensions give equal covariates
        $place = array_flip(array_keys($catalog->dimensions));
        usort($dimensions, static fn (Dimension $a, Dimension $b): int => $place[$a->key] <=> $place[$b->key]);

        $reactedAt = [];
        foreach ($dimensions as $played) {
            $value = $reactsTo->values[$played->key] ?? null;
            $reactedAt[$played->key] = $value === null ? 0.0 : $played->covariate($value, $reference->meters);
        }

        $shift = 0.0;
        foreach ($calmAt === null ? [] : $dimensions as $played) {
            $x = $played->covariate($calmAt->values[$played->key] ?? $played->usual, $reference->meters) - $reactedAt[$played->key];
            $shift += $played->slope->mean() * $x;
        }

        return new self($catalog, $reference, $dimensions, $reactedAt, $calmAt === null ? 0.0 : max(0.0, self::CALM_LOGITS + $shift));
    }

    /**
     * Of the dimensions in play, in the order of the covariates.
     *
     * @return list<string>
     */
    public function keys(): array
    {
        return array_map(static fn (Dimension $dimension): string => $dimension->key, $this->dimensions);
    }

    /**
     * One number for each dimension in play; a dimension the exposure does not state counts at its usual value.
     *
     * @return non-empty-list<float>
     */
    public function covariates(Exposure $exposure): array
    {
        $x = [];
        foreach ($this->dimensions as $dimension) {
            $x[] = $dimension->covariate(
                $exposure->values[$dimension->key] ?? $dimension->usual, $this->reference->meters,
            ) - $this->reactedAt[$dimension->key];
        }

        return $x;
    }

    /** @throws InvalidExposure if it is not in play */
    public function dimension(string $key): Dimension
    {
        return $this->dimensions[$this->index($key)];
    }

    /**
     * Place of a dimension among the covariates.
     *
     * @throws InvalidExposure if it is not in play
     */
    public function index(string $key): int
    {
        foreach ($this->dimensions as $j => $dimension) {
            if ($dimension->key === $key) {
                return $j;
            }
        }
        throw InvalidExposure::unknownDimension($key);
    }
}
