<?php

declare(strict_types=1);

namespace Core\Tests\Exposure;

use Core\Exception\InvalidExposure;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionKind;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Distance;
use Core\Measure\LevelScale;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How much harder one value is than another, worked by hand from the formula of each kind. */
#[CoversClass(Dimension::class)]
#[CoversClass(LoadScale::class)]
final class HardnessTest extends TestCase
{
    #[DataProvider('differences')]
    public function test_what_lies_between_two_values(string $plan, string $key, float $from, float $to, float $units): void
    {
        $dimension = Fixture::catalogs()[$plan]->dimension($key);

        self::assertEqualsWithDelta($units, $dimension->covariate($to, 10.0) - $dimension->covariate($from, 10.0), 1e-12);
        self::assertEqualsWithDelta($to, $dimension->valueAt($dimension->covariate($to, 10.0), 10.0), 1e-9);
    }

    /** @return iterable<string, array{string, string, float, float, float}> */
    public static function differences(): iterable
    {
        yield 'half the distance' => ['presence', 'distance', 24.0, 12.0, 1.0];
        yield 'a third of it' => ['presence', 'distance', 30.0, 10.0, log(3.0, 2.0)];
        yield 'from no time to nine seconds: log2(1 + 9/3)' => ['presence', 'exposure_time', 0.0, 9.0, 2.0];
        yield 'from three to nine seconds' => ['contact', 'duration', 3.0, 9.0, 1.0];
        yield 'a walking pace faster' => ['presence', 'closing_speed', 0.0, 1.4, 1.0];
        yield 'half as deep' => ['contact', 'depth', 0.25, 0.75, 0.5];
        yield 'a hand from 15 to 5 cm: log2(20/10)' => ['contact', 'gap', 15.0, 5.0, 1.0];
        yield 'and on to touching: log2(10/5)' => ['contact', 'gap', 5.0, 0.0, 1.0];
        yield 'ten decibels' => ['sound', 'level', 45.0, 55.0, 1.0];
    }

    /** What can be set up and measured, easiest first. */
    public function test_every_measure_is_searched_between_its_ends(): void
    {
        self::assertSame([
            'distance' => [500.0, 0.3], 'time' => [0.0, 3600.0], 'speed' => [0.0, 10.0], 'share' => [0.0, 1.0], 'gap' => [300.0, 0.0],
            'sound_level' => [20.0, 80.0], 'ordered' => null,
        ], array_column(array_map(
            static fn (DimensionKind $kind): array => [$kind->value, $kind->range()], DimensionKind::cases(),
        ), 1, 0));
        $distance = Fixture::dimensions()->dimension('distance');
        self::assertSame([500.0, 0.3], [$distance->valueAt(-20.0, 10.0), $distance->valueAt(20.0, 10.0)]);
    }

    public function test_equal_exposures_have_one_key_to_the_millimeter(): void
    {
        $key = static fn (float $meters): string => Exposure::of(['distance' => $meters], Fixture::dimensions())->key();

        self::assertSame('distance=12.500', $key(12.5));
        self::assertSame([$key(12.5), 'distance=12.501'], [$key(12.5004), $key(12.5006)]);
        self::assertSame('distance=20.000;trigger_motion=run', Fixture::at(20.0, 'run')->key());
    }

    public function test_a_share_ends_at_its_ends_and_a_time_is_not_under_none(): void
    {
        $depth = Fixture::catalogs()['contact']->dimension('depth');
        $time = Fixture::dimensions()->dimension('exposure_time');

        self::assertSame([$depth->covariate(0.0, 10.0), $depth->covariate(1.0, 10.0)], [
            $depth->covariate(-0.5, 10.0), $depth->covariate(1.5, 10.0),
        ]);
        self::assertSame($time->covariate(0.0, 10.0), $time->covariate(-3.0, 10.0));
    }

