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

/** One trial as the decision sees it: where it stands, what it really was, what the dog did and how it took it. */
final readonly class LoggedTrial
{
    /** What comes before a bite. */
    public const ALARM = [SignKey::Freeze, SignKey::Stiff, SignKey::WhaleEye, SignKey::LipLift, SignKey::Growl, SignKey::Snap];

    /** Of these, what warns at any grade; the others from stretched on: with an easy grade they only count as no success. */
    private const WARNING = [SignKey::Freeze, SignKey::Growl, SignKey::Snap, SignKey::LipLift];

    /**
     * @param  Level  $level  as it was asked for; in a situation, the level of what was really done (Credit)
     * @param  ?Action  $under  the advice it followed
     * @param  list<string>  $signs  codes of the signs seen
     * @param  bool  $foodLeft  whether food was left to give
     * @param  bool  $interrupted  spoilt from outside: the model learns from it, the run does not
     * @param  bool  $handlerError  left out of the model and of the run
     * @param  ?Risk  $forecast  what the advice it followed had told of it
     */
    public function __construct(
        public Level $level,
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

    /** The same, at another level. */
    public function at(Level $level): self
    {
        return new self(
            $level, $this->under, $this->exposure, $this->outcome, $this->band, $this->signs, $this->food, $this->foodLeft, $this->latency,
            $this->interrupted, $this->handlerError, $this->at, $this->forecast,
        );
    }

    /** A counting outcome, taken calmly: never with a freeze, a growl or what comes before them, whatever was tapped. */
    public function isSuccess(): bool
    {
        return $this->outcome->effect() === OutcomeEffect::Success && $this->isCalm();
    }

    /** Easy or noticed, and no sign that says otherwise. */
    public function isCalm(): bool
    {
        return $this->band->isBelowThreshold() && ! $this->shows(...self::ALARM);
    }

    /** Whether it said that it may bite, whatever was tapped beside it. */
    public function warns(): bool
    {
        return $this->shows(...self::WARNING) || $this->band->atLeast(Band::Effort) && $this->shows(...self::ALARM);
    }

    /** A no: leaving, pulling away or turning from it before asked, where nothing outside explains it. */
    public function isNo(): bool
    {
        return $this->outcome->effect() === OutcomeEffect::OptOut && ! $this->interrupted && ! $this->handlerError;
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

    /** Counts for the response model. What was not noticed shows that the place is easy; what was only quiet shows nothing. */
    public function isEvidence(): bool
    {
        return ! $this->handlerError && ! ($this->outcome === Outcome::QuietPass && $this->isCalm());
    }

    /** Shown to be fine: it ate gently, and turned at the first asking or by itself. Quiet alone shows nothing. */
    public function isProven(): bool
    {
        $turned = $this->latency !== null && $this->latency !== TurnLatency::Never && $this->latency->asSign() === null;

        return $this->food === FoodTaken::Gently && $this->outcome !== Outcome::Unnoticed
            && ($turned || $this->outcome === Outcome::TurnedAtMark || $this->outcome->effect() === OutcomeEffect::Success);
    }

    /** There was food, and it did not want it. */
    public function leftItsFood(): bool
    {
        return $this->foodLeft && ($this->food === FoodTaken::Refused || $this->shows(SignKey::FoodRefused));
    }

    /** Food refused that was there to eat, a known cue failed, or the marker ignored. */
    public function failedFoodOrCue(): bool
    {
        return $this->leftItsFood() || $this->shows(SignKey::CueFailed, SignKey::MarkIgnored)
            || in_array($this->outcome, [Outcome::MarkUnanswered, Outcome::CueUnanswered], true)
            || ($this->latency === TurnLatency::Never && $this->outcome !== Outcome::Watched);
    }
}
