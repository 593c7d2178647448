<?php

declare(strict_types=1);

namespace Core\Tests\Yard;

use Core\Decision\Action;
use Core\Decision\SituationAssembly;
use Core\Response\ModelBuilder;
use Core\Sign\Band;
use Core\Sign\WeightedKappa;
use Core\Simulation\Chance;
use Core\Tests\Fixture;
use Core\Yard\Act;
use Core\Yard\ActAt;
use Core\Yard\EngineView;
use Core\Yard\Frame;
use Core\Yard\HandsRun;
use Core\Yard\HandsScore;
use Core\Yard\Posture;
use Core\Yard\Scene;
use Core\Yard\YardDog;
use Core\Yard\YardRun;
use Core\Yard\YardScore;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

#[CoversClass(YardRun::class)]
#[CoversClass(YardScore::class)]
#[CoversClass(EngineView::class)]
#[CoversClass(Posture::class)]
#[CoversClass(Frame::class)]
#[CoversClass(YardDog::class)]
#[CoversClass(HandsRun::class)]
#[CoversClass(HandsScore::class)]
final class YardTest extends TestCase
{
    /** Somebody who reads only what is drawn finds the band of a dog that shows what it feels, and not that of one that learned not to. */
    #[DataProvider('dogs')]
    public function test_posture_carries_the_information(YardDog $dog): void
    {
        $table = array_fill(0, 5, array_fill(0, 5, 0));
        foreach (range(1, 12) as $seed) {
            foreach (self::played($dog, $seed, self::walkIn($seed)) as $i => $frame) {
                $table[$frame->band()->value][$frame->posture->band()->value] += $i % 10 === 0 && ! $frame->isOver ? 1 : 0;
            }
        }
        // going off is seen by anybody: what matters is before
        self::assertGreaterThan(3, count(array_filter($table, static fn (array $row): bool => array_sum($row) > 0)),
            'there was all to read');
        $kappa = WeightedKappa::ofTable($table)->linear() ?? 0.0;
        $dog === YardDog::Silenced ? self::assertLessThanOrEqual(0.5, $kappa) : self::assertGreaterThanOrEqual(0.8, $kappa);
    }

    /** @return iterable<string, array{YardDog}> */
    public static function dogs(): iterable
    {
        foreach (array_filter(YardDog::cases(), static fn (YardDog $one): bool => $one->scene() === Scene::Path) as $dog) {
            yield $dog->value => [$dog];
        }
    }

    #[DataProvider('dogs')]
    public function test_at_its_working_distance_it_stays_just_below_stretched_and_nearer_it_does_not(YardDog $dog): void
    {
        $highest = static fn (float $meters): float => $dog->asks($meters);
        self::assertSame(Band::Aware, Posture::bandOf($highest($dog->workingMeters())));
        self::assertSame(Band::Effort, Posture::bandOf($highest(0.9 * $dog->workingMeters())));
        self::assertSame(Band::Easy, Posture::bandOf($highest(2.0 * $dog->workingMeters())));
    }

    public function test_a_run_is_the_same_again_and_its_start_does_not_know_what_comes(): void
    {
        $acts = self::walkIn(2);
        self::assertEquals(self::played(YardDog::Plain, 3, $acts), self::played(YardDog::Plain, 3, $acts));
        $short = array_values(array_filter($acts, static fn (ActAt $one): bool => $one->at <= 20_000));
        self::assertEquals(
            array_slice(self::played(YardDog::Plain, 3, $acts), 0, 201), self::played(YardDog::Plain, 3, $short, 20_000),
        );
        self::assertCount(1 + YardRun::PASSES * YardRun::PASS / YardRun::TICK, self::played(YardDog::Plain, 3, [], 10_000_000));
    }

    public function test_a_band_begins_where_it_is_said_to(): void
    {
        foreach (Posture::BANDS as $i => $from) {
            self::assertSame([$i, $i + 1], [Posture::bandOf($from - 0.001)->value, Posture::bandOf($from)->value]);
        }
        self::assertSame([0.2, 0.4, 0.6, 0.8], Posture::BANDS, 'five of the same width');
    }

