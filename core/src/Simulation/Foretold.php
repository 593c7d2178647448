<?php

declare(strict_types=1);

namespace Core\Simulation;

/** How what was said beforehand of one kind of trouble agrees with what came, over many trials. */
final readonly class Foretold
{
    /** Events that have to be expected before a group says anything. */
    private const EXPECTED = 30.0;

    /** Half the width of 90 %, in standard deviations. */
    private const WITHIN = 1.645;

    /** @param  list<array{float, bool}>  $trials  what was told of each, and whether it came */
    public function __construct(private array $trials)
    {
    }

    /**
     * The factor by which the worst group of at least thirty expected events is off, where its 90 % interval (square roots of a Poisson
     * count) leaves out that it is right: 1 where all of them may be.
     *
     * @see Freeman, M. F. & Tukey, J. W. (1950). Transformations related to the angular and the square root. Ann. Math. Stat. 21,
     *     607–611.
     *
     * @return ?float null where no group is that large
     */
    public function worstFactor(): ?float
    {
        $trials = $this->trials;
        usort($trials, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $worst = null;
        $expected = 0.0;
        $came = 0;
        foreach ($trials as [$told, $has]) {
            $expected += $told;
            $came += $has ? 1 : 0;
            if ($expected >= self::EXPECTED) {
                $low = max(0.0, sqrt($came) - self::WITHIN / 2.0) ** 2;
                $high = (sqrt($came + 1.0) + self::WITHIN / 2.0) ** 2;
                $worst = max($worst ?? 1.0, $expected / $high, $low / $expected);
                [$expected, $came] = [0.0, 0];
            }
        }

        return $worst;
    }
}
