<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Measure\Logistic;
use Core\Response\CumulativeLogit;
use Core\Response\Curvature;
use Core\Response\Fitter;
use Core\Response\ObservedRow;
use Core\Response\OffsetGroup;
use Core\Response\PackedRows;
use Core\Response\Parameters;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The uncertainty is honest where its own assumptions hold, and the derivatives are those of the function. */
#[CoversClass(CumulativeLogit::class)]
#[CoversClass(Curvature::class)]
final class CoverageTest extends TestCase
{
    #[TestWith([10], 'ten trials')]
    #[TestWith([30], 'thirty trials')]
    #[TestWith([100], 'a hundred trials')]
    public function test_intervals_cover_as_often_as_they_say(int $trials): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(400 + $trials));
        $prior = Fixture::priors()->for(Fixture::scale(), true);
        $runs = 400;
        $covered = $widely = $bounded = 0;
        for ($run = 0; $run < $runs; $run++) {
            $truth = [1.3 * self::normal($random)];
            foreach ([...$prior->gaps, ...$prior->slopes] as $gamma) {
                $truth[] = self::gamma($random, (int) ($gamma->shape ?? 1), $gamma->rate ?? 1.0);
            }
            $parameters = new Parameters($truth, [], 4);
            $rows = [];
            for ($i = 0; $i < $trials; $i++) {
                $x = [-3.5 + 3.0 * $i / max(1, $trials - 1), ($i % 5) / 4];
                $rows[] = new ObservedRow(null, $x, self::draw($random, $parameters, $x));
            }
            $fit = (new Fitter)->fit($prior, $rows, []);
            self::assertNotNull($fit);
            $at = [-1.5, 0.25];
            $true = $truth[4] * $at[0] + $truth[5] * $at[1] - $parameters->cutPoints()[2];
            $linear = $fit->linear($at, 3);
            $covered += abs($true - $linear['mean']) <= 1.2816 * $linear['sd'] ? 1 : 0;
            $widely += abs($true - $linear['mean']) <= 1.6449 * $linear['sd'] ? 1 : 0;
            $bounded += $true <= $linear['mean'] + 0.8416 * $linear['sd'] ? 1 : 0;
        }

        self::assertEqualsWithDelta(80.0, 100 * $covered / $runs, 8.0, 'two-sided 80 % interval');
        self::assertEqualsWithDelta(90.0, 100 * $widely / $runs, 8.0, 'two-sided 90 % interval');
        self::assertGreaterThanOrEqual(75.0, 100 * $bounded / $runs, 'one-sided 80 % bound');
    }

    public function test_the_derivatives_agree_with_differences(): void
    {
        $prior = Fixture::priors()->for(Fixture::scale(), true);
        $rows = [
            new ObservedRow(0, [-1.3, 0.25], [3.0, 2.0, 1.0, 0.0, 0.0]),
            new ObservedRow(1, [-0.4, 0.75], [0.0, 1.5, 2.0, 1.0, 1.0]),
            new ObservedRow(null, [-2.0, 0.0], [1.0, 1.0, 0.0, 0.0, 0.0]),
        ];
        $model = new CumulativeLogit($prior, PackedRows::of($rows, $prior, 3), [
            new OffsetGroup(0.0, 1.0), new OffsetGroup(1.0, 2.0, 2), new OffsetGroup(0.0, 0.4),
        ]);
        $theta = [0.4, 1.9, 1.4, 1.1, 2.0, 1.2];
        $offsets = [0.3, -0.6, 0.2];
        $here = $model->at(new Parameters($theta, $offsets, 4));
        $h = 1e-5;
        foreach ($theta as $i => $value) {
            $up = $model->at(new Parameters(array_replace($theta, [$i => $value + $h]), $offsets, 4));
            $down = $model->at(new Parameters(array_replace($theta, [$i => $value - $h]), $offsets, 4));
            self::assertEqualsWithDelta(
                ($up->logPosterior - $down->logPosterior) / (2 * $h), $here->gradient[$i], 1e-6, 'central difference',
            );
            foreach ($theta as $j => $ignored) {
                self::assertEqualsWithDelta(-($up->gradient[$j] - $down->gradient[$j]) / (2 * $h), $here->information[$i][$j], 1e-5);
            }
        }
        foreach ($offsets as $s => $value) {
            $up = $model->at(new Parameters($theta, array_replace($offsets, [$s => $value + $h]), 4));
            $down = $model->at(new Parameters($theta, array_replace($offsets, [$s => $value - $h]), 4));
            self::assertEqualsWithDelta(($up->logPosterior - $down->logPosterior) / (2 * $h), $here->offsetGradient[$s], 1e-6);
            self::assertEqualsWithDelta(
                -($up->offsetGradient[$s] - $down->offsetGradient[$s]) / (2 * $h), $here->offsetInformation[$s], 1e-5,
            );
            foreach ($theta as $j => $ignored) {
                self::assertEqualsWithDelta(-($up->gradient[$j] - $down->gradient[$j]) / (2 * $h), $here->crossInformation[$s][$j], 1e-5);
            }
        }
    }

    /**
     * @param  list<float>  $x
     * @return non-empty-list<float>
     */
    private static function draw(Randomizer $random, Parameters $parameters, array $x): array
    {
        $eta = 0.0;
        foreach ($parameters->slopes() as $j => $slope) {
            $eta += $slope * $x[$j];
        }
        $uniform = self::uniform($random);
        $band = count(array_filter(
            $parameters->cutPoints(), static fn (float $cut): bool => $uniform < Logistic::probability($eta - $cut),
        ));
        $counts = [0.0, 0.0, 0.0, 0.0, 0.0];
        $counts[$band] = 1.0;

        return array_values($counts);
    }

    private static function uniform(Randomizer $random): float
    {
        return ($random->getInt(0, 0xFFFFFFFF) + 0.5) / 4294967296.0;
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2.0 * log(self::uniform($random))) * cos(2.0 * M_PI * self::uniform($random));
    }

    /** A gamma of whole shape is a sum of exponentials. */
    private static function gamma(Randomizer $random, int $shape, float $rate): float
    {
        $sum = 0.0;
        for ($i = 0; $i < $shape; $i++) {
            $sum -= log(self::uniform($random)) / $rate;
        }

        return $sum;
    }
}
