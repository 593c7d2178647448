<?php

declare(strict_types=1);

namespace Core\Exposure;

use Core\Exception\InvalidExposure;
use Core\Measure\LevelScale;

/** One thing that varies between exposures and makes them easier or harder for the dog. */
final readonly class Dimension
{
    /**
     * @param  ?string  $label  a practice's own words for a dimension of its own; null for those that ship, which the edge names
     * @param  ?string  $unit  in which a measured dimension is told and typed: "m", "s", "dB(A)"
     * @param  list<DimensionValue>  $values  of an ordered dimension, easiest first; empty for a measured one
     * @param  float|string  $usual  taken where a trial does not say
     * @param  bool  $eases  whether a handler can make it easier on the spot
     * @param  list<string>  $overlaps  keys of dimensions that say the same: where one of them is in play, this one does not count
     * @param  Picture  $picture  whether it belongs to the picture around what is asked, and may be changed without asking less
     * @param  Whose  $whose  can change it on the spot
     * @param  array<string, float|list<string>>  $needs  of a measure, for any value over 0 to be possible
     * @param  ?float  $within  gap in centimeters beyond which another choice tells the dog nothing
     * @param  ?LevelScale  $levels  of a sound level: how it is told where that is not as it is kept
     */
    public function __construct(
        public string $key,
        public ?string $label,
        public DimensionKind $kind,
        public ?string $unit,
        public array $values,
        public float|string $usual,
        public GammaPrior $slope,
        public bool $eases,
        public array $overlaps = [],
        public Picture $picture = Picture::No,
        public Whose $whose = Whose::Ours,
        public array $needs = [],
        public ?float $within = null,
        private ?LevelScale $levels = null,
    ) {
    }

    /** The same, with a sound level told on a dog's own scale. */
    public function withLevels(LevelScale $levels): self
    {
        return $this->kind === DimensionKind::SoundLevel
            ? new self(
                $this->key, $this->label, $this->kind, $this->unit, $this->values, $this->usual, $this->slope, $this->eases,
                $this->overlaps, $this->picture, $this->whose, $this->needs, $this->within, $levels,
            )
            : $this;
    }

    /** A measured value as it is told and typed, in this dimension's unit. */
    public function toDisplayed(float $value): float
    {
        return $this->levels?->toDisplayed($value) ?? $value;
    }

    /** The value to keep of one that was typed; the inverse of toDisplayed(). */
    public function toStored(float $shown): float
    {
        return $this->levels?->toStored($shown) ?? $shown;
    }

    /** @return ?array{float, float} what may be typed; null for ordered choices */
    public function typedRange(): ?array
    {
        return $this->levels?->range() ?? $this->kind->range();
    }

    /** @return ?array{float, float} the values it is searched over, easiest first; null for ordered choices */
    public function range(): ?array
    {
        return $this->levels === null
            ? $this->kind->range()
            : [$this->toStored($this->levels->range()[0]), $this->toStored($this->levels->range()[1])];
    }

    /** How a sound level is told: in decibels, or in percent of the player where nobody has measured. */
    public function levels(): LevelScale
    {
        return $this->levels ?? LevelScale::measured();
    }

    /**
     * The covariate x of a value; harder is larger, and it may be negative.
     *
     * Distance: log2(d_0 / max(d, 0.3 m)), so one unit is one halving. All others count from the usual value: the reaction
     * distance was stated for things as they usually are, and a trial that does not say counts 0, so a dimension that comes
     * into play later shifts nothing. Time: log2(1 + t / 3 s); speed: v / 1.4 m/s; share: itself; gap: −log2(g + 5 cm);
     * sound: L / 10 dB; ordered: the score.
     *
     * @param  float  $referenceMeters  d_0, the reaction distance stated at intake
     *
     * @throws InvalidExposure if the value is not one of this dimension
     */
    public function covariate(float|string $value, float $referenceMeters): float
    {
        return $this->kind === DimensionKind::Distance
            ? log($referenceMeters / max($this->number($value), 0.3), 2.0)
            : $this->hardness($value) - $this->hardness($this->usual);
    }

    /**
     * The value of a measured dimension whose covariate is x, within its range; the inverse of covariate().
     *
     * @param  float  $referenceMeters  d_0, the reaction distance stated at intake
     */
    public function valueAt(float $x, float $referenceMeters): float
    {
        $range = $this->range() ?? throw InvalidExposure::notANumber($this->key);
        $hardness = $this->kind === DimensionKind::Distance ? $x : $x + $this->hardness($this->usual);
        $value = match ($this->kind) {
            DimensionKind::Distance => $referenceMeters * 2.0 ** -$x,
            DimensionKind::Time => 3.0 * (2.0 ** $hardness - 1.0),
            DimensionKind::Speed => 1.4 * $hardness,
            DimensionKind::Gap => 2.0 ** -$hardness - 5.0,
            DimensionKind::SoundLevel => 10.0 * $hardness,
            default => $hardness,
        };

        return min(max($value, min($range)), max($range));
    }

    /**
     * Values part of the way in load from one value to a harder one: a measure at equal shares, a choice at those in between.
     *
     * @param  positive-int  $parts  of a measure; choices have those they have
     * @return list<float|string> easiest first, without the two ends
     */
    public function between(float|string $from, float|string $to, float $referenceMeters, int $parts = 2): array
    {
        $values = [];
        $low = $this->covariate($from, $referenceMeters);
        $high = $this->covariate($to, $referenceMeters);
        if (! $this->kind->isMeasured()) {
            $scores = array_filter($this->values, fn (DimensionValue $value): bool => $value->score - $this->hardness(
                $this->usual,
            ) > $low && $value->score - $this->hardness($this->usual) < $high);
            usort($scores, static fn (DimensionValue $a, DimensionValue $b): int => $a->score <=> $b->score);

            return array_map(static fn (DimensionValue $value): string => $value->key, $scores);
        }
        for ($i = 1; $i < $parts; $i++) {
            $values[] = $this->valueAt($low + ($high - $low) * $i / $parts, $referenceMeters);
        }

        return $values;
    }

    /**
     * The same choices in another order, easiest first: this dog's own.
     *
     * @param  list<string>  $order  every value once
     *
     * @throws InvalidExposure if it is not the same values
     */
    public function ordered(array $order): self
    {
        $known = array_map(static fn (DimensionValue $value): string => $value->key, $this->values);
        if ($this->kind !== DimensionKind::Ordered || count($order) !== count($known) || array_diff($known, $order) !== []) {
            throw InvalidExposure::notAnOrder($this->key, $known);
        }
        $values = [];
        foreach ($order as $i => $key) {
            $choice = $this->choice($key);
            $values[] = new DimensionValue(
                $key, $choice->label, $i / (count($order) - 1), $choice->needs, $choice->catches, $choice->isElsewhere,
            );
        }

        return new self(
            $this->key, $this->label, $this->kind, $this->unit, $values, $this->usual, $this->slope, $this->eases, $this->overlaps,
            $this->picture, $this->whose, $this->needs, $this->within,
        );
    }

    /** Whether a choice holds the dog, closes it in or pulls, or a tool touches or sounds in it. */
    public function catches(float|string|null $value): bool
    {
        return array_filter($this->values, static fn (DimensionValue $of): bool => $of->catches && $of->key === $value) !== [];
    }

    /** @throws InvalidExposure if the value is not one of this dimension */
    private function hardness(float|string $value): float
    {
        return match ($this->kind) {
            DimensionKind::Distance => -log(max($this->number($value), 0.3), 2.0),
            DimensionKind::Time => log(1.0 + max($this->number($value), 0.0) / 3.0, 2.0),
            DimensionKind::Speed => $this->number($value) / 1.4,
            DimensionKind::Share => min(1.0, max(0.0, $this->number($value))),
            DimensionKind::Gap => -log(max($this->number($value), 0.0) + 5.0, 2.0),
            DimensionKind::SoundLevel => $this->number($value) / 10.0,
            DimensionKind::Ordered => $this->choice($value)->score,
        };
    }

    /** @throws InvalidExposure if the value is not one of this dimension */
    public function choice(float|string $value): DimensionValue
    {
        foreach ($this->values as $choice) {
            if ($choice->key === $value) {
                return $choice;
            }
        }
        throw InvalidExposure::unknownValue($this->key, (string) $value);
    }

    /**
     * Whether a value goes together with the others of an exposure.
     *
     * @param  array<string, float|string>  $values  of the exposure
     *
     * @throws InvalidExposure if the value is not one of this dimension
     */
    public function isPossible(float|string $value, array $values): bool
    {
        return $this->kind->isMeasured()
            ? $this->number($value) <= 0.0 || DimensionValue::fits($this->needs, $values)
            : $this->choice($value)->isPossibleWith($values);
    }

    /** The choice just easier than this one; null for the easiest. */
    public function nextEasier(string $value): ?DimensionValue
    {
        $easier = null;
        foreach ($this->values as $choice) {
            if ($choice->key === $value) {
                break;
            }
            $easier = $choice;
        }

        return $easier;
    }

    /** @throws InvalidExposure if the value is not a number */
    private function number(float|string $value): float
    {
        if (! is_numeric($value) || ! is_finite((float) $value)) {
            throw InvalidExposure::notANumber($this->key);
        }

        return (float) $value;
    }
}
