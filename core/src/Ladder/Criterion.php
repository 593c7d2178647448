<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** What must be seen at a step before the next one is tried: successes in a row or among the last few, in one session or several. */
final readonly class Criterion
{
    /**
     * @param  positive-int  $successes  asked for
     * @param  ?positive-int  $window  among so many of the latest trials; null for in a row
     * @param  bool  $isNewBehavior  whether its first ever success ends the session with five pieces
     * @param  positive-int  $sessions  in which it must be met
     * @param  non-negative-int  $days  from the first of them to the last
     */
    private function __construct(
        public int $successes, public ?int $window, public bool $isNewBehavior, public int $sessions = 1, public int $days = 0,
    ) {
    }

    /** @throws InvalidMeasure if the run is not 1 to 20 */
    public static function run(int $length, bool $isNewBehavior = false): self
    {
        if ($length < 1 || $length > 20) {
            throw InvalidMeasure::outOfRange(Quantity::Run, $length, 1, 20);
        }

        return new self($length, null, $isNewBehavior);
    }

    /** @throws InvalidMeasure if the window is not 2 to 12 trials, or the successes not 1 to the window */
    public static function share(int $successes, int $window, bool $isNewBehavior = false): self
    {
        if ($window < 2 || $window > 12) {
            throw InvalidMeasure::outOfRange(Quantity::Window, $window, 2, 12);
        }

        return $successes >= 1 && $successes <= $window
            ? new self($successes, $window, $isNewBehavior)
            : throw InvalidMeasure::outOfRange(Quantity::SuccessesAsked, $successes, 1, $window);
    }

    /**
     * The same, in at least so many sessions over at least so many days.
     *
     * @throws InvalidMeasure if the sessions are not 1 to 20, or the days not 0 to 90
     */
    public function over(int $sessions, int $days): self
    {
        if ($sessions < 1 || $sessions > 20) {
            throw InvalidMeasure::outOfRange(Quantity::Sessions, $sessions, 1, 20);
        }

        return $days >= 0 && $days <= 90
            ? new self($this->successes, $this->window, $this->isNewBehavior, $sessions, $days)
            : throw InvalidMeasure::outOfRange(Quantity::Days, $days, 0, 90);
    }

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    /**
     * How far trials at the step have come.
     *
     * @param  list<bool>  $successes  oldest first
     */
    public function progress(array $successes): Progress
    {
        if ($this->window !== null) {
            $latest = array_slice($successes, -$this->window);
            $done = count(array_filter($latest));

            return new Progress(
                $done, $this->successes, $this->window, count($latest) === $this->window && $done >= $this->successes, count($latest),
            );
        }
        $run = 0;
        for ($i = count($successes) - 1; $i >= 0 && $successes[$i]; $i--) {
            $run++;
        }

        return new Progress($run, $this->successes, null, $run >= $this->successes);
    }

    /**
     * Whether enough sessions met it, spread over enough days.
     *
     * @param  list<int>  $days  day numbers of the sessions that met it, today's with them
     */
    public function isSpreadEnough(array $days): bool
    {
        return $days !== [] && count($days) >= $this->sessions && max($days) - min($days) >= $this->days;
    }
}
