<?php

declare(strict_types=1);

namespace Core\Tests\Homework;

use Core\Exposure\PlanKind;
use Core\Homework\Answer;
use Core\Homework\HomeDay;
use Core\Homework\HomeworkKind;
use Core\Homework\QuietHours;
use Core\Homework\TodaysTasks;
use Core\Homework\Unlock;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is asked of a home, and what its answers open and end. */
#[CoversClass(HomeDay::class)]
#[CoversClass(Unlock::class)]
#[CoversClass(TodaysTasks::class)]
#[CoversClass(QuietHours::class)]
#[CoversClass(HomeworkKind::class)]
#[CoversClass(Answer::class)]
final class HomeworkTest extends TestCase
{
    /** @return iterable<string, array{int, string, bool, bool}> planned, answers (g good, n not yet, - no, w wrong), over, good */
    public static function days(): iterable
    {
        yield 'nothing yet' => [4, '', false, false];
        yield 'less than half' => [4, 'g', false, false];
        yield 'half of it' => [4, 'gg', false, true];
        yield 'all of it' => [4, 'gggg', true, true];
        yield 'three of four well' => [4, 'ggg-', true, false];
        yield 'four of five well' => [5, 'gggg-', true, true];
        yield 'not yet is not well' => [5, 'gggnn', true, false];
        yield 'wrong ends it' => [5, 'ggggw', true, false];
        yield 'wrong at the first' => [5, 'w', true, false];
    }

    #[DataProvider('days')]
    public function test_a_day_is_over_or_good(int $planned, string $answers, bool $isOver, bool $isGood): void
    {
        $day = self::day($planned, $answers);
        self::assertSame([$isOver, $isGood], [$day->isOver(), $day->isGood()]);
    }

    public function test_a_day_off_counts_as_done_and_as_neither_good_nor_bad(): void
    {
        $day = new HomeDay(3, [], true);
        self::assertSame([true, false, false], [$day->isOver(), $day->isGood(), $day->wentWrong()]);
    }

    public function test_skills_and_settling_open_by_good_days_and_contact_and_exposure_never(): void
    {
        $days = [100 => self::day(2, 'gg'), 101 => self::day(2, '--'), 103 => self::day(2, 'gg')];
        foreach (HomeworkKind::cases() as $kind) {
            $opens = in_array($kind, [HomeworkKind::Skill, HomeworkKind::Settle], true);
            self::assertSame($opens, Unlock::isOpen($kind, 2, $days, 104), $kind->value);
            self::assertFalse(Unlock::isOpen($kind, 3, $days, 104), $kind->value);
        }
    }

    #[TestWith([104, false])]
    #[TestWith([105, true])]
    public function test_nothing_opens_within_three_days_of_something_wrong(int $today, bool $isOpen): void
    {
        $days = [100 => self::day(2, 'gg'), 102 => self::day(2, 'w'), 103 => self::day(2, 'gg')];
        self::assertSame($isOpen, Unlock::isOpen(HomeworkKind::Skill, 2, $days, $today));
    }

    public function test_three_tasks_stand_on_the_page_and_what_was_done_least_comes_in(): void
    {
        $open = self::day(2, '');
        self::assertSame([1, 2, 3], TodaysTasks::choose([1 => $open, 2 => $open, 3 => $open], []));
        self::assertSame([1, 3, 4], TodaysTasks::choose(
            [1 => $open, 2 => $open, 3 => $open, 4 => $open], [1 => 3, 2 => 9, 3 => 4, 4 => 0],
        ));
        self::assertSame(
            [1, 2, 4], TodaysTasks::choose([1 => $open, 2 => $open, 3 => self::day(2, 'gg'), 4 => $open], [1 => 9, 2 => 9, 4 => 9]),
            'what is over makes room',
        );
    }

    /** @return iterable<string, array{int, int, string, string}> from, until, written at, sent at */
    public static function hours(): iterable
    {
        yield 'a minute before' => [1260, 420, '2026-11-24 20:59', '2026-11-24 20:59'];
        yield 'as they begin' => [1260, 420, '2026-11-24 21:00', '2026-11-25 07:00'];
        yield 'after midnight' => [1260, 420, '2026-11-24 06:59', '2026-11-24 07:00'];
        yield 'as they end' => [1260, 420, '2026-11-24 07:00', '2026-11-24 07:00'];
        yield 'within one day' => [720, 840, '2026-11-24 13:00', '2026-11-24 14:00'];
        yield 'none' => [0, 0, '2026-11-24 00:00', '2026-11-24 00:00'];
        yield 'over the night the clocks go back' => [1260, 420, '2026-10-24 23:00', '2026-10-25 07:00'];
    }

    #[TestWith([-1, 0])]
    #[TestWith([0, 1440])]
    public function test_quiet_hours_are_minutes_of_a_day(int $from, int $until): void
    {
        self::assertSame(['from' => 0, 'until' => 1439], get_object_vars(new QuietHours(0, 1439)));
        $this->expectException(\LogicException::class);
        new QuietHours($from, $until);
    }

    #[DataProvider('hours')]
    public function test_quiet_hours_are_kept(int $from, int $until, string $at, string $sent): void
    {
        $zone = new \DateTimeZone('Europe/London');
        self::assertSame($sent, (new QuietHours($from, $until))->after(new \DateTimeImmutable($at, $zone))->format('Y-m-d H:i'));
    }

    public function test_the_kind_follows_the_plan(): void
    {
        self::assertSame(HomeworkKind::Contact, HomeworkKind::of(PlanKind::Contact, 'shaping'));
        self::assertSame(HomeworkKind::Exposure, HomeworkKind::of(PlanKind::Sound, 'pairing'));
        self::assertSame(HomeworkKind::Settle, HomeworkKind::of(PlanKind::Duration, 'calm_settling'));
        self::assertSame(HomeworkKind::Skill, HomeworkKind::of(PlanKind::Duration, 'shaping'));
        self::assertSame([Answer::TooMuch, Answer::Growl, Answer::Stiff, Answer::Bite], Answer::alarms());
    }

    private static function day(int $planned, string $answers): HomeDay
    {
        return new HomeDay($planned, array_map(static fn (string $answer): Answer => [
            'g' => Answer::Good, 'n' => Answer::NotYet, '-' => Answer::No, 'w' => Answer::Growl,
        ][$answer], $answers === '' ? [] : str_split($answers)));
    }
}
