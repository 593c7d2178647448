<?php

declare(strict_types=1);

namespace Core\Tests\Wearing;

use Core\Exposure\Exposure;
use Core\Measure\Share;
use Core\Sign\Outcome;
use Core\Tests\Fixture;
use Core\Wearing\ItemKind;
use Core\Wearing\ItemReadiness;
use Core\Wearing\Movement;
use Core\Wearing\Requirement;
use Core\Wearing\Wearing;
use Core\Wearing\WearingLog;
use Core\Wearing\WearingSituation;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(WearingLog::class)]
#[CoversClass(ItemReadiness::class)]
#[CoversClass(Requirement::class)]
final class WearingTest extends TestCase
{
    /**
     * @param  array<string, float|string>  $values
     * @param  list<string>  $signs
     */
    #[TestWith([['item_state' => 'worn_still', 'duration' => 40.0], Outcome::MovedFreely, [], WearingSituation::Still, Movement::AsUsual])]
    #[TestWith([['item_state' => 'worn_moving', 'duration' => 1.0], Outcome::MovedLess, [], WearingSituation::Cues, Movement::Shorter])]
    #[TestWith([['item_state' => 'worn_out', 'duration' => 600.0], Outcome::PawedAtIt, [], WearingSituation::Walk, Movement::PawsAtIt])]
    #[TestWith([['item_state' => 'worn_still', 'duration' => 8.0], Outcome::AteOn, ['freeze'], WearingSituation::Still, Movement::Frozen])]
    #[TestWith([['item_state' => 'worn_still', 'duration' => 9.0], Outcome::LeftEarly, [], WearingSituation::Still, Movement::Hesitant])]
    #[TestWith([['item_state' => 'worn_still', 'duration' => 0.4], Outcome::MovedFreely, [], null, null])]
    #[TestWith([['item_state' => 'fastened', 'duration' => 9.0], Outcome::Reached, [], null, null])]
    #[TestWith([['item_state' => 'worn_still', 'duration' => 9.0], Outcome::Unnoticed, [], null, null])]
    #[TestWith([['item_state' => 'worn_still'], Outcome::MovedFreely, [], null, null])]
    public function test_a_session_tells_by_itself_how_long_it_was_worn(
        array $values, Outcome $outcome, array $signs, ?WearingSituation $situation, ?Movement $movement,
    ): void {
        $over = new \DateTimeImmutable('2026-11-20 10:10:00 UTC');
        $worn = Wearing::ofTrial($over, Exposure::of($values, Fixture::catalogs()['contact']), $outcome, $signs);

        self::assertSame([$situation, $movement], [$worn?->situation, $worn?->movement]);
        if ($worn !== null) {
            self::assertSame((float) $worn->seconds, $values['duration']);
            self::assertSame($worn->seconds, $over->getTimestamp() - $worn->startedAt->getTimestamp());
        }
    }

    public function test_minutes_are_counted_by_situation_and_freedom_from_the_latest_back(): void
    {
        $log = WearingLog::of([
            self::worn(1, 90, WearingSituation::Still), self::worn(3, 600, WearingSituation::Walk),
            self::worn(2, 240, WearingSituation::Still, Movement::Shorter), self::worn(4, 30, WearingSituation::Play),
        ]);

        self::assertEqualsWithDelta(5.5, $log->minutes()['still'], 1e-9);
        self::assertSame([10.0, 0.0], [$log->minutes()['walk'], $log->minutes()['care']]);
        self::assertSame([600, 2, 3], [$log->longestFree(), $log->freeRun(), $log->freeSituations()]);
    }

    public function test_nothing_is_ready_at_first_and_every_point_is_named(): void
    {
        $asks = ItemReadiness::of([], WearingLog::of([]), null);

        self::assertSame(['on', 'worn', 'off', 'long', 'fun', 'situations', 'movement', 'fit'], self::missing($asks));
    }

