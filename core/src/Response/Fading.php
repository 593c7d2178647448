<?php

declare(strict_types=1);

namespace Core\Response;

/**
 * How much an earlier session still counts: it fades with calendar time and with the trials logged since.
 *
 * Age is counted from the newest earlier session, not from today: time passing alone must never make the model forget
 * bad trials and lower a risk bound. A gap before today widens today's offset instead (gapVariance). The half-lives are
 * the product's working values.
 */
final readonly class Fading
{
    public function __construct(
        private float $halfLifeDays = 42.0,
        private float $halfLifeTrials = 120.0,
        private float $extraDaysForBadBands = 60.0,
        private float $dropUnder = 0.02,
        private float $gapVariancePerDay = 0.02,
        private float $mostGapVariance = 1.0,
        private bool $isInFull = false,
    ) {
    }

    /** Every session counts in full. */
    public static function none(): self
    {
        return new self(1e9, 1e9, 0.0);
    }

    /** The same sessions, each in full as long as anything of it counts: its good trials as long as its bad ones. */
    public function inFull(): self
    {
        return new self(
            $this->halfLifeDays, $this->halfLifeTrials, $this->extraDaysForBadBands, $this->dropUnder, $this->gapVariancePerDay,
            $this->mostGapVariance, true,
        );
    }

    /** Whether anything of a session still counts. */
    public function keeps(float $days, int $trialsSince): bool
    {
        return $this->weight($days, $trialsSince, true) > 0.0;
    }

    /**
     * @param  float  $days  from the session to the newest earlier session
     * @param  int  $trialsSince  trials in later sessions
     */
    public function weight(float $days, int $trialsSince, bool $badBand): float
    {
        $halfLifeDays = $this->halfLifeDays + ($badBand || $this->isInFull ? $this->extraDaysForBadBands : 0.0);
        $weight = 2.0 ** (-max($days, 0.0) / $halfLifeDays - $trialsSince / $this->halfLifeTrials);

        return match (true) {
            $weight < $this->dropUnder => 0.0,
            $this->isInFull => 1.0,
            default => $weight,
        };
    }

    /** Of what was told at intake, which is never quite dropped: only what is seen since takes its place. */
    public function intakeWeight(float $days, int $trialsSince): float
    {
        return 2.0 ** (-max($days, 0.0) / $this->halfLifeDays - $trialsSince / $this->halfLifeTrials);
    }

    /** Variance that a gap of so many days adds to today's offset; the first three days add none. */
    public function gapVariance(float $days): float
    {
        return min($this->mostGapVariance, $this->gapVariancePerDay * max(0.0, $days - 3.0));
    }
}
