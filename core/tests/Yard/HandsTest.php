<?php

declare(strict_types=1);

namespace Core\Tests\Yard;

use Core\Sign\Band;
use Core\Sign\WeightedKappa;
use Core\Simulation\Chance;
use Core\Yard\Act;
use Core\Yard\ActAt;
use Core\Yard\Frame;
use Core\Yard\HandsRun;
use Core\Yard\HandsScore;
use Core\Yard\Posture;
use Core\Yard\YardDog;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

#[CoversClass(HandsRun::class)]
#[CoversClass(HandsScore::class)]
final class HandsTest extends TestCase
{
    public function test_at_its_working_gap_it_stays_just_below_stretched_and_nearer_it_does_not(): void
    {
        $gap = YardDog::HandShy->workingMeters();

        self::assertSame(Band::Aware, Posture::bandOf(YardDog::HandShy->asks($gap)));
        self::assertSame(Band::Effort, Posture::bandOf(YardDog::HandShy->asks(0.9 * $gap)));
    }

    /** Somebody who reads only what is drawn finds what it feels. */
    public function test_posture_carries_the_information(): void
    {
        $table = array_fill(0, 5, array_fill(0, 5, 0));
        foreach (range(1, 12) as $seed) {
            foreach (self::played(self::steps(6, 900 + 250 * $seed, false), $seed) as $i => $frame) {
                $table[$frame->band()->value][$frame->posture->band()->value] += $i % 10 === 0 && ! $frame->isOver ? 1 : 0;
            }
        }
        self::assertGreaterThan(3, count(array_filter($table, static fn (array $row): bool => array_sum($row) > 0)));
        self::assertGreaterThanOrEqual(0.8, WeightedKappa::ofTable($table)->linear());
    }

    public function test_a_run_is_the_same_again_and_its_start_does_not_know_what_comes(): void
    {
        $acts = self::steps(8, 2000, true);
        self::assertEquals(self::played($acts), self::played($acts));
        $short = array_values(array_filter($acts, static fn (ActAt $one): bool => $one->at <= 9000));
        self::assertEquals(array_slice(self::played($acts), 0, 91), self::played($short, until: 9000));
        self::assertCount(1 + HandsRun::LENGTH / HandsRun::TICK, self::played([], until: 10_000_000));
    }

    public function test_a_step_that_was_shown_before_asks_less(): void
    {
        // four steps in quick order, to where it would be just below stretched
        $highest = static fn (bool $isShown): float => max(array_map(
            static fn (Frame $one): float => $one->arousal, self::played(self::steps(4, 1500, $isShown)),
        ));

        self::assertLessThan(0.45, $highest(true), 'it never leans away');
        self::assertGreaterThan(0.45, $highest(false));
    }

    public function test_it_leaves_when_asked_too_much_and_comes_back_to_a_hand_that_is_off(): void
    {
        $stays = self::played(self::steps(8, 400, false));
        $leaves = self::first($stays, static fn (Frame $one): bool => $one->isAway);
        self::assertTrue($stays[count($stays) - 1]->isAway, 'while the hand is there it does not come back');

        $off = self::played([...self::steps(8, 400, false), new ActAt(Act::WalkOff, $leaves->at + 2000)]);
        $back = self::first($off, static fn (Frame $one): bool => $one->at > $leaves->at && ! $one->isAway);
        self::assertGreaterThanOrEqual($leaves->at + 3500, $back->at);
        self::assertLessThanOrEqual(0.2, $back->arousal);
        self::assertLessThan($leaves->at + 20_000, $back->at);
    }

    /** Somebody who takes the hand back at the first leaning gets nearer than somebody who holds on, in the same time. */
    public function test_a_hand_that_listens_gets_nearer(): void
    {
        $listens = HandsScore::of(...self::learner(true));
        $follows = HandsScore::of(...self::learner(false));

        self::assertLessThan($follows->nearest ?? 1.0, $listens->nearest ?? 1.0);
        self::assertLessThan($follows->leftTimes, $listens->leftTimes);
    }

