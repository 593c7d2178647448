<?php

declare(strict_types=1);

namespace Core\Tests\Chart;

use Core\Chart\LinearScale;
use Core\Chart\Number;
use Core\Chart\PathData;
use Core\Chart\Ticks;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

#[CoversClass(Ticks::class)]
#[CoversClass(LinearScale::class)]
#[CoversClass(PathData::class)]
#[CoversClass(Number::class)]
final class ChartTest extends TestCase
{
    /**
     * Values of d3.ticks(from, to, about).
     *
     * @return iterable<string, array{float, float, positive-int, list<float>}>
     */
    public static function ticks(): iterable
    {
        yield 'tenths' => [0.0, 1.0, 10, [0.0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0]];
        yield 'fives' => [0.0, 30.0, 8, [0.0, 5.0, 10.0, 15.0, 20.0, 25.0, 30.0]];
        yield 'below zero' => [-10.0, 10.0, 5, [-10.0, -5.0, 0.0, 5.0, 10.0]];
        yield 'from √2 of a tenth: fifths' => [0.0, 1.0, 7, [0.0, 0.2, 0.4, 0.6, 0.8, 1.0]];
        yield 'under √2: tenths' => [0.0, 1.0, 8, [0.0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0]];
        yield 'from √10: fives' => [0.0, 10.0, 3, [0.0, 5.0, 10.0]];
        yield 'under √10: twos' => [0.0, 10.0, 4, [0.0, 2.0, 4.0, 6.0, 8.0, 10.0]];
        yield 'from √50: tens' => [0.0, 100.0, 14, [0.0, 10.0, 20.0, 30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 90.0, 100.0]];
        yield 'under √50: fives' => [0.0, 50.0, 8, [0.0, 5.0, 10.0, 15.0, 20.0, 25.0, 30.0, 35.0, 40.0, 45.0, 50.0]];
        yield 'only those within' => [0.05, 0.95, 5, [0.2, 0.4, 0.6, 0.8]];
        yield 'no width' => [3.0, 3.0, 5, []];
    }

    /**
     * @param  positive-int  $about
     * @param  list<float>  $expected
     */
    #[DataProvider('ticks')]
    public function test_ticks_are_round_numbers_without_dust(float $from, float $to, int $about, array $expected): void
    {
        self::assertSame($expected, Ticks::linear($from, $to, $about));
    }

    public function test_a_logarithmic_axis_of_distances_shows_ones_twos_and_fives(): void
    {
        self::assertSame([2.0, 5.0, 10.0, 20.0, 50.0], Ticks::logarithmic(1.5, 64.0));
        self::assertSame([2.0, 5.0, 10.0], Ticks::logarithmic(2.0, 10.0), 'both ends');
        self::assertCount(15, Ticks::logarithmic(0.1, 5000.0));
        self::assertEqualsWithDelta([0.1, 5000.0], [Ticks::logarithmic(0.01, 0.15)[0], Ticks::logarithmic(3000.0, 90_000.0)[0]], 1e-9);
    }

    public function test_a_scale_without_width_maps_to_the_middle(): void
    {
        self::assertSame(50.0, (new LinearScale(4.0, 4.0, 0.0, 100.0))->map(4.0));
        self::assertSame(75.0, (new LinearScale(0.0, 4.0, 0.0, 100.0))->map(3.0));
        self::assertSame([100.0, 200.0, 300.0, 400.0], array_map(
            (new LinearScale(10.0, 20.0, 100.0, 300.0))->map(...), [10.0, 15.0, 20.0, 25.0],
        ));
        self::assertSame(30.0, (new LinearScale(4.0, 4.0, 20.0, 40.0))->map(9.0));
    }

    public function test_a_missing_point_leaves_a_gap_and_no_point_no_path(): void
    {
        self::assertSame('M0,1L2,3.142M4,-0.5', PathData::line([[0.0, 1.0], [2.0, 3.14159], null, [4.0, -0.5]]));
        self::assertNull(PathData::line([null]));
        self::assertSame('0', Number::format(-0.00001));
    }
}
