<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Response\Day;
use Core\Response\RiskLimits;
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
        $met = new Reason('criterion', sprintf(
            '%s at %s: criterion met%s.',
            ucfirst($situation->successWords($progress)), $situation->words($level->exposure), $level->step <= $situation->history->heldStep ? ', as it was held before' : '',
        ));
        $step = $situation->ladder->step($level->step);
        // an easier level on the way to the step is left as soon as it goes well
        if ($level->exposure->equals($step->exposure) && ! $situation->isSpreadEnough($level)) {
            $criterion = $step->criterion;

            return $situation->advise(Action::EndWell, null, [$met, new Reason('sessions-asked', sprintf(
                'This step asks for that in %d sessions over at least %d days: well done for today, and again next time.', $criterion->sessions, $criterion->days,
            ))]);
        }
        $next = $situation->above($level);
        if ($next === null) {
            return $situation->advise(Action::EndWell, null, [$met, new Reason('goal', 'That is the hardest step of this plan. End on it; next, other places, people and variants, each starting easier.')]);
        }
        if ($situation->model === null) {
            return $situation->advise(Action::Repeat, $level, [$met, new Reason('no-model', 'The model could not be fitted to these trials, so nothing harder is advised.')]);
        }
        $isNewGround = $next->step > $situation->history->heldStep;
        $advances = $situation->log->advancesOnNewGround($situation->history->heldStep);
        if ($isNewGround && $next->step > $level->step && $advances >= $situation->settings->mostAdvances) {
            return $situation->advise(Action::EndWell, null, [$met, new Reason('advances-used', "{$advances} steps onto new ground today, as many as planned: end on this success.")]);
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
            ? new Reason('regain', 'Ground held before: it does not count as an advance.')
            : new Reason('advances', sprintf('Step %d of at most %d onto new ground today.', $advances + 1, $situation->settings->mostAdvances));

        return $situation->advise(Action::Advance, $next, [$met, $situation->riskReason($next->exposure), $counted]);
    }

    private function split(Situation $situation, Level $level, Level $next, Reason $met): ?Advice
    {
        $half = (new EasierLevels($situation))->partWay($level, $next);
        if ($half === null || $situation->log->isSpentToday($half)) {
            return null;
        }
        $blocked = $situation->log->isSpentToday($next)
            ? new Reason('spent', ucfirst($situation->words($next->exposure)).' gave strain early on today and is not tried again.')
            : $situation->riskReason($next->exposure);

        return $situation->advise(Action::Split, $half, [$met, $blocked, new Reason('split', 'Part of the step, '.$situation->words($half->exposure).', is within the limits.')]);
    }

    private function stay(Situation $situation, Level $level, Level $next, Reason $met): Advice
    {
        if ($situation->log->isSpentToday($next)) {
            return $situation->advise(Action::EndWell, null, [$met, new Reason('spent', ucfirst($situation->words($next->exposure)).' gave strain early on today and is not tried again: end on this success.')]);
        }

        return $situation->advise(Action::Repeat, $level, [$met, $situation->riskReason($next->exposure), $this->whatIsMissing($situation, $level, $next)]);
    }

    /** Far more successes than asked, all easy, and far inside the limits: skip up to 1 logit. */
    private function skip(Situation $situation, Level $level, int $run, int $asked, Reason $met): ?Advice
    {
        $latest = array_slice($situation->log->atLevel(), -2 * $asked);
        $allEasy = count(array_filter($latest, static fn (LoggedTrial $trial): bool => $trial->band === Band::Easy)) === count($latest);
        $limits = $situation->limits->scaled(self::SKIP_LIMIT_SHARE, self::SKIP_LIMIT_SHARE);
        $skipTo = null;
        for ($i = $level->step + 2; $i <= $situation->ladder->top() && $run >= 2 * $asked && $allEasy && ! $situation->calibration->isOff(); $i++) {
            $exposure = $situation->ladder->step($i)->exposure;
            $candidate = new Level($i, $exposure);
            if ($situation->load($exposure) - $situation->load($level->exposure) <= self::SKIP_MOST_LOGITS + 1e-9
                && $this->isWithin($situation, $limits, $candidate) && ! $situation->log->isSpentToday($candidate)) {
                $skipTo = $candidate;
            }
        }

        return $skipTo === null ? null : $situation->advise(Action::Advance, $skipTo, [
            $met, new Reason('skip', "{$run} in a row, all easy, and the risk is under a fifth of the limits: skip ahead, and back at the first sign of effort."), $situation->riskReason($skipTo->exposure),
        ]);
    }

    private function isWithin(Situation $situation, RiskLimits $limits, Level $level): bool
    {
        return $situation->model !== null && $limits->allow($situation->model->risk($level->exposure, $situation->day()));
    }

    /** How much of the refusal is the dog, and how much is not knowing it well enough. */
    private function whatIsMissing(Situation $situation, Level $level, Level $next): Reason
    {
        $model = $situation->model ?? throw new \LogicException('Asked only with a model.');
        $limits = $situation->limits;
        $atPoint = 0.0;
        foreach ([[Band::Strain, $limits->strain], [Band::Over, $limits->reaction]] as [$band, $limit]) {
            $linear = $model->linear($next->exposure, $band, Day::Today);
            $atPoint = max($atPoint, $linear['mean'] - log($limit / (1.0 - $limit)));
        }
        if ($atPoint > 0.0) {
            return new Reason('missing-dog', sprintf('Even the most likely value is %.1f logits beyond the limit: the dog needs more practice here.', $atPoint));
        }

        $trials = $model->calmTrialsNeeded($level->exposure, $next->exposure, $limits, $situation->day());

        return new Reason('missing-certainty', sprintf(
            'The most likely value is within the limits; what is missing is certainty (%.1f logits). %s',
            $limits->excess($model->risk($next->exposure, Day::Today)),
            $trials === null ? 'More trials here alone will not settle it: half the step, or another day.' : "About {$trials} more calm trial".($trials === 1 ? '' : 's').' here would settle it.',
        ));
    }
}
