<?php

declare(strict_types=1);

namespace Core\Food;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** The pieces a session needs, what they weigh and give, and what comes off dinner so that the day's total stays. */
final readonly class SessionFood
{
    /** Pieces of a jackpot, one after another. Common practice. */
    public const JACKPOT = 5;

    /**
     * @param  int  $needed  pieces
     * @param  float  $grams  of all of them
     * @param  float  $kcal  of all of them
     * @param  int  $allowed  pieces a day without touching the meal
     * @param  float  $offDinner  grams of the usual food to leave out, for the pieces beyond those allowed
     * @param  bool  $isMoreThanADay  whether they give more than the day's whole need
     */
    private function __construct(
        public int $needed, public float $grams, public float $kcal, public int $allowed, public float $offDinner,
        public bool $isMoreThanADay,
    ) {
    }

    /**
     * @param  int  $trials  of the session
     * @param  float  $rate  pieces a trial
     * @param  float  $pieceGrams  weight of one piece
     * @param  float  $pieceKcal  kcal a gram of them
     * @param  float  $mealKcal  kcal a gram of the usual food
     *
     * @throws InvalidMeasure if a number is out of its range
     */
    public static function of(
        DailyEnergy $day, int $trials, float $rate, int $jackpots, float $pieceGrams, float $pieceKcal, float $mealKcal,
    ): self {
        foreach ([
            [Quantity::Trials, $trials, 1, 500], [Quantity::PiecesPerTrial, $rate, 0.1, 20], [Quantity::Jackpots, $jackpots, 0, 20],
            [Quantity::PieceWeight, $pieceGrams, 0.05, 50], [Quantity::PieceEnergy, $pieceKcal, 0.1, 9],
            [Quantity::MealEnergy, $mealKcal, 0.1, 9],
        ] as [$quantity, $value, $least, $most]) {
            if (! ($value >= $least && $value <= $most)) {
                throw InvalidMeasure::outOfRange($quantity, $value, $least, $most);
            }
        }
        $needed = (int) ceil($trials * $rate - 1e-9) + self::JACKPOT * $jackpots;
        $each = $pieceGrams * $pieceKcal;
        $allowed = (int) floor($day->treats / $each + 1e-9);

        return new self(
            $needed, $needed * $pieceGrams, $needed * $each, $allowed, max(0, $needed - $allowed) * $each / $mealKcal,
            $needed * $each > $day->need,
        );
    }

    /** Grams of the usual food that make up for pieces counted out and not earned: fed that day, never withheld. */
    public static function unearned(int $pieces, float $pieceGrams, float $pieceKcal, float $mealKcal): float
    {
        return $pieces >= 0 && $pieces <= 1000
            ? $pieces * $pieceGrams * $pieceKcal / $mealKcal
            : throw InvalidMeasure::outOfRange(Quantity::PiecesLeft, $pieces, 0, 1000);
    }
}
