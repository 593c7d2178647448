<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Response\CumulativeLogit;
use Core\Response\Fit;
use Core\Response\Fitter;
use Core\Response\ObservedRow;
use Core\Response\OffsetGroup;
use Core\Response\Prior;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

/** The model without priors against regressions that others have published. */
#[CoversClass(Fitter::class)]
#[CoversClass(CumulativeLogit::class)]
#[CoversClass(Fit::class)]
final class PublishedRegressionsTest extends TestCase
{
    /**
     * Tobacco budworm: 20 moths a dose, log2 dose 0 … 5, by sex.
     *
     * @see Collett, D. (1991). Modelling Binary Data; Venables & Ripley, Modern Applied Statistics with S, 4th ed., §7.2.
     */
    public function test_the_budworm_bioassay_gives_the_published_slope_and_lethal_doses(): void
    {
        $rows = [];
        foreach ([[1, 4, 9, 13, 18, 20], [0, 2, 6, 10, 12, 16]] as $female => $killed) {
            foreach ($killed as $dose => $count) {
                $rows[] = new ObservedRow(null, [(float) $dose, $female === 0 ? 1.0 : 0.0], [20.0 - $count, (float) $count]);
            }
        }
        $fit = $this->fitted(Prior::flat(1, 2), $rows);
        [$cut, $slope, $male] = $fit->mode->theta;

        self::assertEqualsWithDelta(1.0642, $slope, 5e-5, 'as printed, four decimals');
        self::assertEqualsWithDelta(0.1311, $fit->standardError(1), 5e-5);
        self::assertEqualsWithDelta(-3.4732, -$cut, 5e-5);
        self::assertEqualsWithDelta(-2.3724, $male - $cut, 6e-5);
        foreach ([[0.50, 3.2636, 0.2298], [0.25, 2.2313, 0.2499], [0.75, 4.2959, 0.2747]] as [$share, $dose, $error]) {
            $estimate = ($cut + log($share / (1 - $share))) / $slope;
            // delta method of the bioassay: variance of (c + q)/β
            $gradient = [1 / $slope, -$estimate / $slope];
            $variance = 0.0;
            foreach ($gradient as $i => $left) {
                foreach ($gradient as $j => $right) {
                    $variance += $left * $right * $fit->covariance[$i][$j];
                }
            }
            self::assertEqualsWithDelta($dose, $estimate, 5e-5);
            self::assertEqualsWithDelta($error, sqrt($variance), 5e-5);
        }
    }

    /**
     * Copenhagen housing satisfaction, three ordered levels, frequencies as in MASS::housing.
     *
     * @see Venables & Ripley, Modern Applied Statistics with S, 4th ed., §7.3; R package MASS, polr.
     */
    public function test_the_housing_survey_gives_the_published_proportional_odds_fit(): void
    {
        $fit = $this->fitted(Prior::flat(2, 6), $this->housing());
        [$upper, $gap, $medium, $high, $apartment, $atrium, $terrace, $contact] = $fit->mode->theta;

        $published = [0.56639374, 1.28881911, -0.57235000, -0.36618637, -1.09101466, 0.36028400];
        foreach ([$medium, $high, $apartment, $atrium, $terrace, $contact] as $i => $slope) {
            self::assertEqualsWithDelta($published[$i], $slope, 2e-6, 'polr stops at its own tolerance');
        }
        self::assertEqualsWithDelta(-0.49613514, $upper - $gap, 2e-6);
        self::assertEqualsWithDelta(0.69070826, $upper, 2e-6);
        self::assertEqualsWithDelta(3479.149299, -2 * $fit->logLikelihood, 2e-6);
    }

    /**
     * Wine bitterness, five ratings by nine judges; the joint mode with a random intercept for each judge.
     *
     * @see Randall, J. (1989). The analysis of sensory data by generalized linear model. Biometrical Journal 31; R package ordinal.
     */
    public function test_the_wine_tasting_gives_the_published_fit_with_and_without_judges(): void
    {
        /** @var list<array{int, int, int, int}> $rows warm, contact, judge, rating */
        $rows = json_decode((string) file_get_contents(__DIR__.'/reference/wine.json'), true);
        $plain = $judged = [];
        foreach ($rows as [$warm, $contact, $judge, $rating]) {
            $counts = array_fill(0, 5, 0.0);
            $counts[$rating - 1] = 1.0;
            $plain[] = new ObservedRow(null, [(float) $warm, (float) $contact], $counts);
            $judged[] = new ObservedRow($judge - 1, [(float) $warm, (float) $contact], $counts);
        }
        $fit = $this->fitted(Prior::flat(4, 2), $plain);
        self::assertEqualsWithDelta([-1.344383, 1.250809, 3.466887, 5.006404], $fit->mode->cutPoints(), 2e-6);
        self::assertEqualsWithDelta([2.503102, 1.527798], $fit->mode->slopes(), 2e-6);
        self::assertEqualsWithDelta(0.528680, $fit->standardError(4), 2e-6);
        self::assertEqualsWithDelta(0.476623, $fit->standardError(5), 2e-6);
        self::assertEqualsWithDelta(-86.491923, $fit->logLikelihood, 2e-6);

        $group = new OffsetGroup(0.0, 1.131132578 ** 2);
        $joint = (new Fitter)->fit(Prior::flat(4, 2), $judged, array_fill(0, 9, $group));
        self::assertNotNull($joint);
        self::assertEqualsWithDelta(
            [2.969327, 1.776275], $joint->mode->slopes(), 5e-6, 'the joint mode shrinks slopes by 3 % against the marginal fit',
        );
    }

