<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Alternative;
use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Mark;
use Core\Decision\MarkKind;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule\AlternateHardAndEasy;
use Core\Decision\Rule\ChangeThePicture;
use Core\Decision\Rule\HandsOffWhenFrozen;
use Core\Decision\RuleBook;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Exposure\LoadScale;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

/** What the rules say under the hand: the shipped nail ladder, and a dog that has taken each of its steps calmly forty times. */
#[CoversClass(HandsOffWhenFrozen::class)]
#[CoversClass(ChangeThePicture::class)]
#[CoversClass(AlternateHardAndEasy::class)]
final class ContactRulesTest extends TestCase
{
    private const NOW = '2026-10-20 10:00 UTC';

    private static ?Ladder $ladder = null;

    public function test_freezing_takes_the_hands_off_and_the_second_time_ends_it(): void
    {
        $frozen = $this->trial(5, Outcome::LeftEarly, Band::Strain, ['freeze']);

        self::assertSame(['freeze', Action::HandsOff], [$this->after([$frozen])->reasons[0]->code->value, $this->after([$frozen])->action]);
        $again = $this->after([$frozen, ...$this->good(3, 2), $this->trial(3, Outcome::LeftEarly, Band::Strain, ['stiff'])]);
        self::assertSame([Action::EndWell, 'freeze-again'], [$again->action, $again->reasons[1]->code->value]);
    }

    public function test_a_miss_asks_the_same_again_with_one_other_thing_changed(): void
    {
        $asked = self::ladder()->step(5)->exposure;
        foreach ([[Outcome::OfferedElse, Band::Effort], [Outcome::SearchedHand, Band::Effort], [Outcome::Reached, Band::Effort], [
            Outcome::TakenAway, Band::Effort,
        ]] as [$outcome, $band]) {
            $doubt = $this->trial(5, $outcome, $band);
            $advice = $this->after([...$this->good(5, 8), $doubt, $doubt]);

            self::assertSame([Action::ChangeOther, 'change-first'], [$advice->action, $advice->reasons[0]->code->value], $outcome->value);
            $changed = array_keys(array_diff_assoc($advice->next?->exposure->values ?? [], $asked->values));
            self::assertCount(1, $changed);
            self::assertContains(
                $changed[0], ['hand_path', 'hand_timing', 'fetched_by', 'posture', 'surface', 'side'], 'what is asked stays the same',
            );
        }
        self::assertSame('change-missed', $this->after([
            ...$this->good(5, 8), $this->trial(5, Outcome::OfferedElse, Band::Effort),
            $this->trial(5, Outcome::OfferedElse, Band::Effort),
            $this->trial(5, Outcome::OfferedElse, Band::Effort, under: Action::ChangeOther),
        ])->reasons[0]->code->value);
    }

    /** The other side is nobody's easier one until this dog says so; then it comes first, and is told why. */
    public function test_what_helped_this_dog_is_offered_first_and_is_learned_from_its_trials(): void
    {
        $plain = $this->trial(5, Outcome::TakenAway, Band::Effort);
        $onTheLeft = $plain->exposure->with('side', 'left');
        $doubt = new LoggedTrial(
            new Level(5, $onTheLeft), null, $onTheLeft, Outcome::TakenAway, Band::Effort, [], FoodTaken::Gently, true, null, false, false,
            $plain->at,
        );
        $otherSide = $this->after([...$this->good(5, 8), $doubt])->alternatives;
        $changes = array_map(static fn (Alternative $other): string => "{$other->change->dimension}: {$other->change->choice}", $otherSide);
        self::assertContains('side: right', $changes);
        self::assertNotSame('side: right', $changes[0]);

        $onTheRight = new LoggedTrial(
            $doubt->level, Action::ChangeOther, $doubt->exposure->with('side', 'right'), Outcome::Reached, Band::Easy, [],
            FoodTaken::Gently, true, null, false, false, $doubt->at,
        );
        $summary = SessionSummary::of(new SessionLog($doubt->at, null, [$doubt, $onTheRight]), self::ladder());
        self::assertSame(['side' => 1], $summary->helped);

        $again = $this->after([...$this->good(5, 8), $doubt, $doubt], new History(trialsEver: 60, helped: ['side' => 5]));
        self::assertSame(['side', 'right'], [$again->alternatives[0]->change->dimension, $again->alternatives[0]->change->choice]);
        self::assertEquals(Reason::of(ReasonCode::ChangeHelped, count: 5), $again->reasons[1]);
    }

