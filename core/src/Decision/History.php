<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Response\Calibration;

/** What the sessions before today left behind for one plan and handler. */
final readonly class History
{
    /**
     * @param  int  $heldStep  index of the highest step whose criterion was met with no strain there after it; −1 for none
     * @param  array<int, positive-int>  $failedSessions  by step: sessions in which it gave strain or worse
     * @param  non-negative-int  $reactionStreak  latest sessions in a row that ended with a reaction
     * @param  ?float  $daysSinceLast  null before the first session
     * @param  non-negative-int  $trialsEver  trials before today
     * @param  ?RestReason  $resting  why the plan rests until a named person has reviewed it; null if it does not
     * @param  bool  $endedWithEffort  at least half of the last session's last four trials took effort or worse
     * @param  bool  $lastWasCalm  whether no trial of the last session took effort or worse: then short looks are still in order
     * @param  bool  $hasSucceeded  whether any earlier trial was a success
     * @param  Calibration  $calibration  forecasts of the latest trials before today
     * @param  array<int, list<int>>  $daysMet  by step: day numbers of the sessions in which its criterion was met
     * @param  array<string, int>  $helped  by dimension key: how often easing it, and nothing else, turned effort into a calm trial
     * @param  ?CarryOver  $carryOver  upset from other events
     * @param  int  $givenHeld  step held by another person whose plan this one goes on from; −1 for none
     * @param  list<int>  $heldAfter  the hardest step held after each session, oldest first; −1 for none
     * @param  bool  $isNewPlace  the first session of this plan in a place, or with a person: back to the first third
     */
    public function __construct(
        public int $heldStep = -1,
        public array $failedSessions = [],
        public int $reactionStreak = 0,
        public ?float $daysSinceLast = null,
        public int $trialsEver = 0,
        public ?RestReason $resting = null,
        public bool $endedWithEffort = false,
        public bool $lastWasCalm = true,
        public bool $hasSucceeded = false,
        public Calibration $calibration = new Calibration,
        public array $daysMet = [],
        public array $helped = [],
        public ?CarryOver $carryOver = null,
        public bool $isNewPlace = false,
        public int $givenHeld = -1,
        public array $heldAfter = [],
    ) {
    }

    /**
     * @param  list<SessionSummary>  $sessions  finished ones of this plan, oldest first
     * @param  ?float  $daysSinceLast  since the newest of them
     */
    public static function ofSessions(
        array $sessions, ?float $daysSinceLast, ?RestReason $resting, ?CarryOver $carryOver = null, bool $isNewPlace = false,
        int $givenHeld = -1,
    ): self {
        $daysMet = $helped = $heldAfter = [];
        $held = -1;
        $failed = [];
        $streak = 0;
        foreach ($sessions as $session) {
            $failedNow = [];
            foreach ($session->helped as $key => $times) {
                $helped[$key] = ($helped[$key] ?? 0) + $times;
            }
            foreach (array_unique(
                array_column(array_filter($session->marks, static fn (array $mark): bool => $mark['held']), 'step'),
            ) as $step) {
                $daysMet[$step][] = $session->dayNumber;
            }
            $held = self::heldAfter($session, $held);
            $heldAfter[] = $held;
            foreach ($session->marks as $mark) {
                if ($mark['held']) {
                    unset($failed[$mark['step']], $failedNow[$mark['step']]);
                } else {
                    $failedNow[$mark['step']] = true;
                }
            }
            foreach (array_keys($failedNow) as $step) {
                $failed[$step] = ($failed[$step] ?? 0) + 1;
            }
            $streak = $session->reacted ? $streak + 1 : 0;
        }
        $last = $sessions[count($sessions) - 1] ?? null;

        return new self(
            $held,
            $failed,
            $streak,
            $daysSinceLast,
            max(0, array_sum(array_map(static fn (SessionSummary $session): int => $session->trials, $sessions))),
            $resting,
            $last !== null && $last->endedWithEffort,
            $last === null || $last->calm,
            array_filter($sessions, static fn (SessionSummary $session): bool => $session->succeeded) !== [],
            self::latestForecasts($sessions),
            $daysMet,
            $helped,
            $carryOver,
            $isNewPlace,
            $givenHeld,
            $heldAfter,
        );
    }

    private static function heldAfter(SessionSummary $session, int $held): int
    {
        foreach ($session->marks as $mark) {
            $held = $mark['held'] ? max($held, $mark['step']) : min($held, $mark['step'] - 1);
        }

        return max($held, -1);
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
