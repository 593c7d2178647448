<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\RuleBook;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Progress;
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
use PHPUnit\Framework\TestCase;

/** What the rules say after one trial, on a ladder of 64, 54, 45, 38, 32 m with a dog that is well known and usually easy at 12 m. */
#[CoversClass(RuleBook::class)]
#[CoversClass(Situation::class)]
#[CoversClass(SessionLog::class)]
final class RuleBookTest extends TestCase
{
    private const LADDER = [64.0, 54.0, 45.0, 38.0, 32.0];

    public function test_five_unprompted_returns_in_a_row_move_on_one_step(): void
    {
        $advice = $this->after($this->calm(1, 5));

        self::assertSame(Action::Advance, $advice->action);
        self::assertSame(2, $advice->next?->step);
        self::assertContains('criterion', self::codes($advice));
        self::assertEquals(new Progress(5, 5, null, true), $advice->reasons[0]->facts['progress']);
    }

    public function test_four_are_not_enough_and_the_advice_counts_them(): void
    {
        $advice = $this->after($this->calm(1, 4));

        self::assertSame(Action::Repeat, $advice->action);
        self::assertEquals(new Progress(4, 5, null, false), $advice->reasons[0]->facts['progress']);
    }

    public function test_a_prompted_return_starts_the_run_again_without_being_a_failure(): void
    {
        $advice = $this->after([...$this->calm(1, 4), $this->trial(1, Outcome::Prompted, Band::Easy)]);

        self::assertSame(Action::Repeat, $advice->action);
        self::assertContains('prompted', self::codes($advice));
        self::assertEquals(new Progress(0, 5, null, false), $advice->reasons[1]->facts['progress']);
    }

    public function test_effort_is_told_before_what_the_dog_did(): void
    {
        self::assertSame('effort-once', $this->after(
            [...$this->calm(1, 2), $this->trial(1, Outcome::Prompted, Band::Effort)],
        )->reasons[0]->code->value);
    }

    public function test_watching_calmly_blocks_moving_on(): void
    {
        self::assertSame(Action::Repeat, $this->after([...$this->calm(1, 4), $this->trial(1, Outcome::Watched, Band::Aware)])->action);
    }

    public function test_a_level_held_before_is_regained_with_two(): void
    {
        $advice = $this->after($this->calm(0, 2), new History(heldStep: 2, daysSinceLast: 1.0, trialsEver: 80));

        self::assertSame(Action::Advance, $advice->action);
        self::assertContains('regain', self::codes($advice));
    }

    public function test_the_fourth_step_onto_new_ground_waits_for_another_day(): void
    {
        $trials = [...$this->calm(0, 5), ...$this->calm(1, 5), ...$this->calm(2, 5), ...$this->calm(3, 5)];
        $advice = $this->after($trials, new History(heldStep: -1, trialsEver: 80));

        self::assertSame(Action::EndWell, $advice->action);
        self::assertContains('advances-used', self::codes($advice));
    }

    public function test_strain_eases_by_a_step_and_two_of_three_by_two(): void
    {
        $once = $this->after([...$this->calm(3, 3), $this->trial(3, Outcome::PromptedStiff, Band::Strain)]);
        $twice = $this->after([...$this->calm(3, 3), $this->trial(3, Outcome::PromptedStiff, Band::Strain), $this->trial(
            3, Outcome::PromptedStiff, Band::Strain,
        )]);

        self::assertSame(Action::Ease, $once->action);
        self::assertSame(Action::Ease, $twice->action);
        self::assertLessThanOrEqual(2, $once->next?->step);
        self::assertGreaterThan($once->next?->exposure->distance()->meters ?? 0.0, $twice->next?->exposure->distance()->meters ?? 0.0);
    }

    public function test_the_third_strain_of_a_session_ends_it(): void
    {
        $strain = $this->trial(2, Outcome::PromptedStiff, Band::Strain);
        $advice = $this->after([$strain, ...$this->calm(2, 3), $strain, ...$this->calm(2, 3), $strain]);

        self::assertSame(Action::EndWell, $advice->action);
        self::assertContains('third-strain', self::codes($advice));
    }

