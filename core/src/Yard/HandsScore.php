<?php

declare(strict_types=1);

namespace Core\Yard;

use Core\Measure\Median;
use Core\Sign\Band;

/** What a run at the hands' station came to. */
final readonly class HandsScore
{
    /** Calm at a gap for so long, it counts as reached; milliseconds. */
    private const CALM_FOR = 2000;

    /**
     * @param  int  $leftTimes  times the dog left the station
     * @param  ?float  $handsOff  median seconds from its leaving until the hand was off; null where it never left, or the hand never went
     * @param  int  $inTime  times the hand went back while it only leaned away
     * @param  int  $followed  steps nearer while it leaned away or had left
     * @param  int  $unshown  steps nearer that were not shown before
     * @param  int  $onIt  of the marks, while it held still
     * @param  ?float  $nearest  meters at which it was calm for two seconds; null where the hand was never near
     * @param  ?int  $mistake  milliseconds at which the first mistake was made
     */
    private function __construct(
        public int $leftTimes, public ?float $handsOff, public int $inTime, public int $followed, public int $unshown, public int $marks,
        public int $onIt, public int $over, public ?float $nearest, public ?int $mistake,
    ) {
    }

    /**
     * @param  non-empty-list<Frame>  $frames
     * @param  list<ActAt>  $acts
     */
    public static function of(array $frames, array $acts): self
    {
        $left = $inTime = $followed = $unshown = $marks = $onIt = $over = 0;
        $waits = [];
        $leftAt = $mistake = $nearest = $shownAt = null;
        $calm = 0;
        $byFrame = ActAt::byFrame($acts);
        foreach ($frames as $i => $frame) {
            $was = $frames[max(0, $i - 1)];
            foreach ($byFrame[$i] ?? [] as $act) {
                if ($act === Act::Nearer) {
                    $isFollowing = $was->isAway || $was->isLoading;
                    $isUnshown = $shownAt === null || $frame->at - $shownAt > HandsRun::SHOWN;
                    $followed += $isFollowing ? 1 : 0;
                    $unshown += $isUnshown ? 1 : 0;
                    $mistake ??= $isFollowing || $isUnshown ? $frame->at : null;
                    $shownAt = null;
                }
                $shownAt = $act === Act::Show ? $frame->at : $shownAt;
                $inTime += ($act === Act::Farther || $act === Act::WalkOff) && $was->isLoading ? 1 : 0;
                $marks += $act === Act::Mark ? 1 : 0;
                $onIt += $act === Act::Mark && $was->looksBack ? 1 : 0;
            }
            if ($frame->isAway && ! $was->isAway) {
                $left++;
                $leftAt = $frame->at;
            }
            if ($leftAt !== null && $frame->stand >= HandsRun::STEPS[0]) {
                $waits[] = ($frame->at - $leftAt) / 1000.0;
                $leftAt = null;
            }
            $over += $frame->isOver && ! $was->isOver ? 1 : 0;
            $calm = $frame->looksBack && ! $frame->band()->atLeast(Band::Effort) ? $calm + HandsRun::TICK : 0;
            if ($calm >= self::CALM_FOR) {
                $nearest = min($nearest ?? INF, $frame->stand);
            }
        }

        return new self(
            $left, $waits === [] ? null : Median::of($waits), $inTime, $followed, $unshown, $marks, $onIt, $over, $nearest, $mistake,
        );
    }
}
