<?php

declare(strict_types=1);

namespace Core\Tests\Insight;

use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Insight\OnAnyDay;
use Core\Insight\Shown;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\SignKey;
use Core\Sign\TurnLatency;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(Shown::class)]
#[CoversClass(OnAnyDay::class)]
final class ShownTest extends TestCase
{
    /** Ten passes of a dog that hides its signs: seven quiet, two proven, one loading; the distance to work at is that of the two. */
    public function test_ten_quiet_passes_name_the_distance_of_the_two_that_ate_and_turned(): void
    {
        $quiet = static fn (float $meters): LoggedTrial => self::trial($meters, Outcome::Watched, food: FoodTaken::NotOffered);
        $shown = Shown::of([
            $quiet(20.0), $quiet(18.0), $quiet(12.0), $quiet(9.0), $quiet(7.0), $quiet(6.0), $quiet(5.0),
            self::trial(16.0, Outcome::Returned, food: FoodTaken::Gently), self::trial(17.0, Outcome::Returned, food: FoodTaken::Gently),
            self::trial(15.0, Outcome::Watched, signs: [SignKey::Loading->value]),
        ]);

        self::assertSame([7, 5.0], [$shown->quiet, $shown->quietAt]);
        self::assertSame([2, 16.0], [$shown->proven, $shown->provenAt]);
        self::assertSame([1, 15.0, 0, null], [$shown->loading, $shown->loadingAt, $shown->reactions, $shown->reactionAt]);
    }

    /** @return iterable<string, array{LoggedTrial, array{int, int, int, int}}> proven, quiet, loading, reactions */
    public static function trials(): iterable
    {
        yield 'ate gently, turned by itself' => [self::trial(9.0, Outcome::Returned), [1, 0, 0, 0]];
        yield 'ate gently, turned within two seconds' => [self::trial(9.0, Outcome::Prompted, latency: TurnLatency::OneToTwo),
            [1, 0, 0, 0]];
        yield 'turned a little later' => [self::trial(9.0, Outcome::Prompted, latency: TurnLatency::TwoToFive), [0, 1, 0, 0]];
        yield 'ate, never asked to turn' => [self::trial(9.0, Outcome::Watched), [0, 1, 0, 0]];
        yield 'ate hard' => [self::trial(9.0, Outcome::Returned, food: FoodTaken::Hard), [0, 1, 0, 0]];
        yield 'not noticed at all' => [self::trial(9.0, Outcome::Unnoticed, latency: TurnLatency::UnderOne), [0, 1, 0, 0]];
        yield 'stretched' => [self::trial(9.0, Outcome::Returned, Band::Effort), [0, 0, 0, 0]];
        yield 'frozen, whatever was tapped' => [self::trial(9.0, Outcome::Returned, signs: ['freeze']), [0, 0, 0, 0]];
        yield 'reacted' => [self::trial(9.0, Outcome::Reacted, Band::Over), [0, 0, 0, 1]];
        yield 'spoilt by the handler' => [self::trial(9.0, Outcome::Returned, isError: true), [0, 0, 0, 0]];
    }

    /** @param  array{int, int, int, int}  $counts */
    #[DataProvider('trials')]
    public function test_each_trial_shows_one_thing(LoggedTrial $trial, array $counts): void
    {
        $shown = Shown::of([$trial]);

        self::assertSame($counts, [$shown->proven, $shown->quiet, $shown->loading, $shown->reactions]);
    }

    /** @param  list<bool>  $days */
    #[TestWith([[true, true, true, true], OnAnyDay::FewDays])]
    #[TestWith([[true, true, true, true, false], OnAnyDay::AnyDay])]
    #[TestWith([[true, true, true, true, true, true, true, false, false], OnAnyDay::GoodDays])]
    #[TestWith([[true, true, true, true, true, true, true, true, false, false], OnAnyDay::AnyDay])]
    public function test_one_bad_day_in_five_is_still_any_day(array $days, OnAnyDay $on): void
    {
        self::assertSame($on, OnAnyDay::of($days));
    }

    /** @param  list<string>  $signs */
    private static function trial(
        float $meters, Outcome $outcome, Band $band = Band::Easy, FoodTaken $food = FoodTaken::Gently, ?TurnLatency $latency = null,
        array $signs = [], bool $isError = false,
    ): LoggedTrial {
        return new LoggedTrial(
            new Level(0, Fixture::at($meters)), null, Fixture::at($meters), $outcome, $band, $signs, $food, true, $latency, false, $isError,
            new \DateTimeImmutable('2026-11-20 10:00'),
        );
    }
}
