<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\LongHold;
use Core\Decision\Mark;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Told;
use Core\Decision\WorkingPlan;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\Calibration;
use Core\Response\RiskCaps;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

/** What a session leaves behind, on a ladder of 40 and 30 m with a run of three. */
#[CoversClass(SessionSummary::class)]
#[CoversClass(SessionLog::class)]
#[CoversClass(LoggedTrial::class)]
#[CoversClass(LongHold::class)]
final class SessionSummaryTest extends TestCase
{
    public function test_a_criterion_met_is_held_and_strain_is_marked_in_order(): void
    {
        $summary = $this->summary([
            ...$this->times(3, 0, Band::Easy), ...$this->times(2, 1, Band::Aware), $this->trial(1, Band::Strain, Outcome::PromptedStiff),
        ]);

        self::assertSame(['solid 0', 'struggled 1'], self::marks($summary));
        self::assertFalse($summary->reacted);
        self::assertSame(0, $summary->hardestCalm?->step);
    }

    public function test_only_a_success_is_one(): void
    {
        self::assertTrue($this->summary([$this->trial(0, Band::Strain, Outcome::PromptedStiff), $this->trial(0, Band::Easy)])->succeeded);
        self::assertFalse($this->summary([$this->trial(0, Band::Strain, Outcome::PromptedStiff)])->succeeded);
    }

    /** Food that it left twice among the last four is a hard end, however calm it looked; once, or long before, it is none. */
    public function test_food_left_twice_is_a_hard_end(): void
    {
        $left = $this->trial(0, Band::Aware, food: FoodTaken::Refused);
        $ate = $this->trial(0, Band::Easy);

        self::assertTrue($this->summary([$left, $ate, $ate, $left])->endedWithEffort);
        self::assertFalse($this->summary([$ate, $ate, $ate, $left])->endedWithEffort);
        self::assertFalse($this->summary([$left, $ate, $ate, $ate, $left])->endedWithEffort);
    }

    public function test_a_run_on_an_eased_level_makes_no_step_solid(): void
    {
        $summary = $this->summary(array_fill(0, 3, $this->trial(0, Band::Easy, meters: 55.0)));

        self::assertSame(-1, History::ofSessions([$summary], 1.0, null)->solidStep);
        self::assertSame(55.0, History::ofSessions([$summary], 1.0, null)->solid?->exposure->distance()?->meters, 'but it is remembered');
    }

    public function test_a_run_where_nobody_was_sent_counts_where_it_was(): void
    {
        $nearer = array_fill(0, 3, $this->trial(0, Band::Easy, meters: 30.0, asked: 40.0));

        self::assertSame(['solid 1'], self::marks($this->summary($nearer)));
    }

    public function test_going_over_is_marked_as_that_and_remembered(): void
    {
        $summary = $this->summary([...$this->times(3, 0, Band::Easy), $this->trial(1, Band::Over, Outcome::Reacted)]);

        self::assertSame(['solid 0', 'over 1'], self::marks($summary));
        self::assertTrue($summary->reacted);
        self::assertSame(1, History::ofSessions([$summary], 1.0, null)->lastOver?->level->step);
    }

    public function test_a_session_that_ends_with_effort_says_so(): void
    {
        self::assertTrue($this->summary([...$this->times(4, 0, Band::Easy), ...$this->times(2, 0, Band::Effort)])->endedWithEffort);
        self::assertFalse($this->summary([...$this->times(2, 0, Band::Effort), ...$this->times(4, 0, Band::Easy)])->endedWithEffort);
        self::assertFalse($this->summary([])->endedWithEffort);
        self::assertFalse($this->summary([...$this->times(2, 0, Band::Easy), ...$this->times(1, 0, Band::Effort)])->endedWithEffort);
        self::assertTrue($this->summary([...$this->times(1, 0, Band::Easy), ...$this->times(1, 0, Band::Effort)])->endedWithEffort);
    }

