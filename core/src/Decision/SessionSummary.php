<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Ladder\Ladder;
use Core\Response\Calibration;
use Core\Sign\Band;

/** What later sessions need to know of one that is over. */
final readonly class SessionSummary
{
    /**
     * @param  list<array{step: int, held: bool}>  $marks  in order of time: a criterion met (held) or strain (not held) at a step
     * @param  bool  $reacted  whether it held a reaction
     */
    public function __construct(
        public int $trials,
        public array $marks,
        public bool $reacted,
        public bool $endedWithEffort,
        public bool $calm,
        public bool $succeeded,
        public Calibration $calibration = new Calibration,
    ) {
    }

    public static function of(SessionLog $log, Ladder $ladder): self
    {
        $marks = [];
        $run = 0;
        $level = null;
        foreach ($log->trials as $trial) {
            if ($level === null || ! $level->equals($trial->target)) {
                [$run, $level] = [0, $trial->target];
            }
            $step = $ladder->step($trial->target->step);
            $isOnStep = $step->exposure->equals($trial->target->exposure);
            if ($trial->band->atLeast(Band::Strain) && ! $trial->handlerError) {
                $marks[] = ['step' => $trial->target->step, 'held' => false];
            }
            if ($trial->countsForRun()) {
                $run = $trial->isSuccess() ? $run + 1 : 0;
                if ($isOnStep && $run === $step->criterion->runLength) {
                    $marks[] = ['step' => $trial->target->step, 'held' => true];
                }
            }
        }
        $tail = array_slice($log->trials, -4);

        return new self(
            count($log->trials),
            $marks,
            $log->trialsSinceReaction() !== null,
            $tail !== [] && 2 * count(array_filter($tail, static fn (LoggedTrial $trial): bool => $trial->band->atLeast(Band::Effort))) >= count($tail),
            $log->count(static fn (LoggedTrial $trial): bool => ! $trial->band->isBelowThreshold()) === 0,
            $log->count(static fn (LoggedTrial $trial): bool => $trial->isSuccess()) > 0,
            $log->calibration(),
        );
    }
}
