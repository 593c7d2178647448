<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Measure\Distance;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\Fading;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\ThresholdSearch;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

#[CoversClass(DogModel::class)]
#[CoversClass(ModelBuilder::class)]
#[CoversClass(ThresholdSearch::class)]
#[CoversClass(Fading::class)]
final class DogModelTest extends TestCase
{
    public function test_neither_risk_nor_its_bound_falls_as_any_dimension_gets_harder(): void
    {
        $motions = ['lying', 'standing', 'slow_walk', 'brisk_walk', 'run'];
        foreach ($this->randomModels(40) as $model) {
            foreach ([Day::Today, Day::Typical] as $day) {
                $last = 0.0;
                foreach ([160.0, 80.0, 40.0, 20.0, 10.0, 5.0, 2.0] as $meters) {
                    $risk = $model->risk(Fixture::at($meters), $day);
                    self::assertGreaterThanOrEqual($last, $risk->strainBound->value);
                    $last = $risk->strainBound->value;
                    $lastMotion = 0.0;
                    foreach ($motions as $motion) {
                        $bound = $model->risk(Fixture::at($meters, $motion), $day)->reactionBound->value;
                        self::assertGreaterThanOrEqual($lastMotion, $bound);
                        $lastMotion = $bound;
                    }
                }
            }
        }
    }

    public function test_time_passing_alone_never_lowers_a_bound(): void
    {
        foreach ([[[40.0, 0], [30.0, 1], [25.0, 1]], [[60.0, 3], [60.0, 4], [50.0, 4]], [[20.0, 0], [10.0, 0], [5.0, 1]]] as $trials) {
            $earlier = [Fixture::session('2026-08-01', $trials), Fixture::session('2026-09-01', $trials)];
            $last = 0.0;
            foreach (['2026-09-01', '2026-09-03', '2026-09-12', '2026-10-30', '2027-03-01', '2029-01-01'] as $day) {
                $bound = Fixture::model($earlier, [], $day)->risk(Fixture::at(30.0))->strainBound->value;
                self::assertGreaterThanOrEqual($last - 1e-9, $bound, "on {$day}");
                $last = $bound;
            }
        }
    }

    public function test_the_order_of_trials_of_equal_age_does_not_matter(): void
    {
        $trials = [[60.0, 0], [40.0, 1], [30.0, 2], [40.0, 0], [60.0, 1], [30.0, 3]];
        $forward = Fixture::model([], $trials)->risk(Fixture::at(35.0));
        $backward = Fixture::model([], array_reverse($trials))->risk(Fixture::at(35.0));

        self::assertEquals($forward, $backward);
    }

    public function test_before_todays_first_trial_the_bound_is_wider_than_after_calm_ones(): void
    {
        $earlier = [Fixture::session('2026-10-18', [[40.0, 1], [30.0, 1], [25.0, 1], [40.0, 0], [30.0, 1]])];
        $before = Fixture::model($earlier, [])->risk(Fixture::at(30.0));
        $typicalSd = Fixture::model($earlier, [])->linear(Fixture::at(30.0), Band::Strain, Day::Typical)['sd'];
        $todaySd = Fixture::model($earlier, [])->linear(Fixture::at(30.0), Band::Strain, Day::Today)['sd'];
        $after = Fixture::model($earlier, [[30.0, 1], [30.0, 1], [30.0, 1]])->linear(Fixture::at(30.0), Band::Strain, Day::Today)['sd'];

        self::assertGreaterThan($typicalSd, $todaySd);
        self::assertLessThan($todaySd, $after);
        self::assertGreaterThan(0.0, $before->strainBound->value);
    }

    public function test_a_bad_day_raises_todays_risk_more_than_the_typical_days(): void
    {
        $earlier = [Fixture::session('2026-10-18', array_fill(0, 12, [30.0, 0]))];
        $good = Fixture::model($earlier, []);
        $bad = Fixture::model($earlier, array_fill(0, 5, [30.0, 2]));
        $change = static fn (Day $day): float =>
            $bad->linear(Fixture::at(30.0), Band::Strain, $day)['mean'] - $good->linear(Fixture::at(30.0), Band::Strain, $day)['mean'];

        self::assertGreaterThan($change(Day::Typical), $change(Day::Today));
        self::assertGreaterThan(0.0, $change(Day::Typical));
    }

