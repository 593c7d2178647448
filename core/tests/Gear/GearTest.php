<?php

declare(strict_types=1);

namespace Core\Tests\Gear;

use Core\Exception\InvalidMeasure;
use Core\Gear\BasketCheck;
use Core\Gear\CollarCheck;
use Core\Gear\Finding;
use Core\Gear\HarnessCheck;
use Core\Gear\Measurement;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

#[CoversClass(BasketCheck::class)]
#[CoversClass(CollarCheck::class)]
#[CoversClass(HarnessCheck::class)]
#[CoversClass(Measurement::class)]
#[CoversClass(Finding::class)]
final class GearTest extends TestCase
{
    /**
     * Common practice, handbook 4, section 10: half to one and a half cm ahead of the nose; panting judged with the mouth fully open in
     * girth and height.
     */
    public function test_a_basket_needs_length_and_room_to_pant(): void
    {
        self::assertSame(['good', 'good', 'good'], self::verdicts(BasketCheck::check(9.0, 24.0, 30.0, 11.0, 10.0, 32.0, 12.0)));
        self::assertSame(
            ['change', 'good', 'good'], self::verdicts(BasketCheck::check(9.0, 24.0, 30.0, 11.0, 9.3, 32.0, 12.0)), 'the nose touches',
        );
        self::assertSame(['look', 'good', 'good'], self::verdicts(BasketCheck::check(9.0, 24.0, 30.0, 11.0, 12.0, 32.0, 12.0)), 'long');
        self::assertSame(
            ['good', 'change', 'change'], self::verdicts(BasketCheck::check(9.0, 24.0, 30.0, 11.0, 10.0, 28.0, 9.0)),
            'fits the closed mouth only',
        );
        self::assertSame(
            'change', self::verdicts(BasketCheck::check(3.0, 24.0, 30.0, 11.0, 4.0, 32.0, 12.0, true))[0], 'short-nosed: fitter only',
        );
    }

    public function test_measurements_that_contradict_each_other_ask_rather_than_refuse(): void
    {
        self::assertContains('ask', self::verdicts(BasketCheck::check(9.0, 30.0, 24.0, 11.0, 10.0, 32.0, 12.0)));
        self::assertContains('ask', self::verdicts(BasketCheck::check(9.0, 24.0, 30.0, 18.0, 10.0, 32.0, 20.0)));
        self::assertContains('ask', self::verdicts(CollarCheck::check(40.0, 36.0, 42.0)));
        self::assertContains('ask', self::verdicts(HarnessCheck::check(60.0, 55.0, 4.0, true)));
    }

    public function test_a_collar_two_fingers_wide_and_two_centimeters_less_than_the_head(): void
    {
        self::assertSame(['good', 'good'], self::verdicts(CollarCheck::check(34.0, 40.0, 36.5)));
        self::assertSame(['good', 'change'], self::verdicts(CollarCheck::check(34.0, 38.0, 36.5)), 'slips off backward: 1.5 cm');
        self::assertSame(['change', 'good'], self::verdicts(CollarCheck::check(34.0, 40.0, 34.5)), 'too tight');
        self::assertSame(['good', 'good'], self::verdicts(CollarCheck::check(34.0, 40.0, 34.0, 42.0)), 'limited slip');
        self::assertSame(['change', 'change'], self::verdicts(CollarCheck::check(34.0, 40.0, 31.0, 39.0)));
    }

    public function test_a_harness_leaves_elbow_and_legs_free(): void
    {
        self::assertSame(['good', 'good', 'good'], self::verdicts(HarnessCheck::check(60.0, 63.5, 4.0, true)));
        self::assertSame(['change', 'change', 'change'], self::verdicts(HarnessCheck::check(60.0, 61.0, 2.0, false)));
    }

    /**
     * @param  \Closure(float): list<Finding>  $check
     * @param  array<string, list<float>>  $expected  code, and the values that give it
     */
    #[DataProvider('ends')]
    public function test_a_finding_holds_up_to_its_end_and_not_beyond(\Closure $check, int $which, array $expected): void
    {
        foreach ($expected as $code => $values) {
            foreach ($values as $value) {
                self::assertSame($code, ($check($value)[$which] ?? null)?->code->value, "{$value}");
            }
        }
    }

