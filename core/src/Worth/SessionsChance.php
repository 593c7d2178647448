<?php

declare(strict_types=1);

namespace Core\Worth;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** What "the criterion in at least k sessions" is worth, for sessions of so many trials at the step. */
final readonly class SessionsChance implements AdvanceChance
{
    /**
     * @param  positive-int  $sessions
     * @param  positive-int  $trialsASession
     */
    private function __construct(private AdvanceChance $inOne, private int $sessions, private int $trialsASession)
    {
    }

    /** @throws InvalidMeasure if the sessions are not 1 to 20, or the trials of one not 1 to 200 */
    public static function of(AdvanceChance $inOne, int $sessions, int $trialsASession): self
    {
        if ($sessions < 1 || $sessions > 20) {
            throw InvalidMeasure::outOfRange(Quantity::Sessions, $sessions, 1, 20);
        }

        return $trialsASession >= 1 && $trialsASession <= 200
            ? new self($inOne, $sessions, $trialsASession)
            : throw InvalidMeasure::outOfRange(Quantity::TrialsPerSession, $trialsASession, 1, 200);
    }

    /** At least k of the whole sessions that fit, each meeting it by itself: a binomial tail. */
    public function within(int $trials, float $successRate): float
    {
        Checks::trials($trials);
        $chance = $this->inOne->within($this->trialsASession, $successRate);
        $count = intdiv($trials, $this->trialsASession);
        $fewer = 0.0;
        $term = (1.0 - $chance) ** $count;
        for ($i = 0; $i < $this->sessions && $i <= $count; $i++) {
            $fewer += $term;
            $term = $chance >= 1.0 ? 0.0 : $term * ($count - $i) / ($i + 1) * $chance / (1.0 - $chance);
        }

        return $chance >= 1.0 ? ($count >= $this->sessions ? 1.0 : 0.0) : max(0.0, 1.0 - $fewer);
    }

    /** k / (chance in one session), in whole sessions' trials: a session's trials are given whether or not it is met early. */
    public function expectedTrials(float $successRate): ?float
    {
        $chance = $this->inOne->within($this->trialsASession, $successRate);

        return $chance > 0.0 ? $this->sessions * $this->trialsASession / $chance : null;
    }
}
