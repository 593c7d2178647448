<?php

declare(strict_types=1);

namespace Core\Tests\Insight;

use Core\Insight\LatencyByDistance;
use Core\Insight\ResponseCurve;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Response\ThresholdSearch;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

/** The numbers of the charts of one session against the same worked out by R's general tools: charts.R, recorded in charts.json. */
#[CoversClass(ResponseCurve::class)]
#[CoversClass(ThresholdSearch::class)]
#[CoversClass(DogModel::class)]
#[CoversClass(ModelBuilder::class)]
#[CoversClass(LatencyByDistance::class)]
final class ChartsAgainstRTest extends TestCase
{
    private const MOTION = ['0.25' => 'standing', '0.5' => 'slow_walk'];

    public function test_the_weights_of_the_two_spacings(): void
    {
        $weights = array_map(static fn ($fit): float => $fit->weight, self::model()->fits);

        self::assertEqualsWithDelta(self::reference()['weights'], $weights, 2e-3, 'the product integrates by 48 midpoints');
    }

    public function test_the_curves_and_the_range_of_strain(): void
    {
        $model = self::model();
        foreach (self::reference()['meters'] as $i => $meters) {
            $point = ResponseCurve::of($model, Fixture::at($meters), 'distance', $meters, $meters / 2.0, Day::Typical, 2)->points[0];

            self::assertEqualsWithDelta(
                self::reference()['curve'][$i], [...$point['atLeast'], $point['strainLow'], $point['strainHigh']], 1e-3, "at {$meters} m",
            );
        }
    }

    public function test_the_limit_and_its_range(): void
    {
        $limit = (new ThresholdSearch(RiskCaps::of(0.07, 0.014)))->along(self::model(), Fixture::at(20.0), 'distance', Day::Typical);
        $reference = self::reference();

        foreach ([
            [$reference['point'], $limit->point], [$reference['nearest'], $limit->hardest], [$reference['farthest'], $limit->allowed],
        ] as [$expected, $found]) {
            self::assertEqualsWithDelta(0.0, log($expected / ($found ?? INF), 2.0), 3e-3, 'in halvings: two parts in a thousand');
        }
    }

    public function test_the_median_latency_by_class_of_distance(): void
    {
        $told = LatencyByDistance::of(array_map(static fn (array $trial): array => [$trial[0], $trial[3]], self::reference()['trials']));

        self::assertEqualsWithDelta(
            self::reference()['latency'],
            array_map(static fn (array $class): array => [$class['from'], $class['trials'], $class['median']], $told), 1e-6,
        );
    }

    private static function model(): DogModel
    {
        $trials = array_map(
            static fn (array $trial): array => [
                'exposure' => Fixture::at($trial[0], self::MOTION[(string) $trial[1]]), 'band' => Band::from((int) $trial[2]),
                'afterReaction' => false,
            ],
            self::reference()['trials'],
        );

        return (new ModelBuilder(Fixture::priors()))
            ->build(Fixture::scale(), true, null, [], SessionEvidence::ofTrials(new \DateTimeImmutable('2026-10-20 10:00 UTC'), $trials))
            ?? throw new \LogicException('The fit did not converge.');
    }

    /**
     * @return array{trials: list<array{float, float, float, float}>, weights: list<float>, meters: list<float>, curve: list<list<float>>,
     *    point: float, nearest: float, farthest: float, latency: list<list<float>>}
     */
    private static function reference(): array
    {
        /**
         * @var array{trials: list<array{float, float, float, float}>, weights: list<float>, meters: list<float>, curve: list<list<float>>,
         *    point: float, nearest: float, farthest: float, latency: list<list<float>>}
         */
        return json_decode((string) file_get_contents(__DIR__.'/charts.json'), true, flags: JSON_THROW_ON_ERROR);
    }
}
