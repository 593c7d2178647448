<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Work;
use Core\Exposure\Exposure;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Logistic;
use Core\Measure\Probability;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\RiskCaps;

/**
 * Looks over a ladder before anybody walks it: how much harder each step is than the one before, and what is wrong with it.
 *
 * Planning assumes that a mastered step has a risk of 2 %, so the next has σ(logit .02 + Δη): 3.2 % at the usual 0.5 logits.
 * The dog's own risk is tested only when a step is due.
 */
final readonly class LadderReview
{
    /** Risk of strain at a step that is mastered. A working figure of the product. */
    public const MASTERED_RISK = 0.02;

    /** Predicted risk from which a step cannot be said to follow from the one before. A working figure of the product. */
    private const NO_PATH_RISK = 0.2;

    /**
     * Logits by which easing off may be taken back at once: what lies deeper is climbed again like new ground. Handbook: at most 2 logits
     * of ease pay for a harder step.
     */
    private const MAX_EASE = 2.0;

    /** @param  non-empty-list<StepReview>  $steps */
    private function __construct(public array $steps, private bool $isGraded)
    {
    }

    public static function of(Ladder $ladder, DogModel $model, RiskCaps $caps): self
    {
        $reviewed = [];
        $before = null;
        $hardest = -INF;
        foreach ($ladder->steps as $step) {
            $reviewed[] = self::step($step, $before, $hardest, $model, $caps);
            $hardest = max($hardest, $model->load($step->exposure));
            $before = $step;
        }

        return new self($reviewed, self::isGraded($model));
    }

    /** Whether every step follows from the one before and the last is harder than the first. */
    public function hasPath(): bool
    {
        return $this->firstGap() === null && ! $this->leadsDown();
    }

    /** Index of the first step that does not follow from the one before; null if all do. */
    public function firstGap(): ?int
    {
        foreach ($this->steps as $i => $review) {
            if (array_filter($review->flags, static fn (Reason $flag): bool => $flag->code === ReasonCode::NoPath) !== []) {
                return $i;
            }
        }

        return null;
    }

    /** Whether the goal is no harder than the start. */
    public function leadsDown(): bool
    {
        return $this->isGraded && count($this->steps) > 1 && $this->steps[count($this->steps) - 1]->load <= $this->steps[0]->load;
    }

    /**
     * The load from which the next step is climbed: that of the step before, or a little under the hardest mastered so far.
     *
     * @param  float  $before  load of the step before
     * @param  float  $hardest  load of the hardest step before
     */
    public static function footing(float $before, float $hardest): float
    {
        return max($before, $hardest - self::MAX_EASE);
    }

    private static function step(Step $step, ?Step $before, float $hardest, DogModel $model, RiskCaps $caps): StepReview
    {
        $load = $model->load($step->exposure);
        $rise = $before === null ? null : $load - self::footing($model->load($before->exposure), $hardest);
        $planned = Probability::fromLogit(Logistic::logit(self::MASTERED_RISK) + ($rise ?? 0.0));
        $raised = $before === null ? [] : self::raised($before->exposure, $step->exposure, $model);

        return new StepReview(
            $step, $load, $rise, $planned, $model->risk($step->exposure, Day::Today), $raised,
            [...self::isGraded($model) ? self::flags($rise ?? 0.0, $planned, $raised, $caps) : [], ...self::help($step)],
        );
    }

    /**
     * @param  list<string>  $raised
     * @return list<Reason>
     */
    private static function flags(float $rise, Probability $planned, array $raised, RiskCaps $caps): array
    {
        $flags = [];
        if (count($raised) > 1) {
            $flags[] = Reason::of(ReasonCode::TwoAtOnce, dimensions: $raised);
        }
        if ($planned->value > self::NO_PATH_RISK) {
            $flags[] = Reason::of(ReasonCode::NoPath, steps: round($rise / EqualRatioLadder::USUAL_STEP_LOGITS, 1));
        } elseif ($planned->isOver($caps->strain)) {
            $flags[] = Reason::of(ReasonCode::BigStep, chance: $planned, cap: $caps->strain);
        }

        return $flags;
    }

    /** @return list<Reason> */
    private static function help(Step $step): array
    {
        return $step->manner->needsHelp()
            ? [Reason::of(ReasonCode::NeedsHelp, hands: $step->manner->hands, eyes: $step->manner->eyes)]
            : [];
    }

    /** Steps under the hand and of a skill have names: how far one rises over another says little, and nothing is put between. */
    private static function isGraded(DogModel $model): bool
    {
        return Work::of($model->scale->catalog->plan) === Work::Exposure;
    }

    /** @return list<string> */
    private static function raised(Exposure $before, Exposure $now, DogModel $model): array
    {
        $raised = [];
        $from = $model->scale->byDimension($before);
        $to = $model->scale->byDimension($now);
        foreach ($model->scale->dimensions as $j => $dimension) {
            if ($to[$j] > $from[$j] + 1e-9) {
                $raised[] = $dimension->key;
            }
        }

        return $raised;
    }
}
