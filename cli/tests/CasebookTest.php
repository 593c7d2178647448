<?php

declare(strict_types=1);

namespace Cli\Tests;

use Cli\Casebook\Casebook;
use Cli\Catalogs;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Words\Lexicon;
use Words\Phrases;
use Words\Reader;

/** Whether anybody would follow the advice this afternoon: situations with the answers that a competent trainer accepts. */
#[CoversNothing]
final class CasebookTest extends TestCase
{
    private static ?Casebook $casebook = null;

    /** @return iterable<string, array{array<mixed>}> */
    public static function cases(): iterable
    {
        $cases = json_decode((string) file_get_contents(dirname(__DIR__).'/casebook/cases.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach (is_array($cases) ? $cases : [] as $case) {
            if (is_array($case) && is_string($case['id'] ?? null)) {
                yield $case['id'] => [$case];
            }
        }
    }

    /** @param  array<mixed>  $case */
    #[DataProvider('cases')]
    public function test_the_answer_is_one_that_a_trainer_would_nod_at(array $case): void
    {
        $result = self::casebook()->play($case);

        self::assertSame([], $result['failures'], $result['answer']);
    }

    /** An expectation that cannot fail is none: each kind of them is refuted by a case turned round. */
    #[DataProvider('refuted')]
    public function test_an_expectation_that_does_not_hold_is_told(string $id, string $key, mixed $value): void
    {
        foreach (self::cases() as $name => [$case]) {
            if ($name === $id) {
                $case['expect'] = [$key => $value];
                self::assertSame([$key], array_map(
                    static fn (string $failure): string => explode(' ', $failure)[0], self::casebook()->play($case)['failures'],
                ));

                return;
            }
        }
        self::fail("There is no case {$id}.");
    }

    /** @return iterable<string, array{string, string, mixed}> */
    public static function refuted(): iterable
    {
        foreach ([
            ['one-effort', 'action_in', ['advance']], ['one-effort', 'action_not_in', ['stay']], ['one-effort', 'm_between', [30, 40]],
            ['one-effort', 'm_at_most', 10], ['one-effort', 'm_at_least', 40], ['sound-plain', 'db_between', [50, 60]],
            ['bold-but-grabby', 'step_between', ['Strap laid', 'Strap held']], ['strain-goes-back-to-today', 'not_easier_than_last', true],
            ['strain-goes-back-to-today', 'only_dimensions', ['trigger_motion']],
            ['strain-goes-back-to-today', 'asks_for_none_of', ['struggled']],
            ['one-effort', 'names_reason_in', ['plateau']], ['play-plain-dog', 'reaches', ['m' => 1, 'within_sessions' => 1]],
            ['play-no-warning', 'most_over', 0], ['play-sound-shy', 'most_strain', 0], ['play-plain-dog', 'never_farther_than_m', 20],
            ['play-plain-dog', 'places_a_set', 1], ['play-plain-dog', 'share_below_held', 0],
            ['play-calm-dog-collar', 'never_asks', ['collar']],
            ['play-plain-dog', 'ends_in', ['refer']],
        ] as [$id, $key, $value]) {
            yield "{$key} of {$id}" => [$id, $key, $value];
        }
    }

    private static function casebook(): Casebook
    {
        $root = dirname(__DIR__, 2);

        return self::$casebook ??= new Casebook(
            new Catalogs("{$root}/core/data"), new Phrases(new Lexicon("{$root}/lang"), new Reader),
        );
    }
}
