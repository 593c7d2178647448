<?php

declare(strict_types=1);

namespace Core\Tests\Measure;

use Core\Exception\InvalidMeasure;
use Core\Measure\ShareInterval;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(ShareInterval::class)]
final class ShareIntervalTest extends TestCase
{
    /** Newcombe, R. G. (1998). Two-sided confidence intervals for the single proportion. Statistics in Medicine 17, table I. */
    #[TestWith([81, 263, 0.2553, 0.3662])]
    #[TestWith([15, 148, 0.0624, 0.1605])]
    public function test_the_published_examples(int $successes, int $trials, float $lower, float $upper): void
    {
        $interval = ShareInterval::wilson($successes, $trials);

        self::assertEqualsWithDelta([$lower, $upper], [$interval->lower, $interval->upper], 5e-5, 'four decimals as printed');
    }

    public function test_none_of_twenty_starts_exactly_at_zero_and_five_of_five_is_no_certainty(): void
    {
        self::assertSame(0.0, ShareInterval::wilson(0, 20)->lower);
        self::assertEqualsWithDelta(0.566, ShareInterval::wilson(5, 5)->lower, 5e-4);
        self::assertSame(1.0, ShareInterval::wilson(5, 5)->upper);
    }

    public function test_more_successes_than_trials_are_refused(): void
    {
        $this->expectException(InvalidMeasure::class);
        ShareInterval::wilson(6, 5);
    }
}