    public function test_nothing_of_it_changes_unseen(): void
    {
        self::assertSame(
            (string) file_get_contents(PlayedRuns::FILE), PlayedRuns::text(), 'Meant? Then write it anew, as PlayedRuns says.',
        );
    }

    public function test_the_over_eager_dog_grows_with_staying_and_leaving_resets_it(): void
    {
        // at sixteen meters, where it would be fine if it were not for the staying
        $in = array_map(static fn (int $i): ActAt => new ActAt(Act::Nearer, 100 * $i), range(1, 4));
        $peak = self::peak(...);
        $stays = self::played(YardDog::OverEager, 4, $in);
        $leaves = self::played(YardDog::OverEager, 4, [...$in, new ActAt(Act::WalkOff, 20_500), new ActAt(Act::Return, 24_500),
            new ActAt(Act::WalkOff, 44_500), new ActAt(Act::Return, 48_500)]);
        self::assertGreaterThan($peak($stays, 0) + 0.1, $peak($stays, 3));
        self::assertLessThan($peak($stays, 2) - 0.1, $peak($leaves, 2));
    }

    public function test_the_silenced_dog_goes_off_in_about_one_pass_of_five_unless_room_was_made_while_it_loaded(): void
    {
        $near = array_map(static fn (int $i): ActAt => new ActAt(Act::Nearer, 100 * $i), range(1, 6));
        $over = self::passesOver(...);
        $quiet = $roomy = 0;
        foreach (range(1, 40) as $seed) {
            $plain = self::played(YardDog::Silenced, $seed, $near);
            $quiet += $over($plain);
            $acts = $near;
            foreach ($plain as $i => $frame) {
                if ($frame->isLoading && ! ($plain[$i - 1] ?? $frame)->isLoading) {
                    $acts[] = new ActAt(Act::Farther, $frame->at + 100);
                    $acts[] = new ActAt(Act::Nearer, ($frame->pass + 1) * YardRun::PASS - 200);
                }
            }
            usort($acts, static fn (ActAt $a, ActAt $b): int => $a->at <=> $b->at);
            $roomy += $over(self::played(YardDog::Silenced, $seed, $acts));
        }
        // of 200 passes
        self::assertEqualsWithDelta(40, $quiet, 16);
        self::assertLessThan($quiet / 3, $roomy);
    }

    public function test_excited_marks_raise_the_dog_on_its_mat_and_calm_food_settles_it(): void
    {
        $near = array_map(static fn (int $i): ActAt => new ActAt(Act::Nearer, 100 * $i), range(1, 6));
        $with = static fn (Act $act): float => max(array_map(
            static fn (Frame $one): float => $one->arousal, self::played(YardDog::OnMat, 5, [
                ...$near, ...array_map(static fn (int $i): ActAt => new ActAt($act, 4000 + 1500 * $i), range(0, 8)),
            ], 20_000),
        ));
        self::assertGreaterThan($with(Act::Feed) + 0.05, $with(Act::Mark));
    }

    public function test_a_count_helps_the_anxious_dog_and_takes_the_place_of_offers(): void
    {
        $counts = array_map(static fn (int $i): ActAt => new ActAt(Act::Count, 4000 * $i), range(0, 29));
        [$plain, $counted] = [self::played(YardDog::Anxious, 6, []), self::played(YardDog::Anxious, 6, $counts)];
        self::assertLessThan(self::sum($plain, true) / 2, self::sum($counted, true));
        self::assertLessThan(self::sum($plain, false), self::sum($counted, false));
    }

    public function test_a_run_is_scored_by_what_was_answered_and_when(): void
    {
        $near = array_map(static fn (int $i): ActAt => new ActAt(Act::Nearer, 100 * $i), range(1, 9));
        $frames = self::played(YardDog::Plain, 7, $near);
        $score = YardScore::of(YardDog::Plain, $frames, $near);
        self::assertNull($score->answer);
        self::assertGreaterThan(0, $score->unanswered);
        self::assertSame(YardRun::PASSES, $score->misjudged, 'nothing was done in any of them');
        $loading = self::first($frames, static fn (Frame $one): bool => $one->isLoading);
        self::assertSame($loading->at, $score->mistake);

        $acts = [...$near, new ActAt(Act::Farther, $loading->at + 1500)];
        $better = YardScore::of(YardDog::Plain, self::played(YardDog::Plain, 7, $acts), $acts);
        self::assertSame(1.5, $better->answer);
        self::assertLessThan($score->misjudged, $better->misjudged);

        // far away the whole time: nothing goes wrong, and nothing is learned
        $idle = YardScore::of(YardDog::Plain, self::played(YardDog::Plain, 7, []), []);
        self::assertSame([0, 1.0, null], [$idle->over, $idle->needless, $idle->mistake]);
    }

