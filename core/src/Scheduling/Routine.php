<?php

declare(strict_types=1);

namespace Core\Scheduling;

use Core\Exposure\PlanKind;

/** How the work of one plan is spread over days: as its kind has it, or as somebody has said. */
final readonly class Routine
{
    /** Ranges of what can be said. */
    public const MOST_A_DAY = [1, 6];

    public const DAYS_APART = [0, 14];

    public const EASY_DAYS = [0, 7];

    public const ENCOUNTERS = [1, 60];

    /**
     * @param  int  $mostADay  sessions
     * @param  int  $daysApart  from one session to the next; 2 leaves a day between
     * @param  int  $afterStruggling  easy days after a session in which the dog struggled
     * @param  int  $afterReaction  easy days after one in which it reacted
     * @param  ?int  $encounters  passes that make a good session; null where minutes count
     * @param  bool  $isAtHome  where the dog lives rather than at a place that is gone to
     */
    public function __construct(
        public int $mostADay, public int $daysApart, public int $afterStruggling, public int $afterReaction, public ?int $encounters,
        public bool $isAtHome, public bool $needsHelper = false, public HoursWish $hours = HoursWish::Any,
    ) {
    }

    /**
     * Common practice: work at a distance every second or third day by about ten passes, with one easy day after struggling and two after
     * a reaction; sounds at home the same way; contact and skills up to three times a day at home.
     */
    public static function usual(PlanKind $kind): self
    {
        return match ($kind) {
            PlanKind::Presence => new self(1, 2, 1, 2, 10, false),
            PlanKind::Sound => new self(1, 2, 1, 2, null, true),
            PlanKind::Contact => new self(3, 0, 1, 2, null, true),
            PlanKind::Duration => new self(3, 0, 0, 1, null, true),
        };
    }

    /** Days from one session to the next where so many a week are asked for: no more than leave room for them. */
    public function daysApartAt(float $aWeek): int
    {
        return min($this->daysApart, (int) floor(DayGrid::DAYS / $aWeek));
    }

    /** Triggers at a distance and sounds; a skill and a hand that is sought are none. */
    public static function isExposure(PlanKind $kind): bool
    {
        return $kind === PlanKind::Presence || $kind === PlanKind::Sound;
    }

    /**
     * First day on which the dog may work again, counted from today.
     *
     * `Routine::usual(PlanKind::Presence)->freeAgainIn(1, true, false)` is 1: it struggled yesterday, today is easy.
     *
     * @param  int  $daysSince  the session, 0 or more
     */
    public function freeAgainIn(int $daysSince, bool $hasStruggled, bool $hasReacted): int
    {
        $easy = max($hasStruggled ? $this->afterStruggling : 0, $hasReacted ? $this->afterReaction : 0);

        return $easy === 0 ? 0 : max(0, $easy + 1 - $daysSince);
    }

    /**
     * How long a session is: for so many encounters where a visit of the usual length has so many passes, else the usual length. Never
     * shorter than a set nor longer than twice the usual.
     *
     * @param  int  $usual  minutes
     * @param  ?int  $passes  in a visit of that length, 1 or more; null if nobody counted
     */
    public function minutes(int $usual, int $set, ?int $passes): int
    {
        return $this->encounters === null || $passes === null
            ? $usual
            : max($set, min(2 * $usual, (int) ceil($usual * $this->encounters / $passes)));
    }
}
