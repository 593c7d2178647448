<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\CarryOver;
use Core\Decision\History;
use Core\Decision\Reason;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Decision\WarmUp;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

#[CoversClass(WarmUp::class)]
#[CoversClass(History::class)]
final class WarmUpTest extends TestCase
{
    /** @return iterable<string, array{History, int}> step index 6 was held, all within the limits */
    public static function starts(): iterable
    {
        yield 'yesterday: one step back' => [new History(heldStep: 6, daysSinceLast: 1.0, trialsEver: 99), 5];
        yield 'four days: two' => [new History(heldStep: 6, daysSinceLast: 4.0, trialsEver: 99), 4];
        yield 'two weeks: three' => [new History(heldStep: 6, daysSinceLast: 14.0, trialsEver: 99), 3];
        yield 'effort at the end: one more' => [new History(heldStep: 6, daysSinceLast: 1.0, trialsEver: 99, endedWithEffort: true), 4];
        yield 'never more than three for gap and effort' => [
            new History(heldStep: 6, daysSinceLast: 14.0, trialsEver: 99, endedWithEffort: true), 3,
        ];
        yield 'but two more after a reaction' => [new History(heldStep: 6, reactionStreak: 1, daysSinceLast: 14.0, trialsEver: 99), 1];
        yield 'a second person: the first third' => [new History(givenHeld: 8), 3];
        yield 'a second person, and little was held' => [new History(givenHeld: 1), 1];
        yield 'a second person goes by what it holds with the dog itself' => [
            new History(heldStep: 6, daysSinceLast: 1.0, trialsEver: 20, givenHeld: 9), 5,
        ];
        yield 'never below the first step' => [new History(heldStep: 1, reactionStreak: 1, daysSinceLast: 14.0, trialsEver: 99), 0];
    }

    #[DataProvider('starts')]
    public function test_the_start_lies_below_what_was_held(History $history, int $step): void
    {
        $advice = $this->start($history, $this->knownDog());

        self::assertSame(Action::Start, $advice->action);
        self::assertSame($step, $advice->next?->step);
    }

    public function test_upset_carried_over_asks_for_rest_and_a_new_place_for_the_first_third(): void
    {
        $now = new \DateTimeImmutable('2026-10-20 10:00 UTC');
        $upset = static fn (float $severity): CarryOver =>
            CarryOver::of([['severity' => $severity, 'at' => $now->modify('-2 hours')]], $now);
        $reasons = fn (History $history): array =>
            array_map(static fn (Reason $reason): string => $reason->code->value, $this->start($history, $this->knownDog())->reasons);

        self::assertSame(Action::NotHere, $this->start(
            new History(heldStep: 8, daysSinceLast: 1.0, trialsEver: 60, carryOver: $upset(4.0)), $this->knownDog(),
        )->action);
        self::assertContains('still-shaken', $reasons(
            new History(heldStep: 8, daysSinceLast: 1.0, trialsEver: 60, carryOver: $upset(1.5)),
        ));
        self::assertSame(3, $this->start(
            new History(heldStep: 8, daysSinceLast: 1.0, trialsEver: 60, isNewPlace: true), $this->knownDog(),
        )->next?->step);
    }

    /** Upset is a covariate of its own: a day that started with a fight must not be read as a bad day of the dog's. */
    public function test_upset_raises_the_risk_of_today_and_not_of_a_typical_day(): void
    {
        $builder = new ModelBuilder(Fixture::priors());
        $earlier = [Fixture::session('2026-10-18', array_fill(0, 30, [20.0, 0]))];
        $at = static fn (float $upset): ?DogModel => $builder->build(Fixture::scale(), true, null, $earlier, new SessionEvidence(
            new \DateTimeImmutable('2026-10-20'), [], $upset,
        ));
        $mean = static fn (?DogModel $model, Day $day): float => $model?->linear(Fixture::at(20.0), Band::Strain, $day)['mean'] ?? NAN;

        self::assertGreaterThan($mean($at(1.0), Day::Today), $mean($at(2.0), Day::Today));
        self::assertEqualsWithDelta($mean($at(1.0), Day::Typical), $mean($at(2.0), Day::Typical), 1e-9);
    }

