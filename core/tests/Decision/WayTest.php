<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\Alternative;
use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\OtherThings;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Decision\StepSize;
use Core\Decision\Way;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\Day;
use Core\Response\RiskCaps;
use Core\Response\ThresholdSearch;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The way up and down: a step, part of one, and what a trial is credited to. */
#[CoversClass(Way::class)]
#[CoversClass(Credit::class)]
#[CoversClass(OtherThings::class)]
final class WayTest extends TestCase
{
    public function test_a_step_nearer_is_a_tenth_to_a_quarter_whatever_the_ladder_says(): void
    {
        $situation = self::on([60.0, 58.0, 57.5, 30.0, 12.0]);
        $way = new Way($situation);
        $meters = 60.0;
        $level = new Level(0, $situation->ladder->step(0)->exposure);
        for ($steps = 0; ($next = $way->next($level)) !== null; $steps++) {
            $nearer = $next->exposure->distance()->meters ?? 0.0;
            self::assertLessThan($meters, $nearer);
            self::assertGreaterThanOrEqual(0.75 * $meters - 0.5, $nearer, "from {$meters} m");
            self::assertTrue($nearer <= 0.9 * $meters + 0.5 || $nearer === 12.0, "from {$meters} m to {$nearer} m");
            [$meters, $level] = [$nearer, $next];
            self::assertLessThan(30, $steps);
        }

        self::assertSame(12.0, $meters, 'and it ends at the goal');
    }

    /** Of a named step that changes several things at once, one measure: half as close, until nobody could tell it apart. */
    public function test_part_of_a_named_step_is_half_as_close_with_all_else_as_it_is(): void
    {
        [$ladder, $way] = self::ofTemplate('basket-muzzle', 'contact');
        $next = Level::ofStep($ladder, 3);
        $parts = [];
        for ($level = Level::ofStep($ladder, 2); $level !== null; $level = $way->part($level, $next)) {
            $parts[] = $level->exposure;
        }

        self::assertSame([20.0, 6.0], array_map(static fn (Exposure $of): float|string => $of->values['gap'], $parts));
        self::assertCount(1, array_unique(array_map(static fn (Exposure $of): string => $of->with('gap', 0.0)->key(), $parts)));
    }

    /** By tens from a meter on, by fives from 20 cm on: nobody holds a hand at 101 cm. */
    public function test_a_gap_is_told_as_an_eye_takes_it(): void
    {
        [$ladder, $way] = self::ofTemplate('harness-straps', 'contact');
        $gaps = [];
        for ($level = Level::ofStep($ladder, 0); $level !== null; $level = $way->part($level, Level::ofStep($ladder, 1))) {
            $gaps[] = $level->exposure->values['gap'];
        }

        self::assertSame([200.0, 100.0, 70.0], array_slice($gaps, 0, 3));
    }

    /** The same at a distance: half the way with what is asked here, then what else changes. */
    public function test_part_of_a_step_that_is_nearer_and_otherwise_is_half_the_way(): void
    {
        [$ladder, $way] = self::ofTemplate('head-on-encounters', 'presence');
        [$here, $next] = [Level::ofStep($ladder, 1), Level::ofStep($ladder, 2)];
        $part = $way->part($here, $next)->exposure ?? self::fail('there is a part');
        $meters = static fn (Exposure $of): float => $of->distance()->meters ?? 0.0;

        self::assertEqualsWithDelta(sqrt($meters($here->exposure) * $meters($next->exposure)), $meters($part), 1.0);
        self::assertTrue($here->exposure->withDistance(Distance::fromMeters($meters($part)))->equals($part));
        self::assertNotEquals($here->exposure->values['handler_help'], $next->exposure->values['handler_help']);
        self::assertNull($way->part(Level::ofStep($ladder, 3), Level::ofStep($ladder, 4)), 'farther away, and otherwise');
    }

