<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Mark;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
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

        self::assertTrue($log->struggledAt(new Level(1, Fixture::at(30.0))));
        self::assertTrue($log->struggledAt(new Level(1, Fixture::at(25.0), 0.3)));
        self::assertFalse($log->struggledAt(new Level(0, Fixture::at(40.0))));
        self::assertSame(0, $log->hardestCalm()?->step);
        self::assertNull($log->hardestCalm(new Level(0, Fixture::at(40.0))), 'nothing easier than that was calm');
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
        ?float $asked = null,
    ): LoggedTrial {
        $exposure = Fixture::at($meters ?? ($step === 0 ? 40.0 : 30.0));
        $target = $asked === null ? $exposure : Fixture::at($asked);
        $beyond = log(($step === 0 ? 40.0 : 30.0) / ($target->distance()->meters ?? 1.0), 2.0);

        return new LoggedTrial(
            new Level(max(0, $step), $target, $beyond), null, $exposure, $outcome, $band, [], FoodTaken::Gently, true, null, false, $slip,
            new \DateTimeImmutable('2026-10-20 10:00 UTC'), Fixture::risk(0.02, 0.03, 0.005, 0.008),
        );
    }
}
