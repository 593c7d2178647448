<?php

declare(strict_types=1);

namespace Core\Film;

/**
 * How one grading lies above another of the same trials: somebody's now above the same person's weeks ago (their eye has moved), or
 * somebody's above what two have settled on (they are stricter). The mean difference in bands, with the range that it lies in with
 * 95 %: by the normal distribution, which twenty and more trials allow.
 *
 * @see Bland, J. M. & Altman, D. G. (1986). Statistical methods for assessing agreement between two methods of clinical measurement.
 *    Lancet 327, 307–310: the mean difference is the bias between two measurements of the same.
 */
final readonly class GradingBias
{
    /** Days after which nobody remembers what they said (a working value of ours). */
    public const DAYS = 21;

    private const WITHIN = 1.96;

    /**
     * @param  int  $trials  graded both times
     * @param  ?float  $bands  mean of now minus then, over 0 where one has become stricter; null under twenty trials
     * @param  ?float  $off  how far that may be off, to either side
     */
    private function __construct(public int $trials, public int $same, public ?float $bands, public ?float $off)
    {
    }

    /** @param  list<array{Record, Record}>  $films  as they were graded then, and now */
    public static function of(array $films): self
    {
        $moved = [];
        foreach ($films as [$then, $now]) {
            foreach (Agreement::of($then, $now)->bands as $pair => $count) {
                $moved = [...$moved, ...array_fill(0, $count, (int) $pair[2] - (int) $pair[0])];
            }
        }
        $trials = count($moved);
        $same = count(array_filter($moved, static fn (int $bands): bool => $bands === 0));
        if ($trials < Agreement::LEAST_UNITS) {
            return new self($trials, $same, null, null);
        }
        $mean = array_sum($moved) / $trials;
        $variance = array_sum(array_map(static fn (int $bands): float => ($bands - $mean) ** 2, $moved)) / ($trials - 1);

        return new self($trials, $same, $mean, self::WITHIN * sqrt($variance / $trials));
    }

    /** Whether it has moved by more than chance would. */
    public function hasMoved(): bool
    {
        return $this->bands !== null && abs($this->bands) > $this->off;
    }
}
