<?php

declare(strict_types=1);

namespace Core\Template;

use Core\Exception\InvalidExposure;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;

/** Fits the steps of a template to one dog: its distances and its own order of values. Core\Planning\Refiner then puts steps between. */
final readonly class TemplateLayout
{
    /**
     * @param  DimensionCatalog  $catalog  in the dog's own order
     * @param  DistanceUnit  $in  in which whoever lays it paces
     */
    public function __construct(private DimensionCatalog $catalog, private DistanceUnit $in = DistanceUnit::Meter)
    {
    }

    /**
     * @param  non-empty-list<TemplateStep>  $steps
     * @param  ?Distance  $start  farthest; asked for where the plan has distances
     * @param  ?Distance  $goal  nearest
     *
     * @throws InvalidExposure if start or goal is missing, or the goal is not nearer
     */
    public function lay(array $steps, ?string $orderBy, ?Distance $start, ?Distance $goal): Ladder
    {
        if ($orderBy !== null && $this->catalog->has($orderBy)) {
            $steps = $this->ordered($steps, $orderBy);
        }
        $laid = [];
        foreach ($steps as $step) {
            $values = $step->values;
            if ($step->way !== null) {
                if ($start === null || $goal === null || $goal->meters >= $start->meters) {
                    throw InvalidExposure::goalNotHarder();
                }
                $values[DimensionKey::Distance->value] = $this->along($start, $goal, $step->way)->meters;
            }
            $laid[] = new Step(Exposure::of($values, $this->catalog), $step->criterion, $step->manner);
        }

        return Ladder::of($laid);
    }

    /**
     * By the dog's own order of one dimension; steps of the same value stay as they are.
     *
     * @param  non-empty-list<TemplateStep>  $steps
     * @return non-empty-list<TemplateStep>
     */
    private function ordered(array $steps, string $key): array
    {
        $dimension = $this->catalog->dimension($key);
        $score = static fn (TemplateStep $step): float => isset($step->values[$key])
            ? $dimension->covariate($step->values[$key], 1.0)
            : 0.0;
        usort($steps, static fn (TemplateStep $a, TemplateStep $b): int => $score($a) <=> $score($b));

        return $steps;
    }

    /** Start and goal are as they were asked for. */
    private function along(Distance $start, Distance $goal, float $way): Distance
    {
        return match ($way) {
            0.0 => $start,
            1.0 => $goal,
            default => Distance::fromMeters(
                min(Distance::MAX_METERS, $start->meters * ($goal->meters / $start->meters) ** $way),
            )->rounded($this->in),
        };
    }
}
