<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\Brake;
use Core\Decision\EasierLevels;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\RiskCaps;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Easier and part-way levels for a dog that is easy far out and aware at 25 m. */
#[CoversClass(EasierLevels::class)]
#[CoversClass(Brake::class)]
final class EasierLevelsTest extends TestCase
{
    #[TestWith([0.0])]
    #[TestWith([0.5])]
    #[TestWith([1.0])]
    #[TestWith([2.5])]
    public function test_an_easier_level_is_as_much_easier_as_asked_and_within_the_limits(float $logits): void
    {
        $situation = $this->situation();
        $from = new Level(6, $situation->ladder->step(6)->exposure);
        $easier = (new EasierLevels($situation))->below($from, $logits);

        self::assertNotNull($easier);
        self::assertGreaterThanOrEqual(
            $logits - 0.1 - 1e-9, $situation->load($from->exposure) - $situation->load($easier->exposure),
            'a step of the ladder may fall short by 0.1',
        );
        self::assertTrue($situation->allows($easier->exposure));
    }

    public function test_when_the_room_ends_something_else_is_eased(): void
    {
        $situation = $this->situation(room: 64.0, motion: 'run');
        $easier = (new EasierLevels($situation))->below(new Level(0, $situation->ladder->step(0)->exposure), 0.5);

        self::assertNotNull($easier);
        self::assertSame('lying', $easier->exposure->values['trigger_motion']);
        self::assertLessThanOrEqual(64.0 + 1e-6, $easier->exposure->distance()?->meters);
    }

    public function test_what_else_could_be_changed_is_ranked_by_the_load_it_takes_off(): void
    {
        $situation = $this->situation(motion: 'run');
        $others = (new EasierLevels($situation))->byOtherThings(new Level(0, $situation->ladder->step(0)->exposure));

        self::assertSame(['trigger_motion', 'brisk_walk'], [$others[0]->change->dimension, $others[0]->change->choice]);
        self::assertGreaterThan(0.0, $others[0]->logitsOff);
        self::assertSame($situation->ladder->step(0)->exposure->values['distance'], $others[0]->level->exposure->values['distance']);
    }

    public function test_part_of_a_step_lies_strictly_between_and_changes_one_thing(): void
    {
        $situation = $this->situation();
        $from = new Level(0, Fixture::at(64.0, 'lying'));
        $to = new Level(1, Fixture::at(45.0, 'slow_walk'));
        $part = (new EasierLevels($situation))->partWay($from, $to);

        self::assertNotNull($part);
        self::assertGreaterThan($situation->load($from->exposure), $situation->load($part->exposure));
        self::assertLessThan($situation->load($to->exposure), $situation->load($part->exposure));
        self::assertCount(1, array_diff_assoc(
            array_map(strval(...), $part->exposure->values), array_map(strval(...), $from->exposure->values),
        ));
    }

    public function test_splitting_a_split_comes_to_an_end(): void
    {
        $situation = $this->situation();
        $low = new Level(0, Fixture::at(64.0));
        $high = new Level(1, Fixture::at(50.0));
        for ($splits = 0; ($part = (new EasierLevels($situation))->partWay($low, $high)) !== null; $splits++) {
            self::assertLessThan(10, $splits);
            $high = $part;
        }
        self::assertLessThan(
            0.25, $situation->load($high->exposure) - $situation->load($low->exposure), 'no step under two tenths is split',
        );
    }

    public function test_the_guard_eases_what_is_beyond_the_limits_and_says_so(): void
    {
        $situation = $this->situation();
        $top = $situation->ladder->top();
        $wished = $situation->advise(
            Action::Repeat, new Level($top, $situation->ladder->step($top)->exposure),
            [Reason::of(ReasonCode::OptOut), Reason::of(ReasonCode::EffortOnce)],
        );
        self::assertFalse($situation->allows($situation->ladder->step($top)->exposure));

        $advice = (new Brake)->review($situation, $wished);
        self::assertSame(Action::Ease, $advice->action);
        self::assertNotNull($advice->next);
        self::assertTrue($situation->allows($advice->next->exposure));
        self::assertSame(['opt-out', 'beyond-cap-at-start', 'risk'], array_map(
            static fn ($reason): string => $reason->code->value, $advice->reasons,
        ));
        self::assertSame($advice, (new Brake)->review($situation, $advice), 'what fits is left as it is');
    }

    public function test_without_a_model_only_the_next_lower_step_is_offered(): void
    {
        $situation = $this->situation();
        $blind = new Situation(
            $situation->catalog, $situation->signs, $situation->ladder, $situation->settings, $situation->history, $situation->log, null,
            $situation->now,
        );

        self::assertSame(3, (new EasierLevels($blind))->below(new Level(4, $situation->ladder->step(4)->exposure), 0.5)?->step);
        self::assertNull((new EasierLevels($blind))->below(new Level(0, $situation->ladder->step(0)->exposure), 0.5));
    }

    private function situation(float $room = 150.0, string $motion = 'standing'): Situation
    {
        $now = new \DateTimeImmutable('2026-10-20 10:00 UTC');
        $steps = array_map(
            static fn (Distance $distance): Step => new Step(Fixture::at($distance->meters, $motion), Criterion::run(5)),
            (new EqualRatioLadder(2.2))->between(Distance::fromMeters(64), Distance::fromMeters(6)),
        );
        $model = Fixture::model([Fixture::session('2026-10-19', [...array_fill(0, 30, [40.0, 0]), ...array_fill(0, 20, [25.0, 1])])], []);

        return new Situation(
            Fixture::dimensions(), Fixture::signs(), Ladder::of($steps),
            RuleSettings::of(RiskCaps::usual(), room: Distance::fromMeters($room)),
            new History(2, trialsEver: 50), new SessionLog($now, $now, []), $model, $now,
        );
    }
}
