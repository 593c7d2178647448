<?php

declare(strict_types=1);

namespace Core\Exposure;

/** One of the ordered choices of a dimension. */
final readonly class DimensionValue
{
    /**
     * @param  ?string  $label  a practice's own words; null for a value that ships
     * @param  float  $score  0 easiest to 1 hardest
     * @param  array<string, float|list<string>>  $needs  for this choice to be possible, by dimension key: the most that a measure may be
     *    (a touch needs a gap of 0), or the choices that go with it (a hand from above needs a hand)
     * @param  bool  $catches  whether it holds the dog, closes it in or pulls, or a tool touches or sounds in it
     * @param  bool  $isElsewhere  whether nobody gets there, or away from there, within a session
     */
    public function __construct(
        public string $key,
        public ?string $label,
        public float $score,
        public array $needs = [],
        public bool $catches = false,
        public bool $isElsewhere = false,
    ) {
    }

    /** @param  array<string, float|string>  $values  of an exposure */
    public function isPossibleWith(array $values): bool
    {
        return self::fits($this->needs, $values);
    }

    /**
     * @param  array<string, float|list<string>>  $needs
     * @param  array<string, float|string>  $values  of an exposure; what it does not say stands in nobody's way
     */
    public static function fits(array $needs, array $values): bool
    {
        foreach ($needs as $key => $need) {
            $value = $values[$key] ?? null;
            $fits = match (true) {
                $value === null => true,
                is_array($need) => in_array($value, $need, true),
                default => (float) $value <= $need + 1e-9,
            };
            if (! $fits) {
                return false;
            }
        }

        return true;
    }
}