    /** 64 m to 34 m and a cue at hand again: no dog is that much nearer at once. What else changes comes with the last of the way. */
    public function test_a_step_that_is_nearer_and_otherwise_is_walked_in_steps_too(): void
    {
        [$ladder, $way] = self::ofTemplate('passing-on-cue', 'presence');
        $walked = [];
        $level = Level::ofStep($ladder, 1);
        for (; $level !== null && $level->step < 2; $level = $way->next($level)) {
            $walked[] = [round($level->exposure->distance()->meters ?? 0.0), $level->exposure->values['handler_help']];
        }

        self::assertNotNull($level);
        self::assertSame('silent', $walked[0][1]);
        self::assertSame(['silent'], array_values(array_unique(array_column($walked, 1))));
        self::assertGreaterThan(3, count($walked));
        self::assertTrue($level->exposure->equals($ladder->step(2)->exposure), 'and it arrives');
    }

    /** Out of arm's reach it says nothing to a dog how the hand would come. */
    public function test_how_a_hand_comes_is_changed_within_reach_only(): void
    {
        $situation = CaseTable::situation(['world' => 'worn', 'trials' => []]);
        $step = $situation->ladder->step(1)->exposure;
        $changed = static fn (float $gap): array => array_map(
            static fn (Alternative $of): string => $of->change->dimension,
            (new OtherThings($situation))->of(new Level(1, $step->with('gap', $gap))),
        );

        self::assertContains('hand_path', $changed(60.0));
        self::assertNotContains('hand_path', $changed(61.0));
    }

    /**
     * A log keeps step and exposure: a part that counted as its step would be enough after two good ones.
     *
     * @param  non-negative-int  $step
     */
    #[TestWith([26.0, 1, 0.2])]
    #[TestWith([30.0, 1, 0.0])]
    #[TestWith([52.0, 0, -0.3])]
    public function test_a_level_read_back_from_a_log_lies_as_far_beyond_its_step_as_before(float $meters, int $step, float $beyond): void
    {
        $credit = self::on([40.0, 30.0, 20.0])->credit;
        $exposure = Fixture::at($meters);
        $now = new \DateTimeImmutable('2026-06-01 10:00 UTC');
        $level = $credit->log(new SessionLog($now, $now, [new LoggedTrial(
            new Level($step, $exposure), Action::Split, $exposure, Outcome::Returned, Band::Easy, [], FoodTaken::Gently, true, null, false,
            false, $now,
        )]))->trials[0]->level;

        self::assertSame($step, $level->step);
        self::assertEqualsWithDelta($beyond, $level->beyond, 0.1);
        self::assertEquals($credit->of($exposure), $level, 'and as if it had just been asked for');
    }

    /** A twentieth of a halving either way is the step itself: nobody could tell it apart. */
    #[TestWith([61.0, 0, 60.0])]
    #[TestWith([63.0, 0, 63.0])]
    #[TestWith([29.2, 1, 30.0])]
    #[TestWith([28.0, 1, 28.0])]
    public function test_a_trial_as_good_as_at_a_step_is_at_that_step(float $meters, int $step, float $credited): void
    {
        $level = self::on([60.0, 30.0, 15.0])->credit->of(Fixture::at($meters));

        self::assertSame([$step, $credited], [$level->step, $level->exposure->distance()?->meters]);
    }

    public function test_the_same_asked_in_another_picture_keeps_its_step(): void
    {
        $ladder = Ladder::of([
            new Step(self::walking(30.0, 'slow_walk'), Criterion::run(5)),
            new Step(self::walking(20.0, 'slow_walk'), Criterion::run(5)),
        ]);
        $eased = self::walking(20.0, 'standing');
        $now = new \DateTimeImmutable('2026-06-01 10:00 UTC');
        $log = (new Credit($ladder, Fixture::dimensions()))->log(new SessionLog($now, $now, [new LoggedTrial(
            new Level(1, $eased), Action::ChangeOther, $eased, Outcome::Returned, Band::Easy, [], FoodTaken::Gently, true, null, false,
            false, $now,
        )]));

        self::assertEquals(new Level(1, $eased), $log->trials[0]->level);
    }

    private static function walking(float $meters, string $motion): Exposure
    {
        return Exposure::of(['distance' => $meters, 'trigger_motion' => $motion], Fixture::dimensions());
    }

