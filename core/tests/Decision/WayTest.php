<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\Credit;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\OtherThings;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Decision\Way;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
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
        self::assertNull(
            $way->part(new Level(1, $exposure), new Level(2, $exposure->with('duration', 9.0)->with('hands', 'two'))),
            'two things at once',
        );
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
        $edge = (new ThresholdSearch($limits))->distance($model, Fixture::at(10.0), Day::Today)->farthest->meters ?? NAN;
        $needed = static fn (float $share): ?int =>
            $model->calmTrialsNeeded(Fixture::at($share * $edge), Fixture::at($share * $edge), $limits, Day::Today);

        self::assertNotNull($needed(0.99));
        self::assertTrue($needed(0.9) === null || $needed(0.9) >= $needed(0.99), 'the nearer, the more');
        self::assertNull($needed(0.3), 'there it is the dog, not the model, that is not ready');
        self::assertSame(
            1, $model->calmTrialsNeeded(Fixture::at(60.0), Fixture::at(60.0), $limits, Day::Today),
            'well within the limits nothing more is needed',
        );
    }

    /** @param  list<float>  $meters */
    private static function on(array $meters): Situation
    {
        return CaseTable::situation(['meters' => $meters, 'trials' => []]);
    }
}
