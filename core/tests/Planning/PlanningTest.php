<?php

declare(strict_types=1);

namespace Core\Tests\Planning;

use Core\Decision\Reason;
use Core\Decision\Work;
use Core\Exception\InvalidExposure;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\DogPosture;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\FoodTiming;
use Core\Ladder\HandledBy;
use Core\Ladder\Ladder;
use Core\Ladder\Manner;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Planning\FixedStepLadder;
use Core\Planning\LadderChange;
use Core\Planning\LadderReview;
use Core\Planning\Refiner;
use Core\Planning\StartingPoint;
use Core\Planning\StepChange;
use Core\Planning\StepReview;
use Core\Response\Day;
use Core\Response\RiskCaps;
use Core\Tests\Fixture;
use Core\Worth\CriterionChance;
use Core\Worth\Effort;
use Core\Worth\RunChance;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

#[CoversClass(LadderReview::class)]
#[CoversClass(StepReview::class)]
#[CoversClass(Refiner::class)]
#[CoversClass(LadderChange::class)]
#[CoversClass(StartingPoint::class)]
#[CoversClass(FixedStepLadder::class)]
#[CoversClass(CriterionChance::class)]
final class PlanningTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function shipped(): iterable
    {
        foreach (array_keys(Fixture::templateData()) as $key) {
            yield $key => [$key];
        }
    }

    /**
     * Handbook 7: from 50 yd to 5 ft by single yards is 49 whole steps, some 340 passes at 90 %; a tenth nearer each time 33 steps, a fifth
     * 16.
     */
    public function test_what_a_fixed_yard_costs(): void
    {
        $yards = static fn (float $yards): Distance => Distance::from($yards, DistanceUnit::Yard);
        $fixed = FixedStepLadder::between($yards(50.0), $yards(5.0 / 3.0), $yards(1.0));
        self::assertCount(50, $fixed, '49 steps nearer, the last one short of a yard');
        self::assertEqualsWithDelta(340.0, 49 * (RunChance::ofLength(5)->expectedTrials(0.9) ?? 0.0), 5.0);

        foreach ([[0.9, 33], [0.8, 16]] as [$ratio, $steps]) {
            $ladder = (new EqualRatioLadder(1.0, -log($ratio, 2.0)))->between($yards(50.0), $yards(5.0 / 3.0));
            self::assertEqualsWithDelta($steps, count($ladder) - 1, 1.0, 'the last step makes up for the rest');
        }
    }

    /** Handbook 4, section 3: 50 to 49 yd is 0.029 halvings, 6 to 5 yd is 0.263: nine times as much. */
    public function test_a_fixed_yard_steepens(): void
    {
        $halvings = static fn (float $from, float $to): float => Distance::fromMeters($from)->halvingsTo(Distance::fromMeters($to));
        self::assertEqualsWithDelta(0.029, $halvings(50.0, 49.0), 5e-4);
        self::assertEqualsWithDelta(0.263, $halvings(6.0, 5.0), 5e-4);
    }

    #[DataProvider('shipped')]
    public function test_every_template_becomes_a_ladder_with_a_path_once_it_is_fitted(string $key): void
    {
        [$ladder, $model] = Fixture::laid($key);
        $review = LadderReview::of((new Refiner($model))->refine($ladder), $model, RiskCaps::cautious());

        self::assertTrue($review->hasPath(), $key);
        if (Work::of($model->scale->catalog->plan) !== Work::Exposure) {
            self::assertSame($ladder, (new Refiner($model))->refine($ladder), 'named steps stay as they are told');

            return;
        }
        foreach ($review->steps as $i => $step) {
            self::assertLessThanOrEqual(0.7, $step->rise ?? 0.0, "{$key}, step {$i}: {$step->step->manner->instruction}");
        }
    }

    #[DataProvider('shipped')]
    public function test_fitting_keeps_start_and_goal_and_what_is_fitted_stays(string $key): void
    {
        [$ladder, $model] = Fixture::laid($key);
        $refiner = new Refiner($model);
        $once = $refiner->refine($ladder);

        self::assertTrue($once->step(0)->exposure->equals($ladder->step(0)->exposure));
        self::assertTrue($once->step($once->top())->equals($ladder->step($ladder->top())));
        self::assertEqualsWithDelta(count($once->steps), count($refiner->refine($once)->steps), 0.12 * count($once->steps) + 1.0);
    }

    /** Ladders laid anew, steps split, ways found: as they were when they were written down. */
    public function test_nothing_of_it_changes_unseen(): void
    {
        self::assertSame(
            (string) file_get_contents(Planned::FILE), Planned::text(), 'Meant? Then write it anew, as Planned says.',
        );
    }

    public function test_a_yard_at_a_time_leads_nearer(): void
    {
        $meters = static fn (Distance $of): float => $of->meters;
        [$far, $near] = [Distance::fromMeters(10.0), Distance::fromMeters(7.0)];
        self::assertSame([10.0, 9.0, 8.0, 7.0], array_map($meters, FixedStepLadder::between($far, $near, Distance::fromMeters(1.0))));
        foreach ([$far, Distance::fromMeters(10.1)] as $goal) {
            try {
                FixedStepLadder::between($far, $goal, Distance::fromMeters(1.0));
                self::fail((string) $goal->meters);
            } catch (InvalidExposure $e) {
                self::assertStringContainsString('goal-not-harder', $e->getMessage());
            }
        }
    }

    public function test_a_ladder_is_the_same_only_where_no_step_is_other_and_none_is_gone(): void
    {
        $of = static fn (float ...$meters): Ladder => self::ladder(array_map(
            static fn (float $at): array => [$at, 'standing'], array_values($meters),
        ));
        $isNone = static fn (Ladder $before, Ladder $after): bool => LadderChange::between($before, $after)->isNone();

        self::assertTrue($isNone($of(40.0, 30.0), $of(40.0, 30.0)));
        self::assertFalse($isNone($of(40.0, 30.0), $of(40.0)), 'gone');
        self::assertFalse($isNone($of(40.0), $of(40.0, 30.0)), 'added');
        self::assertFalse($isNone($of(40.0, 30.0), $of(30.0, 40.0)), 'moved');
    }

    public function test_two_things_at_once_a_big_step_and_no_path_are_flagged(): void
    {
        $ladder = self::ladder([[40.0, 'standing'], [36.0, 'slow_walk'], [22.0, 'slow_walk'], [4.0, 'slow_walk'], [30.0, 'slow_walk']]);
        $review = LadderReview::of($ladder, Fixture::model([], []), RiskCaps::usual());
        $codes = array_map(
            static fn (StepReview $step): array => array_map(static fn (Reason $flag): string => $flag->code->value, $step->flags),
            $review->steps,
        );

        self::assertSame([[], ['two-at-once'], ['big-step'], ['no-path'], []], $codes);
        self::assertSame(3, $review->firstGap());
        self::assertFalse($review->hasPath());
        self::assertEqualsWithDelta(
            1 / (1 + 49 * exp(-($review->steps[2]->rise ?? 0.0))), $review->steps[2]->planned->value, 1e-12, 'σ(logit .02 + rise)',
        );
    }

    public function test_a_goal_easier_than_the_start_is_seen(): void
    {
        self::assertTrue(LadderReview::of(
            self::ladder([[20.0, 'standing'], [40.0, 'standing']]), Fixture::model([], []), RiskCaps::usual(),
        )->leadsDown());
    }

    public function test_splitting_goes_half_way_in_load_and_ends(): void
    {
        $model = Fixture::model([], []);
        $refiner = new Refiner($model);
        [$from, $to] = [Fixture::at(40.0), Fixture::at(10.0)];
        $half = $refiner->half($from, $to);
        self::assertNotNull($half);
        self::assertEqualsWithDelta(20.0, $half->values['distance'], 1e-3);

        $splits = 0;
        for ($low = $from; $half !== null && $splits < 50; $splits++) {
            $half = $refiner->half($low, $to);
            $low = $half ?? $low;
        }
        self::assertLessThan(15, $splits, 'splits of splits come to an end');
    }

    public function test_neighboring_choices_are_split_by_easing_the_distance(): void
    {
        $model = Fixture::model([], []);
        $half = (new Refiner($model, 0.1))->half(Fixture::at(20.0, 'brisk_walk'), Fixture::at(20.0, 'run'));

        self::assertNotNull($half);
        self::assertSame('run', $half->values['trigger_motion']);
        self::assertGreaterThan(20.0, $half->values['distance']);
    }

    public function test_a_change_says_what_became_of_every_step_and_where_held_ground_went(): void
    {
        $model = Fixture::model([], []);
        $before = self::ladder([[40.0, 'standing'], [30.0, 'standing'], [20.0, 'standing'], [10.0, 'standing']]);
        $after = self::ladder([[30.0, 'standing'], [25.0, 'standing'], [20.0, 'standing'], [10.0, 'standing']]);
        $change = LadderChange::between($before, $after);

        self::assertSame([StepChange::Kept, StepChange::Added, StepChange::Kept, StepChange::Kept], $change->new);
        self::assertSame([0], $change->removed);
        self::assertSame([1, 1, 3, 0], array_map(
            $change->count(...), [StepChange::Added, StepChange::Removed, StepChange::Kept, StepChange::Moved],
        ));
        self::assertSame([null, 0, 2, 3], $change->standsFor($model));
        self::assertTrue(LadderChange::between($before, $before)->isNone());

        $moved = LadderChange::between($before, self::ladder(
            [[40.0, 'standing'], [20.0, 'standing'], [30.0, 'standing'], [10.0, 'standing']], 4,
        ));
        self::assertSame([StepChange::Edited, StepChange::Edited, StepChange::Moved, StepChange::Edited], $moved->new);
    }

    /** Nothing held is lost, and nothing harder than what was held counts as held. */
    public function test_what_stands_for_a_step_is_never_harder(): void
    {
        foreach (array_keys(Fixture::templateData()) as $key) {
            [$ladder, $model] = Fixture::laid($key);
            $refined = (new Refiner($model))->refine($ladder);
            foreach (LadderChange::between($refined, $ladder)->standsFor($model) as $old => $new) {
                self::assertLessThanOrEqual(
                    $model->load($refined->step($old)->exposure) + 0.05 + 1e-9,
                    $new === null ? -INF : $model->load($ladder->step($new)->exposure), $key,
                );
            }
        }
    }

    public function test_the_start_meets_the_limits_or_says_that_it_cannot(): void
    {
        $prior = Fixture::model([], []);
        $known = Fixture::model(
            [Fixture::session('2026-10-18', array_fill(0, 12, [40.0, 0])), Fixture::session('2026-10-19', array_fill(0, 12, [40.0, 0]))],
            [],
        );
        $point = StartingPoint::along($known, $prior, Fixture::at(20.0), 'distance', RiskCaps::usual(), null, null);
        self::assertTrue($point->isWithin);
        self::assertTrue(RiskCaps::usual()->allow($known->risk($point->exposure, Day::Today)));

        $unknown = StartingPoint::along($prior, $prior, Fixture::at(20.0), 'distance', RiskCaps::usual(), null, null);
        self::assertSame([false, 0.0], [$unknown->isWithin, $unknown->sure->value]);
        self::assertGreaterThan(4 * 10.0, $unknown->exposure->values['distance'], 'far more than the stated distance');

        $cramped = StartingPoint::along($prior, $prior, Fixture::at(20.0), 'distance', RiskCaps::usual(), Distance::fromMeters(15.0), null);
        self::assertFalse($cramped->isWithin);
        self::assertSame(15.0, $cramped->exposure->values['distance']);
        self::assertSame(['start-proposed', 'start-short'], self::codes($cramped));
        self::assertSame(['start-proposed'], self::codes($point));
    }

    /** Calm tests let the dog start nearer, a failed one never does; more of either makes it surer. */
    public function test_what_the_assessment_shows_moves_the_start_the_right_way(): void
    {
        $prior = Fixture::model([], []);
        $start = static function (array $earlier, ?float $doubt = null) use ($prior): StartingPoint {
            /** @var list<array{float, int}> $earlier */
            $model = $earlier === [] ? $prior : Fixture::model([Fixture::session('2026-10-19', $earlier)], []);

            return StartingPoint::along($model, $prior, Fixture::at(20.0), 'distance', RiskCaps::usual(), null, $doubt);
        };
        $calm = $start([[40.0, 0], [30.0, 0], [20.0, 0]]);
        $tense = $start([[40.0, 0], [30.0, 2], [20.0, 3]], 20.0);

        self::assertLessThan($start([])->exposure->values['distance'], $calm->exposure->values['distance']);
        self::assertGreaterThan($calm->exposure->values['distance'], $tense->exposure->values['distance']);
        self::assertGreaterThan(20.0, $tense->exposure->values['distance']);
        self::assertSame(['start-doubt'], array_values(array_diff(self::codes($tense), ['start-proposed', 'start-short'])));
        self::assertSame([], array_values(array_diff(self::codes($calm), ['start-proposed', 'start-short'])));
        self::assertGreaterThan($start([[40.0, 0]])->sure, $calm->sure);
    }

    public function test_on_a_ladder_the_start_lies_under_the_first_doubt(): void
    {
        [$ladder, $model] = Fixture::laid('nails');
        foreach ([1, 3, 7] as $doubt) {
            ['step' => $step, 'point' => $point] = StartingPoint::on($ladder, $model, $model, RiskCaps::usual(), $doubt);
            self::assertLessThan($doubt, $step);
            self::assertSame(['start-step', 'start-doubt-step', ...($point->isWithin ? [] : ['start-short-step'])], self::codes($point));
        }
        $hard = StartingPoint::on(Ladder::of([$ladder->step($ladder->top())]), $model, $model, RiskCaps::cautious(), null)['point'];
        self::assertSame(['start-step', 'start-short-step'], self::codes($hard));
    }

    public function test_a_step_that_needs_more_hands_than_one_person_has_is_flagged(): void
    {
        [$ladder, $model] = Fixture::laid('nails');
        $step = $ladder->step(1);
        $flags = static function (int $hands, int $eyes) use ($ladder, $model, $step): array {
            $manner = Manner::of('Lift the paw.', FoodTiming::During, DogPosture::Free, HandledBy::Handler, $hands, $eyes);
            $review = LadderReview::of(
                Ladder::of([$ladder->step(0), new Step($step->exposure, $step->criterion, $manner)]), $model, RiskCaps::usual(),
            );

            return array_map(static fn (Reason $reason): string => $reason->code->value, $review->steps[1]->flags);
        };

        self::assertContains('needs-help', $flags(3, 1));
        self::assertContains('needs-help', $flags(2, 2));
        self::assertNotContains('needs-help', $flags(2, 1));
    }

    public function test_effort_follows_from_the_criterion(): void
    {
        $run = CriterionChance::of(Criterion::run(5), 20);
        self::assertEqualsWithDelta(62.0, $run->expectedTrials(0.5) ?? 0.0, 1e-9, 'Feller');
        self::assertGreaterThan($run->expectedTrials(0.9), CriterionChance::of(Criterion::run(5)->over(2, 1), 20)->expectedTrials(0.9));
        self::assertLessThan($run->expectedTrials(0.8), CriterionChance::of(Criterion::share(4, 5), 20)->expectedTrials(0.8));
        self::assertSame(7, Effort::of($run, 0.9, 10, 10, 4, 3.0)?->outings, '69 trials, 10 an outing');
    }

    /** @param  list<array{float, string}>  $steps */
    private static function ladder(array $steps, int $run = 5): Ladder
    {
        return Ladder::of(
            array_map(
                static fn (array $step): Step => new Step(
                    Exposure::of(['distance' => $step[0], 'trigger_motion' => $step[1]], Fixture::dimensions()), Criterion::run($run),
                ),
                $steps,
            ),
        );
    }

    /** @return list<string> */
    private static function codes(StartingPoint $point): array
    {
        return array_map(static fn (Reason $reason): string => $reason->code->value, $point->reasons);
    }
}
