<?php

declare(strict_types=1);

namespace Core\Exposure;

/** One of the ordered choices of a dimension. */
final readonly class DimensionValue
{
    /**
     * @param  ?string  $label  a practice's own words; null for a value that ships
     * @param  float  $score  0 easiest to 1 hardest
     * @param  array<string, float>  $needs  the most that a measure may be for this choice to be possible: a touch needs a gap of 0
     */
    public function __construct(public string $key, public ?string $label, public float $score, public array $needs = [])
    {
    }

    /** @param  array<string, float|string>  $values  of an exposure */
    public function isPossibleWith(array $values): bool
    {
        foreach ($this->needs as $measure => $most) {
            if (isset($values[$measure]) && (float) $values[$measure] > $most + 1e-9) {
                return false;
            }
        }

        return true;
    }
}
