<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Exposure;
use Core\Response\Risk;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;
use Core\Sign\SignKey;
use Core\Sign\TurnLatency;

/** One trial as the decision sees it: what was aimed at, what it really was, what the dog did and how it took it. */
final readonly class LoggedTrial
{
    /**
     * @param  ?Action  $under  the advice it followed
     * @param  list<string>  $signs  codes of the signs seen
     * @param  bool  $foodLeft  whether food was left to give
     * @param  bool  $interrupted  spoilt from outside: the model learns from it, the run does not
     * @param  bool  $handlerError  left out of the model and of the run
     * @param  ?Risk  $forecast  what the advice it followed had told of it
     */
    public function __construct(
        public Level $target,
        public ?Action $under,
        public Exposure $exposure,
        public Outcome $outcome,
        public Band $band,
        public array $signs,
        public FoodTaken $food,
        public bool $foodLeft,
        public ?TurnLatency $latency,
        public bool $interrupted,
        public bool $handlerError,
        public \DateTimeImmutable $at,
        public ?Risk $forecast = null,
    ) {
    }

    /** Whether any of these signs was seen. */
    public function shows(SignKey ...$signs): bool
    {
        foreach ($signs as $sign) {
            if (in_array($sign->value, $this->signs, true)) {
                return true;
            }
        }

        return false;
    }

    /** A counting outcome, taken calmly. */
    public function isSuccess(): bool
    {
        return $this->outcome->effect() === OutcomeEffect::Success && $this->band->isBelowThreshold();
    }

    /** An easy one put between on purpose that went well: it neither counts nor breaks a run. */
    public function isEasyBetween(): bool
    {
        return $this->under === Action::EasyBetween && $this->isSuccess();
    }

    public function isMiss(): bool
    {
        return $this->outcome->effect() === OutcomeEffect::Miss;
    }

    /** Counts for runs and shares: noticed, and spoilt by nobody. */
    public function countsForRun(): bool
    {
        return ! $this->interrupted && ! $this->handlerError && $this->outcome !== Outcome::Unnoticed;
    }

    /** Counts for the response model. */
    public function isEvidence(): bool
    {
        return ! $this->handlerError && $this->outcome !== Outcome::Unnoticed;
    }

    /** Food refused that was there to eat, a known cue failed, or the marker ignored. */
    public function failedFoodOrCue(): bool
    {
        return ($this->foodLeft && ($this->food === FoodTaken::Refused || $this->shows(SignKey::FoodRefused)))
            || $this->shows(SignKey::CueFailed, SignKey::MarkIgnored)
            || ($this->latency === TurnLatency::Never && $this->outcome !== Outcome::Watched);
    }
}
