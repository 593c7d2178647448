<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Exposure\GammaPrior;
use Core\Measure\Logistic;
use Core\Response\Covariate;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\Elimination;
use Core\Response\Fading;
use Core\Response\Fitter;
use Core\Response\ModelBuilder;
use Core\Response\Observations;
use Core\Response\ObservedRow;
use Core\Response\OffsetGroup;
use Core\Response\Prior;
use Core\Response\SessionEvidence;
use Core\Response\Spread;
use Core\Sign\Band;
use Core\Simulation\Chance;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** A limit that wanders from session to session. */
#[CoversClass(Elimination::class)]
#[CoversClass(Observations::class)]
#[CoversClass(Spread::class)]
final class WalkTest extends TestCase
{
    /** Recorded with the script that made it: reference/walk.R. */
    public function test_mode_uncertainty_and_determinant_agree_with_a_second_writing(): void
    {
        /**
         * @var array{x: list<float>, y: list<list<int>>, day: list<int>, theta: list<float>, offsets: list<float>,
         *    today: array{float, float}, typical: array{float, float}, logDeterminant: array{float}} $reference
         */
        $reference = json_decode((string) file_get_contents(__DIR__.'/reference/walk.json'), true, flags: JSON_THROW_ON_ERROR);
        $rows = [];
        foreach ($reference['x'] as $i => $x) {
            $rows[] = new ObservedRow($reference['day'][$i], [(float) $x], array_map(floatval(...), $reference['y'][$i]));
        }
        $prior = new Prior(
            4, 0.0, 1.3, [GammaPrior::withMean(8, 2.1), GammaPrior::withMean(8, 1.6), GammaPrior::withMean(8, 1.3)],
            [GammaPrior::withMean(8, 2.2222)],
        );
        [$days, $walk] = [0.7 ** 2, 0.35 ** 2];
        $groups = [
            new OffsetGroup(0.0, $days, 5), new OffsetGroup(0.0, $days, 6), new OffsetGroup(1.0, $days, 6), new OffsetGroup(0.0, $days, 7),
            new OffsetGroup(0.0, $days), new OffsetGroup(0.0, $walk, 6), new OffsetGroup(0.0, $walk, 7), new OffsetGroup(0.0, $walk),
        ];
        $fit = (new Fitter)->fit($prior, $rows, $groups) ?? self::fail('No fit.');

        self::assertEqualsWithDelta($reference['theta'], $fit->mode->theta, 1e-5);
        self::assertEqualsWithDelta($reference['offsets'], $fit->mode->offsets, 1e-5);
        self::assertEqualsWithDelta($reference['today'], array_values($fit->linear([-1.2], 3, 4)), 1e-4);
        self::assertEqualsWithDelta($reference['typical'], array_values($fit->linear([-1.2], 3)), 1e-4);
        $determinant = 2 * ($fit->logPosterior + $prior->logNormalizer() - $prior->logUnit($fit->mode->theta) - $fit->logMarginal);
        foreach ($groups as $group) {
            $determinant -= log($group->variance);
        }
        self::assertEqualsWithDelta($reference['logDeterminant'][0], $determinant, 1e-3, 'R differentiates numerically');
        // an earlier day's offset carries the uncertainty of its level: pinned so firmly that the level is all there is, both agree
        $level = $fit->linear([-1.2], 3, 5);
        $pinned = (new Fitter)->fit($prior, $rows, array_replace($groups, [0 => new OffsetGroup(0.0, 1e-9, 5)])) ?? self::fail('No fit.');
        self::assertEqualsWithDelta($pinned->linear([-1.2], 3, 5), $pinned->linear([-1.2], 3, 0), 1e-4);
        self::assertGreaterThan($fit->linear([-1.2], 3, 7)['sd'], $level['sd'], 'further from today it is less sure');
    }

    public function test_each_sessions_level_lies_about_the_next_one_that_counts(): void
    {
        $sessions = [
            Fixture::session('2026-10-12', [[20.0, 1]]), Fixture::session('2026-10-14', []), Fixture::session('2026-10-16', [[20.0, 1]]),
        ];
        $parents = static function (?SessionEvidence $today, float $walk) use ($sessions): array {
            $seen = Observations::of(Fixture::scale(), new Fading, $sessions, $today, null);

            return array_map(
                static fn (OffsetGroup $group): array => [$group->parent, round(sqrt($group->variance), 9)],
                $seen->groups(new Spread(0.7, $walk), 1.0, 0.0),
            );
        };
        $today = Fixture::session('2026-10-18', [[20.0, 1]]);

        self::assertSame(
            [[4, 0.7], [3, 0.7], [null, 0.7], [4, 0.2], [null, 0.2]], $parents($today, 0.2), 'newest first, then the oldest level first',
        );
        self::assertSame([[null, 0.7], [2, 0.7], [null, 0.2]], $parents(null, 0.2), 'the newest is the present');
        self::assertSame([[null, 0.7], [null, 0.7], [null, 0.7]], $parents($today, 0.0));
    }

    public function test_how_far_it_wanders_is_learned_from_eight_sessions_on(): void
    {
        $walk = static fn (float $drift, int $sessions): float => self::model(7, $drift, $sessions)->spread->walk;

        self::assertSame(0.35, $walk(0.6, 7), 'too few to tell');
        self::assertNotSame(0.35, $walk(0.6, 8));
        self::assertGreaterThan(0.3, $walk(0.6, 40));
        self::assertLessThan(0.22, $walk(0.0, 40));
    }

