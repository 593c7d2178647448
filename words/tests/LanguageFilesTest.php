<?php

declare(strict_types=1);

namespace Words\Tests;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;

/**
 * The files of messages: each can be read, each is said somewhere, nothing is said that is not there, and none uses a word we do not use.
 */
#[CoversNothing]
final class LanguageFilesTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Said by keys that are put together while it runs: of cases, codes and catalogs. */
    private const PUT_TOGETHER = '/^(reasons|labels|phrases|fit|wearing|errors|quantities|dimensions|signs|methods|food|templates|'
        .'help_entries|cautions|options|device|settings|validation)\./';

    /** What voice.md of the product's own language rules out, with the word that is used. */
    private const BANNED = [
        'limit distance' => 'working distance', 'limits now' => 'working distances', 'accepted risk' => 'risk cap',
        'beyond the limits' => 'not yet, today', 'mastered' => 'solid',
        'logits?' => 'difficulty', 'exposures?' => 'setup', 'in play' => 'detail', 'repetitions?' => 'rep', 'outings?' => 'session',
        'put away' => 'archived', 'take over' => 'import',
        'taken over' => 'imported', '(?<!first-aid )kit' => 'gear', 'items?' => 'gear', 'carried-over' => 'still shaken',
        'upset' => 'scare', 'short looks?' => 'peek', 'probes?' => 'peek',
        'lay it again' => 'rebuild the steps', 'judgement' => 'judgment', 'tarmac' => 'asphalt', 'car park' => 'parking lot',
        'trolley' => 'cart', 'templates?' => 'step plan', 'foundations?' => 'skill',
        'handling slip' => 'my mistake', 'used up' => 'out of', 'practitioners?' => 'trainers', 'aware' => 'noticed',
        'strain' => 'struggling', 'a named person' => 'a trainer', 'colour' => 'color', 'behaviour' => 'behavior',
        'tuned out' => 'not noticing', 'take it over' => 'import', 'to place' => 'unfiled', 'lay (it )?again' => 'rebuild',
    ];

    public function test_every_message_is_in_a_syntax_the_library_can_read(): void
    {
        foreach (self::messages() as $key => $message) {
            self::assertInstanceOf(\MessageFormatter::class, \MessageFormatter::create('en', $message), $key);
        }
    }

    /** One that can be read may still not be said: a fact that is a number in one place and a text in another. */
    public function test_every_message_can_be_said(): void
    {
        $unsaid = [];
        foreach (self::messages() as $key => $message) {
            preg_match_all('/\{(\w+)(?:, *(plural|number|select))?/', $message, $found, PREG_SET_ORDER);
            $facts = [];
            foreach ($found as $one) {
                $facts[$one[1]] = match ($one[2] ?? '') {
                    'plural', 'number' => 2,
                    'select' => 'other',
                    default => $facts[$one[1]] ?? 'x',
                };
            }
            $said = \MessageFormatter::formatMessage('en', $message, $facts);
            if ($said === false || str_contains($said, '{')) {
                $unsaid[] = $key;
            }
        }

        self::assertSame([], $unsaid);
    }

    public function test_nothing_is_said_that_is_not_there_and_nothing_is_there_that_is_not_said(): void
    {
        $said = [];
        foreach (['app', 'resources/views'] as $folder) {
            foreach (new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(self::ROOT."/{$folder}", \FilesystemIterator::SKIP_DOTS),
            ) as $file) {
                $text = $file instanceof \SplFileInfo ? (string) file_get_contents($file->getPathname()) : '';
                preg_match_all('/[\'"]((?:[a-z_]+)(?:\.[a-z0-9_]+){1,3})[\'"]/', $text, $found);
                preg_match_all('/(?:labels|options)\([\'"]([a-z_.]+)[\'{]/', $text, $lists);
                preg_match_all('/say\([\'"]([a-z_.]+[._])(?:\{|\'\.)/', $text, $begun);
                $said = [...$said, ...$found[1], ...array_map(static fn (string $of): string => "{$of}*", [
                    ...array_map(static fn (string $of): string => rtrim($of, '.').'.', $lists[1]), ...$begun[1],
                ])];
            }
        }
        $known = array_keys(self::messages());
        $begins = array_map(static fn (string $of): string => substr($of, 0, -1), array_filter(
            $said, static fn (string $of): bool => str_ends_with($of, '*'),
        ));
        $missing = array_filter(array_unique($said),
            static fn (string $key): bool => preg_match('/^('.implode('|', self::files()).')\./', $key) === 1 && ! str_ends_with($key, '*')
                && ! in_array($key, $known, true) && array_filter($known, static fn (string $one): bool => str_starts_with(
                    $one, "{$key}.",
                ) || (str_ends_with($key, '_') && str_starts_with($one, $key))) === [] && self::isMessage($key));
        $unsaid = array_filter($known,
            static fn (string $key): bool => preg_match(self::PUT_TOGETHER, $key) === 0 && ! in_array($key, $said, true)
                && array_filter($begins, static fn (string $begin): bool => str_starts_with($key, $begin)) === []);

        self::assertSame([], array_values($missing));
        self::assertSame([], array_values($unsaid));
    }

    public function test_no_message_uses_a_word_that_we_do_not_use(): void
    {
        $found = [];
        // formulas and their sources are folded away, for those who ask
        foreach (array_filter(
            self::messages(), static fn (string $key): bool => ! str_ends_with($key, '.numbers'), ARRAY_FILTER_USE_KEY,
        ) as $key => $message) {
            // names of facts, of choices between forms, and of types are not read by anybody
            $read = (string) preg_replace(
                ['/\{\w+(, (number|plural|select)[^{}]*)?[,}]?/', '/\b(select|plural|number|other|yes|no),/'], ' ', $message,
            );
            foreach (self::BANNED as $banned => $instead) {
                if (preg_match("/\\b{$banned}\\b/i", $read) === 1) {
                    $found[] = "{$key}: say “{$instead}”, not “{$banned}”";
                }
            }
        }

        self::assertSame([], $found);
    }

    /** A route, a column or a file has a name like a message's. */
    private static function isMessage(string $key): bool
    {
        return preg_match(
            '/\.(json|php|js|css|scss|svg|wav|show|edit|store|update|create|destroy|index|export|import|numbers|place|practice|end|'
                .'restore|review|now|id|practice_id|archived_at)$/',
            $key,
        ) === 0
            && preg_match('/^(sessions|plans|events|dogs|places|templates|settings|help)\.[a-z_]+$/', $key) === 0;
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = array_filter((array) glob(self::ROOT.'/lang/en/*.php'), is_string(...));

        return array_values(array_map(static fn (string $file): string => basename($file, '.php'), $files));
    }

    /** @return array<string, string> by key */
    private static function messages(): array
    {
        $flat = [];
        foreach (self::files() as $file) {
            $messages = require self::ROOT."/lang/en/{$file}.php";
            $flat += self::flat(is_array($messages) ? $messages : [], $file);
        }

        return $flat;
    }

    /**
     * @param  array<mixed>  $messages
     * @return array<string, string>
     */
    private static function flat(array $messages, string $at): array
    {
        $flat = [];
        foreach ($messages as $key => $message) {
            $flat += is_array($message) ? self::flat($message, "{$at}.{$key}") : ["{$at}.{$key}" => is_string($message) ? $message : ''];
        }

        return $flat;
    }
}