    public function test_a_reaction_breaks_and_nothing_advances_after_it(): void
    {
        $reaction = $this->trial(2, Outcome::ReactedCame, Band::Over);
        self::assertSame(Action::Break, $this->after([...$this->calm(2, 2), $reaction])->action);

        foreach ([1, 2] as $closing) {
            self::assertContains(
                $this->after([...$this->calm(2, 2), $reaction, ...$this->calm(0, $closing)])->action, [Action::Repeat, Action::EndWell],
            );
        }
        self::assertSame(
            Action::EndWell, $this->after([...$this->calm(2, 2), $reaction, ...$this->calm(0, 3)])->action,
            'at the most three closing trials',
        );
    }

    public function test_a_second_reaction_ends_the_session(): void
    {
        $reaction = $this->trial(2, Outcome::Reacted, Band::Over);

        self::assertSame(Action::Stop, $this->after([$reaction, ...$this->calm(0, 1), $reaction])->action);
    }

    public function test_a_bite_comes_before_every_other_rule(): void
    {
        $advice = $this->after([...$this->calm(1, 4), $this->trial(1, Outcome::Returned, Band::Easy, ['bite'])]);

        self::assertSame(Action::Stop, $advice->action);
        self::assertContains('bite-review', self::codes($advice));
    }

    public function test_refused_food_eases_and_the_second_refusal_eases_more(): void
    {
        $refusal = $this->trial(3, Outcome::Returned, Band::Aware, food: FoodTaken::Refused);
        $once = $this->after([...$this->calm(3, 2), $refusal]);
        $twice = $this->after([$refusal, ...$this->calm(3, 4), $refusal]);

        self::assertSame(Action::Ease, $once->action);
        self::assertContains('food-or-cue-again', self::codes($twice));
        self::assertGreaterThan($once->next?->exposure->distance()->meters ?? 0.0, $twice->next?->exposure->distance()->meters ?? 0.0);
    }

    public function test_food_that_ran_out_is_no_refusal_but_the_end(): void
    {
        $advice = $this->after([
            ...$this->calm(3, 2), $this->trial(3, Outcome::Returned, Band::Easy, food: FoodTaken::NotOffered, foodLeft: false),
        ]);

        self::assertSame(Action::EndWell, $advice->action);
        self::assertContains('food-used-up', self::codes($advice));
    }

    public function test_two_misses_ask_for_an_easy_win_and_then_half_a_step_back(): void
    {
        $miss = $this->trial(3, Outcome::RefusedFood, Band::Effort);
        $win = $this->after([...$this->calm(3, 2), $miss, $miss]);
        self::assertSame(Action::EasyWin, $win->action);
        self::assertNotNull($win->next);

        $easy = $this->trial($win->next->step, Outcome::Returned, Band::Easy, under: Action::EasyWin, exposure: $win->next);
        $back = $this->after([...$this->calm(3, 2), $miss, $miss, $easy]);
        self::assertContains('half-step-back', self::codes($back));
        $meters = $back->next?->exposure->distance()->meters ?? 0.0;
        self::assertGreaterThan(38.0, $meters);
        self::assertLessThanOrEqual($win->next->exposure->distance()->meters ?? 0.0, $meters);
    }

    public function test_an_interruption_leaves_the_run_alone_and_so_does_a_slip_of_the_handler(): void
    {
        $disturbed = $this->trial(1, Outcome::Prompted, Band::Aware, interrupted: true);
        $slip = $this->trial(1, Outcome::Watched, Band::Aware, handlerError: true);
        $advice = $this->after([...$this->calm(1, 4), $disturbed, $slip, ...$this->calm(1, 1)]);

        self::assertSame(Action::Advance, $advice->action);
    }

    public function test_a_trial_much_easier_than_its_step_neither_counts_nor_breaks_the_run(): void
    {
        $farther = $this->trial(1, Outcome::Returned, Band::Easy, exposure: new Level(1, Fixture::at(80.0)));
        $four = $this->after([...$this->calm(1, 3), $farther]);
        self::assertEquals(new Progress(3, 5, null, false), $four->reasons[0]->facts['progress']);
        self::assertSame(Action::Advance, $this->after([...$this->calm(1, 3), $farther, ...$this->calm(1, 2)])->action);
    }