    public function test_trials_after_a_reaction_are_evidence_of_their_own(): void
    {
        $log = $this->log([
            ...$this->times(2, 0, Band::Easy), $this->trial(0, Band::Over, Outcome::Reacted), ...$this->times(2, 0, Band::Easy),
        ]);
        $rows = $log->evidence()->rows;

        self::assertCount(2, $rows);
        self::assertSame([[2, 0, 0, 0, 0], [2, 0, 0, 0, 1]], [
            $rows[0]->afterReaction ? $rows[0]->counts : $rows[1]->counts, $rows[0]->afterReaction ? $rows[1]->counts : $rows[0]->counts,
        ]);
        self::assertSame(2, $log->trialsSinceReaction());
    }

    public function test_a_slip_of_the_handler_is_no_evidence_and_what_went_unnoticed_is(): void
    {
        $log = $this->log([
            $this->trial(0, Band::Easy), $this->trial(0, Band::Easy, Outcome::Unnoticed), $this->trial(0, Band::Effort, slip: true),
        ]);

        self::assertSame(2, $log->evidence()->trials(), 'what was not noticed shows that the place is easy');
        self::assertSame(2, $log->calibration()->forecasts);
    }

    public function test_steps_onto_new_ground_are_counted_once_however_often_they_are_left_and_regained(): void
    {
        $log = $this->log([
            $this->trial(0, Band::Easy), $this->trial(1, Band::Easy), $this->trial(0, Band::Easy), $this->trial(1, Band::Easy),
        ]);

        self::assertCount(1, $log->newGround(null));
        self::assertCount(0, $log->newGround(new Level(1, Fixture::at(30.0))), 'solid before');
    }

    public function test_where_it_struggled_today_and_beyond_is_spent(): void
    {
        $log = $this->log([...$this->times(3, 0, Band::Easy), $this->trial(1, Band::Strain, Outcome::PromptedStiff)]);

        self::assertSame([true, true, false], [
            $log->hasTried(new Level(0, Fixture::at(40.0))), $log->hasTried(new Level(1, Fixture::at(30.0))),
            $log->hasTried(new Level(1, Fixture::at(25.0), 0.3)),
        ]);
        self::assertTrue($log->struggledAt(new Level(1, Fixture::at(30.0))));
        self::assertTrue($log->struggledAt(new Level(1, Fixture::at(25.0), 0.3)));
        self::assertFalse($log->struggledAt(new Level(0, Fixture::at(40.0))));
        self::assertSame(0, $log->hardestCalm()?->step);
        self::assertNull($log->hardestCalm(new Level(0, Fixture::at(40.0))), 'nothing easier than that was calm');
    }

    /** What was changed between two trials, alone, and turned a stretched one into a calm one. */
    public function test_what_helped_is_what_turned_a_stretched_one_into_a_calm_one(): void
    {
        $at = static fn (LoggedTrial $of, string $motion): LoggedTrial => new LoggedTrial(
            $of->level, $of->under, Fixture::at(40.0, $motion), $of->outcome, $of->band, [], $of->food, true, null, false,
            $of->handlerError, $of->at,
        );
        $helped = fn (LoggedTrial $before, LoggedTrial $after): array => $this->summary([$at($before, 'run'), $at($after, 'standing')])
            ->helped;
        [$easy, $effort] = [$this->trial(0, Band::Easy), $this->trial(0, Band::Effort)];

        self::assertSame(['trigger_motion' => 1], $helped($effort, $easy));
        self::assertSame([], $helped($easy, $easy), 'there was nothing to help');
        self::assertSame([], $helped($effort, $effort));
        self::assertSame([], $helped($effort, $this->trial(0, Band::Easy, slip: true)));
        $both = [$at($effort, 'run'), $at($easy, 'standing')];
        self::assertSame(
            ['trigger_motion' => 2], History::ofSessions([$this->summary($both), $this->summary($both)], 1.0, null)->helped,
        );
        self::assertSame(
            [], $this->summary([$at($effort, 'run'), $this->trial(0, Band::Easy, meters: 50.0)])->helped, 'two things at once',
        );
    }

