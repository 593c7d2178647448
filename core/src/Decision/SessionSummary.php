<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionKey;
use Core\Ladder\Ladder;
use Core\Measure\CalendarDay;
use Core\Response\Calibration;
use Core\Sign\Band;

/** What later sessions need to know of one that is over. */
final readonly class SessionSummary
{
    /** So often among the last four. */
    private const FOOD_LEFT = 2;

    /**
     * @param  list<Mark>  $marks  in order of time
     * @param  bool  $reacted  whether it held a reaction
     * @param  ?Level  $hardestCalm  the hardest level at which its last trial was calm; null where none was
     * @param  int  $dayNumber  days since 1970-01-01, by the date where the practice is
     * @param  array<string, int>  $helped  by dimension key: how often easing it, and nothing else, turned effort into a calm trial
     * @param  list<LongHold>  $longHolds  by level
     */
    public function __construct(
        public int $trials,
        public array $marks,
        public bool $reacted,
        public bool $endedWithEffort,
        public bool $succeeded,
        public ?Level $hardestCalm = null,
        public Calibration $calibration = new Calibration,
        public int $dayNumber = 0,
        public array $helped = [],
        public array $longHolds = [],
    ) {
    }

    /** @param  SessionLog  $log  as a situation credits it */
    public static function of(SessionLog $log, Ladder $ladder): self
    {
        $tail = array_slice($log->trials, -4);

        return new self(
            count($log->trials),
            self::marks($log, $ladder),
            $log->trialsSinceReaction() !== null,
            self::endedHard($tail),
            $log->count(static fn (LoggedTrial $trial): bool => $trial->isSuccess()) > 0,
            $log->hardestCalm(),
            $log->calibration(),
            CalendarDay::number($log->startedAt),
            self::whatHelped($log),
            self::longHolds($log, $ladder),
        );
    }

    /** @param  list<LoggedTrial>  $tail */
    private static function endedHard(array $tail): bool
    {
        $count = static fn (callable $is): int => count(array_filter($tail, $is));
        $effort = $count(static fn (LoggedTrial $trial): bool => $trial->band->atLeast(Band::Effort));

        return $tail !== [] && 2 * $effort >= count($tail)
            || $count(static fn (LoggedTrial $trial): bool => $trial->leftItsFood()) >= self::FOOD_LEFT;
    }

    /** @return list<Mark> */
    private static function marks(SessionLog $log, Ladder $ladder): array
    {
        $marks = [];
        $here = [];
        $isMarked = false;
        $level = null;
        foreach ($log->trials as $place => $trial) {
            if ($trial->isEasyBetween() || $log->isTooQuick($place)) {
                continue;
            }
            if ($level === null || ! $level->equals($trial->level)) {
                [$here, $isMarked, $level] = [[], false, $trial->level];
            }
            if ($trial->band->atLeast(Band::Strain) && ! $trial->handlerError) {
                $marks[] = new Mark(match (true) {
                    $trial->band === Band::Strain => MarkKind::Struggled,
                    $trial->interrupted => MarkKind::OverFromOutside,
                    default => MarkKind::Over,
                }, $level);
            }
            if ($trial->countsForRun()) {
                $here[] = $trial;
                if (! $isMarked && $ladder->step($level->step)->criterion->progress($log->successes($here))->isMet) {
                    $isMarked = true;
                    $marks[] = new Mark(MarkKind::Solid, $level);
                }
            }
        }

        return $marks;
    }

    /** @return list<LongHold> */
    private static function longHolds(SessionLog $log, Ladder $ladder): array
    {
        $levels = $at = [];
        foreach ($log->trials as $place => $trial) {
            $step = $ladder->step($trial->level->step)->at($trial->level->exposure);
            if ($step->isCountedOverSessions() && $log->countsForRun($place) && ! $trial->isEasyBetween()) {
                $levels[$trial->level->key()] = $trial->level;
                $at[$trial->level->key()][] = $trial;
            }
        }

        return array_values(array_map(static fn (Level $level): LongHold => new LongHold(
            $level, $ladder->step($level->step)->criterion, $log->successes($at[$level->key()]),
        ), $levels));
    }

    /** @return array<string, int> */
    private static function whatHelped(SessionLog $log): array
    {
        $helped = [];
        foreach ($log->trials as $i => $trial) {
            $before = $log->trials[$i - 1] ?? null;
            if ($before === null || ! $before->band->atLeast(Band::Effort) || ! $trial->band->isBelowThreshold() || $trial->handlerError) {
                continue;
            }
            $changed = array_keys(array_diff_assoc($trial->exposure->values, $before->exposure->values));
            if (count($changed) === 1 && $changed[0] !== DimensionKey::Distance->value) {
                $helped[$changed[0]] = ($helped[$changed[0]] ?? 0) + 1;
            }
        }

        return $helped;
    }
}
