<?php

declare(strict_types=1);

namespace Core\Tests\Insight;

use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Insight\LoadShare;
use Core\Insight\LookingBack;
use Core\Insight\PriorShare;
use Core\Insight\ResponseCurve;
use Core\Insight\SessionsToGoal;
use Core\Insight\SlopeByBand;
use Core\Insight\TeachingTrial;
use Core\Insight\Trend;
use Core\Insight\TrendMethod;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\ObservedRow;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Response\ThresholdSearch;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What the screens and the command line tell of a model. */
#[CoversClass(LoadShare::class)]
#[CoversClass(LookingBack::class)]
#[CoversClass(SessionsToGoal::class)]
#[CoversClass(PriorShare::class)]
#[CoversClass(ResponseCurve::class)]
#[CoversClass(SlopeByBand::class)]
#[CoversClass(TeachingTrial::class)]
#[CoversClass(Trend::class)]
#[CoversClass(DogModel::class)]
#[CoversClass(ModelBuilder::class)]
#[CoversClass(ThresholdSearch::class)]
final class InsightTest extends TestCase
{
    public function test_the_shares_of_load_add_up_to_the_difference_of_two_exposures(): void
    {
        $model = Fixture::model([], [[40.0, 0], [20.0, 1], [15.0, 2]]);
        $from = Fixture::at(40.0, 'lying');
        $to = Fixture::at(10.0, 'run');
        $shares = LoadShare::between($model, $from, $to);

        self::assertEqualsWithDelta($model->load($to) - $model->load($from), array_sum(array_column($shares, 'logits')), 1e-12);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (LoadShare $share): float => $share->share->value, $shares)), 1e-12);
        self::assertSame(['distance', 'trigger_motion'], array_column($shares, 'key'));
        self::assertSame([true, false], array_column($shares, 'isSeen'), 'motion was never varied: the slope of a typical dog');
    }

    public function test_what_no_trial_has_shown_is_named_and_its_range_is_wider(): void
    {
        $model = Fixture::model([], array_fill(0, 30, [20.0, 1]));
        $sd = static fn (Exposure $at): float => $model->linear($at, Band::Strain, Day::Today)['sd'];

        self::assertSame([], $model->untried(Fixture::at(20.0)));
        self::assertSame(['distance', 'trigger_motion'], $model->untried(Fixture::at(8.0, 'run')));
        self::assertGreaterThan($sd(Fixture::at(20.0)), $sd(Fixture::at(20.0, 'run')));
    }

    public function test_trials_leave_less_of_the_prior_and_an_untouched_slope_leaves_all_of_it(): void
    {
        $few = PriorShare::of(Fixture::model([], [[30.0, 0]]));
        $many = PriorShare::of(Fixture::model(
            [], [...array_fill(0, 60, [30.0, 0]), ...array_fill(0, 60, [15.0, 1]), ...array_fill(0, 30, [10.0, 2])],
        ));

        self::assertEqualsWithDelta(1.0, $many->slopes['trigger_motion']->value, 1e-9);
        self::assertLessThan($few->slopes['distance']->value, $many->slopes['distance']->value);
        self::assertLessThan($few->gaps[0]->value, $many->gaps[0]->value);
    }

    public function test_the_curve_rises_toward_the_hard_end_and_crosses_the_limit_where_the_search_finds_it(): void
    {
        $model = Fixture::model([], [[40.0, 0], [20.0, 1], [15.0, 2]]);
        $curve = ResponseCurve::of($model, Fixture::at(20.0), 'distance', 100.0, 2.0, Day::Typical)->points;

        for ($i = 1; $i < count($curve); $i++) {
            self::assertGreaterThan($curve[$i - 1]['atLeast'][3], $curve[$i]['atLeast'][3]);
            self::assertLessThan($curve[$i]['strainHigh'], $curve[$i]['strainLow']);
        }
        $at = (new ThresholdSearch(RiskCaps::usual()))->along($model, Fixture::at(20.0), 'distance', Day::Typical)->point;
        self::assertNotNull($at);
        $there = ResponseCurve::of($model, Fixture::at(20.0), 'distance', $at, 1.0, Day::Typical, 2)->points[0]['atLeast'];
        self::assertEqualsWithDelta(0.0, min(abs($there[2] - 0.05), abs($there[3] - 0.01)), 1e-9);
    }

    public function test_a_handling_plan_has_a_limit_in_the_gap_of_the_hand(): void
    {
        $catalog = Fixture::catalogs()['contact'];
        $at = static fn (float $gap, float $seconds = 1.0): Exposure =>
            Exposure::of(['gap' => $gap, 'duration' => $seconds, 'contact' => 'touch'], $catalog);
        $scale = LoadScale::of($catalog, Distance::fromMeters(20), ['gap', 'duration', 'contact']);
        $trials = array_map(
            static fn (array $trial): array => ['exposure' => $at($trial[0]), 'band' => Band::from($trial[1]), 'afterReaction' => false],
            [...array_fill(0, 40, [60.0, 0]), ...array_fill(0, 30, [30.0, 0]), ...array_fill(0, 12, [10.0, 1])],
        );
        $model = (new ModelBuilder(Fixture::priors()))
            ->build($scale, false, null, [], SessionEvidence::ofTrials(new \DateTimeImmutable('2026-10-20'), $trials));
        self::assertNotNull($model);
        $search = new ThresholdSearch(RiskCaps::usual());
        $gap = $search->along($model, $at(30.0), 'gap', Day::Typical);

        self::assertNotNull($gap->point);
        self::assertNotNull($gap->easiest);
        self::assertGreaterThanOrEqual($gap->point, $gap->easiest);
        self::assertLessThanOrEqual($gap->point, $gap->hardest);
        self::assertGreaterThan($search->along($model, $at(300.0, 0.5), 'duration', Day::Typical)->hardest - 1e-9, 3600.0);
    }

    public function test_an_order_that_the_trials_contradict_is_found_and_one_they_follow_is_not(): void
    {
        $session = static fn (int $lying, int $running): SessionEvidence => SessionEvidence::ofTrials(new \DateTimeImmutable('2026-10-20'),
            [
                ...array_fill(0, 20, ['exposure' => Fixture::at(20.0, 'lying'), 'band' => Band::from($lying), 'afterReaction' => false]),
                ...array_fill(0, 20, ['exposure' => Fixture::at(20.0, 'run'), 'band' => Band::from($running), 'afterReaction' => false]),
            ]);
        $builder = new ModelBuilder(Fixture::priors());

        self::assertSame(['trigger_motion'], array_keys($builder->contradictions(Fixture::scale(), true, [], $session(2, 0))));
        self::assertSame([], $builder->contradictions(Fixture::scale(), true, [], $session(0, 2)));
    }

    public function test_one_slope_for_all_bands_is_questioned_only_where_the_bands_really_differ(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(12));
        $rows = function (float $low, float $high) use ($random): array {
            $rows = [];
            for ($i = 0; $i < 600; $i++) {
                $x = -3.0 + 3.0 * ($i % 10) / 9;
                $counts = [0.0, 0.0, 0.0, 0.0, 0.0];
                $draw = $random->getInt(1, 999_999) / 1e6;
                $logit = log($draw / (1 - $draw));
                $counts[$logit < $high * ($x + 1.2) ? 3 : ($logit < $low * ($x + 2.2) ? 1 : 0)] = 1.0;
                $rows[] = new ObservedRow(null, [$x], $counts);
            }

            return $rows;
        };
        $priors = [Fixture::dimensions()->dimension('distance')->slope];

        self::assertFalse(SlopeByBand::of($rows(2.2, 2.2), $priors, 0)?->differs());
        self::assertTrue(SlopeByBand::of($rows(0.8, 4.5), $priors, 0)?->differs());
        self::assertNull(SlopeByBand::of(array_slice($rows(2.2, 2.2), 0, 59), $priors, 0), 'too few to tell');
    }

    public function test_the_trial_that_teaches_most_is_within_the_limits_and_nearest_to_what_is_asked(): void
    {
        $ladder = Ladder::of(array_map(
            static fn (float $meters): Step => new Step(Fixture::at($meters), Criterion::run(5)), [90.0, 60.0, 40.0, 25.0, 12.0],
        ));
        $now = new \DateTimeImmutable('2026-10-20 10:00 UTC');
        $model = Fixture::model(
            [Fixture::session('2026-10-19', [...array_fill(0, 30, [40.0, 0]), ...array_fill(0, 10, [30.0, 1])])], [[40.0, 0]],
        );
        $situation = new Situation(
            Fixture::dimensions(), Fixture::signs(), $ladder, RuleSettings::of(RiskCaps::usual()), new History(trialsEver: 40),
            new SessionLog($now, $now, []), $model, $now,
        );
        $teaches = TeachingTrial::of($situation, new Level(4, $ladder->step(4)->exposure));

        self::assertNotNull($teaches);
        self::assertTrue($situation->allows($teaches->level->exposure));
        self::assertGreaterThan(0.0, $teaches->share->value);
        self::assertLessThan(1.0, $teaches->share->value);
        $harder = array_filter(range($teaches->level->step + 1, 4), static fn (int $step): bool => $situation->allows($ladder->step(
            $step,
        )->exposure));
        self::assertSame([], $harder, 'the hardest allowed step says most about a harder one');
    }

    /**
     * A dog that improves by a halving a month, with few trials: the steady line foretells it best; one that stays the same needs
     * no line, and one that learns by what it does is foretold by that.
     */
    public function test_the_trend_keeps_the_way_that_foretells_the_next_session_best(): void
    {
        $improving = $easing = $steady = [];
        for ($i = 0; $i < 14; $i++) {
            $day = (new \DateTimeImmutable('2026-06-01'))->modify('+'.(7 * $i).' days')->format('Y-m-d');
            // three days on, or eighteen: it is the days that help it, not what was done
            $days = 21 * intdiv($i, 2) + 3 * ($i % 2);
            $later = new \DateTimeImmutable("2026-06-01 +{$days} days");
            $trials = [];
            foreach ([40.0, 28.0, 20.0, 14.0] as $meters) {
                for ($n = 0; $n < 2; $n++) {
                    $eta = 2.2 * log(10 / $meters, 2) + 4.0 - 0.07 * $days;
                    $passed = static fn (float $cut): bool => 1 / (1 + exp($cut - $eta)) > ($n + 0.5) / 2;
                    $trials[] = [$meters, count(array_filter([0.0, 2.1, 3.7, 5.0], $passed))];
                }
            }
            $improving[] = Fixture::session($later->format('Y-m-d'), $trials);
            $calm = (int) round(20 / (1 + exp(2.2 - 0.4 * $i)));
            $easing[] = Fixture::session($day, [...array_fill(0, $calm, [20.0, 0]), ...array_fill(0, 20 - $calm, [20.0, 1])]);
            $steady[] = Fixture::session($day, [...array_fill(0, 12 + $i % 3, [20.0, 0]), ...array_fill(0, 12, [20.0, 1])]);
        }
        $up = self::trend($improving);

        self::assertSame(TrendMethod::Line, $up->method);
        self::assertCount(14, $up->points);
        self::assertLessThan($up->points[0]->limit->point, $up->points[13]->limit->point, 'the limit came nearer');
        self::assertSame(TrendMethod::Fading, self::trend($easing)->method, 'the level wanders along');
        self::assertSame(TrendMethod::Even, self::trend($steady)->method);
        foreach ([...$up->scores, ...self::trend($steady)->scores] as $score) {
            self::assertTrue($score < 0.0 && $score > -log(5.0), 'a trial, better than five bands alike');
        }
        self::assertSame([null, null, null], array_values(self::trend(array_slice($steady, 0, 3))->scores), 'three before the first');
        self::assertNotContains(null, self::trend(array_slice($steady, 0, 4))->scores);
        self::assertSame([], self::trend([])->points);
    }

    public function test_what_was_worked_out_of_a_trend_is_kept_as_long_as_its_sessions_stay_as_they_were(): void
    {
        $session = static fn (int $i, int $calm = 14): SessionEvidence => Fixture::session(
            (new \DateTimeImmutable('2026-06-01'))->modify('+'.(5 * $i).' days')->format('Y-m-d'),
            [...array_fill(0, $calm, [20.0, 0]), ...array_fill(0, 6, [16.0, 1])],
        );
        $sessions = array_map($session, range(0, 7));
        $before = self::trend($sessions);

        $after = Trend::of(self::back(), [...$sessions, $session(8)], $before->steps);
        self::assertEquals(self::trend([...$sessions, $session(8)]), $after, 'the same as worked out anew');
        self::assertSame(array_keys($before->steps), array_slice(array_keys($after->steps), 0, 8), 'only the newest is new');

        $changed = Trend::of(self::back(), [$session(0, 9), ...array_slice($sessions, 1)], $before->steps);
        self::assertSame(
            [], array_intersect_key($changed->steps, $before->steps), 'a trial corrected in the first session changes all after it',
        );
    }

    private static function back(): LookingBack
    {
        return new LookingBack(
            new ModelBuilder(Fixture::priors()), Fixture::scale(), true, null, Fixture::at(20.0), 'distance', RiskCaps::usual(),
        );
    }

    /** @param  list<SessionEvidence>  $sessions */
    private static function trend(array $sessions): Trend
    {
        return Trend::of(self::back(), $sessions);
    }

    /**
     * Worked by hand: gains 1, 0, 2, 1 from nothing; faster half 2 and 1, slower half 1 and 0; nine steps are left after the fourth
     * session.
     */
    public function test_the_pace_is_a_range_from_the_faster_and_the_slower_half(): void
    {
        self::assertNull(SessionsToGoal::of([0, 1], 12), 'two sessions are no pace');
        $pace = SessionsToGoal::of([0, 0, 2, 3], 12);
        self::assertSame([6, 18], [$pace?->soonest, $pace?->latest]);
        self::assertSame([0, 0], [SessionsToGoal::of([3, 7, 12], 12)?->soonest, SessionsToGoal::of([3, 7, 12], 12)?->latest]);
        self::assertNull(SessionsToGoal::of([-1, -1, -1], 12), 'no gain, no pace');
        $stalling = SessionsToGoal::of([0, 4, 4, 4], 12);
        self::assertSame([4, null], [$stalling?->soonest, $stalling?->latest], 'the slower half gains nothing: no end in sight');
    }
}