    public function test_taking_off_counts_as_much_as_putting_on_and_need_does_not_count_as_fun(): void
    {
        $fun = array_map(
            static fn (int $day): Wearing =>
                self::worn($day, 200, [WearingSituation::Still, WearingSituation::Play, WearingSituation::Walk][$day % 3]),
            range(1, 4),
        );
        $need = self::worn(5, 700, WearingSituation::Care);

        self::assertSame(['off', 'fun'], self::missing(ItemReadiness::of(
            ['on' => Share::of(1.0), 'worn' => Share::of(1.0), 'off' => Share::of(0.75)], WearingLog::of([...$fun, $need]), 12,
        )));
        $ready = WearingLog::of([...$fun, $need, self::worn(6, 60, WearingSituation::Cues)]);
        self::assertSame([], self::missing(
            ItemReadiness::of(['on' => Share::of(1.0), 'worn' => Share::of(1.0), 'off' => Share::of(1.0)], $ready, 12),
        ));
        self::assertSame(
            ['fit'],
            self::missing(ItemReadiness::of(['on' => Share::of(1.0), 'worn' => Share::of(1.0), 'off' => Share::of(1.0)], $ready, 31)),
            'a fit ages',
        );
        // one short stride takes it back, however much was worn before
        $stiff = WearingLog::of([...$ready->wearings, self::worn(7, 60, WearingSituation::Walk, Movement::Shorter)]);
        self::assertSame(['movement'], self::missing(
            ItemReadiness::of(['on' => Share::of(1.0), 'worn' => Share::of(1.0), 'off' => Share::of(1.0)], $stiff, 12),
        ));
    }

    public function test_each_requirement_is_met_at_its_number_and_not_one_short_of_it(): void
    {
        $whole = ['on' => Share::of(1.0), 'worn' => Share::of(1.0), 'off' => Share::of(1.0)];
        $situations = [WearingSituation::Still, WearingSituation::Play, WearingSituation::Walk];
        $worn = static fn (int $times, int $seconds = 600, int $different = 3): WearingLog => WearingLog::of(array_map(
            static fn (int $i): Wearing => self::worn($i, $seconds, $situations[$i % $different]), range(1, $times),
        ));
        $missing = static fn (WearingLog $log, int $fit = 30): array => self::missing(ItemReadiness::of($whole, $log, $fit));

        self::assertSame([], $missing($worn(5)));
        self::assertSame(['fun'], $missing($worn(4)));
        self::assertSame(['long'], $missing($worn(5, 599)));
        self::assertSame(['situations'], $missing($worn(5, 600, 2)));
        self::assertSame(['fit'], $missing($worn(5), 31));
        $stiff = self::worn(9, 60, WearingSituation::Walk, Movement::Hesitant);
        $free = static fn (int $times): array =>
            array_map(static fn (int $i): Wearing => self::worn($i, 60, WearingSituation::Play), range(10, 9 + $times));
        self::assertSame([], $missing(WearingLog::of([...$worn(5)->wearings, $stiff, ...$free(3)])));
        self::assertSame(['movement'], $missing(WearingLog::of([...$worn(5)->wearings, $stiff, ...$free(2)])));
    }

    public function test_what_nobody_has_tried_is_not_told_as_none(): void
    {
        $standing = static fn (WearingLog $log): array =>
            array_column(ItemReadiness::of(['on' => Share::of(0.4)], $log, null), 'standing', 'key');

        self::assertSame(
            ['on' => 40.0, 'worn' => null, 'off' => null, 'long' => null, 'fun' => 0, 'situations' => 0, 'movement' => null, 'fit' => null],
            $standing(WearingLog::of([])),
        );
        $stiff = $standing(WearingLog::of([self::worn(1, 60, WearingSituation::Play, Movement::Hesitant)]));
        self::assertSame([null, 1, 0, 0], [$stiff['long'], $stiff['fun'], $stiff['situations'], $stiff['movement']]);
    }

    public function test_a_tool_is_not_worn_and_care_and_outings_are_no_fun(): void
    {
        self::assertFalse(ItemKind::Tool->isWorn());
        self::assertTrue(ItemKind::Muzzle->isWorn());
        self::assertSame(
            [true, true, true, true, false, false],
            array_map(static fn (WearingSituation $of): bool => $of->isForFun(), WearingSituation::cases()),
        );
    }

    /**
     * @param  list<Requirement>  $asks
     * @return list<string>
     */
    private static function missing(array $asks): array
    {
        return array_column(array_filter($asks, static fn (Requirement $one): bool => ! $one->isMet), 'key');
    }

    private static function worn(int $day, int $seconds, WearingSituation $situation, Movement $movement = Movement::AsUsual): Wearing
    {
        return new Wearing(new \DateTimeImmutable(sprintf('2026-10-%02d 10:00 UTC', $day)), $seconds, $situation, $movement);
    }
}
