<?php

declare(strict_types=1);

namespace Core\Tests;

use Core\Decision\CarryOver;
use Core\Decision\RuleSettings;
use Core\Decision\Timetable;
use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;
use Core\Field\GapView;
use Core\Field\StepAside;
use Core\Food\DailyEnergy;
use Core\Food\FoodCatalog;
use Core\Food\SessionFood;
use Core\Gear\BasketCheck;
use Core\Gear\CollarCheck;
use Core\Gear\HarnessCheck;
use Core\Ladder\Criterion;
use Core\Ladder\DogPosture;
use Core\Ladder\FoodTiming;
use Core\Ladder\HandledBy;
use Core\Ladder\Manner;
use Core\Measure\Distance;
use Core\Measure\LevelScale;
use Core\Measure\Probability;
use Core\Measure\Share;
use Core\Measure\ShareInterval;
use Core\Measure\SoundLevel;
use Core\Response\RiskCaps;
use Core\Sound\Player;
use Core\Worth\Effort;
use Core\Worth\HoldRecord;
use Core\Worth\RunChance;
use Core\Worth\SessionsChance;
use Core\Worth\ShareChance;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every range of the core: both ends are taken, what lies just beyond either is refused by the name of the quantity and its ends. */
#[CoversClass(InvalidMeasure::class)]
#[CoversClass(Quantity::class)]
final class RangesTest extends TestCase
{
    private const HAIR = 1e-6;

    #[DataProvider('ranges')]
    public function test_both_ends_are_taken_and_nothing_beyond(
        \Closure $make, float $least, float $most, float $step, string $quantity,
    ): void {
        foreach ([$least, $most] as $end) {
            $make($step < 1.0 ? $end : (int) $end);
            $this->addToAssertionCount(1);
        }
        foreach ([$least - $step, $most + $step] as $beyond) {
            try {
                $make($step < 1.0 ? $beyond : (int) $beyond);
                self::fail("{$quantity} of {$beyond} was taken.");
            } catch (InvalidMeasure $problem) {
                self::assertSame($quantity, $problem->facts()['quantity']);
                self::assertEqualsWithDelta($beyond, self::fact($problem, 'given'), 1e-9);
                // the ends are told as somebody may type them: one just over nothing is told as the least that makes sense
                self::assertEqualsWithDelta(
                    [$least === self::HAIR ? self::fact($problem, 'least') : $least, $most], [
                        self::fact($problem, 'least'), self::fact($problem, 'most'),
                    ], 1e-5,
                );
            }
        }
    }