    public function test_a_run_is_scored_by_what_the_hand_did(): void
    {
        $acts = self::steps(8, 400, false);
        $frames = self::played($acts);
        $leaves = self::first($frames, static fn (Frame $one): bool => $one->isAway);
        $leans = self::first($frames, static fn (Frame $one): bool => $one->isLoading);
        $score = HandsScore::of($frames, $acts);
        self::assertSame([1, null, 8, 400], [$score->leftTimes, $score->handsOff, $score->unshown, $score->mistake]);
        // the tick before an act is what its hand could see
        self::assertSame(count(array_filter($acts, static fn (ActAt $one): bool => $one->at > $leans->at)), $score->followed);

        $acts[] = new ActAt(Act::WalkOff, max($leaves->at, 3200) + 1500);
        $better = HandsScore::of(self::played($acts), $acts);
        self::assertEqualsWithDelta((max($leaves->at, 3200) + 1500 - $leaves->at) / 1000, $better->handsOff, 1e-9);
    }

    public function test_what_is_marked_is_a_dog_that_holds_still_and_calm_counts_from_two_seconds_on(): void
    {
        $near = [new ActAt(Act::Show, 100), new ActAt(Act::Nearer, 300)];
        $marks = [...$near, new ActAt(Act::Mark, 1100), new ActAt(Act::Mark, 1400)];
        $score = HandsScore::of(self::played($marks, until: 2000), $marks);
        self::assertSame([2, 1, 0, null], [$score->marks, $score->onIt, $score->unshown, $score->nearest]);

        self::assertNull(HandsScore::of(self::played($near, until: 3000), $near)->nearest);
        self::assertSame(0.6, HandsScore::of(self::played($near, until: 3200), $near)->nearest);
    }

    /** A picture counts for six seconds. */
    public function test_a_picture_is_forgotten(): void
    {
        foreach ([[6100, 0], [6200, 1]] as [$at, $unshown]) {
            $acts = [new ActAt(Act::Show, 100), new ActAt(Act::Nearer, $at)];
            self::assertSame($unshown, HandsScore::of(self::played($acts, until: 8000), $acts)->unshown);
        }
    }

    /**
     * Shows, steps nearer, waits, marks and feeds while it holds; takes the hand back when it leans away, or not.
     *
     * @return array{non-empty-list<Frame>, list<ActAt>}
     */
    private static function learner(bool $listens): array
    {
        $acts = [];
        for ($at = 500; $at < HandsRun::LENGTH; $at += 500) {
            $now = self::played($acts, until: $at);
            $last = $now[count($now) - 1];
            $acts[] = match (true) {
                $listens && $last->isAway => new ActAt(Act::WalkOff, $at),
                $listens && $last->isLoading => new ActAt(Act::Farther, $at),
                ! $listens && $last->isAway && $at % 8000 === 0 => new ActAt(Act::WalkOff, $at),
                $at % 4000 === 0 => new ActAt(Act::Show, $at),
                $at % 4000 === 1000 && ! $last->isAway => new ActAt(Act::Nearer, $at),
                $at % 4000 === 3000 => new ActAt(Act::Mark, $at),
                $at % 4000 === 3500 => new ActAt(Act::Feed, $at),
                default => new ActAt(Act::Show, $at),
            };
        }

        return [self::played($acts), $acts];
    }

    /** @return list<ActAt> */
    private static function steps(int $count, int $apart, bool $isShown): array
    {
        $acts = [];
        foreach (range(1, $count) as $i) {
            if ($isShown) {
                $acts[] = new ActAt(Act::Show, $i * $apart - 200);
            }
            $acts[] = new ActAt(Act::Nearer, $i * $apart);
        }

        return $acts;
    }

    /**
     * @param  list<ActAt>  $acts
     * @return non-empty-list<Frame>
     */
    private static function played(array $acts, int $seed = 1, int $until = HandsRun::LENGTH): array
    {
        return HandsRun::played(YardDog::HandShy, new Chance(new Randomizer(new Mt19937($seed))), $acts, $until);
    }

    /**
     * @param  list<Frame>  $frames
     * @param  \Closure(Frame): bool  $is
     */
    private static function first(array $frames, \Closure $is): Frame
    {
        foreach ($frames as $frame) {
            if ($is($frame)) {
                return $frame;
            }
        }
        self::fail('It never was.');
    }
}
