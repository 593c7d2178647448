<?php

declare(strict_types=1);

namespace Core\Tests\Planning;

use Core\Planning\Pace;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(Pace::class)]
final class PaceTest extends TestCase
{
    #[TestWith([3.0, 1, 1])]
    #[TestWith([3.0, 2, 0])]
    #[TestWith([3.0, 5, -3])]
    #[TestWith([7.0, 0, 1])]
    #[TestWith([7.0, 1, 0])]
    #[TestWith([14.0, 0, 0])]
    #[TestWith([0.5, 13, 1])]
    #[TestWith([0.5, 14, 0])]
    public function test_a_plan_is_due_by_its_own_pace(float $aWeek, int $daysSince, int $dueIn): void
    {
        self::assertSame($dueIn, (new Pace($aWeek))->dueIn($daysSince));
    }

    public function test_no_pace_is_no_pace(): void
    {
        $this->expectException(\LogicException::class);
        new Pace(0.0);
    }

    #[TestWith([3.0, 7, null, 3])]
    #[TestWith([3.0, 7, 0, 2])]
    #[TestWith([3.0, 7, 2, 3])]
    #[TestWith([3.0, 2, 0, 0])]
    #[TestWith([3.0, 3, 0, 1])]
    #[TestWith([0.5, 7, 7, 0])]
    #[TestWith([0.5, 7, 8, 1])]
    #[TestWith([21.0, 7, null, 21])]
    #[TestWith([3.0, 0, null, 0])]
    public function test_so_many_sessions_fall_into_the_next_days(float $aWeek, int $days, ?int $daysSince, int $sessions): void
    {
        self::assertSame($sessions, (new Pace($aWeek))->within($days, $daysSince));
    }
}
