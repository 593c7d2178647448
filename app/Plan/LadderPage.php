<?php

declare(strict_types=1);

namespace App\Plan;

use App\Engine\DogModelReader;
use App\Engine\PlanReader;
use App\Models\Plan;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Planning\FixedStepLadder;
use Core\Planning\LadderChange;
use Core\Planning\LadderReview;
use Core\Planning\StepReview;
use Core\Response\DogModel;
use Core\Response\RiskCaps;
use Psr\Clock\ClockInterface;

/** All that the plan builder shows of a ladder that may not be stored yet. */
final readonly class LadderPage
{
    /** About ten dogs an outing is a good outing. Common practice. */
    private const TRIALS_AN_OUTING = 10;

    public function __construct(
        private PlanReader $plans, private DogModelReader $models, private LadderMaker $maker, private ClockInterface $clock,
    ) {
    }

    /** A model that knows the dimensions of the plan's ladder, of another one, and of the template it came from. */
    public function model(Plan $plan, Ladder $ladder): DogModel
    {
        $outline = $this->outline($plan, $ladder);

        return $this->models->read(
            $plan->responseModel,
            Ladder::of([...$ladder->steps, ...$this->plans->read($plan)->ladder->steps, ...($outline === null ? [] : $outline->steps)]),
            $this->clock->now(),
        );
    }

    public function review(Plan $plan, Ladder $ladder, DogModel $model): LadderReview
    {
        return LadderReview::of($ladder, $model, $this->plans->read($plan)->settings->caps);
    }

    /** @return array<string, mixed> */
    public function of(Plan $plan, Ladder $ladder, DogModel $model, DistanceUnit $unit): array
    {
        $inCore = $this->plans->read($plan);
        $review = $this->review($plan, $ladder, $model);
        $worth = new CriterionWorth(
            $ladder->step(0)->criterion, count($ladder->steps), $plan->place->trials_an_outing ?? self::TRIALS_AN_OUTING,
            $plan->most_advances, $plan->outings_a_week,
        );

        return [
            'ladder' => $ladder,
            'review' => $review,
            'change' => LadderChange::between($inCore->ladder, $ladder),
            'stored' => $inCore->ladder,
            'caps' => $inCore->settings->caps,
            'catalog' => $inCore->catalog,
            'worth' => $worth,
            'trialsAnOuting' => $plan->place->trials_an_outing ?? self::TRIALS_AN_OUTING,
            'told' => $this->told($plan, $ladder, $review, $model, $inCore->settings->caps),
            'fixed' => $plan->responseModel->kind === PlanKind::Presence ? self::fixed($ladder, $model, $unit) : null,
        ];
    }

    private function outline(Plan $plan, Ladder $ladder): ?Ladder
    {
        return $plan->template === null ? null : $this->maker->outline($plan->responseModel, $plan->template, $ladder);
    }

    /**
     * The template as it is told, for contrast.
     *
     * @return ?array{loads: non-empty-list<float>, rise: float, own: float} loads of its steps; largest rise over mastered ground of it and
     *    of this ladder, in logits
     */
    private function told(Plan $plan, Ladder $ladder, LadderReview $review, DogModel $model, RiskCaps $caps): ?array
    {
        $outline = $this->outline($plan, $ladder);
        if ($outline === null) {
            return null;
        }
        $told = LadderReview::of($outline, $model, $caps);

        return [
            'loads' => array_map(static fn (StepReview $step): float => $step->load, $told->steps), 'rise' => self::largestRise($told),
            'own' => self::largestRise($review),
        ];
    }

    private static function largestRise(LadderReview $review): float
    {
        return max(0.0, ...array_map(static fn (StepReview $step): float => $step->rise ?? 0.0, $review->steps));
    }

    /**
     * The same way in fixed yards or meters, from the farthest step to the nearest.
     *
     * @return ?array{size: string, loads: list<float>, labels: list<string>}
     */
    private static function fixed(Ladder $ladder, DogModel $model, DistanceUnit $unit): ?array
    {
        $meters = array_filter(array_map(static fn ($step): ?float => $step->exposure->distance()?->meters, $ladder->steps));
        if ($meters === [] || max($meters) <= min($meters)) {
            return null;
        }
        $size = $unit === DistanceUnit::Foot ? Distance::from(3.0, $unit) : Distance::from(1.0, $unit);
        $distances = FixedStepLadder::between(Distance::fromMeters(max($meters)), Distance::fromMeters(min($meters)), $size);

        return [
            'size' => words()->formats->distance($size),
            'loads' => array_map(
                static fn (Distance $distance): float => $model->load($ladder->step(0)->exposure->withDistance($distance)), $distances,
            ),
            'labels' => array_map(static fn (Distance $distance): string => words()->formats->distance($distance), $distances),
        ];
    }
}
