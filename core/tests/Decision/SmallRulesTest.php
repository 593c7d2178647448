<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\CarryOver;
use Core\Decision\Choices;
use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\RestReason;
use Core\Decision\RuleBook;
use Core\Decision\RuleSettings;
use Core\Decision\SessionSummary;
use Core\Decision\StepSize;
use Core\Decision\Told;
use Core\Decision\WorkingPlan;
use Core\Exception\InvalidMeasure;
use Core\Exposure\PlanKind;
use Core\Handling\AreaState;
use Core\Ladder\HandledBy;
use Core\Measure\Distance;
use Core\Measure\LevelScale;
use Core\Measure\Probability;
use Core\Method\Clearance;
use Core\Planning\FromTheFloor;
use Core\Planning\LadderBounds;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Response\WarmStart;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Grading;
use Core\Sign\Outcome;
use Core\Sign\Reading;
use Core\Sign\TurnLatency;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Rules that the application asks for by name. */
#[CoversClass(Clearance::class)]
#[CoversClass(FromTheFloor::class)]
#[CoversClass(LadderBounds::class)]
#[CoversClass(Reading::class)]
#[CoversClass(RestReason::class)]
#[CoversClass(WarmStart::class)]
#[CoversClass(WorkingPlan::class)]
final class SmallRulesTest extends TestCase
{
    /** What somebody chose acts, and what they left as it was does not. */
    public function test_a_choice_is_what_was_chosen(): void
    {
        $of = static fn (string $chosen, string $option): array => get_object_vars(Choices::of(
            static fn (string $key): string => $key === $chosen ? $option : '',
        ));
        $usual = [
            'stepSize' => StepSize::Ratio, 'startsWhereItEnded' => false, 'pausesAtSmallSigns' => true, 'feedsWhenOver' => false,
            'isRationEarned' => false,
        ];
        self::assertSame($usual, $of('', ''));
        foreach ([
            'step_size' => ['yard', ['stepSize' => StepSize::Yard]], 'next_start' => ['where_ended', ['startsWhereItEnded' => true]],
            'small_signs' => ['carry_on', ['pausesAtSmallSigns' => false]],
            'food_when_over' => ['feed_at_once', ['feedsWhenOver' => true]],
        ] as $key => [$chosen, $changed]) {
            self::assertSame([...$usual, ...$changed], $of($key, $chosen));
        }
    }

    /** What only one of two trials told is taken as usual, unless it is no more than the picture around what is asked. */
    public function test_a_place_is_the_same_whoever_told_what_is_around_it(): void
    {
        $catalog = Fixture::catalogs()['contact'] ?? throw new \LogicException('No such catalog.');
        [$ladder] = Fixture::laid('teeth');
        $credit = new Credit($ladder, $catalog);
        $asked = $ladder->step(0)->exposure;
        self::assertArrayNotHasKey('surface', $asked->values);
        foreach ($catalog->dimension('surface')->values as $value) {
            self::assertTrue($credit->isSamePlace($asked, $asked->with('surface', $value->key)), $value->key);
        }
        self::assertFalse($credit->isSamePlace($asked->with('surface', 'mat'), $asked->with('surface', 'slippery')), 'both were told');
    }

    public function test_a_session_begins_once_handler_cautions_and_foundations_are_in_order(): void
    {
        self::assertSame([], self::missing(true, [], [], [], ''));
        self::assertSame(['handler'], self::missing(false, [], [], [], ''));
        self::assertSame(['read'], self::missing(true, ['bite' => 1, 'pain' => 1], ['bite'], [], ''));
        self::assertSame([], self::missing(true, ['bite' => 1, 'pain' => 1], ['bite', 'pain'], [], ''));
        self::assertSame(['without_reason'], self::missing(true, [], [], ['marker' => 1], '  '));
        self::assertSame([], self::missing(true, [], [], ['marker' => 1], 'He knows it by another word.'));
        self::assertSame(['handler', 'read', 'without_reason'], self::missing(false, ['bite' => 1], [], ['marker' => 1], ''));
    }

    /**
     * @param  array<string, mixed>  $unread
     * @param  list<string>  $read
     * @param  array<string, mixed>  $skills
     * @return list<string>
     */
    private static function missing(bool $mayHandle, array $unread, array $read, array $skills, string $reason): array
    {
        return array_column(Clearance::missing($mayHandle, $unread, $read, $skills, $reason), 'value');
    }

