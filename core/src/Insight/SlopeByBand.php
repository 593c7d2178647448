<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\GammaPrior;
use Core\Response\Fitter;
use Core\Response\ObservedRow;
use Core\Response\Prior;

/**
 * Whether one slope fits all cut points: each cut fitted by itself as a yes or no (band k or more), with its own slope of one
 * covariate. A dog that notices from afar but reacts only when near has a flatter slope at the low cuts.
 *
 * @see Brant, R. (1990). Assessing proportionality in the proportional odds model for ordinal logistic regression. Biometrics 46,
 *    1171–1178 (the idea; the comparison here ignores that the cuts share trials, so it is cautious).
 */
final readonly class SlopeByBand
{
    /** Weighted trials under which nothing is said. */
    private const MIN_TRIALS = 60.0;

    /** Two-sided 5 %. */
    private const QUANTILE = 1.96;

    /** @param  array<int, array{slope: float, standardError: float}>  $byBand  by band k = 1 … 4, those with trials on both sides */
    private function __construct(public array $byBand)
    {
    }

    /**
     * @param  list<ObservedRow>  $rows  counts of five bands
     * @param  list<GammaPrior>  $slopes  priors, one for each covariate
     * @param  int  $covariate  the one whose slope is compared
     * @return ?self null with too few trials to tell
     */
    public static function of(array $rows, array $slopes, int $covariate): ?self
    {
        if (array_sum(array_map(static fn (ObservedRow $row): float => array_sum($row->counts), $rows)) < self::MIN_TRIALS) {
            return null;
        }
        $byBand = [];
        for ($k = 1; $k <= 4; $k++) {
            $split = array_map(static fn (ObservedRow $row): ObservedRow => new ObservedRow(null, $row->covariates, [
                array_sum(array_slice($row->counts, 0, $k)), array_sum(array_slice($row->counts, $k)),
            ]), $rows);
            $above = array_sum(array_map(static fn (ObservedRow $row): float => $row->counts[1], $split));
            $below = array_sum(array_map(static fn (ObservedRow $row): float => $row->counts[0], $split));
            if (min($above, $below) < 3.0) {
                continue;
            }
            $fit = (new Fitter)->fit(new Prior(1, 0.0, 10.0, [], $slopes), $split, []);
            if ($fit !== null) {
                $byBand[$k] = ['slope' => $fit->mode->slopes()[$covariate], 'standardError' => $fit->standardError(1 + $covariate)];
            }
        }

        return count($byBand) < 2 ? null : new self($byBand);
    }

    /** Whether two cuts differ by more than chance explains. */
    public function differs(): bool
    {
        foreach ($this->byBand as $one) {
            foreach ($this->byBand as $other) {
                if (abs($one['slope'] - $other['slope']) > self::QUANTILE * hypot($one['standardError'], $other['standardError'])) {
                    return true;
                }
            }
        }

        return false;
    }
}
