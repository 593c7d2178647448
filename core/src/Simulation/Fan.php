<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Measure\Quantile;

/** Many ways in which a plan may go on, as a range for each session: eight in ten lie within. Nothing is promised by it. */
final readonly class Fan
{
    private const LOW = 0.1;

    private const HIGH = 0.9;

    /**
     * @param  list<array{low: float, middle: float, high: float}>  $solid  index of the hardest solid step after each session
     * @param  ?float  $soonest  sessions to the goal in one of ten; null where fewer came that far, as the next two
     * @param  float  $share  of the ways that came to the goal within the horizon
     * @param  float  $reactions  a way, up to the goal or the horizon
     */
    private function __construct(
        public array $solid, public ?float $soonest, public ?float $middle, public ?float $latest, public float $share,
        public float $reactions, public int $ways,
    ) {
    }

    /**
     * @param  non-empty-list<Outlook>  $ways
     * @param  positive-int  $horizon
     */
    public static function of(array $ways, int $horizon, int $top): self
    {
        $solid = [];
        for ($session = 0; $session < $horizon; $session++) {
            $at = array_map(static fn (Outlook $one): float => (float) ($one->solid[$session] ?? $top), $ways);
            $solid[] = ['low' => Quantile::of($at, self::LOW), 'middle' => Quantile::of($at, 0.5), 'high' => Quantile::of($at, self::HIGH)];
        }
        // what did not arrive comes after everything that did
        $arrived = array_map(static fn (Outlook $one): float => $one->arrived === null ? INF : (float) $one->arrived, $ways);
        sort($arrived);
        $in = static function (float $share) use ($arrived): ?float {
            $value = $arrived[(int) ceil($share * count($arrived)) - 1] ?? INF;

            return is_finite($value) ? $value : null;
        };

        return new self(
            $solid, $in(self::LOW), $in(0.5), $in(self::HIGH),
            count(array_filter($arrived, is_finite(...))) / count($arrived),
            array_sum(array_map(static fn (Outlook $one): int => $one->reactions, $ways)) / count($ways), count($ways),
        );
    }
}
