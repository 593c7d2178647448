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
    }

    public function test_a_scale_without_width_maps_to_the_middle(): void
    {
        self::assertSame(50.0, (new LinearScale(4.0, 4.0, 0.0, 100.0))->map(4.0));
        self::assertSame(75.0, (new LinearScale(0.0, 4.0, 0.0, 100.0))->map(3.0));
    }

    public function test_a_missing_point_leaves_a_gap_and_no_point_no_path(): void
    {
        self::assertSame('M0,1L2,3.142M4,-0.5', PathData::line([[0.0, 1.0], [2.0, 3.14159], null, [4.0, -0.5]]));
        self::assertNull(PathData::line([null]));
        self::assertSame('0', Number::format(-0.00001));
    }
}
