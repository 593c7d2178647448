<?php

declare(strict_types=1);

namespace Core\Insight;

/**
 * Sessions to the goal at the dog's own pace: at that of its faster and of its slower half of late sessions. A range, never a
 * promise; it knows nothing of setbacks to come. The product's own figure.
 */
final readonly class SessionsToGoal
{
    /** Sessions that the pace is taken from. */
    private const LATEST = 8;

    private const MIN = 3;

    /** Farther than this nobody can see. */
    private const MAX = 200;

    /**
     * @param  int  $soonest  sessions
     * @param  ?int  $latest  null where the slower half gains nothing
     */
    private function __construct(public int $soonest, public ?int $latest)
    {
    }

    /**
     * @param  list<int>  $held  index of the hardest step held after each session, oldest first; −1 for none
     * @param  int  $top  index of the goal
     * @return ?self null with fewer than three sessions, or where even the faster half gains nothing
     */
    public static function of(array $held, int $top): ?self
    {
        if (count($held) < self::MIN) {
            return null;
        }
        $left = $top - $held[count($held) - 1];
        if ($left <= 0) {
            return new self(0, 0);
        }
        $gains = [];
        foreach ($held as $i => $step) {
            $gains[] = $step - ($held[$i - 1] ?? -1);
        }
        $gains = array_slice($gains, -self::LATEST);
        rsort($gains);
        $half = intdiv(count($gains) + 1, 2);
        $mean = static fn (array $of): float => array_sum($of) / max(1, count($of));
        $fast = self::sessions($left, $mean(array_slice($gains, 0, $half)));

        return $fast === null ? null : new self($fast, self::sessions($left, $mean(array_slice($gains, -$half))));
    }

    private static function sessions(int $left, float $gain): ?int
    {
        $sessions = $gain <= 0.0 ? INF : ceil($left / $gain - 1e-9);

        return $sessions > self::MAX ? null : (int) $sessions;
    }
}
