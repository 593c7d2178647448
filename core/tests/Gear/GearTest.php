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
