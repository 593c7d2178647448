<?php

declare(strict_types=1);

namespace Core\Tests\Exposure;

use Core\Exception\InvalidCatalog;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionValue;
use Core\Exposure\Exposure;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A practice's own details beside those that ship, and what cannot go together. */
#[CoversClass(DimensionCatalog::class)]
#[CoversClass(DimensionValue::class)]
#[CoversClass(Dimension::class)]
final class OwnDimensionsTest extends TestCase
{
    private const SLOPE = ['shape' => 3, 'mean' => 1.5];

    public function test_a_detail_of_ones_own_has_its_values_from_easy_to_hard(): void
    {
        $catalog = Fixture::dimensions()->extended([[
            'key' => 'hat', 'label' => 'Hat', 'kind' => 'ordered', 'usual' => 'cap', 'slope' => self::SLOPE, 'eases' => false,
            'values' => [['key' => 'none'], ['key' => 'cap', 'label' => 'a cap'], ['key' => 'straw', 'score' => 0.9]],
        ]]);
        $hat = $catalog->dimension('hat');

        self::assertSame(['Hat', false, [0.0, 0.5, 0.9], 'a cap'], [
            $hat->label, $hat->eases, array_map(static fn (DimensionValue $value): float => $value->score, $hat->values),
            $hat->choice('cap')->label,
        ]);
        self::assertSame([1.5, 'cap', null], [$hat->slope->mean(), $hat->nextEasier('straw')?->key, $hat->nextEasier('none')]);
        self::assertCount(count(Fixture::dimensions()->dimensions) + 1, $catalog->dimensions);
        self::assertFalse(Fixture::dimensions()->has('hat'), 'what ships stays as it is');
    }

    /** @param  list<array<string, mixed>>  $rows */
    #[DataProvider('wrong')]
    public function test_what_trials_may_have_been_logged_with_is_kept(array $rows, string $message): void
    {
        $this->expectException(InvalidCatalog::class);
        $this->expectExceptionMessage($message);
        Fixture::dimensions()->extended($rows);
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string}> */
    public static function wrong(): iterable
    {
        $own = ['key' => 'hat', 'kind' => 'time', 'usual' => 3, 'slope' => self::SLOPE];
        $motion = array_map(
            static fn (DimensionValue $value): array => ['key' => $value->key], Fixture::dimensions()->dimension('trigger_motion')->values,
        );
        $replaced = ['key' => 'trigger_motion', 'kind' => 'ordered', 'usual' => 'standing', 'slope' => self::SLOPE];
        yield 'the same twice' => [[$own, $own], 'catalog-duplicate {"where":"dimensions","key":"hat"}'];
        yield 'another kind' => [[['key' => 'distance', ...array_diff_key($own, ['key' => 1])]], 'kind-changed-or-value-dropped'];
        yield 'a value dropped' => [[[...$replaced, 'values' => array_slice($motion, 0, -1)]], 'kind-changed-or-value-dropped'];
        yield 'one choice' => [[[...$replaced, 'key' => 'hat', 'values' => [['key' => 'standing']]]], '"values"'];
        yield 'a usual that is not among them' => [
            [[...$replaced, 'key' => 'hat', 'usual' => 'cap', 'values' => [['key' => 'none'], ['key' => 'straw']]]], 'usual-not-listed',
        ];
        yield 'a slope without a spread' => [[[...$own, 'slope' => ['shape' => 1, 'mean' => 1]]], 'shape-over-1-and-mean-positive'];
        yield 'a slope of nothing' => [[[...$own, 'slope' => ['shape' => 3, 'mean' => 0]]], 'shape-over-1-and-mean-positive'];
    }

    public function test_one_that_ships_may_get_more_values(): void
    {
        $motion = Fixture::dimensions()->dimension('trigger_motion');
        $rows = [...array_map(static fn (DimensionValue $value): array => ['key' => $value->key], $motion->values), ['key' => 'leap']];
        $catalog = Fixture::dimensions()->extended([[
            'key' => 'trigger_motion', 'kind' => 'ordered', 'usual' => 'standing', 'slope' => self::SLOPE, 'values' => $rows,
        ]]);

        self::assertSame('leap', $catalog->dimension('trigger_motion')->choice('leap')->key);
        self::assertSame(array_keys(Fixture::dimensions()->dimensions), array_keys($catalog->dimensions));
    }

    public function test_a_hand_that_is_not_there_does_not_touch(): void
    {
        $contact = Fixture::catalogs()['contact'];
        $settled = $contact->settled(Exposure::of(['gap' => 10.0, 'contact' => 'stroke'], $contact));

        self::assertSame([10.0, 'hover'], [$settled->values['gap'], $settled->values['contact']]);
        self::assertSame('stroke', $contact->settled(Exposure::of(['gap' => 0.0, 'contact' => 'stroke'], $contact))->values['contact']);
        self::assertSame(0.0, $contact->completed(['contact' => 'touch'], ['gap'])['gap'], 'whatever the usual gap');
        self::assertSame($contact->dimension('gap')->usual, $contact->completed(['contact' => 'hover'], ['gap'])['gap']);
    }
}
