<?php

declare(strict_types=1);

namespace Core\Tests\Marking;

use Core\Marking\Act;
use Core\Marking\DeviceDelay;
use Core\Marking\Drill;
use Core\Marking\Episode;
use Core\Marking\FoodAfter;
use Core\Marking\Judge;
use Core\Marking\JudgedMark;
use Core\Marking\MarkClass;
use Core\Marking\OneThing;
use Core\Marking\RoundResult;
use Core\Marking\Tap;
use Core\Marking\TapAt;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A lick from 1000 to 1200, a bob from 1400 to 1800, a yawn from 4000 to 5500, a lick from 8000 to 8200. */
#[CoversClass(Judge::class)]
#[CoversClass(JudgedMark::class)]
#[CoversClass(RoundResult::class)]
#[CoversClass(FoodAfter::class)]
final class JudgeTest extends TestCase
{
    #[TestWith([649, MarkClass::False, null])]
    #[TestWith([650, MarkClass::Before, null])]
    #[TestWith([999, MarkClass::Before, null])]
    #[TestWith([1000, MarkClass::OnIt, Act::Lick])]
    #[TestWith([1200, MarkClass::OnIt, Act::Lick])]
    #[TestWith([1201, MarkClass::JustAfter, null])]
    #[TestWith([1399, MarkClass::JustAfter, null])]
    // a bob has begun: that is what the dog was paid for
    #[TestWith([1400, MarkClass::OnTheNext, Act::Bob])]
    #[TestWith([3200, MarkClass::OnTheNext, null])]
    #[TestWith([3201, MarkClass::False, null])]
    #[TestWith([4500, MarkClass::False, Act::Yawn])]
    #[TestWith([8500, MarkClass::JustAfter, null])]
    #[TestWith([8501, MarkClass::OnTheNext, null])]
    public function test_what_a_mark_fell_on_decides(int $at, MarkClass $class, ?Act $on): void
    {
        [$mark] = $this->marks([$at]);
        self::assertSame([$class, $on], [$mark->class, $mark->fellOn]);
        self::assertSame($class === MarkClass::False, $mark->meant === null);
    }

    public function test_offsets_have_a_sign_and_the_devices_delay_is_taken_off(): void
    {
        [$mark] = $this->marks([1190], new DeviceDelay(80, 0));
        self::assertSame([1110, 110, -90], [$mark->at, $mark->fromStart, $mark->fromEnd]);
        // a device that taps come early on
        [$early] = $this->marks([950], new DeviceDelay(-60, 0));
        self::assertSame([MarkClass::OnIt, 10], [$early->class, $early->fromStart]);
    }

    /** Nothing finer than the device is judged. */
    #[TestWith([969, MarkClass::Before])]
    #[TestWith([970, MarkClass::OnIt])]
    #[TestWith([1230, MarkClass::OnIt])]
    #[TestWith([1231, MarkClass::JustAfter])]
    #[TestWith([1429, MarkClass::JustAfter])]
    #[TestWith([1430, MarkClass::OnTheNext])]
    public function test_within_what_the_device_leaves_open_a_mark_is_right(int $at, MarkClass $class): void
    {
        self::assertSame($class, $this->marks([$at], new DeviceDelay(0, 30))[0]->class);
    }

    public function test_two_marks_in_a_millisecond_are_one_and_a_second_for_the_same_is_false(): void
    {
        [$first, $double, $later] = $this->marks([1100, 1101, 1600]);
        self::assertSame([[MarkClass::OnIt, false], [true], [MarkClass::False, false]], [
            [$first->class, $first->isDouble], [$double->isDouble], [$later->class, $later->isDouble],
        ]);
        self::assertSame([false, true], array_column($this->marks([1100, 1499]), 'isDouble'));
        self::assertSame([false, false], array_column($this->marks([1100, 1500]), 'isDouble'));
    }

    /**
     * @param  list<int>  $food
     * @param  list<?int>  $after
     */
    #[TestWith([[2200], [1100, null], FoodAfter::InTime])]
    #[TestWith([[2099], [999, null], FoodAfter::HandFirst])]
    #[TestWith([[5100], [4000, null], FoodAfter::InTime])]
    #[TestWith([[5101], [4001, null], FoodAfter::Late])]
    #[TestWith([[900], [-200, null], FoodAfter::HandFirst])]
    #[TestWith([[2200, 9200], [1100, 1100], FoodAfter::InTime])]
    #[TestWith([[], [null, null], FoodAfter::None])]
    public function test_food_belongs_to_the_mark_before_it_or_came_first(array $food, array $after, FoodAfter $class): void
    {
        $judged = $this->marks([1100, 8100], new DeviceDelay(0, 0), $food);
        self::assertSame($after, array_column($judged, 'foodAfter'));
        self::assertSame($class, FoodAfter::of($judged[0]->foodAfter));
    }

    public function test_a_round_counts_what_was_met_missed_and_mistaken(): void
    {
        $result = RoundResult::of(Drill::LickAmong, self::episodes(), self::taps([1150, 4200]), new DeviceDelay(0, 0), 12_000);

        self::assertSame([2, 1, 1, 0.5], [$result->asked, $result->missed, $result->classes['false'], $result->share()]);
        self::assertSame(150.0, $result->offset?->median);
        self::assertNull($result->offset->lower, 'one value tells no range');
        // the second lick can still be marked
        self::assertSame([1, 0], [($early = RoundResult::of(
            Drill::LickAmong, self::episodes(), self::taps([1150]), new DeviceDelay(0, 0), 10_199,
        ))->asked, $early->missed]);
    }

