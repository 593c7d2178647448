<?php

declare(strict_types=1);

namespace Core\Tests\Sign;

use Core\Exception\InvalidMeasure;
use Core\Sign\WeightedKappa;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

#[CoversClass(WeightedKappa::class)]
final class WeightedKappaTest extends TestCase
{
    private const TABLE = [[20, 5, 0, 0, 0], [4, 18, 6, 0, 0], [0, 5, 10, 2, 0], [0, 0, 2, 5, 1], [0, 0, 0, 1, 3]];

    /** The worked table of the product's handbook, six decimals. */
    public function test_the_worked_table(): void
    {
        $kappa = WeightedKappa::ofTable(self::TABLE);

        self::assertEqualsWithDelta(0.740633, $kappa->linear(), 5e-7);
        self::assertEqualsWithDelta(0.875758, $kappa->quadratic(), 5e-7);
    }

    /** By statsmodels 0.13.5, stats.inter_rater.cohens_kappa(table, wt='linear').std_kappa: the same table, and eighteen trials. */
    public function test_how_far_it_may_be_off(): void
    {
        $few = [[9, 1, 0, 0, 0], [0, 3, 1, 0, 0], [0, 0, 2, 1, 0], [0, 0, 1, 1, 0], [0, 0, 0, 0, 1]];

        self::assertEqualsWithDelta(0.0474019626035653, WeightedKappa::ofTable(self::TABLE)->standardError(), 1e-14);
        self::assertEqualsWithDelta(0.0707302244487257, WeightedKappa::ofTable($few)->standardError(), 1e-14);
        self::assertNull(WeightedKappa::ofTable(array_fill(0, 5, [0, 0, 0, 0, 0]))->standardError());
    }

    public function test_it_does_not_matter_who_is_called_first(): void
    {
        $turned = array_map(null, ...self::TABLE);

        self::assertEqualsWithDelta(WeightedKappa::ofTable(self::TABLE)->linear(), WeightedKappa::ofTable($turned)->linear(), 1e-12);
    }

    public function test_where_chance_cannot_disagree_it_is_undefined(): void
    {
        $table = array_fill(0, 5, [0, 0, 0, 0, 0]);
        $table[1][1] = 12;

        self::assertNull(WeightedKappa::ofTable($table)->linear());
        self::assertNull(WeightedKappa::ofTable(array_fill(0, 5, [0, 0, 0, 0, 0]))->quadratic());
    }

    /** @param  list<list<int>>  $table */
    #[DataProvider('shapes')]
    public function test_a_table_of_another_shape_is_refused(array $table, string $message): void
    {
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage($message);
        WeightedKappa::ofTable($table);
    }

    /** @return iterable<string, array{list<list<int>>, string}> */
    public static function shapes(): iterable
    {
        yield 'two bands' => [[[1, 2], [3, 4]], '"table-row","least":5,"most":5,"given":2'];
        yield 'a row too few' => [array_slice(self::TABLE, 1), '"table-rows","least":5,"most":5,"given":4'];
        yield 'a row too many' => [[...self::TABLE, self::TABLE[0]], '"table-rows","least":5,"most":5,"given":6'];
        yield 'less than none' => [[[20, 5, 0, 0, -1], ...array_slice(self::TABLE, 1)], '"table-row"'];
    }
}
