<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Exposure\GammaPrior;
use Core\Measure\Digamma;
use Core\Measure\Logistic;
use Core\Response\Day;
use Core\Response\EmpiricalBayes;
use Core\Response\Inherited;
use Core\Response\KnownDog;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Simulation\Chance;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What a practice's dogs have in common is expected of its next one. */
#[CoversClass(EmpiricalBayes::class)]
#[CoversClass(KnownDog::class)]
#[CoversClass(GammaPrior::class)]
#[CoversClass(Digamma::class)]
final class EmpiricalBayesTest extends TestCase
{
    /** By R 4.2: digamma(c(0.1, 0.5, 1, 2, 3.7, 10, 60)). */
    public function test_the_digamma_function(): void
    {
        foreach ([
            [0.1, -10.423754940411076], [0.5, -1.963510026021423], [1.0, -0.577215664901532], [2.0, 0.422784335098467],
            [3.7, 1.167153539361511], [10.0, 2.251752589066721], [60.0, 4.085988081383538],
        ] as [$x, $psi]) {
            self::assertEqualsWithDelta($psi, Digamma::of($x), 1e-12);
        }
    }

    /** By R 4.2, MASS::fitdistr(c(1.2, 2.5, 0.8, 3.1, 2.2, 1.9, 2.8, 1.4, 2.0, 2.6), "gamma"): shape 7.045170, rate 3.436668. */
    public function test_the_gamma_of_the_largest_likelihood(): void
    {
        $values = [1.2, 2.5, 0.8, 3.1, 2.2, 1.9, 2.8, 1.4, 2.0, 2.6];
        $fitted = GammaPrior::fitted(array_sum($values) / 10, array_sum(array_map(log(...), $values)) / 10);

        self::assertEqualsWithDelta([7.04517, 3.43667], [$fitted->shape, $fitted->rate], 1e-4);
        self::assertEqualsWithDelta(2.05, $fitted->mean(), 1e-12);
        $again = GammaPrior::withMean(5.0, 1.7);
        self::assertEqualsWithDelta(5.0, GammaPrior::fitted($again->mean(), $again->meanLog())->shape, 1e-6);
        self::assertSame([60.0, 2.0], [GammaPrior::fitted(2.0, log(2.0) - 1e-6)->shape, GammaPrior::fitted(2.0, log(2.0) - 3.0)->shape]);
    }

    public function test_under_twenty_dogs_with_thirty_trials_nothing_is_known(): void
    {
        $dogs = self::dogs(20, 15);
        self::assertNotNull(self::known($dogs));
        self::assertNull(self::known(array_slice($dogs, 1)));
        self::assertNull(self::known([...array_slice($dogs, 1), ...self::dogs(1, 14)]), '28 trials are too few');
    }

    /** Dogs for which halving the distance is half as much harder again as for most. */
    public function test_the_next_dog_is_foretold_better(): void
    {
        $known = self::known(self::dogs(24, 30)) ?? self::fail('Enough dogs.');
        $slope = $known->slopes['distance'];

        self::assertGreaterThan(2.6, $slope->mean(), 'usual is 2.2; these dogs have 3.3');
        self::assertLessThan(3.4, $slope->mean());
        self::assertGreaterThan(8.0, $slope->shape, 'and are more alike than most');
        self::assertNull($known->level, 'where it reacts is told of each');

        $better = 0.0;
        foreach (self::dogs(30, 8, 500) as $dog) {
            [$first, $next] = $dog->sessions;
            $log = static function (ModelBuilder $builder) use ($dog, $first, $next): float {
                $model = $builder->build($dog->scale, true, null, [$first], new SessionEvidence($next->startedAt, []))
                    ?? self::fail('No fit.');
                $log = 0.0;
                foreach ($next->rows as $row) {
                    foreach ($row->counts as $band => $count) {
                        $over = $band === 4 ? 0.0 : $model->chanceOf($row->exposure, Band::from($band + 1), Day::Today)->value;
                        $at = $band === 0 ? 1.0 : $model->chanceOf($row->exposure, Band::from($band), Day::Today)->value;
                        $log += $count * log(max(1e-9, $at - $over));
                    }
                }

                return $log;
            };
            $usual = new ModelBuilder(Fixture::priors());
            $better += $log($usual->inheriting($known)) - $log($usual);
        }
        self::assertGreaterThan(2.0, $better, 'log probability of what came next, over thirty dogs');
    }

    public function test_it_is_kept_without_a_level(): void
    {
        $known = self::known(self::dogs(20, 15)) ?? self::fail('Enough dogs.');
        $back = Inherited::fromArray((array) json_decode((string) json_encode($known->toArray()), true)) ?? self::fail('It can be read.');

        self::assertEqualsWithDelta($known->slopes['distance']->shape, $back->slopes['distance']->shape, 1e-9);
        self::assertNull($back->level);
        $of = static fn (bool $isStated): float => Fixture::priors()->inheriting($back)->for(Fixture::scale(), $isStated)->topCutSd;
        self::assertSame([1.3, 2.4], [$of(true), $of(false)], 'as the intake tells it');
        self::assertNull(Inherited::fromArray([...$known->toArray(), 'level' => 'near']));
    }

    /** @param  list<KnownDog>  $dogs */
    private static function known(array $dogs): ?Inherited
    {
        return EmpiricalBayes::of(new ModelBuilder(Fixture::priors()), $dogs);
    }

    /** @return list<KnownDog> two sessions of so many trials each */
    private static function dogs(int $count, int $trials, int $seed = 0): array
    {
        $dogs = [];
        for ($dog = 0; $dog < $count; $dog++) {
            $chance = new Chance(new Randomizer(new Xoshiro256StarStar(6000 + $seed + $dog)));
            $top = 0.8 * $chance->normal();
            $slope = $chance->gamma(30, 3.3);
            $sessions = [];
            for ($s = 0; $s < 2; $s++) {
                $day = 0.5 * $chance->normal();
                $rows = [];
                for ($i = 0; $i < $trials; $i++) {
                    $meters = 12.0 * 2.0 ** (2.5 * $chance->uniform());
                    $draw = $chance->uniform();
                    $band = 0;
                    foreach ([5.0, 2.9, 1.3, 0.0] as $k => $below) {
                        $band = $draw < Logistic::probability($slope * log(10.0 / $meters, 2) + $day - $top + $below) ? $k + 1 : $band;
                    }
                    $rows[] = [$meters, $band];
                }
                $sessions[] = Fixture::session("2026-10-1{$s}", $rows);
            }
            $dogs[] = new KnownDog(Fixture::scale(), true, null, $sessions);
        }

        return $dogs;
    }
}