    /** @param  list<float>  $meters */
    #[TestWith([[40.0, 34.0]])]
    #[TestWith([[12.0, 10.0]])]
    #[TestWith([[6.0, 5.0]])]
    #[TestWith([[4.0, 3.6]])]
    public function test_part_of_a_step_is_a_twentieth_and_a_pace_and_strictly_between(array $meters): void
    {
        $situation = self::on($meters);
        [$from, $to] = [new Level(0, $situation->ladder->step(0)->exposure), new Level(1, $situation->ladder->step(1)->exposure)];
        $part = (new Way($situation))->part($from, $to);
        if ($meters[0] - $meters[1] < 0.5) {
            self::assertNull($part, 'nobody could tell it apart');

            return;
        }
        $half = $part?->exposure->distance()->meters ?? 0.0;

        self::assertTrue($half <= $meters[0] - 0.5 && $half > $meters[1], "{$half} m");
        self::assertLessThanOrEqual(0.95 * $meters[0] + 0.5, $half);
        self::assertSame($half, Way::paced($half), 'a number to pace out');
    }

    public function test_farther_ends_at_the_room_and_never_beyond_what_can_be_paced(): void
    {
        $in = static fn (float $room): Situation => CaseTable::situation(['meters' => [60, 50], 'settings' => ['room' => $room]]);
        $farther = static fn (float $room): ?float => (new Way($in($room)))
            ->below(new Level(0, Fixture::at(60.0)), 9)?->exposure->distance()?->meters;

        self::assertSame(70.0, $farther(70.0));
        self::assertSame(Way::FARTHEST_METERS, $farther(400.0));
        self::assertNull($farther(60.0), 'there is no more room');
    }

    /**
     * This dog's slope is 6.1 logits a halving: half a logit is 5.5 percent, so a tenth is taken.
     *
     * @param  list<float>  $meters
     */
    #[TestWith([[60.0, 58.0, 57.5, 30.0], null, 2, 54.0])]
    #[TestWith([[40.0, 36.1, 36.0, 20.0], null, 2, 36.0])]
    #[TestWith([[40.0, 36.0, 20.0], null, 1, 36.0])]
    #[TestWith([[40.0, 31.0, 20.0], null, 1, 31.0])]
    #[TestWith([[40.0, 29.9, 20.0], null, 0, 36.0])]
    #[TestWith([[40.0, 20.0], StepSize::AsShown, 1, 20.0])]
    #[TestWith([[40.0, 39.5, 20.0], StepSize::AsShown, 1, 39.5])]
    #[TestWith([[40.0, 39.2, 20.0], StepSize::Yard, 1, 39.2])]
    #[TestWith([[40.0, 20.0], StepSize::Yard, 0, 39.0856])]
    public function test_the_next_place_is_a_step_of_the_ladder_or_what_a_step_may_be(
        array $meters, ?StepSize $size, int $step, float $next,
    ): void {
        $way = new Way($situation = CaseTable::situation(
            ['meters' => $meters, 'trials' => [], 'settings' => $size === null ? [] : ['stepSize' => $size->value]],
        ));
        $found = $way->next(Level::ofStep($situation->ladder, 0));

        self::assertSame([$step, $next], [$found?->step, $found?->exposure->distance()?->meters]);
    }

    /** Easier, by so many steps from the second of 40 and 20 m. */
    #[TestWith([StepSize::Ratio, 1, 22.0])]
    #[TestWith([StepSize::Ratio, 2, 25.0])]
    #[TestWith([StepSize::Yard, 1, 21.0])]
    #[TestWith([StepSize::Yard, 2, 22.0])]
    #[TestWith([StepSize::Yard, 20, 53.0])]
    public function test_easier_is_farther_by_what_can_be_told_apart(StepSize $size, int $steps, float $meters): void
    {
        $way = new Way($situation = CaseTable::situation(
            ['meters' => [40.0, 20.0], 'trials' => [], 'settings' => ['stepSize' => $size->value]],
        ));
        $found = $way->below(Level::ofStep($situation->ladder, 1), $steps);

        self::assertSame($meters, $found?->exposure->distance()?->meters);
        self::assertFalse($situation->credit->isSamePlace($found->exposure, Fixture::at(20.0)));
    }