    /** R package ordinal, clmm: the marginal log likelihood (Laplace) is −81.56541 at its own mode, and nowhere higher. */
    public function test_the_spread_of_wine_judges_is_told_by_the_marginal_likelihood(): void
    {
        /** @var list<array{int, int, int, int}> $rows warm, contact, judge, rating */
        $rows = json_decode((string) file_get_contents(__DIR__.'/reference/wine.json'), true);
        $judged = [];
        foreach ($rows as [$warm, $contact, $judge, $rating]) {
            $counts = array_fill(0, 5, 0.0);
            $counts[$rating - 1] = 1.0;
            $judged[] = new ObservedRow($judge - 1, [(float) $warm, (float) $contact], $counts);
        }
        $marginal = static function (float $sd) use ($judged): float {
            $fit = (new Fitter)->fit(Prior::flat(4, 2), $judged, array_fill(0, 9, new OffsetGroup(0.0, $sd ** 2)));
            self::assertNotNull($fit);

            // the parameters themselves are not integrated out in clmm
            return $fit->logMarginal - 0.5 * self::logDeterminant($fit->covariance);
        };

        self::assertLessThanOrEqual(-81.56541 + 1e-5, $marginal(1.131132578));
        self::assertEqualsWithDelta(-81.56541, $marginal(1.131132578), 0.15, 'the joint mode is close to the marginal one');
        self::assertGreaterThan($marginal(0.4), $marginal(1.131132578));
        self::assertGreaterThan($marginal(2.5), $marginal(1.131132578));
    }

    public function test_aggregated_counts_give_exactly_the_fit_of_single_trials(): void
    {
        $single = [];
        foreach ($this->housing() as $row) {
            foreach ($row->counts as $band => $count) {
                for ($i = 0; $i < (int) $count; $i++) {
                    $counts = [0.0, 0.0, 0.0];
                    $counts[$band] = 1.0;
                    $single[] = new ObservedRow(null, $row->covariates, $counts);
                }
            }
        }
        $whole = $this->fitted(Prior::flat(2, 6), $single);
        $counted = $this->fitted(Prior::flat(2, 6), $this->housing());

        self::assertEqualsWithDelta($counted->mode->theta, $whole->mode->theta, 1e-9, 'rounding of 1,681 additions');
        self::assertEqualsWithDelta($counted->covariance, $whole->covariance, 1e-9);
    }

    /** @param  list<ObservedRow>  $rows */
    private function fitted(Prior $prior, array $rows): Fit
    {
        $fit = (new Fitter)->fit($prior, $rows, []);
        self::assertNotNull($fit);

        return $fit;
    }

    /** @return list<ObservedRow> */
    private function housing(): array
    {
        // satisfaction low, medium, high; rows: influence low, medium, high within type within contact low, high
        $frequencies = [
            'Tower' => [[21, 21, 28], [34, 22, 36], [10, 11, 36]], 'Apartment' => [[61, 23, 17], [43, 35, 40], [26, 18, 54]],
            'Atrium' => [[13, 9, 10], [8, 8, 12], [6, 7, 9]], 'Terrace' => [[18, 6, 7], [15, 13, 13], [7, 5, 11]],
        ];
        $high = [
            'Tower' => [[14, 19, 37], [17, 23, 40], [3, 5, 23]], 'Apartment' => [[78, 46, 43], [48, 45, 86], [15, 25, 62]],
            'Atrium' => [[20, 23, 20], [10, 22, 24], [7, 10, 21]], 'Terrace' => [[57, 23, 13], [31, 21, 13], [5, 6, 13]],
        ];
        $rows = [];
        foreach ([$frequencies, $high] as $contact => $table) {
            foreach ($table as $type => $influences) {
                foreach ($influences as $influence => $counts) {
                    $rows[] = new ObservedRow(null, [
                        $influence === 1 ? 1.0 : 0.0, $influence === 2 ? 1.0 : 0.0,
                        $type === 'Apartment' ? 1.0 : 0.0, $type === 'Atrium' ? 1.0 : 0.0, $type === 'Terrace' ? 1.0 : 0.0,
                        (float) $contact,
                    ], array_map(floatval(...), $counts));
                }
            }
        }

        return $rows;
    }

    /** @param  array<int, array<int, float>>  $matrix */
    private static function logDeterminant(array $matrix): float
    {
        $log = 0.0;
        for ($k = 0, $n = count($matrix); $k < $n; $k++) {
            $log += log($matrix[$k][$k]);
            for ($i = $k + 1; $i < $n; $i++) {
                $factor = $matrix[$i][$k] / $matrix[$k][$k];
                for ($j = $k; $j < $n; $j++) {
                    $matrix[$i][$j] -= $factor * $matrix[$k][$j];
                }
            }
        }

        return $log;
    }
}
