<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Response\Calibration;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;

/** The trials of one session in their order, and the counts that rules ask of them. */
final readonly class SessionLog
{
    /** Trials of which one has to show that a dog is fine that may hide its signs. */
    private const ONE_PROOF_IN = 3;

    /** @var list<bool> by place of the trial: whether the time it claims had passed */
    private array $hadTime;

    /**
     * @param  list<LoggedTrial>  $trials
     * @param  float  $upset  points of upset carried over into it
     * @param  Condition  $condition  of dog, ground and gear, as it was told beforehand
     * @param  bool  $needsProof  whether quiet is not the same as calm: the dog may hide its signs
     * @param  float  $stricter  bands by which whoever logs it is known to grade harder than graders settle on; under 0 for milder
     */
    public function __construct(
        public \DateTimeImmutable $startedAt, public ?\DateTimeImmutable $setStartedAt, public array $trials, public float $upset = 0.0,
        public Condition $condition = new Condition, public bool $needsProof = false, public float $stricter = 0.0,
    ) {
        $this->hadTime = TimePassed::ofTrials($trials, $startedAt);
    }

    /**
     * The same session, farther on.
     *
     * @param  list<LoggedTrial>  $trials
     */
    public function with(array $trials, ?\DateTimeImmutable $setStartedAt): self
    {
        return new self($this->startedAt, $setStartedAt, $trials, $this->upset, $this->condition, $this->needsProof, $this->stricter);
    }

    /** The same, as what people told of the dog has it read: of one that may hide its signs quiet is not the same as calm. */
    public function seenWith(Told $told): self
    {
        return $this->needsProof || ! $told->hidesSigns ? $this : new self(
            $this->startedAt, $this->setStartedAt, $this->trials, $this->upset, $this->condition, true, $this->stricter,
        );
    }

    /** A success logged before its time could have passed says nothing; anything else is what the dog showed. */
    public function isTooQuick(int $place): bool
    {
        return ! ($this->hadTime[$place] ?? true) && $this->trials[$place]->isSuccess();
    }

    /** Noticed, spoilt by nobody, and with its time behind it. */
    public function countsForRun(int $place): bool
    {
        return $this->trials[$place]->countsForRun() && ! $this->isTooQuick($place);
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
            $isHere = $this->trials[$i]->level->equals($last->level);
            if (! $isHere && ! $this->trials[$i]->isEasyBetween()) {
                break;
            }
            if ($isHere && $this->countsForRun($i)) {
                array_unshift($found, $this->trials[$i]);
            }
        }

        return $found;
    }

    /**
     * Which of some trials count, for runs and shares. What a dog that may hide its signs did only quietly is unknown and left out, unless
     * it, or one of the two before it, showed that it is fine; a cue done without eating is not fine.
     *
     * @param  list<LoggedTrial>  $trials  at one level, oldest first
     * @return list<bool>
     */
    public function successes(array $trials): array
    {
        $found = [];
        foreach ($trials as $i => $trial) {
            $isShown = ! $this->needsProof || array_filter(
                array_slice($trials, max(0, $i - self::ONE_PROOF_IN + 1), min($i + 1, self::ONE_PROOF_IN)),
                static fn (LoggedTrial $near): bool => $near->isProven(),
            ) !== [];
            if ($isShown || ! $trial->isSuccess() || $trial->food === FoodTaken::Refused) {
                $found[] = $isShown && $trial->isSuccess();
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

        return SessionEvidence::ofTrials($this->startedAt, $evidence, $this->upset, $this->stricter);
    }

    /** Forecasts of this session against what came. */
    public function calibration(): Calibration
    {
        $calibration = new Calibration;
        foreach ($this->trials as $place => $trial) {
            if ($trial->forecast !== null && $trial->isEvidence() && ! $this->isTooQuick($place)) {
                $calibration = $calibration->with($trial->forecast, $trial->band, $this->stricter);
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
     * The hardest level at which the last trial was calm; null where none was. A slip shows nothing.
     *
     * @param  ?\Closure(Level): bool  $among  the levels that are looked at; null for all
     */
    public function hardestCalm(?Level $easierThan = null, ?\Closure $among = null): ?Level
    {
        $latest = [];
        foreach ($this->trials as $trial) {
            if (! $trial->handlerError) {
                $latest[$trial->level->key()] = $trial;
            }
        }
        $hardest = null;
        foreach ($latest as $trial) {
            if (($among === null || $among($trial->level)) && $this->isShownCalm($trial)
                && ($easierThan === null || $easierThan->isHarderThan($trial->level))
                && ($hardest === null || $trial->level->isHarderThan($hardest))) {
                $hardest = $trial->level;
            }
        }

        return $hardest;
    }

    private function isShownCalm(LoggedTrial $trial): bool
    {
        return $trial->isCalm() && ($this->needsProof ? $trial->isProven() : $trial->outcome !== Outcome::QuietPass);
    }

    /** Whether any trial today was struggling or worse, whoever's the fault. */
    public function hadTrouble(): bool
    {
        return $this->count(static fn (LoggedTrial $trial): bool => $trial->band->atLeast(Band::Strain)) > 0;
    }

    /** Trials of today in which it said that it may bite. */
    public function warnings(): int
    {
        return $this->count(static fn (LoggedTrial $trial): bool => $trial->warns());
    }

    /** Whether the dog struggled or went over today at a level, or at an easier one. */
    public function struggledAt(Level $level): bool
    {
        return $this->count(static fn (LoggedTrial $trial): bool => $trial->band->atLeast(Band::Strain) && ! $trial->handlerError
            && ! $trial->level->isHarderThan($level)) > 0;
    }

    /** How often today the dog was taken to a level, or a harder one, and left it stretched or worse. */
    public function hardVisits(Level $level): int
    {
        $visits = 0;
        foreach ($this->trials as $i => $trial) {
            $isLastThere = ! isset($this->trials[$i + 1]) || ! $this->trials[$i + 1]->level->equals($trial->level);
            $visits += $isLastThere && ! $trial->isCalm() && ! $trial->handlerError && ! $level->isHarderThan($trial->level) ? 1 : 0;
        }

        return $visits;
    }

    /** Whether a level, or a harder one, was tried today. */
    public function hasTried(Level $level): bool
    {
        return $this->count(static fn (LoggedTrial $trial): bool => ! $level->isHarderThan($trial->level)) > 0;
    }

    /**
     * Levels of the running set, in the order in which they came.
     *
     * @return list<Level>
     */
    public function placesOfSet(): array
    {
        $places = [];
        foreach ($this->trials as $trial) {
            if ($trial->at >= ($this->setStartedAt ?? $this->startedAt)) {
                $places[$trial->level->key()] = $trial->level;
            }
        }

        return array_values($places);
    }

    /**
     * Levels beyond what was solid before the session, each harder than all before it.
     *
     * @return list<Level>
     */
    public function newGround(?Level $solid): array
    {
        $new = [];
        $hardest = $solid ?? ($this->trials[0] ?? null)?->level;
        foreach ($this->trials as $trial) {
            if ($hardest !== null && $trial->level->isHarderThan($hardest)) {
                $new[] = $hardest = $trial->level;
            }
        }

        return $new;
    }
}