    #[DataProvider('notNumbers')]
    public function test_what_is_no_number_is_no_distance(float|string $value): void
    {
        $this->expectException(InvalidExposure::class);
        Fixture::dimensions()->dimension('distance')->covariate($value, 10.0);
    }

    /** @return iterable<string, array{float|string}> */
    public static function notNumbers(): iterable
    {
        yield 'a word' => ['near'];
        yield 'nothing' => [''];
        yield 'not a number' => [NAN];
        yield 'without end' => [INF];
    }

    /** A player that nobody measured is told in percent of itself, and searched over what that is in stored levels. */
    public function test_a_sound_level_on_a_dogs_own_scale_is_searched_over_what_may_be_typed(): void
    {
        $level = Fixture::catalogs()['sound']->dimension('level');
        $own = $level->withLevels(LevelScale::ofPlayer());

        self::assertSame([[20.0, 80.0], [20.0, 80.0]], [$level->range(), $level->typedRange()]);
        self::assertSame([0.1, 100.0], $own->typedRange());
        self::assertEqualsWithDelta(
            [LevelScale::ofPlayer()->toStored(0.1), LevelScale::ofPlayer()->toStored(100.0)], $own->range(), 1e-9,
        );
        self::assertEqualsWithDelta(50.0, $own->toDisplayed($own->toStored(50.0)), 1e-9);
        $distance = Fixture::dimensions()->dimension('distance');
        self::assertSame($distance, $distance->withLevels(LevelScale::ofPlayer()), 'nothing else has one');
    }

    public function test_between_two_values_lie_equal_parts_of_the_way(): void
    {
        $distance = Fixture::dimensions()->dimension('distance');
        $motion = Fixture::dimensions()->dimension('trigger_motion');
        $keys = array_map(static fn ($value): string => $value->key, $motion->values);

        self::assertEqualsWithDelta([20.0], $distance->between(40.0, 10.0, 8.0), 1e-9);
        self::assertEqualsWithDelta([80.0, 40.0, 20.0], $distance->between(160.0, 10.0, 8.0, 4), 1e-9);
        self::assertSame(array_slice($keys, 1, -1), $motion->between($keys[0], $keys[count($keys) - 1], 8.0));
        self::assertSame([], $motion->between($keys[0], $keys[1], 8.0));
    }

    public function test_a_dogs_own_order_has_every_value_once(): void
    {
        $motion = Fixture::dimensions()->dimension('trigger_motion');
        $keys = array_map(static fn ($value): string => $value->key, $motion->values);
        $own = $motion->ordered(array_reverse($keys));

        self::assertSame(array_reverse($keys), array_map(static fn ($value): string => $value->key, $own->values));
        self::assertSame([0.0, 1.0], [$own->values[0]->score, $own->values[count($keys) - 1]->score]);
        foreach ([array_slice($keys, 1), [...$keys, $keys[0]], [...array_slice($keys, 1), 'flying']] as $wrong) {
            try {
                $motion->ordered($wrong);
                self::fail('Taken: '.implode(', ', $wrong));
            } catch (InvalidExposure $problem) {
                self::assertSame('trigger_motion', $problem->facts()['dimension']);
            }
        }
        $this->expectException(InvalidExposure::class);
        Fixture::dimensions()->dimension('distance')->ordered([]);
    }

    public function test_a_scale_leaves_out_what_another_dimension_says_and_is_never_empty(): void
    {
        $scale = LoadScale::of(Fixture::dimensions(), Distance::fromMeters(8.0), ['trigger_held', 'barrier', 'trigger_motion']);

        self::assertContains('barrier', $scale->keys());
        self::assertNotContains('trigger_held', $scale->keys());
        self::assertSame(array_values(array_intersect(array_keys(Fixture::dimensions()->dimensions), $scale->keys())), $scale->keys());
        $this->expectException(InvalidExposure::class);
        LoadScale::of(Fixture::catalogs()['contact'], Distance::fromMeters(8.0), []);
    }
}