    public function test_without_a_model_a_step_is_fifteen_percent(): void
    {
        $way = new Way($situation = CaseTable::situation(['meters' => [40.0, 20.0], 'trials' => [], 'model' => false]));

        self::assertSame(34.0, $way->next(Level::ofStep($situation->ladder, 0))?->exposure->distance()?->meters);
        self::assertEqualsWithDelta(log(2.0) / -log(0.85), $way->stepsBetween(Fixture::at(40.0), Fixture::at(20.0)), 1e-9);
        self::assertNull($way->stepsBetween(Fixture::at(40.0), Fixture::at(20.0, 'run')), 'something else changes');
    }

    /** Three decibels a step, and none below what a sound can be set to. */
    public function test_a_sound_gets_softer_by_its_step_down_to_the_softest(): void
    {
        $situation = CaseTable::situation(['world' => 'sound', 'trials' => []]);
        $way = new Way($situation);
        $softer = static fn (float $from, int $steps): mixed => $way->below(
            new Level(0, $situation->ladder->step(0)->exposure->with('level', $from)), $steps,
        )?->exposure->values['level'];

        self::assertSame([27.0, 24.0, 20.0, null], [$softer(30.0, 1), $softer(30.0, 2), $softer(22.0, 1), $softer(20.0, 1)]);
        self::assertSame([39.0, 37.5, 38.5], array_map(
            static fn (float $to): mixed => $way->part(
                Level::ofStep($situation->ladder, 2), new Level(3, $situation->ladder->step(2)->exposure->with('level', $to)),
            )?->exposure->values['level'], [42.0, 39.0, 41.0],
        ));
        self::assertNull($way->part(
            Level::ofStep($situation->ladder, 2), new Level(3, $situation->ladder->step(2)->exposure->with('level', 37.5)),
        ), 'less than a decibel either way');
    }

    public function test_what_is_nowhere_easier_may_leave_one_detail_unnoted(): void
    {
        $credit = self::on([45.0, 30.0])->credit;
        $asked = Fixture::at(45.0)->with('trigger_count', 'one');

        self::assertTrue($credit->isAtLeast(Fixture::at(40.0)->with('trigger_count', 'one'), $asked));
        self::assertTrue($credit->isAtLeast(Fixture::at(40.0), $asked), 'one is as the plan has it');
        self::assertFalse($credit->isAtLeast(Fixture::at(40.0)->without('trigger_motion'), $asked), 'of two nobody knows what was done');
        self::assertFalse(
            $credit->isAtLeast(Fixture::at(40.0)->with('trigger_energy', 'sleepy'), $asked), 'an easier detail that nobody asked for',
        );
    }

    public function test_the_body_has_no_part_between_two_parts_and_a_hold_is_halved_in_whole_seconds(): void
    {
        $hands = CaseTable::situation(['world' => 'hands', 'trials' => []]);
        $way = new Way($hands);
        $exposure = $hands->ladder->step(1)->exposure;
        $to = static fn (string $key, float|string $value): Level => new Level(2, $exposure->with($key, $value));

        self::assertNull($way->part(new Level(1, $exposure->with('body_area', 'upper_leg')), $to('body_area', 'lower_leg')));
        self::assertSame(5.0, $way->part(
            new Level(1, $exposure->with('duration', 2.0)), $to('duration', 10.0),
        )?->exposure->values['duration']);
        self::assertNull($way->part(new Level(1, $exposure->with('duration', 2.0)), $to('duration', 3.0)), 'not a second apart');
        self::assertSame(3.0, $way->part(
            new Level(1, $exposure->with('duration', 2.0)), $to('duration', 4.0),
        )?->exposure->values['duration'], 'a second can be counted');
        self::assertSame(7.0, $way->part(
            new Level(1, $exposure->with('gap', 10.0)), $to('gap', 4.0),
        )?->exposure->values['gap'], 'three centimeters can be told apart');
        self::assertNull($way->part(new Level(1, $exposure->with('gap', 9.0)), $to('gap', 4.0)));
        $two = $way->part(new Level(1, $exposure), new Level(2, $exposure->with('duration', 9.0)->with('hands', 'two')))?->exposure;
        self::assertSame([5.0, 'one'], [$two?->values['duration'], $two?->values['hands']], 'of two things one measure');
    }

