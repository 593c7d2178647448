<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Decision\RuleSettings;
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

    private const OPEN_METERS = 400.0;

    private LoadScale $scale;

    private Exposure $template;

    private Distance $room;

    /**
     * @param  Distance  $stated  reaction distance stated at intake
     * @param  ?Distance  $room  null for an open place
     * @param  int  $familySalt  sets families of the same seed apart
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
    ) {
        $this->room = $room ?? Distance::fromMeters(self::OPEN_METERS);
        if ($goal->meters >= min($this->room->meters, 4.0 * $stated->meters)) {
            throw InvalidExposure::goalNotHarder();
        }
        $this->scale = LoadScale::of($catalog, $stated, array_keys(self::USUAL));
        $this->template = Exposure::of([DimensionKey::Distance->value => $stated->meters, ...self::USUAL], $catalog);
    }

    /**
     * @param  positive-int  $dogs
     * @param  positive-int  $mostSessions
     * @return non-empty-list<Course> one for each dog
     */
    public function run(PolicyName $policy, int $dogs, int $mostSessions = 40): array
    {
        return array_map(function (int $i) use ($policy, $mostSessions): Course {
            $chance = new Chance(new Randomizer(new Xoshiro256StarStar(1_000_003 * $this->seed + 7919 * $i + $this->familySalt)));

            return Course::run(SimulatedDog::drawn($this->scale, $this->temperament, $chance), $this->policy($policy), $mostSessions);
        }, range(0, $dogs - 1));
    }

    private function policy(PolicyName $name): Policy
    {
        return match ($name) {
            PolicyName::HandQuick => new HandRule($this->template, $this->times(4.0), $this->goal),
            PolicyName::HandBold => new HandRule($this->template, $this->times(6.0), $this->goal, 0.8),
            PolicyName::HandPatient => new HandRule($this->template, $this->times(8.0), $this->goal, 0.9),
            PolicyName::Engine => $this->engine(),
        };
    }

    private function engine(): EnginePolicy
    {
        $prior = $this->catalog->dimension(DimensionKey::Distance->value)->slope;
        $distances = (new EqualRatioLadder($prior->shape / $prior->rate))->between($this->times(10.0), $this->goal);
        $ladder = Ladder::of(array_map(
            fn (Distance $distance): Step => new Step($this->template->withDistance($distance), Criterion::run(5)), $distances,
        ));

        return new EnginePolicy(
            new ModelBuilder($this->priors), $this->signs, $this->scale, $ladder, RuleSettings::of($this->caps, room: $this->room), null,
        );
    }

    private function times(float $factor): Distance
    {
        return Distance::fromMeters(min($this->room->meters, $factor * $this->stated->meters, Distance::MAX_METERS));
    }
}