    public function test_a_ladder_stays_within_its_session_off_sore_parts_and_under_its_ceiling(): void
    {
        $bounds = new LadderBounds(10, ['ear' => AreaState::Sore], LevelScale::measured(), 65.0);

        self::assertSame([], $bounds->beyond(
            [['duration' => 600.0], ['exposure_time' => 600.0], ['body_area' => 'neck'], ['level' => 65.05]],
        ));
        self::assertSame(
            ['session' => 1, 'hands_off' => 2, 'ceiling' => 3],
            $bounds->beyond([
                ['duration' => 1.0], ['duration' => 600.5], ['body_area' => 'ear'], ['level' => 65.06], ['duration' => 900.0],
            ]),
        );
        self::assertSame(['session' => 0], $bounds->beyond([['exposure_time' => 601.0]]));
        self::assertSame([], (new LadderBounds(10, [], LevelScale::ofPlayer(), 65.0))->beyond([['level' => 70.0]]), 'nobody has measured');
        self::assertSame([], (new LadderBounds(10, []))->beyond([['level' => 70.0]]));
    }

    public function test_a_disliked_person_begins_with_the_gear_on_the_floor_and_the_hands_away(): void
    {
        [$ladder] = Fixture::laid('harness-straps');
        $templates = Fixture::templates();
        $found = FromTheFloor::ladder(
            $ladder, array_values($templates->steps($templates->template(FromTheFloor::TEMPLATE))), Fixture::catalogs()['contact'],
        );
        $first = count($found->steps) - count($ladder->steps);

        self::assertGreaterThan(0, $first);
        foreach ($found->steps as $i => $step) {
            self::assertSame('second', $step->exposure->values['helper'], "step {$i}");
            self::assertSame(HandledBy::SecondPerson, $step->manner->who);
            self::assertTrue($i >= $first || (float) $step->exposure->values['gap'] > 0.0, "step {$i} keeps the hands away");
        }
    }

    public function test_leaving_and_stiffness_are_read_by_the_work(): void
    {
        self::assertSame(Reading::Station, Reading::of('opt_in_station', PlanKind::Contact));
        self::assertSame(Reading::Mat, Reading::of('calm_settling', PlanKind::Duration));
        self::assertSame(Reading::Contact, Reading::of('pairing', PlanKind::Contact));
        self::assertNull(Reading::of('pairing', PlanKind::Presence));
    }

    public function test_food_and_turning_are_signs_too_unless_they_say_nothing(): void
    {
        $shown = static fn (FoodTaken $food, bool $left, ?TurnLatency $latency, Outcome $outcome): array =>
            Grading::shown(['lick.lip', 'lick.lip'], $food, $left, $latency, $outcome);
        $slow = TurnLatency::OverFive;

        self::assertSame(['lick.lip'], $shown(FoodTaken::NotOffered, true, null, Outcome::Prompted));
        self::assertSame(['lick.lip', 'eat.refuse'], $shown(FoodTaken::Refused, true, null, Outcome::Prompted));
        self::assertSame(['lick.lip'], $shown(FoodTaken::Refused, false, null, Outcome::Prompted), 'there was none left');
        self::assertSame(['lick.lip', $slow->asSign()?->value], $shown(FoodTaken::NotOffered, true, $slow, Outcome::Prompted));
        foreach ([Outcome::Returned, Outcome::Watched, Outcome::Unnoticed] as $waited) {
            self::assertSame(['lick.lip'], $shown(FoodTaken::NotOffered, true, $slow, $waited), 'waiting was asked for');
        }
    }

    public function test_teeth_let_a_plan_rest_and_nothing_else_does(): void
    {
        self::assertSame(RestReason::Bite, RestReason::afterSigns(['growl', 'bite']));
        self::assertNull(RestReason::afterSigns(['growl', 'snap']));
    }

    public function test_an_upset_is_gone_within_its_window(): void
    {
        $now = new \DateTimeImmutable('2026-10-20 10:00 UTC');
        $left = static fn (int $hours): CarryOver => CarryOver::of([['severity' => 4.0, 'at' => $now->modify("-{$hours} hours")]], $now);

        self::assertFalse($left(CarryOver::WINDOW_HOURS)->isWorthTelling());
        self::assertEqualsWithDelta(2.0, $left(24)->upset, 1e-9);
        self::assertSame([false, true], [$left(24)->asksForRest(), $left(23)->asksForRest()]);
        self::assertSame([true, false], [$left(48)->asksForEasier(), $left(49)->asksForEasier()]);
        self::assertSame([true, false], [CarryOver::points(0.1)->isWorthTelling(), CarryOver::points(0.099)->isWorthTelling()]);
    }

