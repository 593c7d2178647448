<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Ladder\DogPosture;
use Core\Measure\Distance;

/**
 * Where a session starts: the newest of test and history leads, what was told counts only where neither exists, and a reaction only ever
 * makes it easier. Every number is common practice.
 */
final readonly class WarmUp
{
    /** Steps easier than where the dog went over: after that, and after two sessions with a reaction running. */
    private const AFTER_REACTION = 3;

    private const AFTER_TWO = 5;

    /** Where the cause came from outside. */
    private const AFTER_OUTSIDE = 2;

    private const MODEL_STEPS = 1;

    private const MODEL_STEPS_AFTER_HARD = 2;

    private const STREAK_ENDS = 3;

    private const HARD_OF_THREE = 2;

    private const REST_DAYS = 7.0;

    public function suggest(Situation $situation): Advice
    {
        $history = $situation->history;
        $upset = $history->carryOver ?? CarryOver::none();
        $not = match (true) {
            $history->resting !== null => [Action::Refer, Reason::of(ReasonCode::Resting, why: $history->resting->value)],
            $history->reactionStreak >= self::STREAK_ENDS => [
                Action::Refer, Reason::of(ReasonCode::Suspended, count: $history->reactionStreak),
            ],
            $situation->log->condition->inTheWay() !== null => [
                Action::NotHere, Reason::of($situation->log->condition->inTheWay()),
            ],
            $upset->asksForRest() => [Action::NotHere, Reason::of(ReasonCode::RestDay)],
            default => null,
        };
        if ($not !== null) {
            return $situation->advise($not[0], null, [$not[1]]);
        }
        $start = $this->wished($situation);
        if ($start instanceof Advice) {
            return $start;
        }
        [$level, $why, $isSure] = $start;
        $way = new Way($situation);
        if (self::isTooSmall($situation, $way, $level)) {
            return $situation->advise(Action::NotHere, null, [Reason::of(ReasonCode::RoomTooSmall)]);
        }
        $isShaken = $upset->asksForEasier() && $history->reactionsElsewhere === 0;
        $easier = self::easier($situation);
        [$level, $steps] = self::stepsBelow($way, $level, ($isShaken ? 1 : 0) + ($easier === null ? 0 : 1));
        $why = [
            ...($easier === null ? [] : [Reason::of($easier)]),
            ...self::back($why, static fn (int $back): int => $back + $steps),
            ...($isShaken ? [Reason::of(ReasonCode::StillShaken)] : []),
        ];
        $why = [...$why, ...$this->heldAgainst($situation, $level)];
        $isPeek = array_filter($why, static fn (Reason $reason): bool => $reason->code === ReasonCode::Peek) !== [];
        $action = $isPeek ? Action::Peek : Action::Start;
        if ($isSure) {
            // a test, or what people have seen for weeks, stands for itself: no odds are told of a dog that the model has not met
            return $situation->advise($action, $level, $why);
        }
        [$level, $why] = $this->easedByModel($situation, $level, $why);
        if ($easier === null && ! $upset->asksForEasier()) {
            [$level, $why] = self::noFartherThanFine($situation, $way, $level, $why);
        }

        return $situation->advise($action, $level, [...$why, ...$situation->riskReasons($level->exposure)]);
    }

    /** Struggling at the far end of the room in two of the latest three sessions: not in this place, but for a week of rest. */
    private static function isTooSmall(Situation $situation, Way $way, Level $start): bool
    {
        $history = $situation->history;

        return $situation->work === Work::Exposure && ! $history->isNewPlace && $history->tested === null
            && self::isUnrested($history)
            && $history->hardLately >= self::HARD_OF_THREE && $history->sessionsStruggledUpTo($start) >= self::HARD_OF_THREE
            && $way->below($start, 1) === null;
    }

    /** Whether a week of rest, after which a place is tried once more, is not over. */
    private static function isUnrested(History $history): bool
    {
        return ($history->daysSinceLast ?? 0.0) < self::REST_DAYS;
    }

    /**
     * However many steps easier a pause or the model asks for: a dog that has been fine somewhere for weeks, and solid nearer since, is not
     * sent farther than there, unless anything hard was seen since.
     *
     * @param  non-empty-list<Reason>  $why
     * @return array{Level, non-empty-list<Reason>}
     */
    private static function noFartherThanFine(Situation $situation, Way $way, Level $level, array $why): array
    {
        $history = $situation->history;
        $fine = $situation->told->forbidsTrying() ? null : $situation->told->fineAt?->distance();
        $isHard = $history->hardLately > 0 || $history->reactionsElsewhere > 0 || $history->lastOver !== null;
        $isUnknown = $history->isNewPlace || $history->givenHeld >= 0;
        $solid = $history->solid?->exposure->distance();
        if ($fine === null || $solid === null || $isHard || $isUnknown || $situation->work !== Work::Exposure
            || $solid->meters > $fine->meters || ($level->exposure->distance()->meters ?? 0.0) <= $fine->meters) {
            return [$level, $why];
        }

        $level = $way->level($level->exposure->withDistance($fine));
        $steps = (int) round($way->stepsBetween($level->exposure, $history->solid->exposure) ?? 0.0);
        $stands = array_filter($why, static fn (Reason $reason): bool => $reason->code !== ReasonCode::StartEased);

        return [$level, [
            ...self::back(array_values($stands), static fn (): int => max(1, $steps)), Reason::of(ReasonCode::StartTold),
        ]];
    }

    /** @return array{Level, int} as many steps easier as there are, at most so many, and how many that were */
    private static function stepsBelow(Way $way, Level $from, int $most): array
    {
        $steps = 0;
        while ($steps < $most && ($below = $way->below($from, 1)) !== null) {
            $from = $below;
            $steps++;
        }

        return [$from, $steps];
    }

    /**
     * Who reads how many steps easier it is reads all of them.
     *
     * @param  list<Reason>  $why
     * @param  \Closure(int): int  $steps  from those told to all of them
     * @return ($why is non-empty-list ? non-empty-list<Reason> : list<Reason>)
     */
    private static function back(array $why, \Closure $steps): array
    {
        return array_map(static function (Reason $reason) use ($steps): Reason {
            $back = $reason->code === ReasonCode::StartBack ? $reason->facts['back'] : null;

            return is_int($back) ? Reason::of($reason->code, ...[...$reason->facts, 'back' => $steps($back)]) : $reason;
        }, $why);
    }

    /** One of them: a dog is not sent to the far end for three small things. */
    private static function easier(Situation $situation): ?ReasonCode
    {
        return match (true) {
            $situation->told->hasChangedSuddenly => ReasonCode::SuddenChange,
            $situation->told->isNewHere() => ReasonCode::NewHere,
            default => $situation->log->condition->easier(),
        };
    }

    /** @return list<Reason> a dog that must hold still cannot tell that it is too much */
    private function heldAgainst(Situation $situation, Level $level): array
    {
        $isHeld = $situation->ladder->step($level->step)->manner->posture === DogPosture::Held;

        return $isHeld && ($situation->told->isFearful || $situation->told->hidesSigns) ? [Reason::of(ReasonCode::HeldAgainst)] : [];
    }

    /** @return Advice|array{Level, non-empty-list<Reason>, bool} where, why, and whether a test or somebody's word stands for it */
    private function wished(Situation $situation): Advice|array
    {
        $history = $situation->history;
        $way = new Way($situation);
        if ($history->lastOver !== null || $history->reactionsElsewhere > 0) {
            return $this->afterReaction($situation, $way);
        }
        if ($history->tested !== null) {
            return [...self::byTest($situation, $history->tested, $way), true];
        }
        if ($history->solid === null && $history->givenHeld >= 0) {
            $step = min(self::inFirstThird($situation), $history->givenHeld);

            return [self::stepAt($situation, $step), [Reason::of(ReasonCode::NewPerson)], true];
        }
        if ($history->solid !== null && $history->isNewPlace) {
            $step = min(self::inFirstThird($situation), max(0, $history->solidStep - 1));

            return [self::stepAt($situation, $step), [Reason::of(ReasonCode::NewPlace)], true];
        }
        if ($history->solid === null) {
            return match (true) {
                $history->trialsEver === 0 => $this->first($situation, $way),
                $history->lastCalm !== null => [$history->lastCalm, [Reason::of(ReasonCode::StartNoneSolid)], false],
                default => $this->farther($situation, $way),
            };
        }

        return $this->afterSolid($situation, $way, $history->solid);
    }

    /** @return array{Level, non-empty-list<Reason>} */
    private static function byTest(Situation $situation, Tested $tested, Way $way): array
    {
        if ($tested->passed !== null && $tested->doubt === null) {
            return [$tested->passed, [Reason::of(ReasonCode::StartTested)]];
        }
        if ($tested->passed !== null) {
            // under the hand tests are the ladder's own steps: what passed is a step below the doubt
            $easier = $situation->work === Work::Exposure ? $way->below($tested->passed, 1) : null;

            return [$tested->notBeyond($easier ?? $tested->passed), [Reason::of(ReasonCode::StartTestedBelow)]];
        }
        $doubt = $tested->doubt ?? throw new \LogicException('A test passes or raises a doubt.');

        return [$way->below($doubt, 1) ?? $doubt, [Reason::of(ReasonCode::StartTestedBelow)]];
    }

    /** @return Advice|array{Level, non-empty-list<Reason>, bool} */
    private function afterReaction(Situation $situation, Way $way): Advice|array
    {
        $history = $situation->history;
        $isElsewhere = $history->lastOver === null;
        $isFromOutside = $history->lastOver?->kind === MarkKind::OverFromOutside;
        $steps = match (true) {
            $isFromOutside => self::AFTER_OUTSIDE,
            $history->reactionStreak >= 2 && ! $isElsewhere => self::AFTER_TWO,
            default => self::AFTER_REACTION,
        };
        $from = $history->lastOver->level ?? $history->solid ?? $history->lastCalm ?? self::stepAt($situation, 0);
        // a reaction elsewhere says nothing of this place: two steps under what was solid
        $steps = $isElsewhere ? 2 : $steps;
        $level = $way->below($from, $steps) ?? self::stepsBelow($way, $from, $steps)[0];
        if (! $isElsewhere && ! $isFromOutside && ! $from->isHarderThan($level)) {
            return self::reactedAtEasiest($situation, $way, $level);
        }
        $solid = $history->solid;
        $below = $solid === null || $solid->isHarderThan($level) ? $level : ($way->below($solid, 1) ?? $level);

        return [$below, [Reason::of(match (true) {
            ! $from->isHarderThan($below), $solid !== null && ! $solid->isHarderThan($below) => ReasonCode::StartReactionEasiest,
            $isElsewhere => ReasonCode::StartReactionElsewhere,
            $isFromOutside => ReasonCode::StartAfterOutside,
            $steps === self::AFTER_TWO => ReasonCode::Breaker,
            default => ReasonCode::StartAfterReaction,
        })], $isFromOutside];
    }

    /**
     * Where nothing easier than what it reacted to can be done there is nothing to begin with; a week of rest, or a test, says more.
     *
     * @return Advice|array{Level, non-empty-list<Reason>, bool}
     */
    private static function reactedAtEasiest(Situation $situation, Way $way, Level $easiest): Advice|array
    {
        $history = $situation->history;
        $isAtADistance = $easiest->exposure->distance() !== null;

        return match (true) {
            $history->tested !== null => [...self::byTest($situation, $history->tested, $way), true],
            // what is learned in a kitchen is not what it reacted to
            $situation->work === Work::Skill => [$easiest, [Reason::of(ReasonCode::StartReactionEasiest)], true],
            ! $isAtADistance => $situation->advise(Action::NotHere, null, [Reason::of(ReasonCode::ReactedAtEasiest)]),
            self::isUnrested($history) => $situation->advise(Action::NotHere, null, [Reason::of(ReasonCode::RoomTooSmall)]),
            default => [$easiest, [Reason::of(ReasonCode::StartFarEnd)], true],
        };
    }

    /** @return array{Level, non-empty-list<Reason>, bool} */
    private function afterSolid(Situation $situation, Way $way, Level $solid): array
    {
        $history = $situation->history;
        $days = $history->daysSinceLast ?? 0.0;
        $back = match (true) {
            $days >= 7.0 || $history->endedWithEffort => 3,
            $days >= 3.0 => 2,
            $situation->settings->choices->startsWhereItEnded || $situation->work === Work::Skill => 0,
            default => 1,
        };
        $level = $back === 0 ? $solid : $way->below($solid, $back) ?? $way->below($solid, 1) ?? $solid;
        $there = self::elsewhere($situation, $way, $solid, $level);
        if ($there !== null) {
            return [$there, [Reason::of(ReasonCode::StartElsewhere)], true];
        }
        // from part of a step the step itself is one easier
        $easier = $situation->work === Work::Contact
            ? $solid->step - $level->step + ($solid->beyond > $level->beyond ? 1 : 0)
            : self::stepsTaken($way, $solid, $level, $back);
        $why = match (true) {
            $history->sessionsWithoutGain >= History::PLATEAU_SESSIONS => Reason::of(
                ReasonCode::Plateau, count: $history->sessionsWithoutGain,
            ),
            $easier === 0 => Reason::of(ReasonCode::StartWhereEnded),
            // the step before is of another strand: nobody counts those between
            $situation->work === Work::Contact && $easier > $back => Reason::of(
                ReasonCode::BackAlong, at: $situation->told($level->exposure),
            ),
            default => Reason::of(
                ReasonCode::StartBack, back: $easier, days: $days >= 3.0 ? (int) floor($days) : 0, hard: $history->endedWithEffort,
            ),
        };

        return [$level, [$why], $back === 0 && $history->hardLately === 0];
    }

    /**
     * Where the work goes on at a place that nobody gets to within a session: its easiest step, or the hardest that is no harder than the
     * start. Null where it goes on where it starts.
     */
    private static function elsewhere(Situation $situation, Way $way, Level $solid, Level $start): ?Level
    {
        $next = $way->next($solid);
        $aim = $next !== null && $way->isElsewhere($solid->exposure, $next->exposure) ? $next : $solid;
        $there = $start;
        while ($way->isElsewhere($there->exposure, $aim->exposure) && $there->step < $aim->step) {
            $there = self::stepAt($situation, $there->step + 1);
        }

        return $there === $start ? null : $there;
    }

    /** Of so many steps at most: fewer where the room or the ladder ends before. */
    private static function stepsTaken(Way $way, Level $from, Level $to, int $most): int
    {
        $steps = 0;
        while ($steps < $most && ($steps === 0 ? $from : $way->below($from, $steps))?->equals($to) !== true) {
            $steps++;
        }

        return $steps;
    }

    /** @return Advice|array{Level, non-empty-list<Reason>, bool} the very first, or one after which nobody knows more */
    private function first(Situation $situation, Way $way): Advice|array
    {
        $step = self::stepAt($situation, 0);
        $typed = $step->exposure->distance();
        if ($situation->work === Work::Contact && $situation->told->hasBitten) {
            return $situation->advise(Action::NotHere, null, [Reason::of(ReasonCode::TestFirst)]);
        }
        if ($typed === null || $situation->work === Work::Skill) {
            return [$step, [Reason::of(ReasonCode::StartFirst)], true];
        }
        $start = FirstStart::of($situation->told, $way->room(), $typed->meters);
        if ($start->isRefused) {
            return $situation->advise(Action::NotHere, null, [$start->reason]);
        }

        return [$way->level($step->exposure->withDistance($start->distance())), [
            ...($start->isPeek ? [Reason::of(ReasonCode::Peek)] : []),
            ...($start->isPeek && $situation->settings->isByStrangers ? [Reason::of(ReasonCode::PeekStrangers)] : []),
            $start->reason,
        ], true];
    }

    /** @return Advice|array{Level, non-empty-list<Reason>, bool} where nothing of the last session was calm */
    private function farther(Situation $situation, Way $way): Advice|array
    {
        $first = self::stepAt($situation, 0);
        if ($situation->work !== Work::Exposure) {
            return [$first, [Reason::of(ReasonCode::StartEasiest)], true];
        }
        $farthest = self::farthest($way, $first);
        $level = $way->below($first, 2);
        while ($level !== null && $situation->history->sessionsStruggledUpTo($level) > 0) {
            [$farthest, $level] = [$level, $way->below($level, 2)];
        }
        $isTooSmall = $level === null && ($situation->told->forbidsTrying() || $situation->history->hardLately >= self::HARD_OF_THREE)
            && self::isUnrested($situation->history);

        return $isTooSmall
            ? $situation->advise(Action::NotHere, null, [Reason::of(ReasonCode::RoomTooSmall)])
            : [$level ?? $farthest, [Reason::of($level === null ? ReasonCode::StartFarEnd : ReasonCode::StartFarther)], true];
    }

    /**
     * At a start, and nowhere else, the model may ask for less: a step or two, and more only after something negative.
     *
     * @param  non-empty-list<Reason>  $why
     * @return array{Level, non-empty-list<Reason>}
     */
    private function easedByModel(Situation $situation, Level $level, array $why): array
    {
        $most = $situation->history->hardLately > 0 ? self::MODEL_STEPS_AFTER_HARD : self::MODEL_STEPS;
        $way = new Way($situation);
        $eased = $level;
        $steps = 0;
        while ($steps < $most && $situation->work === Work::Exposure && $situation->model !== null
            && ! $situation->allows($eased->exposure) && ($below = $way->below($eased, 1)) !== null) {
            $eased = $below;
            $steps++;
        }

        return $steps === 0 ? [$level, $why] : [
            $eased, [...self::back($why, static fn (int $back): int => $back + $steps), Reason::of(ReasonCode::StartEased)],
        ];
    }

    /** The first third of the ladder: its middle. */
    private static function inFirstThird(Situation $situation): int
    {
        return intdiv($situation->ladder->top(), 6);
    }

    private static function stepAt(Situation $situation, int $step): Level
    {
        return Level::ofStep($situation->ladder, $step);
    }

    private static function farthest(Way $way, Level $from): Level
    {
        return $from->exposure->distance() === null
            ? $from
            : $way->level($from->exposure->withDistance(Distance::fromMeters($way->room())));
    }
}