    public function test_an_easy_one_between_neither_counts_nor_breaks_the_run(): void
    {
        $between = $this->after($this->good(5, 3), easyAfter: 3);
        self::assertSame([Action::EasyBetween, 'easy-between'], [$between->action, $between->reasons[0]->code->value]);
        self::assertSame(Action::Repeat, $this->after($this->good(5, 3))->action, 'only where the plan asks for it');

        $easy = new LoggedTrial(
            $between->next ?? throw new \LogicException('No level.'), Action::EasyBetween, $between->next->exposure, Outcome::Reached,
            Band::Easy, [], FoodTaken::Gently, true, null, false, false, new \DateTimeImmutable(self::NOW),
        );
        $back = $this->after([...$this->good(5, 3), $easy], easyAfter: 3);
        self::assertSame([Action::Repeat, 5], [$back->action, $back->next?->step]);
        // four of the last five are asked: three before the easy one and two after it
        $met = $this->after([...$this->good(5, 3), $easy, ...$this->good(5, 2)], easyAfter: 3);
        self::assertContains('criterion', array_map(static fn (Reason $reason): string => $reason->code->value, $met->reasons));
        self::assertEquals([new Mark(MarkKind::Solid, $this->trial(5, Outcome::Reached, Band::Easy)->level)], SessionSummary::of(
            new SessionLog($easy->at->modify('-20 minutes'), null, [...$this->good(5, 3), $easy, ...$this->good(5, 2)]), self::ladder(),
        )->marks);
    }

    public function test_a_doubt_in_the_easy_one_is_taken_as_seriously_as_any(): void
    {
        $doubt = $this->trial(2, Outcome::LeftEarly, Band::Effort, under: Action::EasyBetween);

        self::assertSame('opt-out', $this->after([...$this->good(5, 3), $doubt], easyAfter: 3)->reasons[0]->code->value);
    }

    public function test_an_opt_out_is_honored_with_ideas_for_a_smaller_one(): void
    {
        $advice = $this->after([...$this->good(5, 8), $this->trial(5, Outcome::RefusedStart, Band::Effort)]);

        self::assertSame(['opt-out', Action::Repeat], [$advice->reasons[0]->code->value, $advice->action]);
        self::assertNotSame([], $advice->alternatives);
    }

    public function test_a_second_no_changes_one_thing_and_the_part_of_the_body_is_never_it(): void
    {
        $no = $this->trial(5, Outcome::RefusedStart, Band::Effort);
        $second = $this->after([...$this->good(5, 8), $no, $no]);

        self::assertSame(['change-first', Action::ChangeOther], [$second->reasons[0]->code->value, $second->action]);
        self::assertSame('front_paw', $second->next?->exposure->values['body_area']);
        self::assertNotContains('body_area', array_map(
            static fn (Alternative $other): string => $other->change->dimension, $second->alternatives,
        ));
    }

    /** The grinder on the floor begins a strand, the paw held firmly is a step of one: nobody is told of three steps, or six. */
    public function test_a_start_before_a_strand_counts_no_steps(): void
    {
        $start = fn (int $solid): string => implode(' ', array_map(
            static fn (Reason $reason): string => $reason->code->value,
            array_slice($this->after([], new History(
                solid: new Level(max(0, $solid), self::ladder()->step($solid)->exposure), daysSinceLast: 1.0, trialsEver: 240,
            ))->reasons, 0, 1),
        ));

        self::assertSame(['start-back', 'back-along', 'back-along'], [$start(2), $start(3), $start(6)]);
    }