    /** @return iterable<string, array{\Closure(float): list<Finding>, int, array<string, list<float>>}> */
    public static function ends(): iterable
    {
        $basket = static fn (
            float $inside = 10.0, float $girth = 32.0, float $height = 15.0, float $openHeight = 11.0, float $closed = 24.0,
        ): array => BasketCheck::check(9.0, $closed, 30.0, $openHeight, $inside, $girth, $height);
        yield 'ahead of the nose' => [
            static fn (float $inside): array => $basket($inside), 0,
            ['nose-touches' => [9.25], 'nose-free' => [9.5, 10.5], 'nose-far-back' => [10.75]],
        ];
        yield 'around the open mouth' => [
            static fn (float $girth): array => $basket(girth: $girth), 1, ['no-room-around' => [29.75], 'room-around' => [30.0]],
        ];
        yield 'from top to chin' => [
            static fn (float $height): array => $basket(height: $height), 2, ['no-room-high' => [10.75], 'room-high' => [11.0]],
        ];
        yield 'a height that half the girth cannot hold' => [
            static fn (float $height): array => $basket(openHeight: $height), 0, ['nose-free' => [15.0], 'height-not-in-girth' => [15.25]],
        ];
        yield 'an open mouth less than the closed one' => [
            static fn (float $closed): array => $basket(closed: $closed), 0, ['nose-free' => [30.0], 'open-less-than-closed' => [30.25]],
        ];
        yield 'two fingers under a collar' => [
            static fn (float $worn): array => CollarCheck::check(34.0, 60.0, $worn), 0,
            ['too-tight' => [35.25], 'two-fingers' => [35.5, 38.0], 'collar-loose' => [38.25]],
        ];
        yield 'a collar over the ears' => [
            static fn (float $head): array => CollarCheck::check(34.0, $head, 36.0), 1, ['may-slip-off' => [37.75], 'stays-on' => [38.0]],
        ];
        yield 'a neck wider than the head' => [
            static fn (float $neck): array => CollarCheck::check($neck, 36.0, 39.0), 0,
            ['two-fingers' => [36.0], 'neck-wider' => [36.25]],
        ];
        yield 'a limited slip closed' => [
            static fn (float $tight): array => CollarCheck::check(34.0, 40.0, $tight, 42.0), 0,
            ['tight-is-not-neck' => [32.75, 35.25], 'tight-is-neck' => [33.0, 35.0]],
        ];
        yield 'a limited slip open' => [
            static fn (float $open): array => CollarCheck::check(34.0, 40.0, 34.0, $open), 1,
            ['open-too-small' => [39.75], 'open-goes-over' => [40.0]],
        ];
        yield 'two fingers under a strap' => [
            static fn (float $worn): array => HarnessCheck::check(60.0, $worn, 4.0, true), 0,
            ['strap-short' => [59.75], 'too-tight' => [60.0, 61.75], 'two-fingers' => [62.0, 66.0], 'harness-loose' => [66.25]],
        ];
        yield 'behind the elbow' => [
            static fn (float $behind): array => HarnessCheck::check(60.0, 63.0, $behind, true), 1,
            ['elbow-rubs' => [2.75], 'elbow-free' => [3.0]],
        ];
    }

    public function test_a_finding_tells_the_lengths_it_is_about(): void
    {
        self::assertSame(
            [['ahead' => 1.0], ['more' => 2.0], ['more' => 1.0]],
            array_column(BasketCheck::check(9.0, 24.0, 30.0, 11.0, 10.0, 32.0, 12.0), 'centimeters'),
        );
        self::assertSame([['slack' => 2.5], ['margin' => 3.5]], array_column(CollarCheck::check(34.0, 40.0, 36.5), 'centimeters'));
        self::assertSame(
            [['slack' => 3.5], ['behind' => 4.0], []], array_column(HarnessCheck::check(60.0, 63.5, 4.0, true), 'centimeters'),
        );
    }

    /** More room is never a tighter verdict: sizes run up without going back to "touches". */
    public function test_a_larger_basket_never_has_less_room_to_pant(): void
    {
        $rooms = array_map(
            static fn (int $girth): bool =>
                self::verdicts(BasketCheck::check(9.0, 24.0, 30.0, 11.0, 10.0, (float) $girth, 12.0))[1] === 'good',
            range(20, 45),
        );
        $sorted = $rooms;
        sort($sorted);
        self::assertSame($sorted, $rooms);
        self::assertContains(false, $rooms);
        self::assertContains(true, $rooms);
    }

    public function test_a_tape_that_cannot_be_is_refused(): void
    {
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage('nose-length');
        BasketCheck::check(0.0, 24.0, 30.0, 11.0, 10.0, 32.0, 12.0);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function verdicts(array $findings): array
    {
        return array_map(static fn (Finding $finding): string => $finding->verdict->value, $findings);
    }
}
