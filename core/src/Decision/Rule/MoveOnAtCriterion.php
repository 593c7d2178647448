<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\MarkKind;
use Core\Decision\NewGround;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Decision\Way;
use Core\Decision\Work;
use Core\Response\Day;
use Core\Response\RiskCaps;
use Core\Sign\Band;

/**
 * Criterion met where the dog really was: the next step, if the brake allows it; else part of it; and after twice the criterion, all calm,
 * some part of it whatever the model thinks, unless the dog's history speaks against it.
 */
final readonly class MoveOnAtCriterion implements Rule
{
    /** A dog that stays calm for so many criteria has shown more than any prior knew. */
    private const CRITERIA_AGAINST_MODEL = 2;

    /** Nor is a whole step that the model holds for worse than so many times the cap: it wants one put between. */
    private const LEAP_TIMES = 5.0;

    /** The dog does not move house between two trials. */
    private const PLACES_A_SET = 3;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $level = $last->level;
        $progress = $situation->progress($level);
        // a share may be met with the last one missed: then it waits for one more good one
        if (! $progress->isMet || ! $last->isSuccess() || $situation->log->trialsSinceReaction() !== null) {
            return null;
        }
        $solid = $situation->history->solid;
        $isRegaining = $solid !== null && $solid->isHarderThan($level);
        $met = Reason::of(
            ReasonCode::Criterion, progress: $progress, plan: $situation->catalog->plan->value, regained: $isRegaining,
        );
        $step = $situation->ladder->step($level->step);
        if ($level->exposure->equals($step->exposure) && ! $isRegaining && ! $situation->isSpreadEnough($level)) {
            return $situation->advise(Action::EndWell, null, [
                Reason::of(ReasonCode::SessionsAsked, sessions: $step->criterion->sessions, days: $step->criterion->days),
            ]);
        }
        $next = (new Way($situation))->next($level);
        if ($next === null) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::Goal)]);
        }
        if ((new Way($situation))->isElsewhere($level->exposure, $next->exposure)) {
            return $situation->advise(Action::EndWell, null, [$met, Reason::of(ReasonCode::NextElsewhere)]);
        }
        if ($situation->model === null && $situation->work !== Work::Skill) {
            return $situation->advise(Action::Repeat, $level, [Reason::of(ReasonCode::NoModel), $situation->runReason($level)]);
        }
        $advice = $isRegaining
            ? $this->regain($situation, $level, $solid, $next, $met)
            : $this->onNewGround($situation, $level, $next, $met);

        return self::atBreak($situation, $advice);
    }

    /**
     * Straight to the hardest solid step whose bound fits; one step where none does: it was calm there before. But not the day after a
     * reaction: what was solid before it no longer speaks against the caps.
     */
    private function regain(Situation $situation, Level $level, Level $solid, Level $next, Reason $met): Advice
    {
        $to = $solid->isHarderThan($next) && ! (new Way($situation))->isUnderAPart($next, $solid) ? $next : $solid;
        // step by step in a new place, with a new person, and after a hard session: what was solid then may not be now
        $isInARow = $situation->history->isNewPlace || $situation->history->givenHeld >= 0 || $situation->history->hardLately > 0;
        for ($i = $solid->step; $i > $next->step && ! $isInARow; $i--) {
            $candidate = $i === $solid->step ? $solid : Level::ofStep($situation->ladder, $i);
            if ($situation->allows($candidate->exposure) && ! $situation->log->struggledAt($candidate)
                && ! (new Way($situation))->isElsewhere($level->exposure, $candidate->exposure)) {
                $to = $candidate;
                break;
            }
        }
        if ($situation->log->struggledAt($to)) {
            return $this->stay($situation, $level, $to, $situation->caps);
        }
        if (self::isAfterReaction($situation) && ! $situation->allows($to->exposure)) {
            return $this->isCalmLongEnough($situation)
                ? $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::EasyDay)])
                : $this->stay($situation, $level, $to, $situation->caps);
        }

        return $situation->advise(Action::Advance, $to, [
            $met, Reason::of(ReasonCode::Regain), ...$situation->riskReasons($to->exposure),
        ]);
    }

    /** Under the hand consent speaks, and what came from outside says nothing of where the dog stood. */
    private static function isAfterReaction(Situation $situation): bool
    {
        $over = $situation->history->lastOver;

        return $over !== null && $over->kind !== MarkKind::OverFromOutside && $situation->work === Work::Exposure;
    }

    private function onNewGround(Situation $situation, Level $level, Level $next, Reason $met): Advice
    {
        $ground = new NewGround($situation);
        if ($ground->isUsedUp()) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::AdvancesUsed, count: $ground->steps())]);
        }
        // what was shown today is no new step, come back to or not
        $counted = static fn (Level $to): array => match (true) {
            ! $ground->isNew($to) => [],
            $ground->isBold() => [Reason::of(ReasonCode::Bold)],
            default => [Reason::of(ReasonCode::Advances, count: $ground->steps() + 1, most: $situation->settings->mostAdvances)],
        };
        $part = (new Way($situation))->part($level, $next);
        $partBarred = $part === null ? null : $ground->bars($part);
        $isPartOpen = $part !== null && $partBarred === null;
        // nobody can tell half a pace from none: there the step is its own part
        $needsParts = $part !== null && $ground->needsParts($next);
        $barred = $ground->bars($next) ?? ($needsParts ? $partBarred : null);
        // under the hand a step has a name, and the dog's own consent comes before any figure
        $isAllowed = $situation->allowsNew($next->exposure)
            || $situation->work === Work::Contact && $situation->allowsPart($next->exposure);
        if ($barred === null && $isAllowed && ! $needsParts) {
            return $situation->advise(Action::Advance, $next, [$met, ...$counted($next), ...$situation->riskReasons($next->exposure)]);
        }
        if ($part !== null && $isPartOpen && $situation->allowsPart($part->exposure)) {
            return $situation->advise(Action::Split, $part, [$met, ...$counted($part), ...$situation->riskReasons($part->exposure)]);
        }
        $try = $barred === null && ! $needsParts ? $part ?? $next : $part;
        $mayTry = $try !== null && ($try === $next || $isPartOpen) && ! $ground->forbidsTrying($try);
        if ($mayTry && $this->isCalmLongEnough($situation)) {
            if ($try === $next && self::isLeap($situation, $next)) {
                return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::PutOneBetween)]);
            }

            return $situation->advise($try === $next ? Action::Advance : Action::Split, $try, [
                Reason::of(ReasonCode::CalmLongEnough, count: $situation->run()), ...$counted($try),
                ...$situation->riskReasons($try->exposure),
            ]);
        }

        if ($barred === null || $isPartOpen) {
            $goesOn = $mayTry && ! ($try === $next && self::isLeap($situation, $next));

            return $this->stayAWhile($situation, $level, $next, $partBarred, $goesOn);
        }

        // what waits for somebody's decision is no reason to end: good ones short of it are what is missing
        return $barred->code === ReasonCode::TrainersWord && ! $this->isCalmLongEnough($situation)
            ? $situation->advise(Action::Repeat, $level, [
                Reason::of(ReasonCode::UntilTrainersWord, count: $barred->facts['count']), $situation->runReason($level),
            ])
            : $situation->advise(Action::EndWell, null, [$barred]);
    }

    /**
     * More good ones here are what is missing, up to twice the criterion: then what is barred for today ends the session, and under the
     * hand whatever else keeps the next step closed. Forty hands in the air teach a dog nothing.
     *
     * @param  bool  $goesOn  whether it goes on after those, whatever the model says
     */
    private function stayAWhile(Situation $situation, Level $level, Level $next, ?Reason $barred, bool $goesOn): Advice
    {
        $isOver = $this->isCalmLongEnough($situation);

        return match (true) {
            $isOver && $barred !== null => $situation->advise(Action::EndWell, null, [$barred]),
            $isOver && $situation->work === Work::Contact => $situation->advise(
                Action::EndWell, null, [Reason::of(ReasonCode::EnoughHere, count: $situation->run())],
            ),
            default => $this->stay($situation, $level, $next, $situation->capsOfNew(), $goesOn),
        };
    }

    private static function isLeap(Situation $situation, Level $next): bool
    {
        $likely = $situation->model?->risk($next->exposure, $situation->day())->reactionMean->value ?? 0.0;

        return $likely > self::LEAP_TIMES * $situation->caps->reaction->value;
    }

    private function isCalmLongEnough(Situation $situation): bool
    {
        return $this->missingToCalm($situation) === 0;
    }

    /**
     * Good ones that twice the criterion in a row still takes; under the hand what is calm and no success, another offer or part of it,
     * does not break the row.
     */
    private function missingToCalm(Situation $situation): int
    {
        $here = $situation->log->atLevel();
        $step = $situation->ladder->step($situation->log->last()->level->step ?? 0);
        $missing = self::CRITERIA_AGAINST_MODEL * $step->criterion->successes;
        for ($i = count($here) - 1; $i >= 0 && $missing > 0; $i--) {
            if (! $here[$i]->isSuccess() && ($situation->work !== Work::Contact || ! $here[$i]->isCalm() || $here[$i]->isNo())) {
                break;
            }
            $missing -= $here[$i]->isSuccess() ? 1 : 0;
        }

        return $missing;
    }

    /**
     * Not that it is enough to move on: it stays.
     *
     * @param  RiskCaps  $caps  that the next one is held against
     * @param  bool  $goesOn  whether it goes on after twice the criterion, whatever the model says
     */
    private function stay(Situation $situation, Level $level, Level $next, RiskCaps $caps, bool $goesOn = false): Advice
    {
        if ($situation->log->struggledAt($next)) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::SpentEnd)]);
        }

        return $situation->advise(Action::Repeat, $level, [
            $this->whatIsMissing($situation, $level, $next, $caps, $goesOn), $situation->runReason($level),
            ...$situation->riskReasons($next->exposure),
        ]);
    }

    /** A fourth place in a set waits for a walk; who went there without one has decided, and reads it beside the reason from then on. */
    private static function atBreak(Situation $situation, Advice $advice): Advice
    {
        $places = $situation->log->placesOfSet();
        $isNew = $advice->next !== null
            && array_filter($places, static fn (Level $place): bool => $place->equals($advice->next)) === [];

        if (! $isNew || count($places) < self::PLACES_A_SET || $situation->work !== Work::Exposure) {
            return $advice;
        }
        $enough = Reason::of(ReasonCode::PlacesOfSet, count: count($places), plan: $situation->catalog->plan->value);

        return count($places) > self::PLACES_A_SET
            ? $advice->with($enough)
            : $situation->advise(Action::Break, $advice->next, [$enough, ...$advice->reasons]);
    }

    /** How much of the refusal is the dog, and how much is not knowing it well enough. */
    private function whatIsMissing(Situation $situation, Level $level, Level $next, RiskCaps $caps, bool $goesOn): Reason
    {
        $model = $situation->model;
        if ($model === null) {
            return Reason::of(ReasonCode::MissingDog);
        }
        $atPoint = 0.0;
        foreach ([[Band::Strain, $situation->caps->strain], [Band::Over, $situation->caps->reaction]] as [$band, $limit]) {
            $linear = $model->linear($next->exposure, $band, Day::Today);
            $atPoint = max($atPoint, $linear['mean'] - $limit->toLogit());
        }
        if ($atPoint > 0.0) {
            return Reason::of(ReasonCode::MissingDog);
        }

        $needed = $model->calmTrialsNeeded($level->exposure, $next->exposure, $caps, $situation->day());
        $left = $this->missingToCalm($situation);

        return Reason::of(ReasonCode::MissingCertainty, trials: match (true) {
            $needed !== null && $needed <= $left => $needed,
            $goesOn => $left,
            default => null,
        });
    }
}
