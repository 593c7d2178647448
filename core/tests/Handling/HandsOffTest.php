<?php

declare(strict_types=1);

namespace Core\Tests\Handling;

use Core\Coverage\TrialInContext;
use Core\Handling\Acceptance;
use Core\Handling\AreaState;
use Core\Handling\BodyAreas;
use Core\Handling\Touch;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(AreaState::class)]
#[CoversClass(Acceptance::class)]
#[CoversClass(BodyAreas::class)]
#[CoversClass(Touch::class)]
final class HandsOffTest extends TestCase
{
    public function test_hands_keep_off_a_part_only_where_both_of_its_sides_are_off(): void
    {
        $know = static fn (string $area, string $side, AreaState $state): array => ['area' => $area, 'side' => $side, 'state' => $state];

        self::assertSame([], AreaState::keptOff([]));
        self::assertSame([], AreaState::keptOff([$know('ear', 'left', AreaState::Sore)]));
        self::assertSame([], AreaState::keptOff([$know('ear', 'left', AreaState::Sore), $know('ear', 'right', AreaState::Fine)]));
        self::assertSame(
            ['ear' => AreaState::Sore], AreaState::keptOff([$know('ear', 'left', AreaState::Sore), $know('ear', 'right', AreaState::NoGo)]),
        );
        self::assertSame(['tail' => AreaState::Missing], AreaState::keptOff([$know('tail', 'both', AreaState::Missing)]));
        self::assertSame([], AreaState::keptOff([$know('tail', 'both', AreaState::Fine)]));
    }

    public function test_ways_of_touching_rise_from_hovering_to_lifting_and_are_those_of_the_catalog(): void
    {
        self::assertSame([1, 2, 3, 4, 5], array_map(static fn (Touch $touch): int => $touch->rank(), Touch::cases()));
        $known = array_map(static fn ($value): string => $value->key, Fixture::catalogs()['contact']->dimension('contact')->values);
        self::assertSame(Touch::keys(), array_values(array_intersect($known, Touch::keys())), 'easiest first, as in the catalog');
    }

    public function test_every_part_has_a_ladder_that_ships(): void
    {
        foreach (Fixture::catalogs()['contact']->dimension('body_area')->values as $value) {
            self::assertArrayHasKey(BodyAreas::template($value->key), Fixture::templates()->templates, $value->key);
        }
        self::assertSame(['nails', 'ear-care', 'whole-body'], [
            BodyAreas::template('hind_paw'), BodyAreas::template('ear'), BodyAreas::template('belly'),
        ]);
    }

    public function test_three_trials_are_enough_and_of_the_latest_five_one_may_miss(): void
    {
        $trials = static fn (string $marks): array => array_map(static fn (string $mark): TrialInContext => new TrialInContext(
            ['contact' => 'touch'], $mark === 's' ? Band::Strain : Band::Easy, $mark === '+', new \DateTimeImmutable('2026-10-20'),
        ), str_split($marks));
        $accepts = static fn (string $marks): bool => Acceptance::of($trials($marks), Touch::keys())->accepted === 'touch';

        self::assertSame([false, true], [$accepts('++'), $accepts('+++')]);
        self::assertSame([true, false], [$accepts('+-+++'), $accepts('+-+-+')]);
        self::assertSame([true, false], [$accepts('+++++--'), $accepts('++++s')]);
        self::assertTrue($accepts('+++++s'), 'six trials ago');
        self::assertSame('touch', Acceptance::of($trials('++s'), Touch::keys())->refused);
        self::assertNull(Acceptance::of($trials('+++++s'), Touch::keys())->refused);
    }
}