    public function test_the_bound_decides_in_the_end(): void
    {
        $wary = Fixture::model(
            [Fixture::session('2026-10-19', [...array_fill(0, 20, [64.0, 0]), ...array_fill(0, 6, [40.0, 1]), [32.0, 3]])], [],
        );
        $advice = $this->start(new History(heldStep: 8, daysSinceLast: 1.0, trialsEver: 60, lastWasCalm: false), $wary);

        self::assertSame(Action::Start, $advice->action);
        self::assertLessThan(7, $advice->next?->step);
        self::assertContains('beyond-cap-at-start', array_map(static fn ($reason): string => $reason->code->value, $advice->reasons));
    }

    public function test_a_plan_without_trials_asks_for_short_looks_at_the_easiest_there_is(): void
    {
        $advice = $this->start(new History, Fixture::model([], []));

        self::assertSame(Action::Peek, $advice->action);
        self::assertSame(150.0, $advice->next?->exposure->distance()?->meters, 'as far as the place allows');
        self::assertSame('lying', $advice->next->exposure->values['trigger_motion'], 'and all else at its easiest');
    }

    public function test_with_no_room_left_it_says_so_instead_of_guessing(): void
    {
        $afraid = Fixture::model([Fixture::session('2026-10-19', array_fill(0, 6, [150.0, 3]))], []);
        $advice = $this->start(new History(trialsEver: 6, lastWasCalm: false), $afraid);

        self::assertSame(Action::NotHere, $advice->action);
        self::assertNull($advice->next);
    }

    public function test_three_sessions_that_ended_with_a_reaction_suspend_the_plan(): void
    {
        self::assertSame(Action::Refer, $this->start(
            new History(heldStep: 4, reactionStreak: 3, trialsEver: 99), $this->knownDog(),
        )->action);
    }

    public function test_two_make_the_start_at_least_one_and_a_half_logits_easier(): void
    {
        $dog = $this->knownDog();
        $one = $this->start(new History(heldStep: 8, reactionStreak: 1, daysSinceLast: 1.0, trialsEver: 99), $dog);
        $two = $this->start(new History(heldStep: 8, reactionStreak: 2, daysSinceLast: 1.0, trialsEver: 99), $dog);
        self::assertNotNull($one->next);
        self::assertNotNull($two->next);

        self::assertGreaterThanOrEqual(
            1.5 - 0.11, $dog->load($one->next->exposure) - $dog->load($two->next->exposure), 'a step of the ladder may fall short by 0.1',
        );
    }

    public function test_what_is_held_is_lost_by_strain_and_walls_are_counted_until_they_fall(): void
    {
        $history = History::ofSessions([
            self::session([['step' => 0, 'held' => true], ['step' => 1, 'held' => true], ['step' => 2, 'held' => true]]),
            self::session([['step' => 3, 'held' => false]]),
            self::session([['step' => 3, 'held' => false], ['step' => 2, 'held' => false]], reacted: true),
        ], 1.0, null);
        self::assertSame(1, $history->heldStep);
        self::assertSame([3 => 2, 2 => 1], $history->failedSessions);
        self::assertSame(1, $history->reactionStreak);

        $later = History::ofSessions(
            [self::session([['step' => 3, 'held' => false]]), self::session([['step' => 3, 'held' => true]])], 1.0, null,
        );
        self::assertSame([], $later->failedSessions);
    }

    /** @param  list<array{step: int, held: bool}>  $marks */
    private static function session(array $marks, bool $reacted = false): SessionSummary
    {
        return new SessionSummary(10, $marks, $reacted, false, false, true);
    }

    private function knownDog(): DogModel
    {
        return Fixture::model(
            [Fixture::session('2026-10-18', array_fill(0, 60, [8.0, 0])), Fixture::session('2026-10-19', array_fill(0, 60, [8.0, 0]))], [],
        );
    }

    private function start(History $history, DogModel $model): Advice
    {
        $now = new \DateTimeImmutable('2026-10-20 10:00 UTC');
        $steps = [];
        for ($i = 0; $i < 10; $i++) {
            $steps[] = new Step(Fixture::at(64.0 * 0.85 ** $i), Criterion::run(5));
        }

        return (new WarmUp)->suggest(new Situation(
            Fixture::dimensions(), Fixture::signs(), Ladder::of($steps),
            \Core\Decision\RuleSettings::of(RiskCaps::of(0.05, 0.01), room: Distance::fromMeters(150)), $history,
            new SessionLog($now, null, []), $model, $now,
        ));
    }
}
