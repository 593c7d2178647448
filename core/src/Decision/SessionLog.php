<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Response\Calibration;
use Core\Response\SessionEvidence;
use Core\Sign\Band;

/** The trials of one session in their order, and the counts that rules ask of them. */
final readonly class SessionLog
{
    /** @var list<bool> by place of the trial: whether the time it claims had passed */
    private array $hadTime;

    /**
     * @param  list<LoggedTrial>  $trials
     * @param  float  $upset  points of upset carried over into it
     */
    public function __construct(
        public \DateTimeImmutable $startedAt, public ?\DateTimeImmutable $setStartedAt, public array $trials, public float $upset = 0.0,
    ) {
        $this->hadTime = TimePassed::ofTrials($trials, $startedAt);
    }

    /** A success logged before its time could have passed says nothing; anything else is what the dog showed. */
    public function isTooQuick(int $place): bool
    {
        return ! ($this->hadTime[$place] ?? true) && $this->trials[$place]->isSuccess();
    }

    public function last(): ?LoggedTrial
    {
        return $this->trials[count($this->trials) - 1] ?? null;
    }

    /** The latest trial that was not an easy one put between. */
    public function lastAskedInEarnest(): ?LoggedTrial
    {
        foreach (array_reverse($this->trials) as $trial) {
            if ($trial->under !== Action::EasyBetween) {
                return $trial;
            }
        }

        return null;
    }

    /**
     * Trials since the last change of level that count for runs, oldest first; an easy one between that went well is no change.
     *
     * @return list<LoggedTrial>
     */
    public function atLevel(): array
    {
        $last = $this->last();
        $found = [];
        for ($i = count($this->trials) - 1; $i >= 0 && $last !== null; $i--) {
            $isHere = $this->trials[$i]->target->equals($last->target);
            if (! $isHere && ! $this->trials[$i]->isEasyBetween()) {
                break;
            }
            if ($isHere && $this->trials[$i]->countsForRun() && ! $this->isTooQuick($i)) {
                array_unshift($found, $this->trials[$i]);
            }
        }

        return $found;
    }

    /**
     * How many of the latest trials in a row satisfy a test, over all levels.
     *
     * @param  callable(LoggedTrial): bool  $test
     */
    public function runOf(callable $test): int
    {
        $run = 0;
        for ($i = count($this->trials) - 1; $i >= 0 && $test($this->trials[$i]); $i--) {
            $run++;
        }

        return $run;
    }

    /** @param  callable(LoggedTrial): bool  $test */
    public function count(callable $test): int
    {
        return count(array_filter($this->trials, $test));
    }

    public function countOfBand(Band $band): int
    {
        return $this->count(static fn (LoggedTrial $trial): bool => $trial->band === $band && ! $trial->handlerError);
    }

    /** What this session tells the response model; trials after a reaction apart. */
    public function evidence(): SessionEvidence
    {
        $evidence = [];
        $afterReaction = false;
        foreach ($this->trials as $place => $trial) {
            if ($trial->isEvidence() && ! $this->isTooQuick($place)) {
                $evidence[] = ['exposure' => $trial->exposure, 'band' => $trial->band, 'afterReaction' => $afterReaction];
            }
            $afterReaction = $afterReaction || $trial->band === Band::Over;
        }

        return SessionEvidence::ofTrials($this->startedAt, $evidence, $this->upset);
    }

    /** Forecasts of this session against what came. */
    public function calibration(): Calibration
    {
        $calibration = new Calibration;
        foreach ($this->trials as $place => $trial) {
            if ($trial->forecast !== null && $trial->isEvidence() && ! $this->isTooQuick($place)) {
                $calibration = $calibration->with($trial->forecast, $trial->band);
            }
        }

        return $calibration;
    }

    /** Trials logged since the last reaction; null if there was none. */
    public function trialsSinceReaction(): ?int
    {
        for ($i = count($this->trials) - 1; $i >= 0; $i--) {
            if ($this->trials[$i]->band === Band::Over) {
                return count($this->trials) - 1 - $i;
            }
        }

        return null;
    }

    /**
     * Steps onto ground that was not held before this session, whether by one step or by skipping.
     *
     * @param  int  $heldStep  index of the highest step held before the session, −1 for none
     */
    public function advancesOnNewGround(int $heldStep): int
    {
        $advances = 0;
        $highest = null;
        foreach ($this->trials as $trial) {
            $step = $trial->target->step;
            if ($highest !== null && $step > $highest && $step > $heldStep) {
                $advances++;
            }
            $highest = max($highest ?? $heldStep, $step);
        }

        return $advances;
    }

    /**
     * Whether a level gave strain or a reaction within its first three trials today: then it is not tried again.
     */
    public function isSpentToday(Level $level): bool
    {
        $seen = 0;
        foreach ($this->trials as $trial) {
            if (! $trial->target->equals($level)) {
                continue;
            }
            if (++$seen <= 3 && $trial->band->atLeast(Band::Strain) && ! $trial->handlerError) {
                return true;
            }
        }

        return false;
    }
}
