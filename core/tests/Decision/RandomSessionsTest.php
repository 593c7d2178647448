<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\RuleBook;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Decision\WarmUp;
use Core\Decision\Way;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;
use Core\Simulation\Chance;
use Core\Simulation\SimulatedDog;
use Core\Simulation\SimulatedResponse;
use Core\Simulation\Temperament;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Whole sessions of simulated dogs: every session ends, and no advice leaves the ladder, the room or what was calm. */
#[CoversClass(RuleBook::class)]
#[CoversClass(SimulatedDog::class)]
#[CoversClass(SessionSummary::class)]
final class RandomSessionsTest extends TestCase
{
    #[TestWith([1, 10.0, 120.0, 0.3], 'an average dog')]
    #[TestWith([2, 10.0, 40.0, 0.0], 'little room')]
    #[TestWith([3, 25.0, 300.0, -2.5], 'worse than stated')]
    #[TestWith([4, 6.0, 90.0, 2.0], 'better than stated')]
    public function test_every_session_ends_and_no_advice_leaves_the_ladder_or_the_limits(
        int $seed, float $reference, float $room, float $location,
    ): void {
        $scale = Fixture::scale($reference);
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $dog = new SimulatedDog(
            $scale, $location, [2.1, 1.6, 1.3], ['distance' => 2.2, 'trigger_motion' => 1.2], 0.02, new Temperament(daySd: 0.8),
            new Chance($random),
        );
        $start = Distance::fromMeters(min($room, 6 * $reference));
        $ladder = Ladder::of(array_map(
            static fn (Distance $distance): Step => new Step(Fixture::at($distance->meters, 'slow_walk'), Criterion::run(5)),
            (new EqualRatioLadder(2.2))->between($start, Distance::fromMeters($reference / 3)),
        ));
        $settings = RuleSettings::of(RiskCaps::usual(), room: Distance::fromMeters($room));
        $earlier = $summaries = [];
        for ($number = 0; $number < 5; $number++) {
            $dog->wake();
            $startedAt = (new \DateTimeImmutable('2026-06-01 09:00 UTC'))->modify('+'.(2 * $number).' days');
            $log = $this->session(
                $dog, $ladder, $settings, History::ofSessions($summaries, $number === 0 ? null : 2.0, null), $earlier, $startedAt,
            );
            $earlier[] = $log->evidence();
            $summaries[] = SessionSummary::of((new Credit($ladder, Fixture::dimensions()))->log($log), $ladder);
        }
        self::assertNotEmpty($earlier);
    }

    /** @param  list<SessionEvidence>  $earlier */
    private function session(
        SimulatedDog $dog, Ladder $ladder, RuleSettings $settings, History $history, array $earlier, \DateTimeImmutable $startedAt,
    ): SessionLog {
        $log = new SessionLog($startedAt, $startedAt, []);
        $now = $startedAt;
        $advice = (new WarmUp)->suggest($this->situation($ladder, $settings, $history, $log, $earlier, $now));
        while ($advice->next !== null) {
            self::assertLessThan($settings->mostTrials + 2, count($log->trials), 'a session ends');
            $this->assertOnTheLadder($advice, $ladder, $settings);
            self::assertUnderTheCaps($advice, $settings, $history);
            self::assertOneVoice($advice);
            $now = $now->modify('+20 seconds');
            $band = $dog->meet($advice->next->exposure);
            $response = SimulatedResponse::to($band, $dog->uniform(), $dog->uniform());
            // now and then a dog leaves, does not notice, or is over-eager
            $whim = $dog->uniform();
            [$outcome, $signs] = match (true) {
                $band === Band::Effort && $whim < 0.4 => [Outcome::LeftStation, ['leave']],
                $band === Band::Easy && $whim < 0.08 => [Outcome::Unnoticed, []],
                $whim > 0.96 => [$response->outcome, ['mouthy']],
                default => [$response->outcome, $response->signs],
            };
            $setStartedAt = $advice->action === Action::Break ? $now : $log->setStartedAt;
            $trial = new LoggedTrial(
                $advice->next, $advice->action, $advice->next->exposure, $outcome, $band, $signs, $response->food, true,
                $response->latency, false, false, $now,
            );
            $log = new SessionLog($startedAt, $setStartedAt, [...$log->trials, $trial]);
            $situation = $this->situation($ladder, $settings, $history, $log, $earlier, $now);
            $advice = RuleBook::standard()->decide($situation);
            self::assertEquals($advice, RuleBook::standard()->decide($situation), 'the same situation, the same advice');
            self::assertNoLessAfterCalm($trial, $advice);
            self::assertNotSame([], $advice->reasons);
        }

        return $log;
    }

