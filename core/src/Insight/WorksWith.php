<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Measure\Median;
use Core\Measure\ShareInterval;

/**
 * With whom it works: the share of calm trials for each trait of who was met, with the range that few trials leave open, and how hard
 * those trials were. Counts, not causes: a trait met only far away looks easy.
 */
final readonly class WorksWith
{
    /** Trials that a trait needs to be told. */
    public const LEAST = 3;

    /** Of the standard normal, for a range that holds four times in five. */
    private const QUANTILE = 1.2815515655446004;

    private function __construct(public string $trait, public ShareInterval $calm, public ?float $distance)
    {
    }

    /**
     * @param  list<array{traits: list<string>, isCalm: bool, distance: ?float}>  $trials  distance in meters, null where there is none
     * @return list<self> the hardest first; those with none of the traits are told by an empty name
     */
    public static function of(array $trials): array
    {
        $byTrait = [];
        foreach ($trials as $trial) {
            foreach ($trial['traits'] === [] ? [''] : array_unique($trial['traits']) as $trait) {
                $byTrait[$trait][] = $trial;
            }
        }
        $told = [];
        foreach ($byTrait as $trait => $met) {
            if (count($met) >= self::LEAST) {
                $calm = count(array_filter($met, static fn (array $trial): bool => $trial['isCalm']));
                $distances = array_values(array_filter(array_column($met, 'distance'), is_float(...)));
                $told[] = new self(
                    (string) $trait, ShareInterval::wilson($calm, count($met), self::QUANTILE),
                    $distances === [] ? null : Median::of($distances),
                );
            }
        }
        usort($told, static fn (self $one, self $other): int => [$one->calm->upper, $one->trait] <=> [$other->calm->upper, $other->trait]);

        return $told;
    }
}
