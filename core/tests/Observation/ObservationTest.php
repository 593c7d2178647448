<?php

declare(strict_types=1);

namespace Core\Tests\Observation;

use Core\Observation\Drill;
use Core\Observation\Kind;
use Core\Observation\Observation;
use Core\Observation\Prompt;
use Core\Observation\SegmentKind;
use Core\Observation\Stretch;
use Core\Sign\Band;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A harbor square nobody has been to: counts, rates and one thing to say, each threshold from both sides. */
#[CoversClass(Observation::class)]
#[CoversClass(Stretch::class)]
#[CoversClass(Prompt::class)]
#[CoversClass(Drill::class)]
#[CoversClass(SegmentKind::class)]
final class ObservationTest extends TestCase
{
    /** Three minutes at a spot with 3 looks, two of a walk, two back with 12: by hand, 15 looks in 5 minutes that count. */
    public function test_stretches_are_counted_by_themselves_and_a_break_counts_in_no_rate(): void
    {
        $stretches = Stretch::of([
            self::seen(Kind::Looked, 20), self::seen(Kind::Looked, 70), self::seen(Kind::Unanswered, 100),
            new Observation(Kind::Stare, 120, 7.0, 'jogger'), new Observation(Kind::Stare, 130, 2.0, 'fisherman'),
            new Observation(Kind::Stare, 140, 3.0, 'jogger'), self::seen(Kind::Looked, 170),
            self::segment(SegmentKind::Break, 180), self::seen(Kind::AtOnce, 200), self::seen(Kind::Looked, 210),
            self::segment(SegmentKind::Changed, 300), ...self::every(Kind::Looked, 301, 9, 12),
        ], 420);

        self::assertSame([SegmentKind::Arrival, SegmentKind::Break, SegmentKind::Changed], array_column($stretches, 'kind'));
        self::assertSame([1.0, 0.5, 6.0], array_map(static fn (Stretch $one): ?float => $one->looksAMinute(), $stretches));
        self::assertSame(['jogger' => 7.0, 'fisherman' => 2.0], $stretches[0]->stares);
        self::assertSame([4, 3], [$stretches[0]->marks(), $stretches[0]->answered()]);
        $all = Stretch::together($stretches);
        self::assertSame(3.0, $all->looksAMinute());
        self::assertSame([16, 1, 7.0], [$all->count(Kind::Looked), $all->count(Kind::AtOnce), $all->longestStare()]);
    }

    public function test_a_spot_taken_at_once_has_no_arrival_and_less_than_half_a_minute_has_no_rate(): void
    {
        $spot = Stretch::of([self::segment(SegmentKind::Spot, 0), self::seen(Kind::Looked, 5)], 29.9);
        self::assertSame([SegmentKind::Spot], array_column($spot, 'kind'));
        self::assertNull($spot[0]->looksAMinute());
        self::assertSame(2.0, Stretch::of([self::seen(Kind::Looked, 5)], 30)[0]->looksAMinute());
    }

    public function test_the_first_minutes_of_a_dog_just_woken_are_seen_and_not_counted(): void
    {
        $woken = Stretch::of([self::seen(Kind::Looked, 179), self::seen(Kind::Looked, 180)], 240, Prompt::WOKEN_SECONDS)[0];
        self::assertSame(2, $woken->count(Kind::Looked));
        self::assertSame(1.0, $woken->looksAMinute());
        self::assertSame(0.5, Stretch::of([self::seen(Kind::Looked, 1), self::seen(Kind::Looked, 2)], 240)[0]->looksAMinute());
    }

    /** @param  list<Observation>  $seen */
    #[DataProvider('prompts')]
    public function test_one_thing_is_said(?Prompt $said, array $seen, float $now, bool $isWoken = false): void
    {
        self::assertSame($said, Prompt::at($seen, $now, $isWoken));
    }

