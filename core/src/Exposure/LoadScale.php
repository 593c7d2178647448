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
     * @param  bool  $isCalmTaken  whether that is so because every dog is taken to be calm somewhere
     * @param  ?Climb  $climb  of a ladder of named steps, whose increments carry the load
     */
    private function __construct(
        public DimensionCatalog $catalog, public Distance $reference, public array $dimensions, private array $reactedAt,
        public float $topCutShift, public bool $isCalmTaken, private ?Climb $climb = null,
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

        $shift = $calmAt === null ? 0.0 : max(0.0, self::CALM_LOGITS + $shift);

        return new self($catalog, $reference, $dimensions, $reactedAt, $shift, $shift > 0.0);
    }

    /**
     * The same dimensions, where a ladder of named steps carries the load: each step adds its own increment to those that it builds on, and
     * the dimensions only tell what an exposure differs in from the nearest step. The level is told at the same exposure as before.
     *
     * @param  non-empty-list<Exposure>  $steps  in the ladder's order
     * @param  list<list<non-negative-int>>  $below  by step: the steps that it builds on, in order
     */
    public function climbing(array $steps, array $below): self
    {
        $names = [];
        $keys = array_map(static fn (Exposure $step): string => $step->key(), $steps);
        foreach ($keys as $i => $key) {
            // its place only tells apart steps that present the same
            $from = $below[$i] === [] ? null : $keys[max($below[$i])];
            $name = 'step '.hash('xxh32', "{$from}>{$key}");
            $names[] = in_array($name, $names, true) ? "{$name} {$i}" : $name;
        }
        $typical = array_map(static fn (Dimension $dimension): float => $dimension->slope->mean(), $this->dimensions);
        $climb = Climb::of(array_combine($names, array_map($this->byDimension(...), $steps)), $below, $typical);
        array_push($typical, ...array_values(array_map(static fn (GammaPrior $adds): float => $adds->mean(), $climb->increments)));
        // by its dimensions alone a load counts from where the dog reacts; up a ladder it counts from the first step
        $reacts = array_sum(array_map(
            static fn (float $slope, float $x): float => $slope * $x, $typical,
            $climb->covariates(array_fill(0, count($this->dimensions), 0.0)),
        ));

        return new self(
            $this->catalog, $this->reference, $this->dimensions, $this->reactedAt,
            $this->isCalmTaken ? max($reacts, self::CALM_LOGITS) : $reacts, $this->isCalmTaken, $climb,
        );
    }

    /**
     * Of the covariates, in their order: the dimensions in play, then the increments of a ladder.
     *
     * @return non-empty-list<string>
     */
    public function keys(): array
    {
        return array_keys($this->slopes());
    }

    /**
     * What each covariate weighs for a typical dog.
     *
     * @return non-empty-array<string, GammaPrior> by key
     */
    public function slopes(): array
    {
        $slopes = [];
        foreach ($this->dimensions as $dimension) {
            $slopes[$dimension->key] = $dimension->slope;
        }

        return $slopes + ($this->climb->increments ?? []);
    }

    /**
     * One number for each key, harder is larger.
     *
     * @return non-empty-list<float>
     */
    public function covariates(Exposure $exposure): array
    {
        return $this->climb?->covariates($this->byDimension($exposure)) ?? $this->byDimension($exposure);
    }

    /**
     * Covariates of the steps that an exposure contains, being at least as hard in every dimension: it is as hard as each of them, whatever
     * its nearest step says. None but up a ladder.
     *
     * @return list<non-empty-list<float>>
     */
    public function contained(Exposure $exposure): array
    {
        return $this->climb?->contained($this->byDimension($exposure)) ?? [];
    }

    /**
     * How hard each dimension of an exposure is; one that it does not state counts at its usual value.
     *
     * @return non-empty-list<float>
     */
    public function byDimension(Exposure $exposure): array
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
        return $this->dimensions[$this->index($key)] ?? throw InvalidExposure::unknownDimension($key);
    }

    /**
     * Place of a key among the covariates.
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
        // the first step has no increment
        $step = $this->step($key) ?? throw InvalidExposure::unknownDimension($key);

        return count($this->dimensions) + $step - 1;
    }

    /** Whether a ladder of named steps carries the load, so that it is no line along a dimension. */
    public function isClimbing(): bool
    {
        return $this->climb !== null;
    }

    /** The step of the ladder that a key stands for; null for a dimension. */
    public function step(string $key): ?int
    {
        $place = array_search($key, array_keys($this->climb->increments ?? []), true);

        return $place === false ? null : $place + 1;
    }
}
