<?php

declare(strict_types=1);

namespace Cli\Casebook;

use Cli\Catalogs;
use Cli\Document;
use Cli\InputProblem;
use Core\Decision\FirstStart;
use Core\Decision\Told;
use Core\Decision\Way;
use Core\Decision\WorkingPlan;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Manner;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Measure\SoundLevel;
use Core\Planning\Refiner;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Template\Template;
use Core\Template\TemplateCatalog;
use Core\Template\TemplateLayout;
use Words\Phrases;

/** Lays the ladder that the plan builder would lay for a case. */
final readonly class Ladders
{
    private TemplateCatalog $templates;

    public function __construct(private Catalogs $catalogs, Phrases $phrases)
    {
        $this->templates = $catalogs->templates($phrases);
    }

    public function kind(Document $case): PlanKind
    {
        return match ($case->at('work')->text()) {
            'distance' => PlanKind::Presence,
            'sound' => PlanKind::Sound,
            default => $this->template($case)->kind,
        };
    }

    public function lay(Document $case, DimensionCatalog $catalog, Told $told, float $room): Ladder
    {
        $plan = $case->at('plan');
        $criterion = $plan->has('run') ? Criterion::run($plan->at('run')->integer()) : null;
        if ($catalog->plan === PlanKind::Presence && ! $plan->has('template')) {
            return $this->nearer($plan, $catalog, $told, $room, $criterion ?? Criterion::run(5));
        }
        $steps = $this->templates->steps($this->template($case));
        if ($catalog->plan === PlanKind::Sound && $plan->has('start_db')) {
            return $this->louder($plan, $catalog, Exposure::of($steps[0]->values, $catalog), $criterion ?? $steps[0]->criterion);
        }
        $ends = [$plan->at('start_m'), $plan->at('goal_m')];
        $laid = (new TemplateLayout($catalog))->lay(
            $steps, null, ...array_map(
                static fn (Document $at): ?Distance => $at->number() > 0.0 ? Distance::fromMeters($at->number()) : null, $ends,
            ),
        );

        return $criterion === null ? $laid : Ladder::of(array_map(
            static fn (Step $step): Step => new Step($step->exposure, $criterion, $step->manner), $laid->steps,
        ));
    }

    /** The first step whose sentence contains the words. */
    public static function find(Ladder $ladder, string $words): int
    {
        foreach ($ladder->steps as $i => $step) {
            if (preg_match('/(?<![\p{L}\d])'.preg_quote($words, '/').'(?![\p{L}\d])/iu', $step->manner->instruction) === 1) {
                return $i;
            }
        }
        throw InputProblem::at('', "No step of the ladder says \"{$words}\".");
    }

    private function template(Document $case): Template
    {
        return $this->templates->template($case->at('plan')->at('template')->text());
    }

    private function nearer(Document $plan, DimensionCatalog $catalog, Told $told, float $room, Criterion $criterion): Ladder
    {
        $start = $plan->at('start_m')->number() > 0.0 ? $plan->at('start_m')->number() : FirstStart::of($told, $room, null)->meters;
        $goal = $plan->at('goal_m')->number(3.0);
        $slope = $catalog->dimension('distance')->slope;
        $distances = (new EqualRatioLadder($slope->mean()))->paced(
            Distance::fromMeters(max($start, 1.2 * $goal)), Distance::fromMeters($goal),
        );

        return Ladder::of(array_map(
            static fn (Distance $distance): Step =>
                new Step(Exposure::of(['distance' => $distance->meters], $catalog), $criterion), $distances,
        ));
    }

    private function louder(Document $plan, DimensionCatalog $catalog, Exposure $base, Criterion $criterion): Ladder
    {
        $ends = Ladder::of(array_map(static fn (float $level): Step => new Step(
            $base->with('level', $level), $criterion, Manner::plain(),
        ), [$plan->at('start_db')->number(), $plan->at('goal_db')->number(SoundLevel::USUAL_CEILING)]));
        $reference = Distance::fromMeters($this->catalogs->priors->assumedReferenceMeters);
        $hardest = $ends->step(1)->exposure;
        $model = (new ModelBuilder($this->catalogs->priors))->build(
            WorkingPlan::scaleOf($catalog, $reference, $ends, [], $hardest, true), true, null, [],
            new SessionEvidence(new \DateTimeImmutable('2026-01-05 09:00 UTC'), []),
        ) ?? throw new \LogicException('The prior alone always has a mode.');

        return (new Refiner($model))->refine($ends);
    }

    public static function room(Document $case): float
    {
        return min(Way::FARTHEST_METERS, $case->at('plan')->at('place')->at('room_m')->number(Way::FARTHEST_METERS));
    }
}