    /** What is said first does not speak for something else than what is asked. */
    private static function assertOneVoice(Advice $advice): void
    {
        $codes = array_map(static fn (Reason $reason): ReasonCode => $reason->code, $advice->reasons);
        $against = match ($advice->action) {
            Action::Repeat => [ReasonCode::Criterion, ReasonCode::Advances, ReasonCode::CalmThere, ReasonCode::StepsEasier],
            Action::Ease => [ReasonCode::Criterion, ReasonCode::Advances, ReasonCode::EffortOnce, ReasonCode::Watched, ReasonCode::Run],
            Action::EndWell => [
                ReasonCode::Closing, ReasonCode::TurnAway, ReasonCode::BackToWork, ReasonCode::CalmThere, ReasonCode::StepsEasier,
                ReasonCode::EffortOnce, ReasonCode::FoodHard,
            ],
            default => [],
        };
        self::assertSame(
            [], array_values(array_filter($codes, static fn (ReasonCode $code): bool => in_array($code, $against, true))),
            $advice->action->value,
        );
    }

    private function assertOnTheLadder(Advice $advice, Ladder $ladder, RuleSettings $settings): void
    {
        $level = $advice->next ?? new Level(0, $ladder->step(0)->exposure);
        $meters = $level->exposure->distance()->meters ?? 0.0;
        self::assertGreaterThanOrEqual(($ladder->step($ladder->top())->exposure->distance()->meters ?? 0.0) - 1e-9, $meters);
        self::assertLessThanOrEqual(
            max(min(Way::FARTHEST_METERS, $settings->room->meters ?? 500.0), $ladder->step(0)->exposure->distance()->meters ?? 0.0) + 1e-6,
            $meters,
        );
        self::assertSame('slow_walk', $level->exposure->values['trigger_motion'], 'details nobody put in play stay as they are');
    }

    /** Never away from calm: after an easy or noticed trial nothing easier is asked for. */
    private static function assertNoLessAfterCalm(LoggedTrial $last, Advice $advice): void
    {
        if ($last->isCalm() && ! $last->failedFoodOrCue() && $last->outcome->effect() !== OutcomeEffect::OptOut && $advice->next !== null) {
            self::assertFalse($last->level->isHarderThan($advice->next), $advice->reasons[0]->code->value);
        }
    }

    /** What is new is under the caps, unless the dog itself has shown more than any forecast, or it is part of a step. */
    private static function assertUnderTheCaps(Advice $advice, RuleSettings $settings, History $history): void
    {
        $isForecast = $advice->reasons[0]->code !== ReasonCode::CalmLongEnough && $advice->reasons[0]->code !== ReasonCode::UnnoticedNearer;
        $isNew = $advice->next !== null && ($history->solid === null || $advice->next->isHarderThan($history->solid));
        if ($advice->action === Action::Advance && $isForecast && $isNew && $advice->risk !== null) {
            self::assertTrue($settings->caps->allow($advice->risk), $advice->reasons[0]->code->value);
        }
    }

    /** @param  list<SessionEvidence>  $earlier */
    private function situation(
        Ladder $ladder, RuleSettings $settings, History $history, SessionLog $log, array $earlier, \DateTimeImmutable $now,
    ): Situation {
        // the ladder's goal is a third of the stated reaction distance
        $goal = $ladder->step($ladder->top())->exposure->distance()->meters ?? 1.0;
        $model = (new ModelBuilder(Fixture::priors()))->build(Fixture::scale(3.0 * $goal), true, null, $earlier, $log->evidence());

        return new Situation(Fixture::dimensions(), Fixture::signs(), $ladder, $settings, $history, $log, $model, $now);
    }
}