    public function test_reactions_in_a_row_are_counted_over_sessions_and_elsewhere_and_one_without_ends_them(): void
    {
        $session = static fn (bool $reacted): SessionSummary => new SessionSummary(4, [], $reacted, false, true);
        $streak = static fn (int $elsewhere, bool ...$reacted): int => History::ofSessions(
            array_map($session, array_values($reacted)), 1.0, null, reactionsElsewhere: max(0, $elsewhere),
        )->reactionStreak;

        self::assertSame([2, 0, 1, 3], [$streak(0, true, true), $streak(0, true, false), $streak(1, false), $streak(2, false, true)]);
    }

    public function test_an_easy_one_comes_after_up_to_nine_good_ones_or_never(): void
    {
        $after = static fn (int $of): int => RuleSettings::of(RiskCaps::usual(), easyAfter: $of)->easyAfter;
        self::assertSame([0, 1, 9], array_map($after, [0, 1, 9]));
        $this->expectException(InvalidMeasure::class);
        $after(10);
    }

    public function test_what_a_plan_asks_unless_somebody_says_otherwise(): void
    {
        $usual = RuleSettings::of(RiskCaps::usual());

        self::assertSame(
            [3, 4, 30, 60, 0, false],
            [
                $usual->mostAdvances, $usual->setMinutes, $usual->sessionMinutes, $usual->mostTrials, $usual->easyAfter,
                $usual->isByStrangers,
            ],
        );
    }

    /** Which of the two risks is nearer to its cap decides how much room is left. */
    public function test_room_is_told_of_the_risk_that_binds(): void
    {
        $room = static function (float $strain, float $reaction): mixed {
            $situation = CaseTable::situation([
                'trials' => [], 'settings' => ['strain' => $strain, 'reaction' => $reaction],
            ]);

            return $situation->riskReasons(Fixture::at(12.0))[0]->facts['room'];
        };

        // struggling 0.5 % at most there, reacting 0.22 %
        self::assertSame(['plenty', 'over'], [$room(0.1, 0.02), $room(0.1, 0.002)]);
    }

    /** By hand: strain told 3/8 of the 0.5 % and reacting 3/14 of the 0.22 %; the rules' own cap of reacting is 1.375 times the plan's. */
    public function test_where_less_came_less_is_told_and_close_to_a_cap_that_the_rules_do_not_go_to(): void
    {
        $told = static fn (float $reaction): array => CaseTable::situation([
            'trials' => [], 'settings' => ['strain' => 0.1, 'reaction' => $reaction],
            'history' => ['calibration' => ['expectedStrain' => 6.0, 'strain' => 1, 'expectedReaction' => 1.5, 'forecasts' => 110]],
        ])->riskReasons(Fixture::at(12.0))[0]->facts;

        self::assertSame(['plenty', 'close'], [$told(0.0017)['room'], $told(0.0015)['room']]);
        $reaction = $told(0.0015)['reaction'];
        self::assertInstanceOf(Probability::class, $reaction);
        self::assertEqualsWithDelta(0.0022 * 3 / 14, $reaction->value, 2e-5);
        self::assertEquals([Probability::of(0.1), Probability::of(0.0015)], [$told(0.0015)['strainCap'], $told(0.0015)['reactionCap']]);
    }

    /** Asked for once more, easier, to end on; with the last one said to be the last. */
    public function test_the_last_one_is_said_to_be_the_last(): void
    {
        $after = static function (string ...$trials): array {
            $advice = RuleBook::standard()->decide(CaseTable::situation(['trials' => $trials, 'minutes' => 31]));

            return [$advice->action->value, $advice->isClosing];
        };

        self::assertSame(['easy_win', true], $after('3x 1 returned easy', '1 prompted effort'));
        self::assertSame(['end_well', false], $after('3x 1 returned easy'));
    }

    public function test_caution_halves_the_caps_and_more(): void
    {
        self::assertEquals(RiskCaps::cautious(), RiskCaps::for(true));
        self::assertEquals(RiskCaps::usual(), RiskCaps::for(false));
        self::assertSame([0.05, 0.01], [RiskCaps::usual()->strain->value, RiskCaps::usual()->reaction->value]);
        self::assertSame([0.03, 0.005], [RiskCaps::cautious()->strain->value, RiskCaps::cautious()->reaction->value]);
    }

    public function test_a_fit_starts_where_another_ended_only_if_its_parameters_mean_the_same(): void
    {
        $scale = Fixture::scale();
        $theta = [0.5, 1.0, 2.0, 3.0, 1.1, 0.9];

        self::assertSame($theta, (new WarmStart($scale->keys(), $theta))->for($scale)?->theta);
        self::assertNull((new WarmStart([...$scale->keys(), 'barrier'], $theta))->for($scale));
        self::assertNull((new WarmStart($scale->keys(), []))->for($scale));
    }

