<?php

declare(strict_types=1);

namespace Core\Tests\Scheduling;

use Core\Decision\CarryOver;
use Core\Exposure\PlanKind;
use Core\Scheduling\HoursWish;
use Core\Scheduling\Routine;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RoutineTest extends TestCase
{
    /**
     * Common practice, by kind: most a day, days apart, easy days after struggling and a reaction, passes, at home.
     *
     * @param  list<int|bool|null>  $usual
     */
    #[TestWith([PlanKind::Presence, [1, 2, 1, 2, 10, false], true])]
    #[TestWith([PlanKind::Sound, [1, 2, 1, 2, null, true], true])]
    #[TestWith([PlanKind::Contact, [3, 0, 1, 2, null, true], false])]
    #[TestWith([PlanKind::Duration, [3, 0, 0, 1, null, true], false])]
    public function test_each_kind_of_plan_has_its_usual_week(PlanKind $kind, array $usual, bool $isExposure): void
    {
        $of = Routine::usual($kind);
        self::assertSame(
            $usual, [$of->mostADay, $of->daysApart, $of->afterStruggling, $of->afterReaction, $of->encounters, $of->isAtHome],
        );
        self::assertSame([$isExposure, false, HoursWish::Any], [Routine::isExposure($kind), $of->needsHelper, $of->hours]);
    }

    /** One easy day after struggling, two after a reaction. */
    #[TestWith([0, true, false, 2])]
    #[TestWith([1, true, false, 1])]
    #[TestWith([2, true, false, 0])]
    #[TestWith([2, true, true, 1])]
    #[TestWith([3, false, true, 0])]
    #[TestWith([0, false, false, 0])]
    public function test_a_dog_has_easy_days_after_what_was_too_much(int $daysSince, bool $struggled, bool $reacted, int $free): void
    {
        self::assertSame($free, Routine::usual(PlanKind::Presence)->freeAgainIn($daysSince, $struggled, $reacted));
    }

    /** Ten passes: as long as it takes where they come by, between a set and twice the usual. */
    #[TestWith([10, 30])]
    #[TestWith([20, 15])]
    #[TestWith([200, 5])]
    #[TestWith([6, 50])]
    #[TestWith([4, 60])]
    #[TestWith([null, 30])]
    public function test_passes_make_a_session_as_long_as_it_has_to_be(?int $passes, int $minutes): void
    {
        self::assertSame($minutes, Routine::usual(PlanKind::Presence)->minutes(30, 5, $passes));
        self::assertSame(3, Routine::usual(PlanKind::Contact)->minutes(3, 3, $passes), 'a hand needs no passers-by');
    }

    #[TestWith([3.0, 2])]
    #[TestWith([3.5, 2])]
    #[TestWith([3.6, 1])]
    #[TestWith([14.0, 0])]
    public function test_days_between_leave_room_for_what_is_asked_for(float $aWeek, int $daysApart): void
    {
        self::assertSame($daysApart, Routine::usual(PlanKind::Presence)->daysApartAt($aWeek));
    }

    #[TestWith([8.0, 48.0])]
    #[TestWith([4.0, 24.0])]
    #[TestWith([2.0, 0.0])]
    public function test_a_fright_asks_for_rest_until_it_has_faded(float $upset, float $hours): void
    {
        self::assertEqualsWithDelta($hours, CarryOver::points($upset)->restHours(), 1e-9);
    }
}
