<?php

declare(strict_types=1);

namespace Core\Tests\Insight;

use Core\Insight\TraitShare;
use Core\Measure\Distance;
use Core\Response\DogModel;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(TraitShare::class)]
final class TraitShareTest extends TestCase
{
    private static function model(): DogModel
    {
        return Fixture::model([
            Fixture::session('2026-10-10', [[40.0, 0], [30.0, 0], [25.0, 1], [20.0, 1], [18.0, 2]]),
            Fixture::session('2026-10-14', [[30.0, 0], [25.0, 0], [20.0, 1], [16.0, 2], [14.0, 3]]),
        ], [[25.0, 0], [20.0, 1]]);
    }

    public function test_it_is_the_mode_that_a_search_over_the_posterior_finds_and_as_wide(): void
    {
        $trials = [
            ...self::met(['big'], 24.0, 0, 1, 1, 2, 2, 1, 3, 2, 1), ...self::met([], 24.0, 0, 0, 1, 0, 1, 0, 0, 1, 0),
        ];
        $model = self::model();
        [$share] = TraitShare::of($model, $trials);

        // the model's own formula, by differences of cumulative shares, over a grid of both shifts
        $best = [-INF, 0.0, 0.0];
        for ($all = -2.0; $all <= 2.0; $all += 0.01) {
            for ($big = -1.0; $big <= 4.0; $big += 0.01) {
                $log = self::logPosterior($model, $trials, $all, $big);
                $best = $log > $best[0] ? [$log, $all, $big] : $best;
            }
        }
        [$top, $all, $big] = $best;
        self::assertEqualsWithDelta($big, $share->logits, 0.011);

        // minus the second derivatives by differences, inverted by hand
        $h = 0.02;
        $at = static fn (float $a, float $b): float => self::logPosterior($model, $trials, $all + $a, $big + $b);
        $aa = -($at($h, 0.0) - 2.0 * $top + $at(-$h, 0.0)) / $h ** 2;
        $bb = -($at(0.0, $h) - 2.0 * $top + $at(0.0, -$h)) / $h ** 2;
        $ab = -($at($h, $h) - $at($h, -$h) - $at(-$h, $h) + $at(-$h, -$h)) / (4.0 * $h ** 2);
        $sd = sqrt($aa / ($aa * $bb - $ab ** 2));
        self::assertEqualsWithDelta(1.2815515655446004 * $sd, $share->high - $share->logits, 0.01);
        self::assertTrue($share->isTold());
        self::assertGreaterThan(0.0, $share->low);
    }

    public function test_a_hard_trait_is_like_somebody_nearer_and_an_easy_one_like_somebody_farther(): void
    {
        $model = self::model();
        $shares = TraitShare::of($model, [
            ...self::met(['big'], 24.0, ...array_fill(0, 12, 2)), ...self::met(['child', 'small'], 24.0, ...array_fill(0, 12, 0)),
            ...self::met([], 24.0, ...array_fill(0, 12, 1)),
        ]);
        self::assertSame(['big', 'child', 'small'], array_column($shares, 'trait'));
        $hard = $shares[0]->alike(Distance::fromMeters(24.0));
        $easy = $shares[1]->alike(Distance::fromMeters(24.0));
        self::assertLessThan(24.0, $hard['farthest']->meters);
        self::assertLessThan($hard['likely']->meters, $hard['nearest']->meters);
        self::assertGreaterThan(24.0, $easy['likely']->meters);
        // by hand: a halving is as many logits as the model's slope
        self::assertEqualsWithDelta(
            24.0 * 2.0 ** (-$shares[0]->logits / $model->slopePerHalving()), $hard['likely']->meters, 1e-9,
        );
        self::assertEqualsWithDelta($shares[1]->logits, $shares[2]->logits, 1e-9, 'two that always come together share what they do');
    }

    public function test_it_is_told_from_eight_with_and_eight_without_on(): void
    {
        $model = self::model();
        $told = static fn (int $with, int $without): int => count(TraitShare::of($model, [
            ...self::met(['hat'], 20.0, ...array_fill(0, $with, 1)), ...self::met([], 20.0, ...array_fill(0, $without, 1)),
        ]));
        self::assertSame([1, 0, 0], [$told(8, 8), $told(7, 9), $told(9, 7)]);
        $same = TraitShare::of($model, [
            ...self::met(['hat'], 20.0, 0, 1, 0, 1, 0, 1, 0, 1), ...self::met([], 20.0, 0, 1, 0, 1, 0, 1, 0, 1),
        ]);
        self::assertFalse($same[0]->isTold(), 'no difference where there is none');
        self::assertEqualsWithDelta(0.0, $same[0]->logits, 0.01);
    }

    /**
     * @param  list<string>  $traits
     * @return list<array{traits: list<string>, exposure: \Core\Exposure\Exposure, band: Band}>
     */
    private static function met(array $traits, float $meters, int ...$bands): array
    {
        return array_values(array_map(
            static fn (int $band): array => ['traits' => $traits, 'exposure' => Fixture::at($meters), 'band' => Band::from($band)], $bands,
        ));
    }

    /** @param  list<array{traits: list<string>, exposure: \Core\Exposure\Exposure, band: Band}>  $trials */
    private static function logPosterior(DogModel $model, array $trials, float $all, float $big): float
    {
        $cuts = $model->fit->mode->cutPoints();
        $slopes = $model->fit->mode->slopes();
        $log = -$all ** 2 / 200.0 - $big ** 2 / 2.0;
        foreach ($trials as ['traits' => $traits, 'exposure' => $exposure, 'band' => $band]) {
            $eta = $all + ($traits === [] ? 0.0 : $big);
            foreach ($model->scale->covariates($exposure) as $j => $x) {
                $eta += $slopes[$j] * $x;
            }
            $atLeast = static fn (int $k): float => $k === 0 ? 1.0 : ($k > count($cuts) ? 0.0 : 1.0 / (1.0 + exp($cuts[$k - 1] - $eta)));
            $log += log($atLeast($band->value) - $atLeast($band->value + 1));
        }

        return $log;
    }
}
