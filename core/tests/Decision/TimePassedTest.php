<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\TimePassed;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(TimePassed::class)]
#[CoversClass(SessionLog::class)]
final class TimePassedTest extends TestCase
{
    public function test_forty_repetitions_of_a_two_minute_step_in_eleven_seconds_meet_no_criterion_and_teach_the_model_nothing(): void
    {
        $log = self::log(120.0, array_map(static fn (int $n): float => 60.0 + $n * 0.27, range(1, 40)));

        self::assertSame([], SessionSummary::of($log, self::ladder(120.0))->marks);
        self::assertSame(0, $log->evidence()->trials());
        self::assertSame([], $log->atLevel());
    }

    public function test_a_batch_written_down_at_once_counts_as_long_as_all_of_it_could_have_happened(): void
    {
        $six = array_fill(0, 6, 60.0);

        self::assertSame(array_fill(0, 6, true), TimePassed::ofTrials(self::log(10.0, $six)->trials, self::at(0.0)));
        self::assertSame([true, true, true, true, true, true, false], TimePassed::ofTrials(
            self::log(10.0, [...$six, 60.0])->trials, self::at(0.0),
        ));
    }

    public function test_a_hold_is_given_two_seconds_for_the_taps_and_not_more(): void
    {
        $had = static fn (float $second): array => TimePassed::ofTrials(self::log(30.0, [$second])->trials, self::at(0.0));

        self::assertSame([true], $had(28.0));
        self::assertSame([false], $had(27.9));
    }

    public function test_leaving_early_counts_however_quick_it_was(): void
    {
        $log = self::log(120.0, [5.0], Outcome::LeftEarly, Band::Effort);

        self::assertFalse($log->isTooQuick(0));
        self::assertSame(1, $log->evidence()->trials());
    }

    public function test_what_has_no_length_takes_no_time(): void
    {
        $exposure = Fixture::at(20.0);
        $trial = new LoggedTrial(
            new Level(0, $exposure), null, $exposure, Outcome::Returned, Band::Easy, [], FoodTaken::Gently, true, null, false, false,
            self::at(0.0),
        );

        self::assertSame(array_fill(0, 5, true), TimePassed::ofTrials(array_fill(0, 5, $trial), self::at(0.0)));
    }

    private static function ladder(float $seconds): Ladder
    {
        return Ladder::of([new Step(self::exposure($seconds), Criterion::run(3))]);
    }

    private static function exposure(float $seconds): Exposure
    {
        return Exposure::of(['contact' => 'hold', 'gap' => 0, 'duration' => $seconds], Fixture::catalogs()['contact']);
    }

    /** @param  non-empty-list<float>  $taps  seconds after the start */
    private static function log(float $duration, array $taps, Outcome $outcome = Outcome::Reached, Band $band = Band::Easy): SessionLog
    {
        $exposure = self::exposure($duration);

        return new SessionLog(self::at(0.0), null, array_map(
            static fn (float $second): LoggedTrial => new LoggedTrial(
                new Level(0, $exposure), null, $exposure, $outcome, $band, [], FoodTaken::Gently, true, null, false, false,
                self::at($second),
            ), $taps,
        ));
    }

    private static function at(float $second): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('2026-11-20 10:00:00 UTC'))->modify(sprintf('+%d milliseconds', (int) round($second * 1000)));
    }
}
