<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Decision\Rule\EaseAfterStrain;
use Core\Exposure\Dimension;
use Core\Sign\Band;
use Core\Sign\FoodTaken;

/** What speaks against going on to where the dog has not been: a day's share, and what happened there before. */
final readonly class NewGround
{
    /** Ten of ten easy, unlured, gently eaten, no sign ticked: bold is measured. The intake's word only shortens it. */
    private const BOLD_TRIALS = 10;

    private const BOLD_TRIALS_TOLD = 5;

    /** Of a step: what is shorter counts for half of one. */
    private const PART = 0.75;

    /** What was too much twice is enough for a day. */
    private const VISITS = 2;

    /** After the second time it went over at a place, only a trainer decides. */
    private const OVERS = 2;

    /** Steps short of a place where it went over, in which moving on is by parts and never against the model. */
    private const NEAR_STEPS = 2.0;

    public function __construct(private Situation $situation)
    {
    }

    /** New steps taken today; parts of one count for one together. */
    public function steps(): int
    {
        $steps = 0.0;
        $before = $this->situation->history->solid ?? ($this->situation->log->trials[0] ?? null)?->level;
        foreach ($this->situation->log->newGround($this->situation->history->solid) as $level) {
            $steps += $before === null ? 1.0 : $this->sizeOf($before, $level);
            $before = $level;
        }

        return (int) ceil($steps - 1e-9);
    }

    /** Whether nothing as hard was solid before or shown today. */
    public function isNew(Level $next): bool
    {
        $today = array_map(static fn (LoggedTrial $of): Level => $of->level, $this->situation->log->trials);
        $shown = [$this->situation->history->solid, ...$today];

        $isAsHard = fn (?Level $of): bool => $of !== null && (! $next->isHarderThan($of)
            || $this->situation->credit->isSamePlace($of->exposure, $next->exposure));

        return array_filter($shown, $isAsHard) === [];
    }

    /** A step, or half of one: under the hand what is off the ladder, or comes from there, is part of a step. */
    private function sizeOf(Level $before, Level $level): float
    {
        $size = (new Way($this->situation))->stepsBetween($before->exposure, $level->exposure);
        $isPart = $size === null
            ? $this->situation->work === Work::Contact && (abs($before->beyond) > 1e-9 || abs($level->beyond) > 1e-9)
            : $size <= self::PART;

        return $isPart ? 0.5 : 1.0;
    }

    public function isUsedUp(): bool
    {
        return $this->steps() >= $this->situation->settings->mostAdvances && ! $this->isBold();
    }

    /** Several steps a day, for a dog that shows today that nothing of it worries it. Never past the first closing, pull or tool. */
    public function isBold(): bool
    {
        if ($this->situation->work === Work::Exposure || $this->situation->told->forbidsTrying() || $this->situation->told->isNewHere()
            || $this->isCaught()) {
            return false;
        }
        $asked = $this->situation->told->isBold ? self::BOLD_TRIALS_TOLD : self::BOLD_TRIALS;
        $trials = array_slice($this->situation->log->trials, -$asked);
        $isBold = static fn (LoggedTrial $trial): bool => $trial->isSuccess() && $trial->band === Band::Easy
            && $trial->food === FoodTaken::Gently && $trial->signs === [];
        $hadDoubt = $this->situation->log->count(static fn (LoggedTrial $trial): bool => ! $trial->isCalm()) > 0;

        return count($trials) === $asked && ! $hadDoubt && array_filter($trials, $isBold) === $trials;
    }

    /** Whether it is held, closed in, pulled, touched by a tool or hears one where it is, for the first time in this plan. */
    private function isCaught(): bool
    {
        $here = $this->situation->log->last()?->level->exposure;
        foreach ($here->values ?? [] as $key => $value) {
            $dimension = $this->situation->catalog->dimension($key);
            if ($dimension->catches($value) && ! $this->isSolidlyCaught($dimension)) {
                return true;
            }
        }

        return false;
    }

    private function isSolidlyCaught(Dimension $by): bool
    {
        for ($step = 0; $step <= $this->situation->history->solidStep; $step++) {
            if ($by->catches($this->situation->ladder->step($step)->exposure->values[$by->key] ?? null)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a level may not be asked for at all today; and why. */
    public function bars(Level $next): ?Reason
    {
        $history = $this->situation->history;
        if ($this->situation->log->struggledAt($next)) {
            return Reason::of(ReasonCode::SpentEnd);
        }
        $visits = $this->situation->log->hardVisits($next);
        if ($visits >= self::VISITS) {
            return Reason::of(ReasonCode::TwiceToday, count: $visits);
        }
        $overs = $history->oversUpTo($next);
        if ($overs >= self::OVERS) {
            return Reason::of(ReasonCode::TrainersWord, count: $overs);
        }
        if ($overs > 0 && $this->situation->log->hasTried($next)) {
            return Reason::of(ReasonCode::OnceADay);
        }
        $sessions = $history->sessionsStruggledUpTo($next);

        return $sessions >= EaseAfterStrain::WALL_SESSIONS ? Reason::of(ReasonCode::Wall, count: $sessions) : null;
    }

    /** Where it went over before, and just short of it, only by half parts. */
    public function needsParts(Level $next): bool
    {
        return $this->situation->history->oversUpTo($next) > 0;
    }

    /** Whether twice the criterion is no reason to go on against the model. */
    public function forbidsTrying(Level $next): bool
    {
        if ($this->situation->told->forbidsTrying()) {
            return true;
        }
        foreach ($this->situation->history->overs as $over) {
            $short = (new Way($this->situation))->stepsBetween($next->exposure, $over['level']->exposure);
            if (! $over['level']->isHarderThan($next) || ($short === null
                ? $over['level']->step - $next->step <= self::NEAR_STEPS : $short <= self::NEAR_STEPS + 1e-9)) {
                return true;
            }
        }

        return false;
    }
}
