<?php

declare(strict_types=1);

namespace Core\Tests\Film;

use Core\Film\Agreement;
use Core\Film\Difference;
use Core\Film\FilmTrial;
use Core\Film\Happening;
use Core\Film\HappeningAt;
use Core\Film\Part;
use Core\Film\Record;
use Core\Film\Settlement;
use Core\Film\StateFrom;
use Core\Sign\Band;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(Agreement::class)]
#[CoversClass(Settlement::class)]
#[CoversClass(FilmTrial::class)]
final class AgreementTest extends TestCase
{
    public function test_trials_that_both_drew_are_set_side_by_side(): void
    {
        $agreement = Agreement::of(self::bands([0, 1, 3, 2]), self::bands([0, 0, 3, 4]));

        self::assertSame([4, 2], [$agreement->trialsOfBoth(), $agreement->sameBand()]);
        self::assertSame(['0 0' => 1, '1 0' => 1, '3 3' => 1, '2 4' => 1], $agreement->bands);
        // two bands over eight seconds before one band over eight
        self::assertEquals([
            new Difference('trial-30000', null, 30_000, 38_000, '2', '4', 16.0),
            new Difference('trial-10000', null, 10_000, 18_000, '1', '0', 8.0),
        ], $agreement->differences);
    }

    /** More than half of the shorter. */
    #[TestWith([5000, 9000, 0])]
    #[TestWith([4999, 9000, 1])]
    #[TestWith([6000, 7000, 1])]
    #[TestWith([8000, 9000, 0])]
    #[TestWith([4000, 14_000, 0])]
    #[TestWith([3999, 14_000, 1])]
    public function test_how_far_a_trial_may_lie_elsewhere(int $from, int $until, int $same): void
    {
        $agreement = Agreement::of(
            Record::of(20_000, [], [], [new FilmTrial(1000, 7000, Band::Easy)]),
            Record::of(20_000, [], [], [new FilmTrial($from, $until, Band::Easy)]),
        );

        self::assertSame([$same, 1 - $same, 1 - $same], [$agreement->trialsOfBoth(), $agreement->onlyFirst, $agreement->onlySecond]);
        self::assertCount(2 * (1 - $same), $agreement->differences);
    }

    public function test_under_twenty_trials_no_figure_is_told(): void
    {
        $bands = [0, 0, 1, 2, 3, 4, 1, 1, 0, 2, 2, 1, 0, 3, 1, 1, 0, 0, 2, 1];

        self::assertNull(Agreement::of(self::bands(array_slice($bands, 1)), self::bands(array_slice($bands, 1)))->kappa());
        self::assertSame(1.0, Agreement::of(self::bands($bands), self::bands($bands))->kappa()?->linear());
        // where chance cannot disagree, there is none either
        self::assertNull(Agreement::of(self::bands(array_fill(0, 20, 1)), self::bands(array_fill(0, 20, 1)))->kappa());
    }

    public function test_states_are_set_side_by_side_second_by_second(): void
    {
        $agreement = Agreement::of(
            self::states(30_000, ['ears', 'forward', 0], ['ears', 'back', 10_000], ['brow', 'smooth', 0], ['mat', 'on', 0]),
            self::states(30_000, ['ears', 'forward', 2000], ['ears', 'back', 15_400], ['brow', 'smooth', 0], ['brow', 'wrinkled', 29_501]),
        );

        // the first two seconds only one told of, the mat only one; edges half a second off are no difference of opinion
        self::assertSame(['ears' => ['seconds' => 28, 'same' => 23], 'brow' => ['seconds' => 30, 'same' => 30]], $agreement->parts);
        self::assertSame(Part::Ears, $agreement->differsMost());
        self::assertEquals(
            [new Difference('ears-10000', Part::Ears, 10_000, 15_400, 'back', 'forward', 5.4)], $agreement->differences,
        );
    }

    /** Half a second. */
    #[TestWith([499, 0])]
    #[TestWith([500, 1])]
    public function test_an_edge_that_is_off_by_less_is_no_difference_of_opinion(int $off, int $differences): void
    {
        self::assertCount($differences, Agreement::of(
            self::states(30_000, ['brow', 'smooth', 0], ['brow', 'wrinkled', 9000]),
            self::states(30_000, ['brow', 'smooth', 0], ['brow', 'wrinkled', 9000 + $off]),
        )->differences);
    }

    /** Twenty seconds at least. */
    #[TestWith([19_500, null])]
    #[TestWith([19_501, Part::Ears])]
    public function test_a_part_seen_for_moments_is_not_called_the_one_that_differs_most(int $length, ?Part $part): void
    {
        self::assertSame($part, Agreement::of(
            self::states($length, ['ears', 'back', 0], ['brow', 'smooth', 0]),
            self::states($length, ['ears', 'forward', 0], ['brow', 'smooth', 0]),
        )->differsMost());
    }

