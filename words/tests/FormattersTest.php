<?php

declare(strict_types=1);

namespace Words\Tests;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Words\Formatters;

#[CoversClass(Formatters::class)]
final class FormattersTest extends TestCase
{
    /** What was made for one locale, zone or message answers for no other. */
    public function test_each_is_kept_for_itself(): void
    {
        $formatters = new Formatters;
        $at = new \DateTimeImmutable('2026-11-28 23:30 UTC');
        $said = static fn (): array => [
            $formatters->date($at, 'yMMMd', 'en', 'UTC'), $formatters->date($at, 'yMMMd', 'en', 'Asia/Tokyo'),
            $formatters->date($at, 'MMMd', 'en', 'UTC'), $formatters->date($at, 'yMMMd', 'es', 'UTC'),
            $formatters->message('{n, number}', ['n' => 12345.6], 'en'), $formatters->message('{n, number}', ['n' => 12345.6], 'es'),
        ];

        self::assertSame(['Nov 28, 2026', 'Nov 29, 2026', 'Nov 28', '28 nov 2026', '12,345.6', '12.345,6'], $said());
        self::assertSame($said(), $said());
    }

    /** The same message with another kind of value, as where an amount is unknown. */
    public function test_a_message_takes_whatever_comes(): void
    {
        $formatters = new Formatters;
        self::assertSame('3 dogs', $formatters->message('{n} dogs', ['n' => 3], 'en'));
        self::assertSame('many dogs', $formatters->message('{n} dogs', ['n' => 'many'], 'en'));
        self::assertSame('2.5 dogs', $formatters->message('{n} dogs', ['n' => 2.5], 'en'));
        self::assertNull($formatters->message('{n, plural, broken', ['n' => 1], 'en'));
    }
}