    public function test_three_unnoticed_are_no_trials_but_a_reason_to_go_nearer(): void
    {
        $unnoticed = $this->trial(0, Outcome::Unnoticed, Band::Easy);

        self::assertSame(Action::Repeat, $this->after([$unnoticed, $unnoticed])->action);
        self::assertSame(Action::Advance, $this->after([$unnoticed, $unnoticed, $unnoticed])->action);
    }

    public function test_when_the_time_is_up_nothing_advances_and_it_ends_on_a_success(): void
    {
        $late = $this->after($this->calm(1, 5), minutes: 31);
        self::assertSame(Action::EndWell, $late->action);
        self::assertContains('ready', self::codes($late));

        $prompted = $this->after([...$this->calm(1, 2), $this->trial(1, Outcome::Prompted, Band::Easy)], minutes: 31);
        self::assertSame(Action::EasyWin, $prompted->action);
        self::assertTrue($prompted->isClosing);
    }

    public function test_the_end_of_a_set_is_a_break_not_an_end(): void
    {
        $advice = $this->after($this->calm(1, 3), minutes: 5);

        self::assertSame(Action::Break, $advice->action);
        self::assertNotNull($advice->next);
    }

    public function test_the_goal_ends_well(): void
    {
        $advice = $this->after($this->calm(4, 5), new History(heldStep: 3, daysSinceLast: 1.0, trialsEver: 300));

        self::assertSame(Action::EndWell, $advice->action);
        self::assertContains('goal', self::codes($advice));
    }

    public function test_without_a_model_nothing_harder_is_advised(): void
    {
        $situation = $this->situation($this->calm(1, 5), new History, 1);
        $blind = new Situation(
            $situation->catalog, $situation->signs, $situation->ladder, $situation->settings, $situation->history, $situation->log, null,
            $situation->now,
        );

        self::assertSame(Action::Repeat, RuleBook::standard()->decide($blind)->action);
    }

    public function test_beyond_the_limits_it_eases_although_nothing_went_wrong(): void
    {
        // effort all day: the model learns that today is a bad one
        $effort = array_fill(0, 2, $this->trial(3, Outcome::Returned, Band::Effort));
        $advice = $this->after([...$effort, $this->trial(3, Outcome::Returned, Band::Aware)]);

        self::assertSame(Action::Ease, $advice->action);
        self::assertContains('beyond-cap', self::codes($advice));
    }

    public function test_a_step_that_asks_for_two_sessions_ends_the_first_of_them_on_its_success(): void
    {
        $situation = $this->situation(
            $this->calm(2, 5), new History(heldStep: 1, trialsEver: 80, lastWasCalm: false, hasSucceeded: true), 1,
        );
        $twice = Ladder::of(array_map(
            static fn (Step $step): Step => new Step($step->exposure, Criterion::run(5)->over(2, 1)), $situation->ladder->steps,
        ));
        $decide = static fn (History $history): Advice => RuleBook::standard()->decide(new Situation(
            $situation->catalog, $situation->signs, $twice, $situation->settings, $history, $situation->log, $situation->model,
            $situation->now,
        ));

        self::assertContains('sessions-asked', self::codes($decide($situation->history)));
        $yesterday = intdiv($situation->log->startedAt->getTimestamp(), 86400) - 1;
        self::assertNotContains('sessions-asked', self::codes(
            $decide(new History(heldStep: 2, trialsEver: 80, hasSucceeded: true, daysMet: [2 => [$yesterday]])),
        ));
    }

    public function test_what_helped_this_dog_before_is_offered_first(): void
    {
        $trial = $this->trial(2, Outcome::Prompted, Band::Effort);
        $plain = $this->after([$trial]);
        $remembered = $this->after([$trial], new History(trialsEver: 80, hasSucceeded: true, helped: ['trigger_motion' => 2]));

        self::assertSame(0, $plain->alternatives[0]->helped ?? null);
        self::assertSame(2, $remembered->alternatives[0]->helped ?? null);
        self::assertSame(['trigger_motion' => 1], SessionSummary::of(new SessionLog($trial->at, null, [
            $trial,
            $this->trial(2, Outcome::Returned, Band::Easy, under: Action::ChangeOther, exposure: new Level(2, Fixture::at(
                self::LADDER[2], 'lying',
            ))),
        ]), $this->situation([], new History, 1)->ladder)->helped);
    }

