<?php

declare(strict_types=1);

namespace Core\Tests\Exposure;

use Core\Exception\InvalidCatalog;
use Core\Exception\InvalidExposure;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKind;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Distance;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

#[CoversClass(Dimension::class)]
#[CoversClass(DimensionCatalog::class)]
#[CoversClass(Exposure::class)]
#[CoversClass(LoadScale::class)]
final class DimensionTest extends TestCase
{
    public function test_one_halving_of_distance_is_one_unit_wherever_it_happens(): void
    {
        $distance = Fixture::dimensions()->dimension('distance');

        self::assertSame(0.0, $distance->covariate(10.0, 10.0));
        self::assertEqualsWithDelta(1.0, $distance->covariate(25.0, 10.0) - $distance->covariate(50.0, 10.0), 1e-12);
        self::assertSame($distance->covariate(0.3, 10.0), $distance->covariate(0.01, 10.0), 'nearer than 0.3 m makes no difference');
    }

    public function test_every_dimension_that_ships_is_zero_at_its_usual_value_and_grows_with_difficulty(): void
    {
        foreach (Fixture::catalogs() as $plan => $catalog) {
            foreach ($catalog->dimensions as $dimension) {
                if ($dimension->kind !== DimensionKind::Distance) {
                    self::assertSame(0.0, $dimension->covariate($dimension->usual, 10.0), "{$plan}: {$dimension->key}");
                }
                $values = $dimension->kind === DimensionKind::Ordered
                    ? array_map(static fn ($value): string => $value->key, $dimension->values)
                    : [0.0, 0.3, 0.9, 5.0, 60.0];
                $range = $dimension->kind->range();
                $values = $range !== null && $range[0] > $range[1] ? array_reverse($values) : $values;
                $x = array_map(static fn (float|string $value): float => $dimension->covariate($value, 10.0), $values);
                $sorted = $x;
                sort($sorted);
                self::assertSame($sorted, $x, "{$plan}: {$dimension->key}");
                self::assertGreaterThan(1, count(array_unique($x)), "{$plan}: {$dimension->key}");
            }
        }
    }

    public function test_ten_decibels_are_one_unit_and_half_the_gap_of_a_hand_a_little_less_than_one(): void
    {
        $level = Fixture::catalogs()['sound']->dimension('level');
        $gap = Fixture::catalogs()['contact']->dimension('gap');

        self::assertEqualsWithDelta(1.0, $level->covariate(65.0, 1.0) - $level->covariate(55.0, 1.0), 1e-12);
        self::assertEqualsWithDelta(log(25 / 15, 2), $gap->covariate(10.0, 1.0) - $gap->covariate(20.0, 1.0), 1e-12);
    }

    public function test_a_trial_that_does_not_say_counts_as_usual_so_a_new_dimension_shifts_nothing(): void
    {
        $one = LoadScale::of(Fixture::dimensions(), Distance::fromMeters(10), []);
        $two = LoadScale::of(Fixture::dimensions(), Distance::fromMeters(10), ['barrier', 'exposure_time']);
        $exposure = Exposure::of(['distance' => 20], Fixture::dimensions());

        self::assertSame([-1.0], $one->covariates($exposure));
        self::assertSame([-1.0, 0.0, 0.0], $two->covariates($exposure));
    }

    public function test_equal_exposures_have_equal_keys_whatever_the_order(): void
    {
        $a = Exposure::of(['distance' => 12, 'trigger_motion' => 'run'], Fixture::dimensions());
        $b = Exposure::of(['trigger_motion' => 'run', 'distance' => '12.0000'], Fixture::dimensions());

        self::assertTrue($a->equals($b));
    }

    /** @return iterable<string, array{array<string, float|string>}> */
    public static function wrong(): iterable
    {
        yield 'unknown dimension' => [['temperature' => 3.0]];
        yield 'unknown value' => [['trigger_motion' => 'levitating']];
        yield 'text for a number' => [['distance' => 'near']];
    }

    /** @param  array<string, float|string>  $values */
    #[DataProvider('wrong')]
    public function test_what_the_catalog_does_not_have_is_refused(array $values): void
    {
        $this->expectException(InvalidExposure::class);
        Exposure::of($values, Fixture::dimensions());
    }

    public function test_a_catalog_that_lists_a_dimension_twice_is_refused(): void
    {
        $row = ['key' => 'noise', 'label' => 'noise', 'kind' => 'time', 'usual' => 3, 'slope' => ['shape' => 3, 'mean' => 1]];
        $this->expectException(InvalidCatalog::class);
        $this->expectExceptionMessage('catalog-duplicate {"where":"dimensions","key":"noise"}');
        DimensionCatalog::fromArray(['version' => '1', 'plan' => 'presence', 'dimensions' => [$row, $row]]);
    }
}
