<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Response\Cholesky;
use Core\Response\DogModel;
use Core\Sign\Band;

/**
 * What a trait of who was met adds to how hard a trial is, beside its distance and setup: a shift of the load in the cumulative-logit
 * model, all traits together, so that two which come together share what they do. The rest of the model stays at its mode, on a typical
 * day; what all trials have in common beyond it is a shift of its own, so that a trait is told against whoever has none. Maximum a
 * posteriori under independent normal priors by Newton's method, which a log-concave posterior lets converge; ranges by Laplace.
 *
 * @see McCullagh, P. (1980). Regression models for ordinal data. J. R. Stat. Soc. B 42, 109–142.
 */
final readonly class TraitShare
{
    /** Trials with a trait, and without it, before the data carry it. A working value. */
    public const LEAST = 8;

    /** Prior standard deviation of a shift, in logits: about two thirds of what halving the distance does. A working value. */
    public const SD = 1.0;

    /** The same of what all trials have in common: next to nothing is known of it. */
    private const COMMON_SD = 10.0;

    /** Of the standard normal, for a range that holds four times in five. */
    private const QUANTILE = 1.2815515655446004;

    private const MOST = 8;

    private const STEPS = 50;

    private const CLOSE = 1e-9;

    /**
     * @param  float  $logits  by which trials with it are harder; under 0 for easier
     * @param  float  $perHalving  logits of a halving of the distance
     */
    private function __construct(
        public string $trait, public float $logits, public float $low, public float $high, public int $trials, private float $perHalving,
    ) {
    }

    /**
     * @param  list<array{traits: list<string>, exposure: Exposure, band: Band}>  $trials
     * @return list<self> those that enough trials tell of, the most frequent ones, the hardest first
     */
    public static function of(DogModel $model, array $trials): array
    {
        $counts = array_count_values(array_merge([], ...array_map(
            static fn (array $trial): array => array_unique($trial['traits']), $trials,
        )));
        arsort($counts);
        $told = array_slice(array_filter(
            $counts, static fn (int $count): bool => $count >= self::LEAST && count($trials) - $count >= self::LEAST,
        ), 0, self::MOST, true);
        if ($told === []) {
            return [];
        }
        $names = array_map(strval(...), array_keys($told));
        $rows = array_map(static fn (array $trial): array => [
            self::load($model, $trial['exposure']), $trial['band']->value,
            [1.0, ...array_map(static fn (string $name): float => in_array($name, $trial['traits'], true) ? 1.0 : 0.0, $names)],
        ], $trials);
        [$shifts, $information] = self::mode($rows, $model->fit->mode->cutPoints(), count($names) + 1);
        $covariance = Cholesky::of($information)->inverse();
        $shares = [];
        foreach ($names as $i => $name) {
            $off = self::QUANTILE * sqrt($covariance[$i + 1][$i + 1]);
            $shares[] = new self(
                $name, $shifts[$i + 1], $shifts[$i + 1] - $off, $shifts[$i + 1] + $off, $told[$name], $model->slopePerHalving(),
            );
        }
        usort($shares, static fn (self $one, self $other): int => [$other->logits, $one->trait] <=> [$one->logits, $other->trait]);

        return $shares;
    }

    /** Whether its range leaves out that it makes no difference. */
    public function isTold(): bool
    {
        return $this->low > 0.0 || $this->high < 0.0;
    }

    /**
     * At which distance whoever has no such trait is as hard as this one at the given distance: nearer for a hard trait.
     *
     * @return array{likely: Distance, nearest: Distance, farthest: Distance}
     */
    public function alike(Distance $distance): array
    {
        $at = fn (float $logits): Distance => Distance::fromMeters(max(
            Distance::MIN_METERS, min(Distance::MAX_METERS, $distance->meters * 2.0 ** (-$logits / $this->perHalving)),
        ));

        return ['likely' => $at($this->logits), 'nearest' => $at($this->high), 'farthest' => $at($this->low)];
    }

    private static function load(DogModel $model, Exposure $exposure): float
    {
        $load = 0.0;
        $slopes = $model->fit->mode->slopes();
        foreach ($model->scale->covariates($exposure) as $j => $x) {
            $load += $slopes[$j] * $x;
        }

        return $load;
    }

    /**
     * @param  list<array{float, int, list<float>}>  $rows  load, band, and what each shift is multiplied by
     * @param  non-empty-array<int, float>  $cuts
     * @param  positive-int  $size
     * @return array{array<int, float>, array<int, array<int, float>>} shifts, and the information about them
     */
    private static function mode(array $rows, array $cuts, int $size): array
    {
        $shifts = array_fill(0, $size, 0.0);
        for ($step = 0; $step < self::STEPS; $step++) {
            [$gradient, $information] = self::curvature($rows, $cuts, $shifts);
            $change = Cholesky::of($information)->solve($gradient);
            $shifts = array_map(static fn (float $shift, float $by): float => $shift + $by, $shifts, $change);
            if (max([0.0, ...array_map(abs(...), $change)]) < self::CLOSE) {
                break;
            }
        }

        return [$shifts, self::curvature($rows, $cuts, $shifts)[1]];
    }

    /**
     * @param  list<array{float, int, list<float>}>  $rows
     * @param  non-empty-array<int, float>  $cuts
     * @param  array<int, float>  $shifts
     * @return array{array<int, float>, array<int, array<int, float>>} of the log posterior: its gradient, and minus its second derivatives
     */
    private static function curvature(array $rows, array $cuts, array $shifts): array
    {
        $gradient = $information = [];
        foreach ($shifts as $i => $shift) {
            $precision = 1.0 / ($i === 0 ? self::COMMON_SD : self::SD) ** 2;
            $gradient[$i] = -$shift * $precision;
            $information[$i] = array_replace(array_fill(0, count($shifts), 0.0), [$i => $precision]);
        }
        foreach ($rows as [$load, $band, $by]) {
            $eta = $load + array_sum(array_map(static fn (float $shift, float $x): float => $shift * $x, $shifts, $by));
            // ln P(y) = ln σ(η − c_y) + ln σ(c_{y+1} − η) + what no shift changes
            $over = $band > 0 ? 1.0 / (1.0 + exp($eta - $cuts[$band - 1])) : 0.0;
            $under = $band < count($cuts) ? 1.0 / (1.0 + exp($cuts[$band] - $eta)) : 0.0;
            $weight = $over * (1.0 - $over) + $under * (1.0 - $under);
            foreach ($by as $i => $x) {
                $gradient[$i] += ($over - $under) * $x;
                for ($j = 0; $j <= $i; $j++) {
                    $information[$i][$j] += $weight * $x * $by[$j];
                }
            }
        }

        return [$gradient, $information];
    }
}