    /**
     * What takes the value, its ends, the least step beyond them, and the quantity.
     *
     * @return iterable<string, array{\Closure, float, float, float, string}>
     */
    public static function ranges(): iterable
    {
        $hair = self::HAIR;
        $criterion = Criterion::run(5);
        $food = static fn (
            int $trials = 20, float $rate = 1.0, int $jackpots = 0, float $grams = 1.0, float $kcal = 3.0, float $meal = 3.0,
        ): SessionFood =>
            SessionFood::of(
                DailyEnergy::of(20.0, self::catalog()->stages['adult'], self::catalog()->treatShare), $trials, $rate, $jackpots, $grams,
                $kcal, $meal,
            );
        $manner = static fn (int $hands, int $eyes): Manner =>
            Manner::of('', FoodTiming::During, DogPosture::Free, HandledBy::Handler, $hands, $eyes);
        $caps = RiskCaps::usual();
        yield 'a probability' => [Probability::of(...), 0.0, 1.0, $hair, 'probability'];
        yield 'a share' => [Share::of(...), 0.0, 1.0, $hair, 'share'];
        yield 'a distance' => [Distance::fromMeters(...), 0.01, Distance::MAX_METERS, 0.001, 'distance'];
        yield 'a strain cap' => [static fn (float $at): RiskCaps => RiskCaps::of($at, 0.01), $hair, 0.10, $hair, 'strain-cap'];
        yield 'a reaction cap' => [static fn (float $at): RiskCaps => RiskCaps::of(0.05, $at), $hair, 0.02, $hair, 'reaction-cap'];
        yield 'a run' => [Criterion::run(...), 1, 20, 1, 'run'];
        yield 'a window' => [static fn (int $of): Criterion => Criterion::share(2, $of), 2, 12, 1, 'window'];
        yield 'successes of a window' => [static fn (int $of): Criterion => Criterion::share($of, 6), 1, 6, 1, 'successes-asked'];
        yield 'sessions of a criterion' => [static fn (int $of): Criterion => $criterion->over($of, 0), 1, 20, 1, 'sessions'];
        yield 'days of a criterion' => [static fn (int $of): Criterion => $criterion->over(2, $of), 0, 90, 1, 'days'];
        yield 'hands' => [static fn (int $of): Manner => $manner($of, 1), 0, 4, 1, 'hands'];
        yield 'eyes' => [static fn (int $of): Manner => $manner(1, $of), 1, 3, 1, 'eyes'];
        yield 'steps onto new ground' => [
            static fn (int $of): RuleSettings => RuleSettings::of($caps, mostAdvances: $of), 1, 5, 1, 'new-steps',
        ];
        yield 'minutes of a set' => [
            static fn (int $of): RuleSettings => RuleSettings::of($caps, setMinutes: $of), 1, 30, 1, 'set-minutes',
        ];
        yield 'minutes of a session' => [
            static fn (int $of): RuleSettings => RuleSettings::of($caps, sessionMinutes: $of), 3, 90, 1, 'session-minutes',
        ];
        yield 'trials of a session' => [
            static fn (int $of): RuleSettings => RuleSettings::of($caps, mostTrials: $of), 5, 200, 1, 'trials-per-session',
        ];
        yield 'sets of a timetable' => [static fn (int $of): Timetable => Timetable::of($of, 4, 5), 1, 10, 1, 'sets'];
        yield 'minutes of a set in a timetable' => [static fn (int $of): Timetable => Timetable::of(2, $of, 5), 1, 60, 1, 'set-minutes'];
        yield 'minutes of a break' => [static fn (int $of): Timetable => Timetable::of(2, 4, $of), 0, 60, 1, 'break-minutes'];
        yield 'how bad an event was' => [
            static fn (float $of): CarryOver => CarryOver::of(
                [['severity' => $of, 'at' => new \DateTimeImmutable('2026-10-20')]], new \DateTimeImmutable('2026-10-20'),
            ), 0.0,
            4.0, $hair, 'severity',
        ];
        yield 'a weight' => [
            static fn (float $of): DailyEnergy => DailyEnergy::of($of, self::catalog()->stages['adult'], self::catalog()->treatShare), 0.5,
            120.0, $hair, 'weight',
        ];
        yield 'trials to feed' => [static fn (int $of): SessionFood => $food(trials: $of), 1, 500, 1, 'trials'];
        yield 'pieces per trial' => [static fn (float $of): SessionFood => $food(rate: $of), 0.1, 20.0, $hair, 'pieces-per-trial'];
        yield 'jackpots' => [static fn (int $of): SessionFood => $food(jackpots: $of), 0, 20, 1, 'jackpots'];
        yield 'weight of a piece' => [static fn (float $of): SessionFood => $food(grams: $of), 0.05, 50.0, $hair, 'piece-weight'];
        yield 'energy of a piece' => [static fn (float $of): SessionFood => $food(kcal: $of), 0.1, 9.0, $hair, 'piece-energy'];
        yield 'energy of the meal' => [static fn (float $of): SessionFood => $food(meal: $of), 0.1, 9.0, $hair, 'meal-energy'];
        yield 'pieces left' => [static fn (int $of): float => SessionFood::unearned($of, 1.0, 3.0, 3.0), 0, 1000, 1, 'pieces-left'];
        yield 'a neck' => [static fn (float $of): array => CollarCheck::check($of, 36.0, 38.0), 0.5, 150.0, $hair, 'neck'];
        yield 'a chest' => [static fn (float $of): array => HarnessCheck::check($of, 63.0, 4.0, true), 0.5, 150.0, $hair, 'chest'];
        yield 'a nose' => [
            static fn (float $of): array => BasketCheck::check($of, 24.0, 30.0, 11.0, 10.0, 32.0, 12.0), 0.5, 150.0, $hair, 'nose-length',
        ];
        yield 'where a level was read' => [
            static fn (float $of): float => SoundLevel::atDistance(60.0, $of, 2.0), 0.1, 500.0, $hair, 'measured-at',
        ];
        yield 'share of a player' => [SoundLevel::gain(...), $hair, 1.0, $hair, 'player-share'];
        yield 'a ceiling' => [SoundLevel::ceiling(...), 30.0, 70.0, $hair, 'ceiling-unconfirmed'];
        yield 'a ceiling that is meant' => [static fn (float $of): float => SoundLevel::ceiling($of, true), 30.0, 80.0, $hair, 'ceiling'];
        yield 'a level read' => [
            static fn (float $of): Player => Player::measured(LevelScale::measured(), $of, 0.5, 70.0), 20.0, 110.0, $hair, 'level-read',
        ];
        yield 'an onset' => [Player::unmeasured(...), 0.1, 30.0, $hair, 'onset'];
        yield 'an angle of a gap' => [
            static fn (float $of): GapView => GapView::byAngle($of, 20.0, 1.4), $hair, 175.0 - $hair, $hair, 'angle',
        ];
        yield 'an angle aside' => [
            static fn (float $of): float => (new StepAside(1.4, 1.4))->startAt(20.0, $of, 1.0), 1.0, 179.0, $hair, 'angle',
        ];
        yield 'a hold' => [static fn (float $of): HoldRecord => HoldRecord::of([$of], 5.0), 0.0, 3600.0, $hair, 'hold'];
        yield 'length of a run' => [RunChance::ofLength(...), 1, 20, 1, 'run'];
        yield 'trials of a chance' => [static fn (int $of): float => RunChance::ofLength(5)->within($of, 0.8), 0, 10_000, 1, 'trials'];
        yield 'a success rate' => [
            static fn (float $of): float => RunChance::ofLength(5)->within(10, $of), 0.0, 1.0, $hair, 'success-rate',
        ];
        yield 'a success rate of a run to come' => [
            static fn (float $of): ?float => RunChance::ofLength(5)->expectedTrials($of), 0.0, 1.0, $hair, 'success-rate',
        ];
        yield 'a success rate of a share to come' => [
            static fn (float $of): ?float => ShareChance::of(2, 3)->expectedTrials($of), 0.0, 1.0, $hair, 'success-rate',
        ];
        yield 'a success rate of a share' => [
            static fn (float $of): float => ShareChance::of(2, 3)->within(10, $of), 0.0, 1.0, $hair, 'success-rate',
        ];
        yield 'a window to be met' => [static fn (int $of): ShareChance => ShareChance::of(2, $of), 2, 12, 1, 'window'];
        yield 'sessions to meet it in' => [
            static fn (int $of): SessionsChance => SessionsChance::of(RunChance::ofLength(5), $of, 20), 1, 20, 1, 'sessions',
        ];
        yield 'trials of one of them' => [
            static fn (int $of): SessionsChance => SessionsChance::of(RunChance::ofLength(5), 2, $of), 1, 200, 1, 'trials-per-session',
        ];
        yield 'steps of a plan' => [
            static fn (int $of): ?Effort => Effort::of(RunChance::ofLength(5), 0.8, $of, 10, 3, 3.0), 1, 500, 1, 'steps',
        ];
        yield 'outings per week' => [
            static fn (float $of): ?Effort => Effort::of(RunChance::ofLength(5), 0.8, 9, 10, 3, $of), 0.1, 50.0, $hair, 'outings-per-week',
        ];
        yield 'successes of trials' => [static fn (int $of): ShareInterval => ShareInterval::wilson($of, 9), 0, 9, 1, 'successes'];
    }

    /** In the unit of the range: caps are told in percent. */
    private static function fact(InvalidMeasure $problem, string $name): float
    {
        $fact = $problem->facts()[$name] ?? null;
        $isCap = in_array($problem->facts()['quantity'], ['strain-cap', 'reaction-cap'], true);

        return is_numeric($fact) ? (float) $fact * ($isCap ? 0.01 : 1.0) : NAN;
    }

    private static function catalog(): FoodCatalog
    {
        return Fixture::food();
    }
}