    /** @return iterable<string, array{0: ?Prompt, 1: list<Observation>, 2: float, 3?: bool}> */
    public static function prompts(): iterable
    {
        $unanswered = [self::seen(Kind::Unanswered, 100), self::seen(Kind::Unanswered, 159)];
        yield 'two not answered within a minute' => [Prompt::WalkOff, $unanswered, 159];
        yield 'a minute later it is one' => [null, $unanswered, 160];
        yield 'one' => [null, [self::seen(Kind::Unanswered, 100)], 101];
        yield 'walked off' => [null, [...$unanswered, self::segment(SegmentKind::Break, 159.5)], 159.6];
        $startled = [self::seen(Kind::Startled, 10), self::seen(Kind::Startled, 300)];
        yield 'startled again' => [Prompt::Farther, $startled, 309];
        yield 'five minutes apart' => [null, $startled, 310];
        yield 'nothing twice of three' => [
            Prompt::Easier, [self::seen(Kind::Not, 1), self::seen(Kind::AtOnce, 2), self::seen(Kind::Not, 3)], 4,
        ];
        yield 'nothing once, late twice' => [
            null, [self::seen(Kind::Late, 1), self::seen(Kind::Not, 2), self::seen(Kind::Late, 3)], 4,
        ];
        yield 'nothing twice of four' => [
            null, [self::seen(Kind::Not, 1), self::seen(Kind::Not, 2), self::seen(Kind::AtOnce, 3), self::seen(Kind::AtOnce, 4)], 5,
        ];
        $fell = [...self::every(Kind::Looked, 5, 15, 6), ...self::every(Kind::Looked, 130, 10, 2)];
        yield 'two looks where six were' => [Prompt::BodyFirst, $fell, 240];
        yield 'the two minutes before the last two' => [Prompt::BodyFirst, self::every(Kind::Looked, 95, 5, 6), 240];
        yield 'no more than the last two' => [null, self::every(Kind::Looked, 95, 5, 6), 210];
        yield 'three looks where six were' => [null, [...$fell, self::seen(Kind::Looked, 200)], 240];
        yield 'five before: little to fall from' => [null, array_slice($fell, 1), 240];
        yield 'at another place nothing has fallen' => [null, [...$fell, self::segment(SegmentKind::Spot, 235)], 240];
        yield 'just woken' => [Prompt::Woken, [], 179.9, true];
        yield 'awake' => [null, [], 180, true];
        yield 'not woken' => [null, [], 10];
        $part = static fn (Band $band, string ...$signs): Observation => new Observation(
            Kind::Part, 10, null, 'hind_paw', $band, 'right', array_values($signs),
        );
        yield 'a part it struggled at' => [Prompt::HandsOff, [$part(Band::Strain)], 11];
        yield 'a part it stretched for' => [null, [$part(Band::Effort, 'yawn')], 11];
        yield 'stiff, whatever the grade' => [Prompt::HandsOff, [$part(Band::Aware, 'stiff')], 11];
        yield 'another part since' => [null, [$part(Band::Aware, 'stiff'), $part(Band::Easy)], 11];
        yield 'a reaction, whatever else' => [Prompt::Leave, [...$unanswered, self::seen(Kind::Reacted, 159)], 159];
        yield 'led away' => [Prompt::Leave, [self::seen(Kind::Left, 5)], 500];
    }

    #[DataProvider('drills')]
    public function test_a_drill_feeds_its_foundation(?string $standing, bool $wasReady, int $atOnce, int $late, int $not): void
    {
        self::assertSame($standing, Drill::standing($wasReady, $atOnce, $late, $not));
    }

    /** @return iterable<string, array{?string, bool, int, int, int}> */
    public static function drills(): iterable
    {
        yield 'three turns of one that is learned' => ['learning', false, 2, 1, 0];
        yield 'ten of ten is still not called ready' => ['learning', false, 10, 0, 0];
        yield 'nothing asked' => [null, false, 0, 0, 0];
        yield 'four of five of one that is ready' => ['ready', true, 4, 1, 0];
        yield 'seven of nine' => [null, true, 7, 1, 1];
        yield 'four of four is too few' => [null, true, 4, 0, 0];
        yield 'two of five' => ['lost', true, 2, 2, 1];
        yield 'three of six' => [null, true, 3, 3, 0];
    }

    private static function seen(Kind $kind, float $at): Observation
    {
        return new Observation($kind, $at);
    }

    private static function segment(SegmentKind $kind, float $at): Observation
    {
        return new Observation(Kind::Segment, $at, what: $kind->value);
    }

    /** @return list<Observation> */
    private static function every(Kind $kind, float $from, float $apart, int $count): array
    {
        return array_map(static fn (int $i): Observation => self::seen($kind, $from + $i * $apart), range(0, $count - 1));
    }
}
