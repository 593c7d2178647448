<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Response\Calibration;

/** What the sessions before today left behind for one plan and handler. */
final readonly class History
{
    /** Sessions without gain after which a plateau is named. Common practice. */
    public const PLATEAU_SESSIONS = 10;

    /** Days that a place where the dog went over or struggled is remembered: it learns elsewhere meanwhile. */
    private const HARD_DAYS = 60;

    /** Of the latest sessions, in which anything negative makes the next start easier. */
    private const RECENT_SESSIONS = 3;

    /** Index of the hardest step that is solid: its criterion met, and nothing struggling or worse there since. −1 for none. */
    public int $solidStep;

    /**
     * @param  ?Level  $solid  the hardest level that is solid; it may lie between two steps
     * @param  list<array{level: Level, sessions: positive-int}>  $struggles  levels that were not solid since, and in how many sessions
     *    of the last two months the dog struggled or went over there
     * @param  list<array{level: Level, times: positive-int}>  $overs  levels at which it went over in the last two months
     * @param  non-negative-int  $reactionStreak  latest sessions in a row that held a reaction, and reactions elsewhere since
     * @param  non-negative-int  $hardLately  of the latest three sessions, those that held struggling or worse
     * @param  ?float  $daysSinceLast  null before the first session
     * @param  non-negative-int  $trialsEver  trials before today
     * @param  ?RestReason  $resting  why the plan rests until a named person has reviewed it; null if it does not
     * @param  bool  $endedWithEffort  at least half of the last session's last four trials took effort or worse, or it
     *    left its food twice
     * @param  ?Mark  $lastOver  where the dog went over in the last session, the easiest place of all; null if it did not
     * @param  ?Level  $lastCalm  hardest level of the last session at which its last trial was calm
     * @param  bool  $hasSucceeded  whether any earlier trial was a success, or a test showed it
     * @param  Calibration  $calibration  forecasts of the latest trials before today
     * @param  array<int, list<int>>  $daysMet  by step: day numbers of the sessions in which its criterion was met
     * @param  array<string, int>  $helped  by dimension key: how often easing it, and nothing else, turned effort into a calm trial
     * @param  ?CarryOver  $carryOver  upset from other events
     * @param  bool  $isNewPlace  the first session of this plan in a place: back to the first third
     * @param  int  $givenHeld  step solid with another person whose plan this one goes on from; −1 for none
     * @param  list<int>  $solidAfter  index of the hardest solid step after each session, oldest first; −1 for none
     * @param  non-negative-int  $sessionsWithoutGain  latest ones that made no level solid that was harder than all before
     * @param  non-negative-int  $reactionsElsewhere  on walks, at home, in drills, since the last session
     * @param  ?Tested  $tested  what tests since the last session showed
     * @param  array<string, list<bool>>  $longHolds  by level: successes so far where one session has no time for what is asked
     */
    public function __construct(
        public ?Level $solid = null,
        public array $struggles = [],
        public array $overs = [],
        public int $reactionStreak = 0,
        public int $hardLately = 0,
        public ?float $daysSinceLast = null,
        public int $trialsEver = 0,
        public ?RestReason $resting = null,
        public bool $endedWithEffort = false,
        public ?Mark $lastOver = null,
        public ?Level $lastCalm = null,
        public bool $hasSucceeded = false,
        public Calibration $calibration = new Calibration,
        public array $daysMet = [],
        public array $helped = [],
        public ?CarryOver $carryOver = null,
        public bool $isNewPlace = false,
        public int $givenHeld = -1,
        public array $solidAfter = [],
        public int $sessionsWithoutGain = 0,
        public int $reactionsElsewhere = 0,
        public ?Tested $tested = null,
        public array $longHolds = [],
    ) {
        $this->solidStep = self::step($solid);
    }

    /**
     * @param  list<SessionSummary>  $sessions  finished ones of this plan, oldest first; those without a trial change nothing
     * @param  ?float  $daysSinceLast  since the newest of them
     * @param  non-negative-int  $reactionsElsewhere  since the newest of them
     */
    public static function ofSessions(
        array $sessions, ?float $daysSinceLast, ?RestReason $resting, ?CarryOver $carryOver = null, bool $isNewPlace = false,
        int $givenHeld = -1, int $reactionsElsewhere = 0, ?Tested $tested = null,
    ): self {
        $sessions = array_values(array_filter($sessions, static fn (SessionSummary $session): bool => $session->trials > 0));
        $daysMet = $helped = $solidAfter = $solids = $struggles = $overs = $longHolds = [];
        $streak = $withoutGain = 0;
        $best = null;
        $newestDay = $sessions === [] ? 0 : $sessions[count($sessions) - 1]->dayNumber;
        foreach ($sessions as $session) {
            foreach ($session->helped as $key => $times) {
                $helped[$key] = ($helped[$key] ?? 0) + $times;
            }
            $metNow = $struggledNow = $metTogether = [];
            $isRemembered = $newestDay - $session->dayNumber <= self::HARD_DAYS;
            foreach ($session->longHolds as $hold) {
                $key = $hold->level->key();
                $longHolds[$key] = $hold->after($longHolds[$key] ?? []);
                if ($hold->criterion->progress($longHolds[$key])->isMet) {
                    $metTogether[] = new Mark(MarkKind::Solid, $hold->level);
                    unset($longHolds[$key]);
                }
            }
            foreach ([...$session->marks, ...$metTogether] as $mark) {
                $key = $mark->level->key();
                if ($mark->kind === MarkKind::Solid) {
                    $solids[$key] = $mark->level;
                    $metNow[$mark->level->step] = true;
                    // what is solid now says more than what went wrong there, or short of there, before
                    $struggles = array_filter($struggles, static fn (array $of): bool => $of['level']->isHarderThan($mark->level));
                    $overs = array_filter($overs, static fn (array $of): bool => $of['level']->isHarderThan($mark->level));
                    $struggledNow = array_filter($struggledNow, static fn (Level $of): bool => $of->isHarderThan($mark->level));
                } elseif ($mark->kind !== MarkKind::OverFromOutside) {
                    $solids = array_filter($solids, static fn (Level $solid): bool => $mark->level->isHarderThan($solid));
                    $struggledNow[$key] = $mark->level;
                }
                if ($mark->kind === MarkKind::Over && $isRemembered) {
                    $overs[$key] = ['level' => $mark->level, 'times' => ($overs[$key]['times'] ?? 0) + 1];
                }
            }
            foreach (array_keys($metNow) as $step) {
                $daysMet[$step][] = $session->dayNumber;
            }
            foreach ($isRemembered ? $struggledNow : [] as $key => $level) {
                $struggles[$key] = ['level' => $level, 'sessions' => ($struggles[$key]['sessions'] ?? 0) + 1];
            }
            $solid = self::hardest($solids);
            $solidAfter[] = self::step($solid);
            $isGain = $solid !== null && ($best === null || $solid->isHarderThan($best));
            [$best, $withoutGain] = $isGain ? [$solid, 0] : [$best, $withoutGain + 1];
            $streak = $session->reacted ? $streak + 1 : 0;
        }
        $last = $sessions[count($sessions) - 1] ?? null;

        return new self(
            self::hardest($solids),
            array_values($struggles),
            array_values($overs),
            $streak + $reactionsElsewhere,
            self::hard(array_slice($sessions, -self::RECENT_SESSIONS)),
            $daysSinceLast,
            max(0, array_sum(array_map(static fn (SessionSummary $session): int => $session->trials, $sessions))),
            $resting,
            $last !== null && $last->endedWithEffort,
            $last === null ? null : self::easiestOver($last),
            $last?->hardestCalm,
            array_filter($sessions, static fn (SessionSummary $session): bool => $session->succeeded) !== [],
            self::latestForecasts($sessions),
            $daysMet,
            $helped,
            $carryOver,
            $isNewPlace,
            $givenHeld,
            $solidAfter,
            $withoutGain,
            $reactionsElsewhere,
            $tested,
            $longHolds,
        );
    }

    /** How often the dog went over at a level, or at an easier one, in the last two months. */
    public function oversUpTo(Level $level): int
    {
        return array_sum(array_map(
            static fn (array $over): int => $over['level']->isHarderThan($level) ? 0 : $over['times'], $this->overs,
        ));
    }

    /** In how many sessions the dog struggled at a level, or at an easier one, that was not solid since. */
    public function sessionsStruggledUpTo(Level $level): int
    {
        return max([0, ...array_map(
            static fn (array $struggle): int => $struggle['level']->isHarderThan($level) ? 0 : $struggle['sessions'], $this->struggles,
        )]);
    }

    private static function step(?Level $solid): int
    {
        return match (true) {
            $solid === null => -1,
            $solid->beyond < 0.0 => $solid->step - 1,
            default => $solid->step,
        };
    }

    /** @param  array<string, Level>  $levels */
    private static function hardest(array $levels): ?Level
    {
        $hardest = null;
        foreach ($levels as $level) {
            $hardest = $hardest === null || $level->isHarderThan($hardest) ? $level : $hardest;
        }

        return $hardest;
    }

    private static function easiestOver(SessionSummary $session): ?Mark
    {
        $easiest = null;
        foreach ($session->marks as $mark) {
            $isOver = $mark->kind === MarkKind::Over || $mark->kind === MarkKind::OverFromOutside;
            if ($isOver && ($easiest === null || $easiest->level->isHarderThan($mark->level))) {
                $easiest = $mark;
            }
        }

        return $easiest;
    }

    /**
     * @param  list<SessionSummary>  $sessions
     * @return non-negative-int
     */
    private static function hard(array $sessions): int
    {
        return count(array_filter($sessions, static fn (SessionSummary $session): bool => array_filter(
            $session->marks, static fn (Mark $mark): bool => $mark->kind === MarkKind::Struggled || $mark->kind === MarkKind::Over,
        ) !== []));
    }

    /**
     * The newest sessions that hold enough forecasts together.
     *
     * @param  list<SessionSummary>  $sessions  oldest first
     */
    private static function latestForecasts(array $sessions): Calibration
    {
        $calibration = new Calibration;
        for ($i = count($sessions) - 1; $i >= 0 && $calibration->forecasts < Calibration::WINDOW; $i--) {
            $calibration = $calibration->plus($sessions[$i]->calibration);
        }

        return $calibration;
    }
}