    public function test_a_mark_belongs_to_the_look_back_it_came_with(): void
    {
        $frames = self::played(YardDog::Plain, 8, []);
        $back = self::first($frames, static fn (Frame $one): bool => $one->looksBack);
        $at = static fn (int $when): YardScore => YardScore::of(
            YardDog::Plain, self::played(YardDog::Plain, 8, [new ActAt(Act::Mark, $when)]), [new ActAt(Act::Mark, $when)],
        );
        self::assertSame([1, 1, null], [($on = $at($back->at + 300))->marks, $on->onIt, $on->mistake]);
        self::assertSame([1, 0], [($early = $at($back->at - 600))->marks, $early->onIt]);
        self::assertSame($back->at - 600, $early->mistake);
    }

    /** @param  list<Action>  $actions */
    #[TestWith([24.0, [Action::Advance, Action::Repeat, Action::Split]])]
    #[TestWith([8.0, [Action::Ease, Action::EndWell, Action::Break]])]
    public function test_the_engine_says_of_each_pass_what_it_would_have_said(float $stand, array $actions): void
    {
        $in = array_map(static fn (int $i): ActAt => new ActAt(Act::Nearer, 10 * $i), range(1, 8));
        $view = new EngineView(new SituationAssembly(new ModelBuilder(Fixture::priors()), Fixture::signs()),
            Fixture::catalogs()['presence'] ?? throw new \LogicException('No such catalog.'));
        $told = $view->of(self::played(YardDog::Plain, 9, $stand === 24.0 ? [] : $in));
        self::assertCount(YardRun::PASSES, $told);
        self::assertContains($told[2]['advice']->action, $actions);
        self::assertEqualsWithDelta($stand, $told[2]['meters'], 0.2);
    }

    /**
     * @param  list<ActAt>  $acts
     * @return non-empty-list<Frame>
     */
    private static function played(YardDog $dog, int $seed, array $acts, int $until = YardRun::PASSES * YardRun::PASS): array
    {
        return YardRun::played($dog, new Chance(new Randomizer(new Mt19937($seed))), $acts, $until);
    }

    /** @param  non-empty-list<Frame>  $frames */
    private static function peak(array $frames, int $pass): float
    {
        return max(array_map(static fn (Frame $one): float => $one->pass === $pass ? $one->arousal : 0.0, $frames));
    }

    /** @param  non-empty-list<Frame>  $frames */
    private static function passesOver(array $frames): int
    {
        return count(array_unique(array_map(static fn (Frame $one): int => $one->isOver ? $one->pass : -1, $frames))) - 1;
    }

    /**
     * Moments in which it looked back; or all that it felt.
     *
     * @param  non-empty-list<Frame>  $frames
     */
    private static function sum(array $frames, bool $looks): float
    {
        return array_sum(array_map(static fn (Frame $one): float => $looks ? ($one->looksBack ? 1.0 : 0.0) : $one->arousal, $frames));
    }

    /** @return list<ActAt> nearer and nearer, and a little back now and then */
    private static function walkIn(int $seed): array
    {
        return array_map(static fn (int $i): ActAt => new ActAt($i % 4 === 3 && $seed % 2 === 0 ? Act::Farther : Act::Nearer,
            6000 * $i), range(0, 11));
    }

    /**
     * @param  non-empty-list<Frame>  $frames
     * @param  \Closure(Frame): bool  $is
     */
    private static function first(array $frames, \Closure $is): Frame
    {
        foreach ($frames as $frame) {
            if ($is($frame)) {
                return $frame;
            }
        }

        throw new \LogicException('It never was.');
    }
}