    public function test_where_all_is_told_alike_no_part_differs_most(): void
    {
        $record = self::states(60_000, ['ears', 'back', 0]);

        self::assertNull(Agreement::of($record, $record)->differsMost());
    }

    /** A second, and each only once. */
    public function test_what_happened_is_the_same_within_a_second(): void
    {
        $agreement = Agreement::of(
            self::moments(Happening::Mark, 1000, 5000, 9000, 9300), self::moments(Happening::Mark, 2000, 6001, 9200, 12_000),
        );

        self::assertSame(['mark' => ['both' => 2, 'onlyFirst' => 2, 'onlySecond' => 2]], $agreement->happenings);
        self::assertSame(
            ['mark-first-5000', 'mark-second-6001', 'mark-first-9300', 'mark-second-12000'],
            array_map(static fn (Difference $one): string => $one->key, $agreement->differences),
        );
        self::assertSame([['mark', null], [null, 'mark']], array_map(
            static fn (Difference $one): array => [$one->first, $one->second], array_slice($agreement->differences, 0, 2),
        ));
    }

    public function test_what_is_settled_takes_what_both_told_and_what_was_chosen(): void
    {
        $first = Record::of(
            60_000,
            [new StateFrom(Part::Ears, 'forward', 0), new StateFrom(Part::Ears, 'back', 20_000), new StateFrom(Part::Mat, 'on', 100)],
            [
                new HappeningAt(Happening::Mark, 1000), new HappeningAt(Happening::Food, 7000), new HappeningAt(Happening::Turn, 40_000),
            ],
            [new FilmTrial(0, 8000, Band::Easy), new FilmTrial(10_000, 18_000, Band::Aware), new FilmTrial(30_000, 31_000, Band::Over)],
        );
        $second = Record::of(
            60_000,
            [new StateFrom(Part::Ears, 'forward', 0), new StateFrom(Part::Ears, 'neutral', 10_000), new StateFrom(Part::Leash, 'tight', 5)],
            [
                new HappeningAt(Happening::Mark, 1500), new HappeningAt(Happening::Slip, 9000), new HappeningAt(Happening::Startle, 9500),
            ],
            [new FilmTrial(0, 8000, Band::Strain), new FilmTrial(10_000, 16_000, Band::Effort), new FilmTrial(17_000, 29_000, Band::Easy)],
        );

        $asFirst = Settlement::of($first, $second, []);
        self::assertEquals([$first->happenings, $first->trials], [$asFirst->happenings, $asFirst->trials]);
        $settled = Settlement::of($first, $second, [
            'trial-10000', 'trial-30000', 'trial-second-17000', 'ears-20000', 'food-first-7000', 'slip-second-9000', 'no-such-one',
        ]);
        self::assertSame([
            'length' => 60_000,
            'states' => [
                ['part' => 'ears', 'state' => 'forward', 'at' => 0], ['part' => 'leash', 'state' => 'tight', 'at' => 5],
                ['part' => 'mat', 'state' => 'on', 'at' => 100], ['part' => 'ears', 'state' => 'forward', 'at' => 10_000],
                ['part' => 'ears', 'state' => 'neutral', 'at' => 20_000],
            ],
            'happenings' => [['what' => 'mark', 'at' => 1000], ['what' => 'slip', 'at' => 9000], ['what' => 'turn', 'at' => 40_000]],
            'trials' => [
                ['from' => 0, 'until' => 8000, 'band' => 0], ['from' => 10_000, 'until' => 18_000, 'band' => 2],
                ['from' => 18_000, 'until' => 29_000, 'band' => 0],
            ],
        ], $settled->toArray());
    }

    /** @param  list<int>  $bands  of trials of eight seconds, ten seconds apart */
    private static function bands(array $bands): Record
    {
        return Record::of(600_000, [], [], array_map(
            static fn (int $i, int $band): FilmTrial => new FilmTrial(10_000 * $i, 10_000 * $i + 8000, Band::from($band)),
            array_keys($bands), $bands,
        ));
    }

    /** @param  array{string, string, int}  ...$states */
    private static function states(int $length, array ...$states): Record
    {
        return Record::of($length, array_values(array_map(
            static fn (array $one): StateFrom => new StateFrom(Part::from($one[0]), $one[1], $one[2]), $states,
        )), [], []);
    }

    private static function moments(Happening $happening, int ...$at): Record
    {
        return Record::of(60_000, [], array_values(array_map(
            static fn (int $one): HappeningAt => new HappeningAt($happening, $one), $at,
        )), []);
    }
}