    /** Only quiet: nothing is solid for it, and a plan reads its sessions so. */
    public function test_what_a_dog_that_may_hide_its_signs_did_unfed_makes_nothing_solid(): void
    {
        $ladder = Ladder::of([new Step(Fixture::at(40.0), Criterion::run(3)), new Step(Fixture::at(30.0), Criterion::run(3))]);
        $unfed = array_map(static fn (LoggedTrial $of): LoggedTrial => new LoggedTrial(
            $of->level, null, $of->exposure, $of->outcome, $of->band, [], FoodTaken::NotOffered, true, null, false, false, $of->at,
        ), $this->times(5, 0, Band::Easy));
        $marks = fn (bool $hides, LoggedTrial ...$trials): array => self::marks((new WorkingPlan(
            $ladder, RuleSettings::of(RiskCaps::usual()), Distance::fromMeters(10.0), true, null, Fixture::dimensions(), null,
            new Told(hidesSigns: $hides),
        ))->summary($this->log(array_values($trials))));

        self::assertSame([['solid 0'], []], [$marks(false, ...$unfed), $marks(true, ...$unfed)]);
        self::assertSame(
            ['solid 0'], $marks(true, ...array_slice($unfed, 0, 2), ...$this->times(1, 0, Band::Easy), ...array_slice($unfed, 2)),
        );
    }

    /** Two sessions of a muzzle worn for ten minutes: four of five in both together. */
    public function test_long_holds_add_up_over_sessions_and_are_counted_once(): void
    {
        [$ladder] = Fixture::laid('basket-muzzle');
        $worn = Level::ofStep($ladder, 17);
        $session = static function (int $day, Band ...$bands) use ($ladder, $worn): SessionSummary {
            $start = new \DateTimeImmutable("2026-10-{$day} 10:00 UTC");
            $trials = [];
            foreach (array_values($bands) as $i => $band) {
                $trials[] = new LoggedTrial(
                    $worn, null, $worn->exposure, $band->isBelowThreshold() ? Outcome::Reached : Outcome::LeftEarly, $band, [],
                    FoodTaken::Gently, true, null, false, false, $start->modify('+'.(11 * ($i + 1)).' minutes'),
                );
            }

            return SessionSummary::of(new SessionLog($start, null, $trials), $ladder);
        };
        $after = static fn (SessionSummary ...$sessions): History => History::ofSessions(array_values($sessions), 1.0, null);
        $easy = Band::Easy;
        $first = $session(10, $easy, $easy);

        self::assertSame([[true, true]], array_values($after($first)->longHolds));
        self::assertSame(-1, $after($first, $session(11, $easy, Band::Effort))->solidStep);
        $met = $after($first, $session(11, $easy, Band::Effort), $session(12, $easy));
        self::assertSame([17, [], 1], [$met->solidStep, $met->longHolds, count($met->daysMet[17])]);
        self::assertSame(-1, $after($first, $session(11, Band::Effort, Band::Effort), $session(12, $easy))->solidStep);
        self::assertCount(LongHold::MOST, array_values($after(...array_map(
            static fn (int $day): SessionSummary => $session($day, $easy, Band::Effort), range(10, 21),
        ))->longHolds)[0]);
        self::assertSame([], $this->summary($this->times(5, 0, Band::Easy))->longHolds, 'a session has time for these');
    }