    /** Beyond a step, the step itself is the first one back; under a named step of one strand the next. */
    public function test_from_beyond_a_step_the_first_one_back_is_that_step(): void
    {
        $hands = CaseTable::situation(['world' => 'hands', 'trials' => []]);
        $way = new Way($hands);
        $beyond = new Level(5, $hands->ladder->step(5)->exposure->with('duration', 4.0), 0.5);

        self::assertSame([5, 4, 3], array_map(static fn (int $steps): ?int => $way->below($beyond, $steps)?->step, [1, 2, 3]));
        self::assertSame([4, 3, 0, 0], array_map(
            static fn (int $steps): ?int => $way->below(Level::ofStep($hands->ladder, 5), $steps)?->step, [1, 2, 3, 5],
        ));
        self::assertSame([0, 0, null], array_map(
            static fn (int $steps): ?int => $way->below(Level::ofStep($hands->ladder, 6), $steps)?->step, [1, 6, 7],
        ));
    }

    /** What can be changed must take something off, be in play, and obey. */
    public function test_other_things_are_ranked_by_relief_and_strangers_obey_nobody(): void
    {
        $others = static fn (bool $strangers): array => (new OtherThings(CaseTable::situation(
            ['trials' => [], 'settings' => ['strangers' => $strangers]],
        )))->of(new Level(0, Fixture::at(64.0, 'run')));

        self::assertSame(['trigger_motion', 'brisk_walk'], [$others(false)[0]->change->dimension, $others(false)[0]->change->choice]);
        self::assertGreaterThan(0.0, $others(false)[0]->logitsOff);
        self::assertSame([], $others(true));
        $ours = (new OtherThings(CaseTable::situation(['trials' => [], 'settings' => ['strangers' => true]])))
            ->of(new Level(0, Fixture::at(64.0)->with('handler_help', 'silent')));
        self::assertSame(['handler_help', 'cue_ready'], [$ours[0]->change->dimension, $ours[0]->change->choice], 'what is ours obeys');
    }

    /** From before the first step the first step is next, or what a step may be; the one after where nobody could tell them apart. */
    #[TestWith([70.0, 0, 64.0])]
    #[TestWith([100.0, 0, 90.0])]
    #[TestWith([67.4, 0, 64.0])]
    #[TestWith([67.3, 1, 54.0])]
    public function test_from_before_the_first_step_it_goes_toward_it(float $meters, int $step, float $next): void
    {
        $situation = self::on([64.0, 54.0]);
        $found = (new Way($situation))->next($situation->credit->exactly(Fixture::at($meters)));

        self::assertSame([$step, $next], [$found?->step, $found?->exposure->distance()?->meters]);
    }

    /** Where the next step is near, part of the way is a twentieth: less could not be told apart. */
    #[TestWith([100.0, 94.0, 95.0])]
    #[TestWith([100.0, 95.0, null])]
    #[TestWith([100.0, 80.0, 89.0])]
    public function test_part_of_the_way_is_half_of_it_or_a_twentieth(float $here, float $next, ?float $part): void
    {
        $situation = self::on([$here, $next]);
        $at = static fn (int $step): Level => $situation->credit->exactly($situation->ladder->step(max(0, $step))->exposure);

        self::assertSame($part, (new Way($situation))->part($at(0), $at(1))?->exposure->distance()?->meters);
    }

    /** The sixth time that a change helped says no more than the fifth. */
    public function test_what_helped_lifts_a_change_up_to_five_times(): void
    {
        $first = static fn (int $posture, int $side): ?string => (new OtherThings($situation = CaseTable::situation([
            'world' => 'hands', 'trials' => [], 'history' => ['helped' => ['posture' => $posture, 'side' => $side]],
        ])))->of(new Level(1, $situation->ladder->step(1)->exposure->with('side', 'left')))[0]->change->dimension ?? null;

        self::assertSame(['side', 'posture', 'posture'], [$first(3, 5), $first(4, 5), $first(4, 6)]);
    }

