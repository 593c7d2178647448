<?php

declare(strict_types=1);

namespace Core\Tests\Ladder;

use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Ladder\Criterion;
use Core\Ladder\LadderData;
use Core\Ladder\StepData;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

#[CoversClass(LadderData::class)]
#[CoversClass(StepData::class)]
#[CoversClass(Criterion::class)]
final class LadderDataTest extends TestCase
{
    private const STEP = [
        'do' => 'Stand.', 'at' => ['distance' => 20.0, 'trigger_motion' => 'standing'], 'criterion' => ['run' => 5], 'food' => 'during',
        'posture' => 'free', 'who' => 'handler', 'hands' => 1, 'eyes' => 1,
    ];

    public function test_what_is_written_is_read_the_same(): void
    {
        foreach (array_keys(Fixture::templateData()) as $key) {
            [$ladder] = Fixture::laid($key);
            $kind = Fixture::templates()->template($key)->kind->value;
            self::assertEquals($ladder, LadderData::read(LadderData::write($ladder), Fixture::catalogs()[$kind]), $key);
        }
    }

    public function test_one_step_to_two_hundred_are_a_ladder(): void
    {
        $read = static fn (int $count): int => count(LadderData::read(array_fill(0, $count, self::STEP), Fixture::dimensions())->steps);

        self::assertSame([1, 200], [$read(1), $read(200)]);
        foreach ([0, 201] as $count) {
            try {
                LadderData::read(array_fill(0, $count, self::STEP), Fixture::dimensions());
                self::fail("{$count} steps were taken.");
            } catch (InvalidLadder $problem) {
                self::assertSame([ErrorCode::StepCount, 200, $count], [
                    $problem->error(), $problem->facts()['most'], $problem->facts()['given'],
                ]);
            }
        }
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('spoilt')]
    public function test_a_step_that_cannot_be_read_is_told_at_its_field(array $with, string $pointer): void
    {
        try {
            LadderData::read(
                [self::STEP, array_filter([...self::STEP, ...$with], static fn (mixed $value): bool => $value !== null)],
                Fixture::dimensions(),
            );
            self::fail('It was read.');
        } catch (InvalidLadder $problem) {
            self::assertSame($pointer, $problem->pointer);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function spoilt(): iterable
    {
        yield 'no values' => [['at' => null], '/1/at'];
        yield 'values that are none' => [['at' => 'near'], '/1/at'];
        yield 'an unknown value' => [['at' => ['distance' => 20.0, 'trigger_motion' => 'flying']], '/1/at/trigger_motion'];
        yield 'a dimension left open' => [['at' => ['distance' => 20.0]], '/1/at'];
        yield 'food at no time' => [['food' => 'never'], '/1/food'];
        yield 'a posture that is none' => [['posture' => 'flat'], '/1/posture'];
        yield 'nobody' => [['who' => 'nobody'], '/1/who'];
        yield 'too many hands' => [['hands' => 5], '/1'];
        yield 'no eyes' => [['eyes' => 0], '/1'];
        yield 'a run of none' => [['criterion' => ['run' => 0]], '/1'];
        yield 'a window of one' => [['criterion' => ['run' => 1, 'window' => 1]], '/1'];
        yield 'more than the window' => [['criterion' => ['run' => 6, 'window' => 5]], '/1'];
        yield 'no sessions' => [['criterion' => ['run' => 5, 'sessions' => 0]], '/1'];
        yield 'a strand that is none' => [['strands' => ['tail']], '/1/strands'];
        yield 'a strand twice' => [['strands' => ['tool', 'tool']], '/1/strands'];
        yield 'strands that are no list' => [['strands' => 'tool, body'], '/1/strands'];
        yield 'too many days' => [['criterion' => ['run' => 5, 'sessions' => 2, 'days' => 91]], '/1'];
    }

    public function test_nothing_is_a_new_behavior_unless_it_is_said(): void
    {
        self::assertSame([false, true, false, true], [
            Criterion::run(5)->isNewBehavior, Criterion::run(5, true)->isNewBehavior, Criterion::share(4, 5)->isNewBehavior,
            Criterion::share(4, 5, true)->over(2, 1)->isNewBehavior,
        ]);
    }

    public function test_a_run_is_counted_back_from_the_last_and_a_share_within_its_window(): void
    {
        $marks = static fn (string $text): array => array_map(static fn (string $one): bool => $one === '+', str_split($text));
        $met = static fn (Criterion $criterion, string $text): array =>
            [$criterion->progress($marks($text))->done, $criterion->progress($marks($text))->isMet];

        self::assertSame([[3, true], [2, false], [0, false]], [
            $met(Criterion::run(3), '-+++'), $met(Criterion::run(3), '+-++'), $met(Criterion::run(3), '+++-'),
        ]);
        self::assertSame([[4, true], [3, false]], [$met(Criterion::share(4, 5), '-++++'), $met(Criterion::share(4, 5), '--+++')]);
        self::assertSame([4, true], $met(Criterion::share(4, 5), '----++++-'));
        self::assertSame([true, false], [
            Criterion::run(5)->over(2, 1)->isSpreadEnough([100, 101]), Criterion::run(5)->over(2, 1)->isSpreadEnough([100, 100]),
        ]);
        self::assertSame([true, false], [
            Criterion::run(5)->over(2, 3)->isSpreadEnough([100, 103]), Criterion::run(5)->over(2, 3)->isSpreadEnough([100, 102]),
        ]);
        self::assertSame([false, true], [
            Criterion::run(5)->over(3, 0)->isSpreadEnough([1, 2]), Criterion::run(5)->over(3, 0)->isSpreadEnough([1, 2, 2]),
        ]);
    }
}
