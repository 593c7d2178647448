<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionKey;

/**
 * Whether repetitions of a timed step had the time they claim: forty holds of two minutes take eighty minutes, not eleven seconds.
 *
 * Repetitions in a row at one level share the time since the trial before them, so that a batch written down at once counts
 * as long as all of it could have happened.
 */
final readonly class TimePassed
{
    /** Between the end of a hold and the tap that logs it, and back. A working value. */
    public const SLACK_SECONDS = 2.0;

    /** Measures of how long a repetition lasts. */
    private const LASTING = [DimensionKey::Duration, DimensionKey::TimeInView, DimensionKey::Length];

    /**
     * @param  list<LoggedTrial>  $trials  of one session, in their order
     * @return list<bool> by place of the trial
     */
    public static function ofTrials(array $trials, \DateTimeImmutable $startedAt): array
    {
        $had = [];
        $since = self::seconds($startedAt);
        $claimed = 0.0;
        $before = null;
        foreach ($trials as $trial) {
            if ($before !== null && ! $before->level->equals($trial->level)) {
                $since = self::seconds($before->at);
                $claimed = 0.0;
            }
            $lasted = self::lasting($trial);
            $fits = $lasted === 0.0 || $claimed + $lasted <= self::seconds($trial->at) - $since + self::SLACK_SECONDS;
            $claimed += $fits ? $lasted : 0.0;
            $had[] = $fits;
            $before = $trial;
        }

        return $had;
    }

    private static function lasting(LoggedTrial $trial): float
    {
        return max(0.0, ...array_map(
            static fn (DimensionKey $key): float => (float) ($trial->exposure->values[$key->value] ?? 0.0), self::LASTING,
        ));
    }

    private static function seconds(\DateTimeImmutable $at): float
    {
        return (float) $at->format('U.u');
    }
}