    public function test_it_says_about_how_many_calm_trials_would_settle_it(): void
    {
        $situation = $this->situation([], new History(trialsEver: 80), 1);
        $model = $situation->model ?? throw new \LogicException('A model is fitted.');
        $limits = RiskCaps::of(0.05, 0.01);
        $edge = (new ThresholdSearch($limits))->distance($model, Fixture::at(10.0), Day::Today)->farthest->meters ?? NAN;
        $needed = fn (float $share): ?int =>
            $model->calmTrialsNeeded(Fixture::at($share * $edge), Fixture::at($share * $edge), $limits, Day::Today);

        self::assertNotNull($needed(0.99));
        self::assertTrue($needed(0.9) === null || $needed(0.9) >= $needed(0.99), 'the nearer, the more');
        self::assertNull($needed(0.3), 'there it is the dog, not the model, that is not ready');
        self::assertSame(
            1, $model->calmTrialsNeeded(Fixture::at(60.0), Fixture::at(60.0), $limits, Day::Today),
            'well within the limits nothing more is needed',
        );
    }

    /** @param  list<LoggedTrial>  $trials */
    private function after(
        array $trials, History $history = new History(heldStep: -1, trialsEver: 80, lastWasCalm: false, hasSucceeded: true),
        int $minutes = 1,
    ): Advice {
        return RuleBook::standard()->decide($this->situation($trials, $history, $minutes));
    }

    /** @param  list<LoggedTrial>  $trials */
    private function situation(array $trials, History $history, int $minutes): Situation
    {
        $start = new \DateTimeImmutable('2026-10-20 10:00 UTC');
        $known = [
            Fixture::session('2026-10-18', [...array_fill(0, 40, [12.0, 0]), ...array_fill(0, 12, [8.0, 1])]),
            Fixture::session('2026-10-19', [...array_fill(0, 40, [10.0, 0]), ...array_fill(0, 12, [8.0, 1])]),
        ];
        $today = [];
        foreach ($trials as $trial) {
            if ($trial->isEvidence()) {
                $today[] = [$trial->exposure->distance()->meters ?? 1.0, $trial->band->value];
            }
        }

        return new Situation(
            Fixture::dimensions(),
            Fixture::signs(),
            Ladder::of(array_map(static fn (float $meters): Step => new Step(Fixture::at($meters), Criterion::run(5)), self::LADDER)),
            RuleSettings::of(RiskCaps::of(0.05, 0.01), mostAdvances: 3, room: Distance::fromMeters(150)),
            $history,
            new SessionLog($start, $start, $trials),
            Fixture::model($known, $today),
            $start->modify("+{$minutes} minutes"),
        );
    }

    /** @return list<LoggedTrial> */
    private function calm(int $step, int $times): array
    {
        return array_fill(0, $times, $this->trial($step, Outcome::Returned, Band::Easy));
    }

    /** @param  list<string>  $signs */
    private function trial(
        int $step, Outcome $outcome, Band $band, array $signs = [], FoodTaken $food = FoodTaken::Gently, bool $foodLeft = true,
        bool $interrupted = false, bool $handlerError = false, ?Action $under = null, ?Level $exposure = null,
    ): LoggedTrial {
        $step = max(0, $step);
        $target = $under === null
            ? new Level($step, Fixture::at(self::LADDER[$step]))
            : ($exposure ?? new Level($step, Fixture::at(self::LADDER[$step])));

        return new LoggedTrial(
            $target, $under, $exposure->exposure ?? $target->exposure, $outcome, $band, $signs, $food, $foodLeft, null, $interrupted,
            $handlerError, new \DateTimeImmutable('2026-10-20 10:00 UTC'),
        );
    }

    /** @return list<string> */
    private static function codes(Advice $advice): array
    {
        return array_map(static fn (Reason $reason): string => $reason->code->value, $advice->reasons);
    }
}
