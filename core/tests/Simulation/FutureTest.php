<?php

declare(strict_types=1);

namespace Core\Tests\Simulation;

use Core\Decision\RuleSettings;
use Core\Decision\SituationAssembly;
use Core\Decision\Told;
use Core\Decision\WorkingPlan;
use Core\Exception\InvalidMeasure;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Response\Spread;
use Core\Sign\Band;
use Core\Simulation\Chance;
use Core\Simulation\Fan;
use Core\Simulation\Future;
use Core\Simulation\Outlook;
use Core\Simulation\PlanChange;
use Core\Simulation\PosteriorDog;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How a plan may go on. Whether the fan holds what comes is measured in bench/what-if. */
#[CoversClass(Fan::class)]
#[CoversClass(Future::class)]
#[CoversClass(Outlook::class)]
#[CoversClass(PlanChange::class)]
#[CoversClass(PosteriorDog::class)]
final class FutureTest extends TestCase
{
    public function test_eight_in_ten_lie_within_and_what_never_came_comes_last(): void
    {
        $ways = array_map(static fn (int $i): Outlook => new Outlook(
            array_map(static fn (int $session): int => min(9, $session + ($i > 5 ? 0 : -1)), range(0, 11)), $i <= 8 ? 10 + $i : null, $i,
        ), range(1, 10));
        $fan = Fan::of($ways, 12, 9);

        self::assertSame([11.0, 15.0, null, 0.8, 5.5, 10],
            [$fan->soonest, $fan->middle, $fan->latest, $fan->share, $fan->reactions, $fan->ways]);
        self::assertSame(['low' => -1.0, 'middle' => -0.5, 'high' => 0.0], $fan->solid[0]);
        // a way that has arrived stays there
        self::assertSame(9.0, Fan::of([new Outlook([0, 9], 2, 0)], 5, 9)->solid[4]['low']);
        $nine = Fan::of([...array_slice($ways, 0, 8), new Outlook([9], 30, 0), new Outlook([0], null, 0)], 12, 9);
        self::assertSame([30.0, 0.9], [$nine->latest, $nine->share]);
    }

    public function test_dogs_that_could_be_this_one_are_spread_around_what_its_log_says(): void
    {
        $model = self::model(self::plan());
        $exposure = self::plan()->ladder->step(2)->exposure;
        $chance = new Chance(new Randomizer(new Mt19937(5)));
        $over = 0;
        $draws = 3000;
        for ($i = 0; $i < $draws; $i++) {
            $dog = PosteriorDog::drawn($model, $chance);
            $dog->wake();
            $over += $dog->meet($exposure)->atLeast(Band::Strain) ? 1 : 0;
        }
        // the predictive share of the draws is the model's own likely risk
        self::assertEqualsWithDelta($model->risk($exposure, Day::Today)->strainMean->value, $over / $draws, 0.03);
    }

    public function test_a_future_is_repeated_by_its_seed_and_ends_at_the_goal_or_the_horizon(): void
    {
        $of = static function (int $seed): Outlook {
            $plan = self::plan();
            $at = new \DateTimeImmutable('2026-03-02 09:00 UTC');

            return Future::of(
                PosteriorDog::drawn(self::model($plan), new Chance(new Randomizer(new Mt19937($seed)))), self::assembly(), $plan,
                self::evidence(), [],
                $at->modify('-2 days'), $at, new Spread(0.7), 2.0, 6,
            )->outlook();
        };
        self::assertEquals($of(3), $of(3));
        self::assertNotEquals($of(3), $of(4));
        foreach ([3, 4] as $seed) {
            $way = $of($seed);
            self::assertCount($way->arrived ?? 6, $way->solid);
            self::assertTrue($way->arrived === null || $way->solid[$way->arrived - 1] === 3);
        }
    }

    public function test_a_change_touches_what_it_names_and_nothing_else(): void
    {
        $plan = self::plan();
        $same = (new PlanChange)->of($plan);
        self::assertEquals($plan, $same);
        $changed = (new PlanChange(trials: 12, run: 3, caps: RiskCaps::cautious()))->of($plan);
        self::assertSame([12, 3], [$changed->settings->mostTrials, $changed->ladder->step(0)->criterion->successes]);
        self::assertEquals(RiskCaps::cautious(), $changed->settings->caps);
        self::assertEquals($plan->ladder->step(1)->exposure, $changed->ladder->step(1)->exposure);
        $this->expectException(InvalidMeasure::class);
        (new PlanChange(trials: 4))->of($plan);
    }

    private static function plan(): WorkingPlan
    {
        $catalog = Fixture::catalogs()['presence'] ?? throw new \LogicException('No such catalog.');
        $ladder = Ladder::of(array_map(static fn (float $meters): Step => new Step(
            Exposure::of(['distance' => $meters], $catalog), Criterion::run(5),
        ), [40.0, 32.0, 26.0, 21.0]));
        $stated = Distance::fromMeters(10.0);

        return new WorkingPlan(
            $ladder, RuleSettings::of(RiskCaps::usual(), mostTrials: 10, room: Distance::fromMeters(80.0)), $stated, true, null,
            $catalog, null,
            new Told($stated),
        );
    }

    private static function assembly(): SituationAssembly
    {
        return new SituationAssembly(new ModelBuilder(Fixture::priors()), Fixture::signs());
    }

    private static function model(WorkingPlan $plan): DogModel
    {
        return self::assembly()
            ->model($plan, self::evidence(), new SessionEvidence(new \DateTimeImmutable('2026-03-02 09:00 UTC'), []), null, new Spread(0.7))
            ?? throw new \LogicException('Nothing could be fitted.');
    }

    /** @return list<SessionEvidence> */
    private static function evidence(): array
    {
        $catalog = Fixture::catalogs()['presence'] ?? throw new \LogicException('No such catalog.');

        return array_map(static fn (int $day): SessionEvidence => SessionEvidence::ofTrials(
            new \DateTimeImmutable("2026-02-{$day} 09:00 UTC"), array_map(static fn (int $i): array => [
                'exposure' => Exposure::of(['distance' => 40.0 - 3.0 * $i], $catalog), 'band' => $i < 5 ? Band::Easy : Band::Effort,
                'afterReaction' => false,
            ], range(0, 6)),
        ), [20, 22, 24, 26]);
    }
}