    public function test_from_part_of_a_step_the_step_itself_is_one_easier(): void
    {
        $ladder = self::ladder();
        $part = (new Credit($ladder, Fixture::catalogs()['contact']))->exactly($ladder->step(1)->exposure->with('duration', 3.0));
        $back = fn (float $days): mixed => $this->after([], new History(
            solid: $part, daysSinceLast: $days, trialsEver: 240,
        ))->reasons[0]->facts['back'] ?? null;

        self::assertSame([1, true], [$part->step, $part->beyond > 0.0]);
        self::assertSame([1, 2], [$back(1.0), $back(4.0)], 'and not where it was solid');
    }

    /** @param  list<LoggedTrial>  $trials */
    private function after(array $trials, ?History $history = null, int $easyAfter = 0): Advice
    {
        return RuleBook::standard()->decide($this->situation(
            $trials, $history ?? new History(
                solid: new Level(4, self::ladder()->step(4)->exposure), daysSinceLast: 1.0, trialsEver: 240, hasSucceeded: true,
            ), $easyAfter,
        ));
    }

    /** @param  list<LoggedTrial>  $trials */
    private function situation(array $trials, History $history, int $easyAfter, bool $knowsIt = true): Situation
    {
        $now = new \DateTimeImmutable(self::NOW);
        // time enough for every hold that the steps ask for
        $log = new SessionLog($now->modify('-20 minutes'), $now, $trials);
        $known = [];
        foreach ($knowsIt ? range(0, 11) : [] as $step) {
            array_push($known, ...array_fill(
                0, 40, ['exposure' => self::ladder()->step($step)->exposure, 'band' => Band::Easy, 'afterReaction' => false],
            ));
        }
        // harder ground showed that this dog warns before it reacts
        foreach ($knowsIt ? [Band::Aware, Band::Aware, Band::Effort] : [] as $band) {
            array_push($known, ...array_fill(
                0, 10, ['exposure' => self::ladder()->step(11)->exposure, 'band' => $band, 'afterReaction' => false],
            ));
        }
        $catalog = Fixture::catalogs()['contact'];
        $keys = array_keys(array_merge(...array_map(static fn ($step): array => $step->exposure->values, self::ladder()->steps)));
        $scale = LoadScale::of($catalog, Distance::fromMeters(8.0), $keys, self::ladder()->step(
            $knowsIt ? self::ladder()->top() : 0,
        )->exposure);
        $model = (new ModelBuilder(Fixture::priors()))->build(
            $scale, true, null, [SessionEvidence::ofTrials(new \DateTimeImmutable('2026-10-19 10:00 UTC'), $known)], $log->evidence(),
        );

        return new Situation(
            $catalog, Fixture::signs(), self::ladder(), RuleSettings::of(RiskCaps::usual(), sessionMinutes: 30, easyAfter: $easyAfter),
            $history, $log, $model, $now,
        );
    }

    /** @return list<LoggedTrial> */
    private function good(int $step, int $count): array
    {
        return array_fill(0, $count, $this->trial($step, Outcome::Reached, Band::Easy));
    }

    /** @param  list<string>  $signs */
    private function trial(int $step, Outcome $outcome, Band $band, array $signs = [], ?Action $under = null): LoggedTrial
    {
        $exposure = self::ladder()->step($step)->exposure;

        return new LoggedTrial(
            new Level(max(0, $step), $exposure), $under, $exposure, $outcome, $band, $signs, FoodTaken::Gently, true, null, false, false,
            new \DateTimeImmutable(self::NOW),
        );
    }

    private static function ladder(): Ladder
    {
        return self::$ladder ??= Fixture::laid('nails')[0];
    }
}
