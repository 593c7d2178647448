<?php

declare(strict_types=1);

namespace Core\Yard;

use Core\Measure\Median;
use Core\Sign\Band;

/** What a run came to: for its learner, against nobody else's. */
final readonly class YardScore
{
    /** A mark belongs to a look back so shortly after it, milliseconds. */
    private const FRESH = 400;

    /** And distance is needless beyond so many times the working distance. */
    private const NEEDLESS = 1.5;

    /**
     * @param  int  $over  times it went over
     * @param  ?float  $answer  median seconds from the first sign of loading to distance or a cue that was answered; null where none was
     * @param  int  $unanswered  times nothing was done about it
     * @param  int  $marks  in all
     * @param  int  $onIt  on a look back
     * @param  float  $needless  share of the time farther away than needed, in sight
     * @param  int  $misjudged  passes that looked fine and were not: no distance was made in them
     * @param  ?int  $mistake  milliseconds at which the first mistake was made
     */
    private function __construct(
        public int $over, public ?float $answer, public int $unanswered, public int $marks, public int $onIt, public float $needless,
        public int $misjudged, public ?int $mistake, public float $workingMeters,
    ) {
    }

    /**
     * @param  non-empty-list<Frame>  $frames
     * @param  list<ActAt>  $acts
     */
    public static function of(YardDog $dog, array $frames, array $acts): self
    {
        $over = $onIt = $marks = $unanswered = $seen = $far = 0;
        $answers = $bad = $gaveWay = [];
        $mistake = $loadingSince = null;
        $isOver = false;
        $byFrame = ActAt::byFrame($acts);
        $lastBack = -1_000_000;
        foreach ($frames as $i => $frame) {
            $lastBack = $frame->looksBack ? $frame->at : $lastBack;
            foreach ($byFrame[$i] ?? [] as $act) {
                if ($act === Act::Mark) {
                    $marks++;
                    // the mark itself turns the dog: what it did before counts
                    $was = $frames[$i - 1] ?? null;
                    $isOnIt = $was !== null && ($was->looksBack || $was->at - $lastBack <= self::FRESH && $lastBack < $frame->at);
                    $onIt += $isOnIt ? 1 : 0;
                    $mistake ??= $isOnIt ? null : $frame->at;
                }
                $isRoom = $act === Act::Farther || $act === Act::WalkOff || $act === Act::Cue && $frame->answered;
                if ($isRoom && $loadingSince !== null) {
                    $answers[] = ($frame->at - $loadingSince) / 1000.0;
                    $loadingSince = null;
                }
                $gaveWay[$frame->pass] = ($gaveWay[$frame->pass] ?? false) || $isRoom;
            }
            if ($frame->isLoading && $loadingSince === null && ! ($frames[max(0, $i - 1)]->isLoading)) {
                $loadingSince = $frame->at;
            } elseif (! $frame->isLoading && $loadingSince !== null) {
                // it passed, or it went over, and nothing was done
                $unanswered++;
                $mistake ??= $loadingSince;
                $loadingSince = null;
            }
            if ($frame->isOver && ! $isOver) {
                $over++;
                $mistake ??= $frame->at;
            }
            $isOver = $frame->isOver;
            $bad[$frame->pass] = ($bad[$frame->pass] ?? false) || $frame->band()->atLeast(Band::Strain);
            $seen += $frame->isAway ? 0 : 1;
            $far += ! $frame->isAway && $frame->stand > self::NEEDLESS * $dog->workingMeters() ? 1 : 0;
        }

        return new self(
            $over, $answers === [] ? null : Median::of($answers), $unanswered, $marks, $onIt, $seen === 0
                ? 0.0 : $far / $seen,
            count(array_filter(array_keys($bad), static fn (int $pass): bool => $bad[$pass] && ! ($gaveWay[$pass] ?? false))), $mistake,
            $dog->workingMeters(),
        );
    }
}
