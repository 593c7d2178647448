<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\RuleBook;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** No answer changes unseen: sessions that were drawn once are answered as they were then. */
#[CoversClass(RuleBook::class)]
final class DrawnTest extends TestCase
{
    #[DataProviderExternal(Drawn::class, 'kept')]
    public function test_it_is_answered_as_before(int $seed, string $kept): void
    {
        self::assertSame($kept, Drawn::session($seed), 'Meant? Then write them anew, as Drawn says, and read the difference.');
    }

    public function test_none_was_taken_out(): void
    {
        self::assertCount(Drawn::SESSIONS, iterator_to_array(Drawn::kept()));
    }
}
