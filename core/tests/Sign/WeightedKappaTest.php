<?php

declare(strict_types=1);

namespace Core\Tests\Sign;

use Core\Exception\InvalidMeasure;
use Core\Sign\WeightedKappa;
use PHPUnit\Framework\Attributes\CoversClass;
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

    public function test_a_table_of_another_shape_is_refused(): void
    {
        $this->expectException(InvalidMeasure::class);
        WeightedKappa::ofTable([[1, 2], [3, 4]]);
    }
}