    /** Nothing is easier than the first step: what lies before it lies before it. */
    public function test_easier_than_the_first_step_is_before_it(): void
    {
        $before = self::on([64.0, 54.0])->credit->exactly(Fixture::at(80.0));

        self::assertSame(0, $before->step);
        self::assertLessThan(0.0, $before->beyond);
        self::assertSame(0.0, self::on([64.0, 54.0])->credit->exactly(Fixture::at(64.0))->beyond);
    }

    public function test_a_trial_is_credited_to_the_hardest_step_that_was_not_harder(): void
    {
        $situation = self::on([64.0, 54.0, 45.0]);
        $credit = $situation->credit;
        $step = static fn (Exposure $exposure): array => [$credit->of($exposure)->step, round($credit->of($exposure)->beyond, 2) <=> 0.0];

        self::assertSame([1, 0], $step(Fixture::at(54.0)));
        self::assertSame([1, 0], $step(Fixture::at(55.5)), 'nobody could tell that from 54 m');
        self::assertSame([0, 1], $step(Fixture::at(57.0)));
        self::assertSame([1, 1], $step(Fixture::at(50.0)));
        self::assertSame([2, 1], $step(Fixture::at(20.0)));
        self::assertSame([0, -1], $step(Fixture::at(80.0)), 'easier than the first step');
        self::assertSame([0, -1], $step(Fixture::at(45.0, 'lying')), 'an easier trigger earns no step');
        self::assertSame([1, 1], $step(Fixture::at(54.0, 'run')), 'a harder one does');
        self::assertSame(
            2, $credit->of(Fixture::at(45.0)->without('trigger_motion'))->step, 'one detail that nobody noted is as the plan has it',
        );
        self::assertSame([1, 1], [$credit->exactly(Fixture::at(53.5))->step, $credit->exactly(Fixture::at(53.5))->beyond > 0.0 ? 1 : 0]);
    }

    public function test_it_says_about_how_many_calm_trials_would_settle_it(): void
    {
        $model = CaseTable::situation(['trials' => []])->model ?? throw new \LogicException('A model is fitted.');
        $limits = RiskCaps::of(0.05, 0.01);
        $edge = (new ThresholdSearch($limits))->along($model, Fixture::at(10.0), 'distance', Day::Today)->allowed ?? NAN;
        $needed = static fn (float $share): ?int =>
            $model->calmTrialsNeeded(Fixture::at($share * $edge), Fixture::at($share * $edge), $limits, Day::Today);

        self::assertNotNull($needed(0.99));
        self::assertTrue($needed(0.9) === null || $needed(0.9) >= $needed(0.99), 'the nearer, the more');
        $most = 0;
        for ($i = 1; ($told = $needed(1.0 - $i / 8000.0)) !== null; $i++) {
            $most = max($most, $told);
        }
        self::assertContains($most, [18, 19, 20], 'as many as a session has time for, and no more');
        self::assertNull($needed(0.3), 'there it is the dog, not the model, that is not ready');
        self::assertSame(
            1, $model->calmTrialsNeeded(Fixture::at(60.0), Fixture::at(60.0), $limits, Day::Today),
            'well within the limits nothing more is needed',
        );
    }

    /** @return array{Ladder, Way} a ladder that ships, before its first trial */
    private static function ofTemplate(string $key, string $kind): array
    {
        [$ladder] = Fixture::laid($key);
        $now = new \DateTimeImmutable('2026-06-01 10:00 UTC');

        return [$ladder, new Way(new Situation(
            Fixture::catalogs()[$kind] ?? throw new \LogicException('No such catalog.'), Fixture::signs(), $ladder,
            RuleSettings::of(RiskCaps::usual()), new History, new SessionLog($now, $now, []), null, $now,
        ))];
    }

    /** @param  list<float>  $meters */
    private static function on(array $meters): Situation
    {
        return CaseTable::situation(['meters' => $meters, 'trials' => []]);
    }
}
