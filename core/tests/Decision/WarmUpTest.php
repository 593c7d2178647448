<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\Mark;
use Core\Decision\MarkKind;
use Core\Decision\SessionSummary;
use Core\Decision\WarmUp;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(WarmUp::class)]
#[CoversClass(History::class)]
final class WarmUpTest extends TestCase
{
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

    public function test_what_was_solid_is_lost_by_struggling_there_and_walls_are_counted_until_they_fall(): void
    {
        $history = History::ofSessions([
            self::session([self::mark(0, true), self::mark(1, true), self::mark(2, true)]),
            self::session([self::mark(3, false)]),
            self::session([self::mark(3, false), self::mark(2, false)], reacted: true),
        ], 1.0, null);
        self::assertSame(1, $history->solidStep);
        self::assertSame([2, 1], [
            $history->sessionsStruggledUpTo(self::level(3)), $history->sessionsStruggledUpTo(self::level(2)),
        ]);
        self::assertSame(0, $history->sessionsStruggledUpTo(self::level(1)));
        self::assertSame(1, $history->reactionStreak);
        self::assertSame(2, $history->hardLately);

        $later = History::ofSessions([self::session([self::mark(3, false)]), self::session([self::mark(3, true)])], 1.0, null);
        self::assertSame(0, $later->sessionsStruggledUpTo(self::level(4)));
    }

    /** A drill that was opened and closed, and a session nobody logged in, forget nothing. */
    public function test_an_empty_session_changes_nothing(): void
    {
        $reacted = self::session([self::mark(1, true), new Mark(MarkKind::Over, self::level(2))], reacted: true);
        $empty = new SessionSummary(0, [], false, false, false);
        [$without, $with] = [History::ofSessions([$reacted], 1.0, null), History::ofSessions([$reacted, $empty], 1.0, null)];

        self::assertEquals($without, $with);
        self::assertSame([1, 2], [$with->reactionStreak, $with->lastOver?->level->step]);
    }

    public function test_where_it_went_over_is_remembered_for_two_months(): void
    {
        $over = static fn (int $day): SessionSummary =>
            new SessionSummary(10, [new Mark(MarkKind::Over, self::level(2))], true, false, true, dayNumber: $day);
        $calm = static fn (int $day): SessionSummary => new SessionSummary(10, [], false, false, true, dayNumber: $day);
        $overs = static fn (int $day): int => History::ofSessions([$over(0), $calm($day)], 1.0, null)->oversUpTo(self::level(3));

        self::assertSame([1, 0], [$overs(60), $overs(61)]);
        self::assertSame(0, History::ofSessions([$over(0)], 1.0, null)->oversUpTo(self::level(1)), 'an easier place is another place');
        self::assertSame(2, History::ofSessions([$over(0), $over(1)], 1.0, null)->oversUpTo(self::level(2)));
    }

    /** It cannot become solid while it may not be tried: it would stand for ever, whatever the dog learns short of it. */
    public function test_and_so_is_a_wall(): void
    {
        $session = static fn (int $day, Mark ...$marks): SessionSummary =>
            new SessionSummary(10, array_values($marks), false, false, true, dayNumber: $day);
        $struggled = new Mark(MarkKind::Struggled, self::level(2));
        $sessions = static fn (int $day): int => History::ofSessions([
            $session(0, $struggled), $session(1, $struggled), $session(2, $struggled), $session($day),
        ], 1.0, null)->sessionsStruggledUpTo(self::level(2));

        self::assertSame([3, 2], [$sessions(60), $sessions(61)]);
    }

    public function test_sessions_without_gain_are_those_since_the_hardest_solid_level(): void
    {
        $at = static fn (int $step): SessionSummary => self::session([self::mark($step, true)]);

        self::assertSame(2, History::ofSessions([$at(0), $at(1), $at(1), $at(0)], 1.0, null)->sessionsWithoutGain);
        self::assertSame(0, History::ofSessions([$at(0), $at(1)], 1.0, null)->sessionsWithoutGain);
        self::assertSame([0, 1], History::ofSessions([$at(0), $at(1)], 1.0, null)->solidAfter);
    }

    private static function mark(int $step, bool $isSolid): Mark
    {
        return new Mark($isSolid ? MarkKind::Solid : MarkKind::Struggled, self::level($step));
    }

    private static function level(int $step): Level
    {
        return new Level(max(0, $step), Fixture::at(64.0 * 0.85 ** $step));
    }

    /** @param  list<Mark>  $marks */
    private static function session(array $marks, bool $reacted = false): SessionSummary
    {
        return new SessionSummary(10, $marks, $reacted, false, true);
    }
}
