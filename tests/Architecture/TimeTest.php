<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;

/** A test that reads the real clock passes on some days only; one that waits a fixed time passes on some machines only. */
#[CoversNothing]
final class TimeTest extends TestCase
{
    private const CLOCK = ['time', 'microtime', 'hrtime', 'sleep', 'usleep', 'date', 'mktime', 'strtotime'];

    public function test_no_test_reads_the_real_clock_or_waits(): void
    {
        $root = dirname(__DIR__, 2);
        $found = [];
        foreach (['core/tests', 'words/tests', 'cli/tests', 'tests'] as $folder) {
            foreach (Code::files("{$root}/{$folder}", 'php') as $file) {
                $found = [...$found, ...self::clockIn($file)];
            }
        }
        foreach (Code::files("{$root}/tests/Browser", 'js') as $file) {
            $found = [
                ...$found, ...(str_contains((string) file_get_contents($file), 'waitForTimeout') ? ["{$file} waits a fixed time"] : []),
            ];
        }

        self::assertSame([], $found);
    }

    /** @return list<string> */
    private static function clockIn(string $file): array
    {
        $tokens = array_values(array_filter(
            \PhpToken::tokenize((string) file_get_contents($file)), static fn (\PhpToken $token): bool => ! $token->isIgnorable(),
        ));
        $found = [];
        foreach ($tokens as $i => $token) {
            $isCall = $token->is(T_STRING) && in_array($token->text, self::CLOCK, true) && ($tokens[$i + 1] ?? null)?->text === '('
                && ($tokens[$i - 1] ?? null)?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION]) !== true;
            $isNow = $token->is([T_STRING, T_NAME_FULLY_QUALIFIED]) && ltrim($token->text, '\\') === 'DateTimeImmutable'
                && ($tokens[$i + 1] ?? null)?->text === '(' && in_array($tokens[$i + 2]->text ?? '', [')', "'now'"], true);
            if ($isCall || $isNow) {
                $found[] = "{$file}:{$token->line} {$token->text}";
            }
        }

        return $found;
    }
}
