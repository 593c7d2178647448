<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\InvalidMeasure;

/**
 * A duration grown in blocks: a few rewards at each length, one second more at a time, and back to the last good length
 * after a failure. A new place starts again at one second and climbs faster. Common practice.
 */
final readonly class DurationBlocks
{
    private const FIRST_SECONDS = 1;

    /** @param  positive-int  $each  rewards at each length before the next */
    private function __construct(private int $each, private int $goalSeconds)
    {
    }

    /**
     * @param  bool  $isNewPlace  half the rewards at each length
     *
     * @throws InvalidMeasure if the goal is not 1 to 600 s, or the rewards at each length not 1 to 12
     */
    public static function toward(int $goalSeconds, int $each = 4, bool $isNewPlace = false): self
    {
        if ($goalSeconds < 1 || $goalSeconds > 600) {
            throw InvalidMeasure::outOfRange('The goal', $goalSeconds, 1, 600, 's');
        }
        if ($each < 1 || $each > 12) {
            throw InvalidMeasure::outOfRange('Rewards at each length', $each, 1, 12, '');
        }

        return new self($isNewPlace ? max(1, intdiv($each, 2)) : $each, $goalSeconds);
    }

    /**
     * The length to ask for next.
     *
     * @param  list<array{asked: int, reached: bool}>  $holds  of this session, oldest first
     * @return ?int seconds; null when the goal has been rewarded often enough
     */
    public function next(array $holds): ?int
    {
        $asked = self::FIRST_SECONDS;
        $rewarded = 0;
        foreach ($holds as $hold) {
            if (! $hold['reached']) {
                $asked = max(self::FIRST_SECONDS, min($asked, $hold['asked']) - 1);
                $rewarded = 0;

                continue;
            }
            if ($hold['asked'] < $asked) {
                continue; // an easy one between does not count
            }
            if (++$rewarded >= $this->each) {
                if ($asked >= $this->goalSeconds) {
                    return null;
                }
                $asked++;
                $rewarded = 0;
            }
        }

        return $asked;
    }
}