    /** Three quarters where 80 % is said; 55 % before there was a walk. */
    public function test_the_range_holds_where_the_limit_wanders(): void
    {
        $held = 0;
        for ($dog = 0; $dog < 120; $dog++) {
            $truth = 0.0;
            $linear = self::model(900 + $dog, 0.35, 10, $truth)->linear(Fixture::at(30.0), Band::Strain, Day::Typical);
            $held += abs($truth - $linear['mean']) <= DogModel::RANGE_QUANTILE * $linear['sd'] ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(0.72 * 120, $held);
        self::assertLessThanOrEqual(0.9 * 120, $held);
    }

    /** Calm trials from the middle of a session to the present one, in hundreds; nothing of that where nothing is earlier. */
    public function test_what_was_learned_since_is_a_covariate(): void
    {
        $sessions = [
            Fixture::session('2026-10-12', array_fill(0, 20, [20.0, 0])),
            Fixture::session('2026-10-14', [...array_fill(0, 4, [20.0, 1]), ...array_fill(0, 6, [20.0, 2]), [20.0, 3], [20.0, 4]]),
        ];
        $today = Fixture::session('2026-10-16', array_fill(0, 8, [20.0, 0]));
        $fine = Fixture::at(40.0);
        $last = static fn (Observations $seen): array => array_map(
            static fn (ObservedRow $row): float => $row->covariates[count($row->covariates) - 1], $seen->rows,
        );

        self::assertEqualsWithDelta(
            [0.05, 0.2, 0.0, 0.3], $last(Observations::of(Fixture::scale(), new Fading, $sessions, $today, $fine, true)), 1e-12,
            'half of ten; ten and half of twenty; today; all, where it was fine before',
        );
        self::assertSame([Covariate::Learning], Observations::of(Fixture::scale(), new Fading, $sessions, $today, null, true)->beyond);
        self::assertSame([], Observations::of(Fixture::scale(), new Fading, $sessions, $today, null)->beyond);
        self::assertSame([], Observations::of(Fixture::scale(), new Fading, [], $today, null, true)->beyond);
    }

    /** Before it was looked at, such dogs were told more than half a logit worse than they were: a fifth too far. */
    public function test_a_dog_that_has_learned_is_told_as_it_is_now(): void
    {
        $off = 0.0;
        for ($dog = 0; $dog < 60; $dog++) {
            $truth = 0.0;
            $off += self::model(300 + $dog, 0.15, 16, $truth, 0.1)->linear(Fixture::at(30.0), Band::Strain, Day::Typical)['mean'] - $truth;
        }

        self::assertEqualsWithDelta(0.0, $off / 60, 0.4);
    }

    /** Along a line through time nothing else moves the level: it used to take the upset of a day for its date. */
    public function test_a_line_through_time_does_not_mind_what_was_carried_over(): void
    {
        $line = static function (float $upset): array {
            $sessions = [];
            for ($i = 0; $i < 6; $i++) {
                $day = new \DateTimeImmutable('2026-06-01 +'.(10 * $i).' days');
                $rows = Fixture::session($day->format('Y-m-d'), [...array_fill(0, 8, [20.0, $i < 3 ? 2 : 0]), [16.0, 1]])->rows;
                $sessions[] = new SessionEvidence($day, $rows, $i % 2 === 0 ? $upset : 0.0);
            }
            $at = new \DateTimeImmutable('2026-08-01');
            $model = (new ModelBuilder(Fixture::priors()))->alongTime(Fixture::scale(), true, null, $sessions, $at);

            return $model === null ? self::fail('No fit.') : $model->fit->mode->theta;
        };

        self::assertEqualsWithDelta($line(0.0), $line(2.0), 1e-9);
    }

    public function test_it_is_kept_and_read_back_and_anything_else_is_worked_out_anew(): void
    {
        self::assertEquals(new Spread(0.7, 0.2), Spread::fromArray((new Spread(0.7, 0.2))->toArray()));
        self::assertNull(Spread::fromArray(['daySd' => 0.7]));
        self::assertNull(Spread::fromArray(['walkSd' => 0.7]));
    }

    /**
     * A dog whose limit wanders by so much a session, fifteen trials in each; its predictor of strain at 30 m after the last one.
     *
     * @param  float  $learned  logits that a session makes easier
     */
    private static function model(int $seed, float $drift, int $sessions, float &$truth = 0.0, float $learned = 0.0): DogModel
    {
        $chance = new Chance(new Randomizer(new Xoshiro256StarStar($seed)));
        $top = $chance->normal();
        $all = [];
        for ($s = 0; $s < $sessions; $s++) {
            $top += $learned + $drift * $chance->normal();
            $day = 0.6 * $chance->normal();
            $trials = [];
            for ($i = 0; $i < 15; $i++) {
                $meters = 15.0 * 2.0 ** (2.5 * $chance->uniform());
                $draw = $chance->uniform();
                $band = 0;
                foreach ([5.0, 2.9, 1.3, 0.0] as $k => $below) {
                    $band = $draw < Logistic::probability(2.2 * log(10.0 / $meters, 2) + $day - $top + $below) ? $k + 1 : $band;
                }
                $trials[] = [$meters, $band];
            }
            $all[] = Fixture::session((new \DateTimeImmutable('2026-06-01'))->modify('+'.(2 * $s).' days')->format('Y-m-d'), $trials);
        }
        $truth = 2.2 * log(10.0 / 30.0, 2) - $top + 1.3;

        return (new ModelBuilder(Fixture::priors()))->build(
            Fixture::scale(), true, null, $all, new SessionEvidence(new \DateTimeImmutable('2026-09-20'), []),
        ) ?? throw new \LogicException('The fit did not converge.');
    }
}
