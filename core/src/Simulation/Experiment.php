<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Decision\RuleSettings;
use Core\Decision\Told;
use Core\Decision\Way;
use Core\Exception\InvalidExposure;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\ModelBuilder;
use Core\Response\ModelPriors;
use Core\Response\RiskCaps;
use Core\Sign\SignCatalog;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The same simulated dogs for every policy, drawn from one family by one seed. */
final readonly class Experiment
{
    /** What a set-up fixes, at its usual values: the engine may ease each of them where there is no more room. */
    private const USUAL = [
        'trigger_motion' => 'standing', 'trigger_heading' => 'across', 'trigger_energy' => 'calm', 'barrier' => 'open',
        'handler_help' => 'cue_ready',
    ];

    /** An open place: twelve times the stated distance, and no more than can be paced out. */
    private const OPEN_TIMES = 12.0;

    /** Times the stated distance at which the dog is tested before the first session. */
    private const TESTED = [8.0, 6.0, 4.0, 3.0, 2.0, 1.5];

    /** Beyond it reactions undo what is learned. */
    private const ORACLE_CHANCE = 0.004;

    private LoadScale $scale;

    private Exposure $template;

    private Distance $room;

    /**
     * @param  Distance  $stated  reaction distance stated at intake
     * @param  ?Distance  $room  null for an open place
     * @param  int  $familySalt  sets families of the same seed apart
     * @param  float  $oracleChance  of going over in one trial where those stand who know the dog
     *
     * @throws InvalidExposure if the goal is not nearer than every start
     */
    public function __construct(
        private DimensionCatalog $catalog,
        private SignCatalog $signs,
        private ModelPriors $priors,
        private Temperament $temperament,
        private Distance $stated,
        private Distance $goal,
        ?Distance $room,
        private RiskCaps $caps,
        private int $seed,
        private int $familySalt = 0,
        private float $oracleChance = self::ORACLE_CHANCE,
    ) {
        $this->room = $room ?? Distance::fromMeters(min(Way::FARTHEST_METERS, self::OPEN_TIMES * $stated->meters));
        if ($goal->meters >= min($this->room->meters, 4.0 * $stated->meters)) {
            throw InvalidExposure::goalNotHarder();
        }
        $this->scale = LoadScale::of($catalog, $stated, array_keys(self::USUAL));
        $this->template = Exposure::of([DimensionKey::Distance->value => $stated->meters, ...self::USUAL], $catalog);
    }

    /**
     * @param  positive-int  $dogs
     * @param  positive-int  $mostSessions
     * @param  positive-int  $mostTrials  in one of them
     * @return non-empty-list<Course> one for each dog
     */
    public function run(PolicyName $policy, int $dogs, int $mostSessions = 120, int $mostTrials = 30): array
    {
        return array_map(function (int $i) use ($policy, $mostSessions, $mostTrials): Course {
            $chance = new Chance(new Randomizer(new Xoshiro256StarStar(1_000_003 * $this->seed + 7919 * $i + $this->familySalt)));

            $dog = SimulatedDog::drawn($this->scale, $this->temperament, $chance);

            return Course::run($dog, $this->policy($policy, $dog), $this->test(), $this->caps, $mostSessions, $mostTrials);
        }, range(0, $dogs - 1));
    }

    private function policy(PolicyName $name, SimulatedDog $dog): Policy
    {
        return match ($name) {
            PolicyName::HandQuick => new HandRule($this->template, $this->times(4.0), $this->goal),
            PolicyName::HandBold => new HandRule($this->template, $this->times(6.0), $this->goal, 0.8),
            PolicyName::HandPatient => new HandRule($this->template, $this->times(8.0), $this->goal, 0.9),
            PolicyName::Engine => $this->engine(),
            PolicyName::EngineKnowing => $this->engine($dog),
            PolicyName::Acquainted => new Acquainted(
                $dog, $this->template, $this->room, $this->goal, $this->oracleChance,
                max($this->oracleChance, $this->caps->reaction->value),
            ),
            PolicyName::Oracle => new Oracle($dog, $this->template, $this->room, $this->goal, $this->oracleChance),
        };
    }

    /** @param  ?SimulatedDog  $known  that has shown it everything before each session */
    private function engine(?SimulatedDog $known = null): EnginePolicy
    {
        $prior = $this->catalog->dimension(DimensionKey::Distance->value)->slope;
        $distances = (new EqualRatioLadder($prior->mean()))->between($this->times(10.0), $this->goal);
        $ladder = Ladder::of(array_map(
            fn (Distance $distance): Step => new Step($this->template->withDistance($distance), Criterion::run(5)), $distances,
        ));

        return new EnginePolicy(
            new ModelBuilder($this->priors), $this->signs, $this->scale, $ladder, RuleSettings::of($this->caps, room: $this->room),
            new Told($this->stated), $this->temperament->isGraderKnown ? (float) $this->temperament->graderShift : 0.0, $known,
        );
    }

    /** @return non-empty-list<Exposure> from far to near */
    private function test(): array
    {
        return array_map(fn (float $times): Exposure => $this->template->withDistance($this->times($times)), self::TESTED);
    }

    private function times(float $factor): Distance
    {
        return Distance::fromMeters(min($this->room->meters, $factor * $this->stated->meters, Distance::MAX_METERS));
    }
}
