<?php

declare(strict_types=1);

namespace Core\Tests\Food;

use Core\Exception\InvalidCatalog;
use Core\Exception\InvalidMeasure;
use Core\Food\DailyEnergy;
use Core\Food\FoodCatalog;
use Core\Food\LifeStage;
use Core\Food\SessionFood;
use Core\Measure\Share;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(DailyEnergy::class)]
#[CoversClass(SessionFood::class)]
#[CoversClass(FoodCatalog::class)]
#[CoversClass(LifeStage::class)]
final class FoodTest extends TestCase
{
    /** Kleiber: 70·kg^0.75; 10 kg → 393.6 and 20 kg → 662.0 kcal a day (handbook 4, section 9; from memory there). */
    #[TestWith([10.0, 393.6])]
    #[TestWith([20.0, 662.0])]
    public function test_resting_energy(float $kilograms, float $kcal): void
    {
        self::assertEqualsWithDelta($kcal, DailyEnergy::resting($kilograms), 0.06);
    }

    /**
     * Worked by hand. 10 kg, factor 1.6: 393.6 × 1.6 = 629.8 kcal, a tenth is 62.98. Pieces of 0.8 g at 3.5 kcal/g give 2.8
     * kcal: 22 allowed. 60 trials at one piece and one jackpot of five: 65 pieces, 52 g, 182 kcal. 43 beyond those allowed:
     * 120.4 kcal, at 3.6 kcal/g 33.4 g off dinner.
     */
    public function test_a_session_worked_by_hand(): void
    {
        $day = DailyEnergy::of(10.0, new LifeStage('adult', 1.6), Share::of(0.1));
        $food = SessionFood::of($day, 60, 1.0, 1, 0.8, 3.5, 3.6);

        self::assertEqualsWithDelta([393.6, 629.8, 62.98], [$day->resting, $day->need, $day->treats], 0.06);
        self::assertSame([65, 22], [$food->needed, $food->allowed]);
        self::assertEqualsWithDelta(52.0, $food->grams, 1e-9);
        self::assertEqualsWithDelta(182.0, $food->kcal, 1e-9);
        self::assertEqualsWithDelta(33.44, $food->offDinner, 0.01);
        self::assertFalse($food->isMoreThanADay);
    }

    /** Pieces a trial are counted up to whole ones: 20 trials at one and a half, and one piece in three trials. */
    public function test_pieces_are_whole(): void
    {
        $needed = static fn (int $trials, float $rate, int $jackpots = 0): int => SessionFood::of(
            DailyEnergy::of(10.0, new LifeStage('adult', 1.6), Share::of(0.1)), $trials, $rate, $jackpots, 1.0, 3.5, 3.6,
        )->needed;

        self::assertSame([30, 8, 7], [$needed(20, 1.5), $needed(5, 1.5), $needed(20, 1.0 / 3.0)]);
        self::assertSame([20, 25, 30], [$needed(20, 1.0), $needed(20, 1.0, 1), $needed(20, 1.0, 2)]);
    }

    /** The day's energy is the same however it is given: what comes off dinner is what the pieces beyond the tenth give. */
    public function test_what_comes_off_dinner_keeps_the_days_total(): void
    {
        $day = DailyEnergy::of(14.0, new LifeStage('senior', 1.4), Share::of(0.1));
        foreach ([10, 40, 90, 200] as $trials) {
            $food = SessionFood::of($day, $trials, 1.5, 2, 1.1, 3.2, 3.7);
            $extra = $food->kcal - 3.7 * $food->offDinner;
            self::assertLessThanOrEqual($day->treats + 1e-9, $extra);
            self::assertTrue($food->offDinner === 0.0 || $extra > $day->treats - 1.1 * 3.2);
        }
        self::assertTrue(SessionFood::of($day, 500, 3.0, 0, 2.0, 4.0, 3.7)->isMoreThanADay);
    }

    public function test_what_was_not_earned_is_fed_that_day(): void
    {
        self::assertEqualsWithDelta(12 * 0.8 * 3.5 / 3.6, SessionFood::unearned(12, 0.8, 3.5, 3.6), 1e-9);
    }

    #[TestWith([0, 1.0, 0.8])]
    #[TestWith([60, 0.0, 0.8])]
    #[TestWith([60, 1.0, 0.0])]
    public function test_no_food_is_no_plan(int $trials, float $rate, float $grams): void
    {
        $this->expectException(InvalidMeasure::class);
        SessionFood::of(DailyEnergy::of(10.0, new LifeStage('adult', 1.6), Share::of(0.1)), $trials, $rate, 0, $grams, 3.5, 3.6);
    }

    #[TestWith([0.2])]
    #[TestWith([300.0])]
    #[TestWith([NAN])]
    public function test_a_weight_that_cannot_be_is_refused(float $kilograms): void
    {
        $this->expectException(InvalidMeasure::class);
        DailyEnergy::resting($kilograms);
    }

    public function test_the_data_are_checked_when_they_are_read(): void
    {
        $data = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/data/food.json'), true);
        self::assertIsArray($data);
        self::assertGreaterThan(5, count(FoodCatalog::fromArray($data)->stages));
        $this->expectException(InvalidCatalog::class);
        FoodCatalog::fromArray([...$data, 'stages' => [['key' => 'x', 'factor' => -1]]]);
    }
}
