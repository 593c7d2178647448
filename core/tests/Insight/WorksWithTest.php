<?php

declare(strict_types=1);

namespace Core\Tests\Insight;

use Core\Insight\WorksWith;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(WorksWith::class)]
final class WorksWithTest extends TestCase
{
    public function test_people_means_some_people(): void
    {
        $met = static fn (bool $isCalm, float $meters, string ...$traits): array => [
            'traits' => array_values($traits), 'isCalm' => $isCalm, 'distance' => $meters,
        ];
        $told = WorksWith::of([
            ...array_fill(0, 8, $met(true, 10.0)), $met(true, 10.0, 'child'), $met(true, 12.0, 'child'),
            $met(false, 20.0, 'big', 'bearded'), $met(false, 24.0, 'big'), $met(true, 30.0, 'big', 'bearded'), $met(false, 40.0, 'bearded'),
        ]);

        self::assertSame(['bearded', 'big', ''], array_column($told, 'trait'), 'hardest first; a child was met twice only');
        self::assertSame([1, 3], [$told[1]->calm->successes, $told[1]->calm->trials]);
        self::assertSame(24.0, $told[1]->distance, 'half of them were nearer');
        // Wilson (1927) for 1 of 3 at 80 %, worked out apart in Python
        self::assertEqualsWithDelta(0.105776, $told[1]->calm->lower, 1e-6);
        self::assertEqualsWithDelta(0.678817, $told[1]->calm->upper, 1e-6);
        self::assertSame(1.0, $told[2]->calm->upper);
        self::assertGreaterThan($told[1]->calm->upper, $told[2]->calm->lower);
    }

    public function test_what_was_never_measured_has_no_distance(): void
    {
        $told = WorksWith::of(array_fill(0, WorksWith::LEAST, ['traits' => ['hat', 'hat'], 'isCalm' => true, 'distance' => null]));
        self::assertCount(1, $told);
        self::assertNull($told[0]->distance);
        self::assertSame(WorksWith::LEAST, $told[0]->calm->trials, 'a trait ticked twice counts once');
        self::assertSame([], WorksWith::of(array_fill(0, WorksWith::LEAST - 1, ['traits' => [], 'isCalm' => true, 'distance' => 1.0])));
    }
}
