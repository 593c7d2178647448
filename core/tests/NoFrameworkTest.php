<?php

declare(strict_types=1);

namespace Core\Tests;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The core is plain PHP: no framework, no clock, no chance, no input or output of its own. */
#[CoversNothing]
final class NoFrameworkTest extends TestCase
{
    private const IMPURE = [
        'time', 'microtime', 'hrtime', 'date', 'rand', 'mt_rand', 'random_int', 'lcg_value', 'uniqid', 'file_get_contents',
        'file_put_contents', 'fopen', 'getenv', 'printf', 'error_log', 'var_dump',
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $folder = dirname(__DIR__).'/src';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo) {
                yield substr($file->getPathname(), strlen($folder) + 1) => [$file->getPathname()];
            }
        }
    }

    #[DataProvider('files')]
    public function test_a_file_of_the_core_names_only_the_core_and_php(string $file): void
    {
        foreach (\PhpToken::tokenize((string) file_get_contents($file)) as $token) {
            if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
                $name = ltrim($token->text, '\\');
                $isPhp = ! str_contains($name, '\\') || str_starts_with($name, 'Random\\');
                self::assertTrue(
                    $isPhp || str_starts_with($name, 'Core\\') || ! ctype_upper($name[0]) || str_starts_with($name, 'Rule\\'),
                    "{$name} in line {$token->line}",
                );
            }
        }
    }

    #[DataProvider('files')]
    public function test_a_file_of_the_core_asks_neither_clock_nor_chance_nor_disk(string $file): void
    {
        $tokens = array_values(array_filter(
            \PhpToken::tokenize((string) file_get_contents($file)), static fn (\PhpToken $token): bool => ! $token->isIgnorable(),
        ));
        foreach ($tokens as $i => $token) {
            $isCall = $token->is(T_STRING) && ($tokens[$i + 1]->text ?? '') === '(' && ! in_array(
                $tokens[$i - 1]->text ?? '', ['->', '::', 'function', '?->'], true,
            );
            self::assertFalse($isCall && in_array(strtolower($token->text), self::IMPURE, true), "{$token->text}() in line {$token->line}");
        }
    }

    /** Two words in a row in a string are a sentence, and sentences are said at the edge. Errors of programmers are nobody's sentence. */
    #[DataProvider('files')]
    public function test_a_file_of_the_core_speaks_no_language(string $file): void
    {
        $tokens = array_values(array_filter(
            \PhpToken::tokenize((string) file_get_contents($file)), static fn (\PhpToken $token): bool => ! $token->isIgnorable(),
        ));
        $inLogicException = false;
        $sentences = [];
        foreach ($tokens as $token) {
            $inLogicException = $token->text !== ';' && ($inLogicException || $token->text === '\LogicException');
            if (! $inLogicException && $token->is(
                [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE],
            ) && preg_match('/[A-Za-z]{2,} [a-z]{2,}/', $token->text) === 1) {
                $sentences[] = "{$token->text} in line {$token->line}";
            }
        }

        self::assertSame([], $sentences);
    }

    public function test_the_data_of_the_core_have_keys_and_no_labels(): void
    {
        foreach ([...(array) glob(dirname(__DIR__).'/data/*.json'), ...(array) glob(dirname(__DIR__).'/data/templates/*.json')] as $file) {
            self::assertDoesNotMatchRegularExpression(
                '/"(label|do|about|trial|asksOf|advanceOn|goodFor|readyWhen)":/', (string) file_get_contents((string) $file),
                (string) $file,
            );
        }
    }
}