    /** @param  list<int>  $marks */
    #[DataProvider('things')]
    public function test_one_thing_is_said_the_worst_first(array $marks, OneThing $thing): void
    {
        $result = RoundResult::of(Drill::LickAmong, self::ten(), self::taps($marks), new DeviceDelay(0, 0), 100_000);
        self::assertSame($thing, $result->oneThing());
    }

    /** @return iterable<string, array{list<int>, OneThing}> */
    public static function things(): iterable
    {
        $on = array_map(static fn (int $i): int => 5000 * $i + 100, range(1, 10));
        $moved = static fn (int $count, int $by): array => array_map(
            static fn (int $i): int => $on[$i] + ($i < $count ? $by : 0), array_keys($on),
        );
        yield 'all on it' => [$on, OneThing::NextDrill];
        yield 'two on the next thing' => [$moved(2, 900), OneThing::Foresee];
        yield 'one of them' => [$moved(1, 900), OneThing::NextDrill];
        yield 'two before it' => [$moved(2, -200), OneThing::NotYet];
        yield 'two just after' => [$moved(2, 300), OneThing::ALittleEarlier];
        yield 'two not marked' => [array_slice($on, 2), OneThing::DidNotMark];
        yield 'one not marked' => [array_slice($on, 1), OneThing::NextDrill];
        yield 'two false ones, worse than late' => [[...$moved(2, 900), 7500, 12_500], OneThing::WaitForIt];
        yield 'doubled' => [[...$on, $on[0] + 50, $on[1] + 50], OneThing::OneMark];
    }

    public function test_settling_is_fed_where_it_lies_and_every_mark_costs(): void
    {
        $episodes = [
            new Episode(Act::Settled, 0, 0, 4000, Tap::Food), new Episode(Act::Stirring, 6000, 6000, 7000, null),
            new Episode(Act::Settled, 9000, 9000, 13_000, Tap::Food),
        ];
        $of = static fn (TapAt ...$taps): RoundResult => RoundResult::of(
            Drill::Settling, $episodes, array_values($taps), new DeviceDelay(0, 0), 20_000,
        );
        self::assertSame(1.0, $of(new TapAt(Tap::Food, 1000), new TapAt(Tap::Food, 12_000))->share());
        self::assertSame(0.5, $of(new TapAt(Tap::Food, 1000), new TapAt(Tap::Food, 12_001))->share());
        $marked = $of(new TapAt(Tap::Food, 1000), new TapAt(Tap::Mark, 6500), new TapAt(Tap::Food, 9500));
        self::assertSame([0.5, OneThing::NoMarks], [$marked->share(), $marked->oneThing()]);
    }

    public function test_what_goes_on_beside_the_dog_is_nothing_a_mark_falls_on(): void
    {
        foreach ([Act::TightLeash, Act::Nearing] as $act) {
            $judge = new Judge([
                new Episode(Act::Palm, 500, 1000, 1300, Tap::Mark), new Episode($act, 1310, 1310, 4310, Tap::Step),
            ], new DeviceDelay(0, 0));
            self::assertSame(MarkClass::JustAfter, $judge->marks([new TapAt(Tap::Mark, 1400)])[0]->class);
        }
    }

    public function test_what_else_is_asked_has_three_seconds(): void
    {
        foreach ([[Act::TightLeash, Tap::Leash, Tap::Step], [Act::Nearing, Tap::Step, Tap::Leash]] as [$act, $wants, $other]) {
            $judge = new Judge([new Episode($act, 1000, 1000, 4000, $wants)], new DeviceDelay(0, 0));
            foreach ([999 => 0, 1000 => 1, 4000 => 1, 4001 => 0] as $at => $done) {
                self::assertSame(['asked' => 1, 'done' => $done], $judge->asides([new TapAt($wants, $at)], 4000));
            }
            self::assertSame(['asked' => 1, 'done' => 0], $judge->asides([new TapAt($other, 2000)], 4000));
            self::assertSame(['asked' => 0, 'done' => 0], $judge->asides([], 3999));
        }
    }

    /**
     * @param  list<int>  $marks
     * @param  list<int>  $food
     * @return list<JudgedMark>
     */
    private function marks(array $marks, DeviceDelay $delay = new DeviceDelay(0, 0), array $food = []): array
    {
        return (new Judge(self::episodes(), $delay))->marks(self::taps($marks, $food));
    }

    /** @return list<Episode> */
    private static function episodes(): array
    {
        return [
            new Episode(Act::Lick, 650, 1000, 1200, Tap::Mark), new Episode(Act::Bob, 1400, 1400, 1800, null),
            new Episode(Act::Yawn, 3700, 4000, 5500, null), new Episode(Act::Lick, 7700, 8000, 8200, Tap::Mark),
        ];
    }

    /** @return list<Episode> ten licks of 200 ms, five seconds apart, a yawn after the first two */
    private static function ten(): array
    {
        $episodes = array_map(
            static fn (int $i): Episode => new Episode(Act::Lick, 5000 * $i - 400, 5000 * $i, 5000 * $i + 200, Tap::Mark), range(1, 10),
        );

        return [...$episodes, new Episode(Act::Yawn, 7300, 7400, 8500, null), new Episode(Act::Yawn, 12_300, 12_400, 13_500, null)];
    }

    /**
     * @param  list<int>  $marks
     * @param  list<int>  $food
     * @return list<TapAt>
     */
    private static function taps(array $marks, array $food = []): array
    {
        return [
            ...array_map(static fn (int $at): TapAt => new TapAt(Tap::Mark, $at), $marks),
            ...array_map(static fn (int $at): TapAt => new TapAt(Tap::Food, $at), $food),
        ];
    }
}