    /** Forgotten after sixty days; the newest sessions tell how it goes now. */
    public function test_what_is_long_ago_is_left_out_of_a_history(): void
    {
        $session = function (int $day, Band $band, int $forecasts = 0): SessionSummary {
            $of = $this->summary([$this->trial(1, $band, $band === Band::Over ? Outcome::Reacted : Outcome::PromptedStiff)]);

            return new SessionSummary(
                $of->trials, $of->marks, $of->reacted, $of->endedWithEffort, $of->succeeded, $of->hardestCalm,
                new Calibration(1.0, 0, 0.0, 0, max(0, $forecasts)), $day,
            );
        };
        $after = static fn (SessionSummary ...$sessions): History => History::ofSessions(array_values($sessions), 1.0, null);

        self::assertCount(1, $after($session(100, Band::Over), $session(160, Band::Easy))->overs);
        self::assertSame([], $after($session(100, Band::Over), $session(161, Band::Easy))->overs);
        $hard = $session(1, Band::Strain);
        self::assertSame([1, 0], [
            $after($hard, $session(2, Band::Easy), $session(3, Band::Easy))->hardLately,
            $after($hard, $session(2, Band::Easy), $session(3, Band::Easy), $session(4, Band::Easy))->hardLately,
        ]);
        $enough = Calibration::WINDOW;
        self::assertSame([$enough, 2 * $enough - 1], [
            $after($session(1, Band::Easy, 7), $session(2, Band::Easy, $enough))->calibration->forecasts,
            $after($session(1, Band::Easy, 7), $session(2, Band::Easy, $enough), $session(3, Band::Easy, $enough - 1))->calibration
                ->forecasts,
        ]);
    }

    /** Two visits of which each was left stretched; the slip between says nothing of the dog, the calm one takes nothing back. */
    public function test_a_visit_is_hard_that_is_left_stretched(): void
    {
        $slip = $this->trial(1, Band::Strain);
        $log = $this->log([
            $this->trial(1, Band::Easy), $this->trial(1, Band::Effort), $this->trial(0, Band::Easy), new LoggedTrial(
                $slip->level, $slip->under, $slip->exposure, $slip->outcome, $slip->band, [], $slip->food, true, null, false, true,
                $slip->at,
            ), $this->trial(0, Band::Easy), $this->trial(1, Band::Effort), $this->trial(1, Band::Easy), $this->trial(0, Band::Easy),
            $this->trial(1, Band::Strain),
        ]);

        self::assertSame(2, $log->hardVisits(new Level(1, Fixture::at(30.0))));
        self::assertSame(0, $log->hardVisits(new Level(1, Fixture::at(25.0), 0.3)), 'nobody was there');
    }

    /** @param  list<LoggedTrial>  $trials */
    private function summary(array $trials): SessionSummary
    {
        $ladder = Ladder::of([new Step(Fixture::at(40.0), Criterion::run(3)), new Step(Fixture::at(30.0), Criterion::run(3))]);

        return SessionSummary::of((new Credit($ladder, Fixture::dimensions()))->log($this->log($trials)), $ladder);
    }

    /** @return list<string> */
    private static function marks(SessionSummary $summary): array
    {
        return array_map(static fn (Mark $mark): string => "{$mark->kind->value} {$mark->level->step}", $summary->marks);
    }

    /** @param  list<LoggedTrial>  $trials */
    private function log(array $trials): SessionLog
    {
        return new SessionLog(new \DateTimeImmutable('2026-10-20 10:00 UTC'), null, $trials);
    }

    /** @return list<LoggedTrial> */
    private function times(int $times, int $step, Band $band): array
    {
        return array_fill(0, $times, $this->trial($step, $band));
    }

    private function trial(
        int $step, Band $band, Outcome $outcome = Outcome::Returned, ?float $meters = null, bool $slip = false,
        ?float $asked = null, FoodTaken $food = FoodTaken::Gently,
    ): LoggedTrial {
        $exposure = Fixture::at($meters ?? ($step === 0 ? 40.0 : 30.0));
        $target = $asked === null ? $exposure : Fixture::at($asked);
        $beyond = log(($step === 0 ? 40.0 : 30.0) / ($target->distance()->meters ?? 1.0), 2.0);

        return new LoggedTrial(
            new Level(max(0, $step), $target, $beyond), null, $exposure, $outcome, $band, [], $food, true, null, false, $slip,
            new \DateTimeImmutable('2026-10-20 10:00 UTC'), Fixture::risk(0.02, 0.03, 0.005, 0.008),
        );
    }
}
