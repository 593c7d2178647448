<?php

declare(strict_types=1);

namespace Core\Tests\Insight;

use Core\Exposure\GammaPrior;
use Core\Insight\LatencyByDistance;
use Core\Insight\LoadShare;
use Core\Insight\PriorShare;
use Core\Insight\ResponseCurve;
use Core\Insight\SessionsToGoal;
use Core\Insight\SlopeByBand;
use Core\Response\Day;
use Core\Response\ObservedRow;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(LatencyByDistance::class)]
#[CoversClass(LoadShare::class)]
#[CoversClass(PriorShare::class)]
#[CoversClass(ResponseCurve::class)]
#[CoversClass(SessionsToGoal::class)]
#[CoversClass(SlopeByBand::class)]
final class SmallInsightsTest extends TestCase
{
    /** Classes of half a halving: 16 to 22.6 m, 8 to 11.3 m. */
    public function test_how_long_a_turn_takes_is_told_by_distance_where_three_trials_are(): void
    {
        $told = LatencyByDistance::of([
            [8.0, 3.0], [10.0, 1.0], [11.0, 2.5], [11.4, 9.0], [16.0, 0.5], [22.0, 0.7], [20.0, 0.6], [22.7, 9.0], [0.0, 5.0], [0.0, 5.0],
            [0.0, 5.0],
        ]);

        self::assertSame([0.6, 2.5], array_column($told, 'median'), 'farthest first');
        self::assertSame([3, 3], array_column($told, 'trials'));
        self::assertEqualsWithDelta([16.0, 8.0], array_column($told, 'from'), 1e-9);
        self::assertEqualsWithDelta([16.0 * M_SQRT2, 8.0 * M_SQRT2], array_column($told, 'to'), 1e-9);
        self::assertSame([], LatencyByDistance::of([[8.0, 1.0], [9.0, 1.0]]), 'two are no class');
    }

    /** Under one prior of shape a alone the spread is 1/√a of the value: nothing seen leaves all of it. */
    public function test_before_any_trial_the_typical_dog_is_all_there_is(): void
    {
        $none = PriorShare::of(Fixture::model([], []));
        foreach ([...$none->gaps, ...array_values($none->slopes)] as $left) {
            self::assertEqualsWithDelta(1.0, $left->value, 0.02);
        }
        $calm = PriorShare::of(Fixture::model([], [...array_fill(0, 40, [30.0, 0]), ...array_fill(0, 40, [14.0, 1])]));
        self::assertLessThan(0.9, $calm->slopes['distance']->value);
        self::assertGreaterThan($calm->gaps[0]->value, $calm->gaps[2]->value, 'no trial took strain: the highest gap is the typical one');
    }

    /** Of a slope that no trial varied the spread is that of its prior: 1/√a of it, times the tenth either way. */
    public function test_a_share_of_the_load_has_the_range_of_its_own_slope(): void
    {
        $shares = LoadShare::between(Fixture::model([], [[40.0, 0], [20.0, 1]]), Fixture::at(40.0, 'lying'), Fixture::at(30.0, 'run'));
        $motion = array_values(array_filter($shares, static fn (LoadShare $share): bool => $share->key === 'trigger_motion'))[0];
        $shape = Fixture::dimensions()->dimension('trigger_motion')->slope->shape;

        self::assertEqualsWithDelta(
            [1.28155 / sqrt($shape), 1.28155 / sqrt($shape)],
            [$motion->high / $motion->logits - 1.0, 1.0 - $motion->low / $motion->logits], 1e-3,
        );
        $seen = array_values(array_diff_key($shares, array_filter($shares, static fn (LoadShare $share): bool => ! $share->isSeen)))[0];
        self::assertSame('distance', $seen->key, 'tried at two distances');
    }

    public function test_a_curve_has_its_points_from_end_to_end(): void
    {
        $curve = ResponseCurve::of(Fixture::model([], [[40.0, 0]]), Fixture::at(20.0), 'distance', 64.0, 4.0, Day::Typical, 5)->points;

        self::assertEqualsWithDelta([64.0, 32.0, 16.0, 8.0, 4.0], array_column($curve, 'value'), 1e-9);
    }

    /** Gains of a step a session for eight sessions, after ten at once before them. */
    public function test_the_pace_is_that_of_the_last_eight_sessions(): void
    {
        $held = [9, ...range(10, 17)];

        self::assertSame([8, 8], [SessionsToGoal::of($held, 25)?->soonest, SessionsToGoal::of($held, 25)?->latest]);
        self::assertLessThan(8, SessionsToGoal::of(array_slice($held, 0, 8), 24)?->soonest, 'a leap among the last eight');
        self::assertSame([null, 200], [SessionsToGoal::of($held, 218)?->soonest, SessionsToGoal::of($held, 217)?->soonest]);
    }

    public function test_sixty_trials_are_looked_at_and_a_band_needs_three_on_either_side(): void
    {
        $priors = [GammaPrior::withMean(3.0, 1.0)];
        $rows = static fn (int $easy, int $aware, int $effort): array => [
            ...array_fill(0, $easy, new ObservedRow(null, [-1.0], [1.0, 0.0, 0.0, 0.0, 0.0])),
            ...array_fill(0, $aware, new ObservedRow(null, [0.0], [0.0, 1.0, 0.0, 0.0, 0.0])),
            ...array_fill(0, $effort, new ObservedRow(null, [1.0], [0.0, 0.0, 1.0, 0.0, 0.0])),
        ];

        self::assertNull(SlopeByBand::of($rows(40, 16, 3), $priors, 0));
        self::assertSame([1, 2], array_keys(SlopeByBand::of($rows(41, 16, 3), $priors, 0)->byBand ?? []));
        self::assertNull(SlopeByBand::of($rows(41, 17, 2), $priors, 0), 'one band alone compares with nothing');
        $byBand = SlopeByBand::of($rows(30, 30, 30), $priors, 0)->byBand ?? [];
        self::assertGreaterThan(0.0, $byBand[1]['standardError']);
        self::assertEqualsWithDelta($byBand[1]['slope'], $byBand[2]['slope'], 0.05, 'either cut lies between two of three equal heaps');
    }
}
