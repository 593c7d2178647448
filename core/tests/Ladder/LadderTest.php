<?php

declare(strict_types=1);

namespace Core\Tests\Ladder;

use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Ladder\Strand;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(Ladder::class)]
#[CoversClass(Step::class)]
#[CoversClass(Strand::class)]
final class LadderTest extends TestCase
{
    /**
     * @param  list<?int>  $below  by step, counted from 0
     */
    #[DataProvider('ladders')]
    public function test_a_step_builds_on_the_last_one_of_its_strand(string $key, array $below): void
    {
        [$ladder] = Fixture::laid($key);

        self::assertSame($below, array_map($ladder->below(...), array_keys($below)));
    }

    /** @return iterable<string, array{string, list<?int>}> */
    public static function ladders(): iterable
    {
        // paw, tool, and the sound across the room: each begins from the paw touched; then they join
        yield 'nails' => ['nails', [null, 0, 1, 0, 3, 4, 0, 6, 7, 8, 9, 10]];
        yield 'ear care' => ['ear-care', [null, 0, 1, 2, 0, 4, 5, 6, 7, 8]];
        yield 'teeth' => ['teeth', [null, 0, 1, 2, 3, 4, 5, 0, 7, 8, 9, 10]];
        yield 'straps after the buckle behind the back' => ['harness-straps', [null, 0, 0, 2, 3]];
        yield 'of one piece' => ['net-muzzle', [null, 0, 1, 2, 3, 4, 5, 6]];
    }

    public function test_a_step_without_a_strand_is_on_every_way(): void
    {
        [$ladder] = Fixture::laid('net-muzzle');

        self::assertTrue($ladder->isOnWay(3, 5));
        // nor does it matter which of the two has none: 1 is of the paw, 3 of the tool
        [$nails] = Fixture::laid('nails');
        $mixed = Ladder::of([...array_slice($nails->steps, 0, 4), $ladder->step(2), $nails->step(1)]);
        self::assertSame([false, true, true], [$mixed->isOnWay(1, 3), $mixed->isOnWay(3, 4), $mixed->isOnWay(4, 5)]);
    }

    /** Five minutes of holding are a session's; for more, sessions are counted together. */
    #[TestWith([60.0, 5, null, false])]
    #[TestWith([61.0, 5, null, true])]
    #[TestWith([75.0, 3, 4, false])]
    #[TestWith([76.0, 3, 4, true])]
    public function test_a_step_that_takes_long_is_counted_over_sessions(float $seconds, int $successes, ?int $window, bool $is): void
    {
        $step = Fixture::laid('basket-muzzle')[0]->step(17);
        $criterion = $window === null ? Criterion::run($successes) : Criterion::share($successes, $window);

        self::assertSame($is, (new Step($step->exposure->with('duration', $seconds), $criterion))->isCountedOverSessions());
        self::assertFalse((new Step(Fixture::at(20.0), $criterion))->isCountedOverSessions());
    }
}
