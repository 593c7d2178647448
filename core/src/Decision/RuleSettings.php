<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;
use Core\Measure\Distance;
use Core\Response\RiskCaps;

/** The rules of one plan that a trainer may change. Defaults are common practice. */
final readonly class RuleSettings
{
    /** Least and most of each setting that a trainer may change. Common practice. */
    public const ADVANCES = [1, 5];

    public const SET_MINUTES = [1, 30];

    public const SESSION_MINUTES = [3, 90];

    public const TRIALS = [5, 200];

    /** Besides 0, for never. */
    public const EASY_AFTER = [1, 9];

    /** A walk out of sight between two sets. */
    public const BREAK_MINUTES = 5;

    /**
     * @param  positive-int  $mostAdvances  steps onto new ground in one session
     * @param  positive-int  $setMinutes  work before a break
     * @param  positive-int  $sessionMinutes  whole session
     * @param  positive-int  $mostTrials  in one session
     * @param  ?Distance  $room  the farthest distance the place allows; null if it is not known to end
     * @param  bool  $isByStrangers  whether the trigger is somebody's who obeys nobody
     * @param  int  $easyAfter  good repetitions at a level after which an easy one is put between; 0 for never
     */
    private function __construct(
        public RiskCaps $caps,
        public int $mostAdvances,
        public int $setMinutes,
        public int $sessionMinutes,
        public int $mostTrials,
        public ?Distance $room,
        public int $easyAfter,
        public bool $isByStrangers = false,
        public Choices $choices = new Choices,
    ) {
    }

    /** @throws InvalidMeasure if a setting is out of its range */
    public static function of(
        RiskCaps $caps, int $mostAdvances = 3, int $setMinutes = 4, int $sessionMinutes = 30, int $mostTrials = 60, ?Distance $room = null,
        int $easyAfter = 0, bool $isByStrangers = false, Choices $choices = new Choices,
    ): self {
        return new self(
            $caps,
            self::within(Quantity::NewSteps, $mostAdvances, ...self::ADVANCES),
            self::within(Quantity::SetMinutes, $setMinutes, ...self::SET_MINUTES),
            self::within(Quantity::SessionMinutes, $sessionMinutes, ...self::SESSION_MINUTES),
            self::within(Quantity::TrialsPerSession, $mostTrials, ...self::TRIALS),
            $room,
            $easyAfter === 0 ? 0 : self::within(Quantity::EasyAfter, $easyAfter, ...self::EASY_AFTER),
            $isByStrangers,
            $choices,
        );
    }

    /** The same, in another place. */
    public function withRoom(?Distance $room): self
    {
        return new self(
            $this->caps, $this->mostAdvances, $this->setMinutes, $this->sessionMinutes, $this->mostTrials, $room, $this->easyAfter,
            $this->isByStrangers, $this->choices,
        );
    }

    /** Half the time and trials, and one new step: for a day, or a dog, that asks for less. */
    public function shorter(): self
    {
        $half = static fn (int $of): int => max(1, (int) ceil($of / 2));

        return new self(
            $this->caps, 1, $half($this->setMinutes), $half($this->sessionMinutes), $half($this->mostTrials), $this->room, $this->easyAfter,
            $this->isByStrangers, $this->choices,
        );
    }

    /**
     * @return positive-int
     *
     * @throws InvalidMeasure
     */
    private static function within(Quantity $quantity, int $value, int $least, int $most): int
    {
        return $value >= $least && $value <= $most && $value > 0
            ? $value
            : throw InvalidMeasure::outOfRange($quantity, $value, $least, $most);
    }
}
