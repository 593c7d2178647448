<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Response\Day;
use Core\Response\RiskCaps;
use Core\Sign\Band;

/** Criterion met: move on only if today's bound at the next level meets the limits; else half the step, else stay and say why. */
final readonly class MoveOnAtCriterion implements Rule
{
    private const SKIP_LIMIT_SHARE = 0.2;

    private const SKIP_MOST_LOGITS = 1.0;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $level = $last->target;
        $progress = $situation->progress($level);
        // a share may be met with the last one missed: then it waits for one more good one
        if (! $progress->isMet || ! $last->isSuccess()) {
            return null;
        }
        $run = $situation->run();
        $asked = $progress->asked;
        $met = Reason::of(
            ReasonCode::Criterion, progress: $progress, at: $situation->told($level->exposure), plan: $situation->catalog->plan->value,
            regained: $level->step <= $situation->history->heldStep,
        );
        $step = $situation->ladder->step($level->step);
        // an easier level on the way to the step is left as soon as it goes well
        if ($level->exposure->equals($step->exposure) && ! $situation->isSpreadEnough($level)) {
            $criterion = $step->criterion;

            return $situation->advise(Action::EndWell, null, [
                $met, Reason::of(ReasonCode::SessionsAsked, sessions: $criterion->sessions, days: $criterion->days),
            ]);
        }
        $next = $situation->above($level);
        if ($next === null) {
            return $situation->advise(Action::EndWell, null, [$met, Reason::of(ReasonCode::Goal)]);
        }
        if ($situation->model === null) {
            return $situation->advise(Action::Repeat, $level, [$met, Reason::of(ReasonCode::NoModel)]);
        }
        $isNewGround = $next->step > $situation->history->heldStep;
        $advances = $situation->log->advancesOnNewGround($situation->history->heldStep);
        if ($isNewGround && $next->step > $level->step && $advances >= $situation->settings->mostAdvances) {
            return $situation->advise(Action::EndWell, null, [$met, Reason::of(ReasonCode::AdvancesUsed, count: $advances)]);
        }

        return $this->skip($situation, $level, $run, $asked, $met)
            ?? $this->advance($situation, $next, $met, $isNewGround ? $advances : null)
            ?? $this->split($situation, $level, $next, $met)
            ?? $this->stay($situation, $level, $next, $met);
    }

    private function advance(Situation $situation, Level $next, Reason $met, ?int $advances): ?Advice
    {
        if (! $situation->allows($next->exposure) || $situation->log->isSpentToday($next)) {
            return null;
        }
        $counted = $advances === null
            ? Reason::of(ReasonCode::Regain)
            : Reason::of(ReasonCode::Advances, count: $advances + 1, most: $situation->settings->mostAdvances);

        return $situation->advise(Action::Advance, $next, [$met, $situation->riskReason($next->exposure), $counted]);
    }

    private function split(Situation $situation, Level $level, Level $next, Reason $met): ?Advice
    {
        $half = (new EasierLevels($situation))->partWay($level, $next);
        if ($half === null || $situation->log->isSpentToday($half)) {
            return null;
        }
        $blocked = $situation->log->isSpentToday($next)
            ? Reason::of(ReasonCode::Spent, at: $situation->told($next->exposure))
            : $situation->riskReason($next->exposure);

        return $situation->advise(Action::Split, $half, [
            $met, $blocked, Reason::of(ReasonCode::Split, at: $situation->told($half->exposure)),
        ]);
    }

    private function stay(Situation $situation, Level $level, Level $next, Reason $met): Advice
    {
        if ($situation->log->isSpentToday($next)) {
            return $situation->advise(Action::EndWell, null, [
                $met, Reason::of(ReasonCode::SpentEnd, at: $situation->told($next->exposure)),
            ]);
        }

        // not that it is enough to move on: it stays
        return $situation->advise(Action::Repeat, $level, [
            $this->whatIsMissing($situation, $level, $next), $situation->runReason($level), $situation->riskReason($next->exposure),
        ]);
    }

    /** Far more successes than asked, all easy, and far inside the limits: skip up to 1 logit. */
    private function skip(Situation $situation, Level $level, int $run, int $asked, Reason $met): ?Advice
    {
        $latest = array_slice($situation->log->atLevel(), -2 * $asked);
        $allEasy = count(array_filter($latest, static fn (LoggedTrial $trial): bool => $trial->band === Band::Easy)) === count($latest);
        $caps = $situation->caps->scaled(self::SKIP_LIMIT_SHARE, self::SKIP_LIMIT_SHARE);
        $skipTo = null;
        for (
            $i = $level->step + 2; $i <= $situation->ladder->top()
                && $run >= 2 * $asked
                && $allEasy
                && ! $situation->calibration->isOff(); $i++
        ) {
            $exposure = $situation->ladder->step($i)->exposure;
            $candidate = new Level($i, $exposure);
            if ($situation->load($exposure) - $situation->load($level->exposure) <= self::SKIP_MOST_LOGITS + 1e-9
                && $this->isWithin($situation, $caps, $candidate) && ! $situation->log->isSpentToday($candidate)) {
                $skipTo = $candidate;
            }
        }

        return $skipTo === null ? null : $situation->advise(Action::Advance, $skipTo, [
            $met, Reason::of(ReasonCode::Skip, count: $run), $situation->riskReason($skipTo->exposure),
        ]);
    }

    private function isWithin(Situation $situation, RiskCaps $caps, Level $level): bool
    {
        return $situation->model !== null && $caps->allow($situation->model->risk($level->exposure, $situation->day()));
    }

    /** How much of the refusal is the dog, and how much is not knowing it well enough. */
    private function whatIsMissing(Situation $situation, Level $level, Level $next): Reason
    {
        $model = $situation->model ?? throw new \LogicException('Asked only with a model.');
        $caps = $situation->caps;
        $atPoint = 0.0;
        foreach ([[Band::Strain, $caps->strain], [Band::Over, $caps->reaction]] as [$band, $limit]) {
            $linear = $model->linear($next->exposure, $band, Day::Today);
            $atPoint = max($atPoint, $linear['mean'] - $limit->toLogit());
        }
        if ($atPoint > 0.0) {
            return Reason::of(ReasonCode::MissingDog);
        }

        return Reason::of(ReasonCode::MissingCertainty, trials: $model->calmTrialsNeeded(
            $level->exposure, $next->exposure, $caps, $situation->day(),
        ));
    }
}
