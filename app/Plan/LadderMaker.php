<?php

declare(strict_types=1);

namespace App\Plan;

use App\Engine\CoreCatalogs;
use App\Engine\DogCatalogs;
use App\Engine\DogModelReader;
use App\Handling\AreaRepository;
use App\Library\TemplateRepository;
use App\Models\ResponseModel;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\HandledBy;
use Core\Ladder\Ladder;
use Core\Ladder\Manner;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Planning\Refiner;
use Core\Template\TemplateLayout;
use Core\Template\TemplateStep;

/** Lays the ladder of a new plan: by equal ratios, from a template, or one first step to go on from by hand. */
final readonly class LadderMaker
{
    private const TOLERANCE = 0.05;

    public function __construct(
        private CoreCatalogs $catalogs, private DogCatalogs $dogs, private DogModelReader $models, private TemplateRepository $templates,
    ) {
    }

    public function make(ResponseModel $model, PlanDraft $draft, \DateTimeImmutable $now): Ladder
    {
        return match ($draft->ladder) {
            LadderPlan::EqualRatios => $this->equalRatios($model, $draft, $now),
            LadderPlan::Template => $this->fromTemplate($model, $draft, $now),
            LadderPlan::ByHand => Ladder::of([$this->step($draft, $this->dogs->of($model), $draft->start)]),
        };
    }

    /** The goal: the last step of what is to be laid. */
    public function hardest(ResponseModel $model, PlanDraft $draft): Exposure
    {
        if ($draft->ladder !== LadderPlan::Template) {
            return $this->step($draft, $this->dogs->of($model), $draft->goal ?? $draft->start)->exposure;
        }
        $laid = $this->laid($model, (string) $draft->template, null, null);

        return $laid->step($laid->top())->exposure;
    }

    /** A template as it would be laid for this dog, before anything is stored. */
    public function preview(ResponseModel $model, string $template, ?float $start, ?float $goal, \DateTimeImmutable $now): Ladder
    {
        $laid = $this->laid($model, $template, $start, $goal);

        return (new Refiner($this->models->read($model, $laid, $now), in: self::unit()))->refine($laid);
    }

    /** A template as it is told, fitted to the ends of a ladder and nothing put between; null if it is no longer on the shelf. */
    public function outline(ResponseModel $model, string $template, Ladder $ladder): ?Ladder
    {
        if (! isset($this->templates->of($model->practice_id)->templates[$template])) {
            return null;
        }
        $meters = array_filter(array_map(static fn (Step $step): ?float => $step->exposure->distance()?->meters, $ladder->steps));

        return $meters !== [] && max($meters) > min($meters)
            ? $this->laid($model, $template, max($meters), min($meters))
            : ($meters === [] ? $this->laid($model, $template, null, null) : null);
    }

    private function laid(ResponseModel $model, string $template, ?float $start, ?float $goal): Ladder
    {
        $templates = $this->templates->of($model->practice_id);

        $orderBy = $templates->template($template)->orderBy;
        $steps = $templates->steps($templates->template($template));
        if ($orderBy === 'body_area') {
            // a ladder over the whole body leaves out what hands keep off
            $off = AreaRepository::handsOff($model->dog_id);
            $kept = array_values(array_filter(
                $steps, static fn (TemplateStep $step): bool => ! isset($off[(string) ($step->values['body_area'] ?? '')]),
            ));
            $steps = $kept === [] ? $steps : $kept;
        }

        return (new TemplateLayout($this->dogs->of($model), self::unit()))->lay(
            $steps, $orderBy,
            $start === null ? null : Distance::fromMeters($start), $goal === null ? null : Distance::fromMeters($goal),
        );
    }

    private function fromTemplate(ResponseModel $model, PlanDraft $draft, \DateTimeImmutable $now): Ladder
    {
        $ladder = $this->preview($model, (string) $draft->template, $draft->start, $draft->goal, $now);

        if ($draft->startsAt === null) {
            return $ladder;
        }
        $fitted = $this->models->read($model, $ladder, $now);
        $start = $fitted->load(Exposure::of($draft->startsAt, $this->dogs->of($model)));
        $harder = array_filter($ladder->steps, static fn (Step $step): bool => $fitted->load($step->exposure) > $start + self::TOLERANCE);

        // what lies before the first step that is harder than the proposed start need not be walked, but for the one before it
        return Ladder::of(array_slice($ladder->steps, max(0, ($harder === [] ? $ladder->top() : (int) array_key_first($harder)) - 1)));
    }

    private function equalRatios(ResponseModel $model, PlanDraft $draft, \DateTimeImmutable $now): Ladder
    {
        $catalog = $this->dogs->of($model);
        $ends = Ladder::of([$this->step($draft, $catalog, $draft->start), $this->step($draft, $catalog, $draft->goal)]);
        $fitted = $this->models->read($model, $ends, $now);
        if ($draft->kind !== PlanKind::Presence) {
            return (new Refiner($fitted, in: self::unit()))->refine($ends);
        }
        $distances = (new EqualRatioLadder($fitted->slopePerHalving()))
            ->paced(Distance::fromMeters((float) $draft->start), Distance::fromMeters((float) $draft->goal), self::unit());

        return Ladder::of(array_map(fn (Distance $distance): Step => $this->step($draft, $catalog, $distance->meters), $distances));
    }

    /** Whoever lays a ladder paces in a unit of their own. */
    private static function unit(): DistanceUnit
    {
        return words()->reader->units->distance;
    }

    private function step(PlanDraft $draft, DimensionCatalog $catalog, ?float $value): Step
    {
        $method = $this->catalogs->methods()->method($draft->method);

        return new Step(
            Exposure::of([...$draft->play, ...($value === null ? [] : [DimensionKey::leading($draft->kind)->value => $value])], $catalog),
            $draft->criterion,
            Manner::of('', $method->food, $method->posture, HandledBy::Handler, 2, 1),
        );
    }
}
