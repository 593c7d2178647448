<?php

declare(strict_types=1);

namespace Cli;

use Core\Measure\Distance;
use Core\Response\RiskCaps;
use Core\Simulation\CourseTally;
use Core\Simulation\Experiment;
use Core\Simulation\PolicyName;
use Core\Simulation\Temperament;

/** Reads a simulation and tells its figures. */
final readonly class ExperimentDocument
{
    public function __construct(private Catalogs $catalogs)
    {
    }

    public function experiment(Document $document): Experiment
    {
        $family = $document->at('family')->text();
        $temperament = Temperament::families()[$family]
            ?? throw InputProblem::at('/family', 'There is no such family. Choose one of: '.implode(', ', array_keys(
                Temperament::families(),
            )).'.');
        $usual = RiskCaps::usual();

        return $document->build(fn (Document $read): Experiment => new Experiment(
            $this->catalogs->dimensions(),
            $this->catalogs->signs, $this->catalogs->priors, $temperament->healing($read->at('healing')->number()),
            Distance::fromMeters($read->at('statedMeters')->number(10.0)),
            Distance::fromMeters($read->at('goalMeters')->number(5.0)),
            $read->has('roomMeters') ? Distance::fromMeters($read->at('roomMeters')->number()) : null,
            RiskCaps::of($read->at('strainLimit')->number($usual->strain->value), $read->at(
                'reactionLimit',
            )->number($usual->reaction->value)),
            $read->at('seed')->integer(),
            crc32($family) % 100_000,
        ));
    }

    /** @return array<string, mixed> */
    public function figures(Experiment $experiment, PolicyName $policy, Document $document): array
    {
        $courses = $experiment->run($policy, max(1, $document->at('dogs')->integer(20)), max(1, $document->at('sessions')->integer(40)));
        $tally = new CourseTally($courses);

        return [
            'policy' => $policy->value,
            'reactionsPer100' => $tally->reactionsPer100(),
            'interval' => $tally->reactionsPer100Interval(),
            'strainsPer100' => $tally->strainsPer100(),
            'reactionsPerDog' => $tally->reactionsPerDog(),
            'worstTenth' => $tally->worstTenth(),
            'sessionsMedian' => $tally->sessionsTo(0.5),
            'sessions90' => $tally->sessionsTo(0.9),
            'trialsPerDog' => $tally->trialsPerDog(),
            'shareArrived' => $tally->shareArrived(),
            'easesAfterCalm' => $tally->easesAfterCalm(),
            'shareBelowSolid' => $tally->shareBelowSolid(),
            'farthestStart' => $tally->farthestStart(),
        ];
    }
}