    public function test_a_plans_scale_knows_what_its_steps_fix_and_what_was_met(): void
    {
        $situation = CaseTable::situation(['trials' => []]);
        $plan = new WorkingPlan(
            $situation->ladder, $situation->settings, Distance::fromMeters(10.0), true, null, $situation->catalog, null,
        );
        $met = Fixture::session('2026-10-19', [[20.0, 0]]);

        self::assertSame(['distance', 'trigger_motion'], $plan->scale([$met])->keys());
        self::assertSame(['distance', 'trigger_motion'], $plan->scale([])->keys(), 'without a session, what its steps fix');
        $lively = SessionEvidence::ofTrials(new \DateTimeImmutable('2026-10-19'), [
            ['exposure' => Fixture::at(20.0)->with('trigger_energy', 'lively'), 'band' => Band::Easy, 'afterReaction' => false],
        ]);
        self::assertSame(['distance', 'trigger_motion', 'trigger_energy'], $plan->scale([$lively])->keys());
        self::assertSame(40.0, $plan->withRoom(Distance::fromMeters(40.0))->settings->room?->meters);
        self::assertNull($plan->withRoom(null)->settings->room);
    }

    /** Nobody told what it reacts to: under the hand it is taken to be calm at the first step, and only there. */
    public function test_a_first_touch_is_taken_to_be_calm_where_nobody_told_what_is_not(): void
    {
        $shift = static function (string $world, bool $isStated): float {
            $situation = CaseTable::situation(['world' => $world, 'trials' => []]);

            return WorkingPlan::scaleOf(
                $situation->catalog, Distance::fromMeters(10.0), $situation->ladder, [], $situation->ladder->step(2)->exposure, $isStated,
            )->topCutShift;
        };

        self::assertSame(7.0, $shift('hands', false));
        self::assertGreaterThan(0.0, $shift('hands', true), 'up to there it is told by the steps');
        self::assertLessThan(7.0, $shift('hands', true));
        self::assertSame(0.0, $shift('field', false));
    }

    public function test_a_reason_has_its_facts_and_no_others(): void
    {
        self::assertSame(['count' => 3, 'of' => 5], Reason::of(ReasonCode::Effort, count: 3, of: 5)->facts);
        foreach ([['count' => 3], ['count' => 3, 'of' => 5, 'pause' => true], ['count' => 3, 'pause' => true], []] as $facts) {
            try {
                Reason::of(ReasonCode::Effort, ...$facts);
                self::fail(json_encode($facts, JSON_THROW_ON_ERROR));
            } catch (\LogicException $e) {
                self::assertStringContainsString('count, of', $e->getMessage());
            }
        }
    }

    public function test_of_a_dog_of_which_nobody_said_anything_nothing_is_held(): void
    {
        self::assertSame(
            [null, null, false, false, false, null, false, false, false], array_values(get_object_vars(new Told)),
        );
    }

    /** Quiet alone shows nothing: it ate gently, and turned at the first asking or by itself. */
    #[TestWith([FoodTaken::Gently, TurnLatency::UnderOne, Outcome::Watched, true])]
    #[TestWith([FoodTaken::Gently, TurnLatency::Never, Outcome::Watched, false])]
    #[TestWith([FoodTaken::Gently, null, Outcome::Watched, false])]
    #[TestWith([FoodTaken::Gently, null, Outcome::Returned, true])]
    #[TestWith([FoodTaken::Gently, null, Outcome::TurnedAtMark, true])]
    #[TestWith([FoodTaken::Gently, TurnLatency::UnderOne, Outcome::Unnoticed, false])]
    #[TestWith([FoodTaken::Hard, TurnLatency::UnderOne, Outcome::Returned, false])]
    public function test_what_shows_that_a_dog_is_fine(FoodTaken $food, ?TurnLatency $turned, Outcome $outcome, bool $is): void
    {
        $trial = new LoggedTrial(
            new Level(0, Fixture::at(20.0)), null, Fixture::at(20.0), $outcome, Band::Easy, [], $food, true, $turned, false, false,
            new \DateTimeImmutable('2026-10-20'),
        );

        self::assertSame($is, $trial->isProven());
    }

    public function test_after_some_answers_no_trial_is_asked_for(): void
    {
        self::assertEqualsCanonicalizing(
            [Action::NotHere, Action::EndWell, Action::Stop, Action::Refer],
            array_filter(Action::cases(), static fn (Action $action): bool => $action->endsSession()),
        );
    }
}
