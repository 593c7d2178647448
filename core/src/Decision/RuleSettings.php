<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exception\InvalidMeasure;
use Core\Measure\Distance;
use Core\Measure\Quantity;
use Core\Response\RiskLimits;

/** The rules of one plan that a trainer may change. Defaults are common practice. */
final readonly class RuleSettings
{
    /** A walk out of sight between two sets. */
    public const BREAK_MINUTES = 5;

    /**
     * @param  positive-int  $regainRun  successes that regain a level held before
     * @param  positive-int  $mostAdvances  steps onto new ground in one session
     * @param  positive-int  $setMinutes  work before a break
     * @param  positive-int  $sessionMinutes  whole session
     * @param  positive-int  $mostTrials  in one session
     * @param  ?Distance  $room  the farthest distance the place allows; null if it is not known to end
     * @param  int  $easyAfter  good repetitions at a level after which an easy one is put between; 0 for never
     */
    private function __construct(
        public RiskLimits $limits,
        public int $regainRun,
        public int $mostAdvances,
        public int $setMinutes,
        public int $sessionMinutes,
        public int $mostTrials,
        public ?Distance $room,
        public int $easyAfter,
    ) {
    }

    /** @throws InvalidMeasure if a setting is out of its range */
    public static function of(RiskLimits $limits, int $mostAdvances = 4, int $setMinutes = 4, int $sessionMinutes = 30, int $mostTrials = 60, ?Distance $room = null, int $easyAfter = 0): self
    {
        return new self(
            $limits,
            2,
            self::within(Quantity::NewSteps, $mostAdvances, 1, 5),
            self::within(Quantity::SetMinutes, $setMinutes, 1, 30),
            self::within(Quantity::SessionMinutes, $sessionMinutes, 3, 90),
            self::within(Quantity::TrialsPerSession, $mostTrials, 5, 200),
            $room,
            $easyAfter === 0 ? 0 : self::within(Quantity::EasyAfter, $easyAfter, 1, 9),
        );
    }

    /** The same, in another place. */
    public function withRoom(?Distance $room): self
    {
        return new self($this->limits, $this->regainRun, $this->mostAdvances, $this->setMinutes, $this->sessionMinutes, $this->mostTrials, $room, $this->easyAfter);
    }

    /**
     * @return positive-int
     *
     * @throws InvalidMeasure
     */
    private static function within(Quantity $quantity, int $value, int $least, int $most): int
    {
        return $value >= $least && $value <= $most && $value > 0 ? $value : throw InvalidMeasure::outOfRange($quantity, $value, $least, $most);
    }
}