    public function test_after_a_reaction_the_day_counts_as_harder(): void
    {
        $model = Fixture::model([], [[60.0, 0], [60.0, 1]]);

        self::assertGreaterThan($model->risk(Fixture::at(60.0))->reactionBound->value, $model->risk(
            Fixture::at(60.0), Day::AfterReaction,
        )->reactionBound->value);
    }

    public function test_the_limit_distance_is_where_the_guard_changes_its_mind(): void
    {
        $limits = RiskCaps::usual();
        foreach ($this->randomModels(12) as $model) {
            $limit = (new ThresholdSearch($limits))->along($model, Fixture::at(1.0), 'distance', Day::Typical);
            if ($limit->allowed === null) {
                self::assertNull($limit->easiest);
                self::assertFalse($limits->allow($model->risk(Fixture::at(Distance::MAX_METERS), Day::Typical)));

                continue;
            }
            self::assertTrue($limits->allow($model->risk(Fixture::at(min(500.0, $limit->allowed * 1.01)), Day::Typical)));
            self::assertFalse($limits->allow($model->risk(Fixture::at($limit->allowed * 0.99), Day::Typical)));
            self::assertNotNull($limit->point);
            self::assertNotNull($limit->easiest);
            // seven tenths of the way there, in halvings
            self::assertEqualsWithDelta(0.7 * log($limit->allowed / $limit->point), log($limit->easiest / $limit->point), 1e-9);
            self::assertLessThanOrEqual($limit->point, $limit->hardest);
        }
    }

    public function test_a_warm_start_changes_nothing_but_the_number_of_iterations(): void
    {
        $today = Fixture::session('2026-10-20', [[60.0, 0], [40.0, 1], [30.0, 2]]);
        $builder = new ModelBuilder(Fixture::priors());
        $cold = $builder->build(Fixture::scale(), true, null, [], $today);
        self::assertNotNull($cold);
        $warm = $builder->build(Fixture::scale(), true, null, [], $today, $cold->fit->mode);
        self::assertNotNull($warm);

        self::assertEqualsWithDelta($cold->fit->mode->theta, $warm->fit->mode->theta, 1e-5, 'both stop at a decrement of 1e-10');
        self::assertLessThanOrEqual($cold->fit->iterations, $warm->fit->iterations);
    }

    public function test_bad_bands_fade_more_slowly_and_old_sessions_drop_out(): void
    {
        $fading = new Fading;

        self::assertEqualsWithDelta(0.5, $fading->weight(42.0, 0, false), 1e-12);
        self::assertEqualsWithDelta(0.5, $fading->weight(0.0, 120, false), 1e-12);
        self::assertEqualsWithDelta(0.5, $fading->weight(102.0, 0, true), 1e-12);
        self::assertSame(0.0, $fading->weight(400.0, 0, false));
    }

    public function test_every_one_of_many_odd_data_sets_has_a_mode(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(11));
        for ($i = 0; $i < 120; $i++) {
            $trials = [];
            for ($n = $random->getInt(0, 60); $n > 0; $n--) {
                // all alike, contradictory, or absurdly near and far
                $trials[] = [
                    $i % 3 === 0 ? 20.0 : 0.2 * 2 ** $random->getInt(0, 11),
                    $i % 2 === 0 ? 4 * $random->getInt(0, 1) : $random->getInt(0, 4),
                ];
            }
            self::assertLessThanOrEqual(25, Fixture::model([], $trials)->fit->iterations);
        }
    }

    /** @return iterable<DogModel> */
    private function randomModels(int $count): iterable
    {
        $random = new Randomizer(new Xoshiro256StarStar(5));
        for ($i = 0; $i < $count; $i++) {
            $sessions = [];
            for ($s = 0; $s < 3; $s++) {
                $trials = [];
                for ($n = $random->getInt(1, 20); $n > 0; $n--) {
                    $trials[] = [5.0 * $random->getInt(1, 20), min(4, $random->getInt(0, 2) + ($random->getInt(0, 9) === 0 ? 2 : 0))];
                }
                $sessions[] = Fixture::session("2026-10-1{$s}", $trials);
            }
            yield Fixture::model($sessions, $i % 2 === 0 ? [] : [[40.0, 1]]);
        }
    }
}
