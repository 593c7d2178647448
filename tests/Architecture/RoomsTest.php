<?php

declare(strict_types=1);

namespace Tests\Architecture;

use App\Models\OfPractice;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;

/** The house as docs/architecture.md draws it: rooms, arrows one way, writes in use cases only. */
#[CoversNothing]
final class RoomsTest extends TestCase
{
    private static ?Code $app = null;

    /** What each room may name, besides the core, the words and the framework. A room that is not here does not exist. */
    private const MAY_NAME = [
        'Models' => [],
        'Support' => [],
        'Table' => [],
        'Words' => ['Models'],
        'Access' => ['Models'],
        'Trail' => ['Models'],
        'Mail' => ['Models', 'Trail'],
        'Account' => ['Mail', 'Models', 'Support', 'Trail'],
        'People' => ['Access', 'Account', 'Input', 'Models', 'Support', 'Trail'],
        'Input' => ['Access', 'Models', 'Support'],
        'Engine' => ['Models', 'Support'],
        'Live' => [],
        'Library' => ['Engine', 'Models', 'Support'],
        'Craft' => ['Engine', 'Film', 'Models', 'Support'],
        'Incident' => ['Access', 'Models', 'Support'],
        'Photo' => ['Models', 'Trail'],
        'Place' => ['Access', 'Engine', 'Models', 'Photo', 'Support', 'Trail'],
        'Dog' => ['Access', 'Engine', 'Incident', 'Input', 'Library', 'Models', 'Photo', 'Support', 'Trail'],
        'Handling' => ['Access', 'Engine', 'Input', 'Models', 'Support'],
        'Session' => ['Access', 'Dog', 'Engine', 'Incident', 'Input', 'Library', 'Models', 'People', 'Support', 'Table', 'Words'],
        'Free' => ['Access', 'Dog', 'Engine', 'Handling', 'Incident', 'Input', 'Models', 'People', 'Session', 'Support'],
        'Film' => ['Access', 'Engine', 'Input', 'Models', 'People', 'Session', 'Support'],
        'Helper' => ['Models', 'Support'],
        'Future' => ['Engine', 'Models', 'Support'],
        'Home' => ['Access', 'Engine', 'Incident', 'Mail', 'Models', 'Session', 'Support', 'Trail'],
        'Plan' => [
            'Access', 'Dog', 'Engine', 'Handling', 'Incident', 'Input', 'Library', 'Models', 'People', 'Session', 'Support', 'Trail',
        ],
        'Assessment' => ['Access', 'Engine', 'Input', 'Library', 'Models', 'People', 'Plan', 'Support', 'Words'],
        'Week' => ['Access', 'Engine', 'Incident', 'Mail', 'Models', 'Support', 'Trail'],
        'Api' => ['Access', 'Models', 'Session', 'Support', 'Table', 'Trail'],
        'Archive' => ['Engine', 'Models', 'Photo', 'Report', 'Support', 'Table', 'Trail'],
        'Import' => ['Access', 'Engine', 'Models', 'Session', 'Support', 'Table', 'Trail', 'Words'],
        'Report' => ['Dog', 'Engine', 'Handling', 'Home', 'Library', 'Models', 'Session', 'Support', 'Trail', 'View', 'Words'],
        'Practice' => ['Access', 'Engine', 'Home', 'Incident', 'Models', 'Support', 'Trail', 'Week'],
        'Watch' => ['Support'],
        'View' => ['Dog', 'Free', 'Handling', 'Models', 'Plan', 'Support', 'Words'],
        'Demo' => ['Assessment', 'Craft', 'Dog', 'Engine', 'Film', 'Free', 'Home', 'Models', 'Plan', 'Report', 'Session', 'Support',
            'Week'],
        'Console' => ['Account', 'Archive', 'Demo', 'Import', 'Models', 'Week'],
        'Http' => ['Session', 'Support'],
        'Providers' => ['Access', 'Engine', 'Import', 'Library', 'Models', 'Support', 'Watch'],
    ];

    /** What the web is made of: named by pages alone, never by what they ask for. */
    private const WEB = '/^(Illuminate\\\\(Http(?!\\\\Client)|Foundation\\\\Http|Routing|Contracts\\\\View|View|Support\\\\Facades)|'
        .'Symfony\\\\Component\\\\HttpFoundation)\b/';

    private const WRITES = [
        'create', 'createMany', 'updateOrCreate', 'firstOrCreate', 'insert', 'insertOrIgnore', 'insertGetId', 'upsert', 'save', 'update',
        'delete', 'forceDelete', 'increment', 'transaction',
    ];

    public function test_rooms_name_only_the_rooms_below_them(): void
    {
        $arrows = self::app()->arrows();
        $found = [];
        foreach ($arrows as $room => $named) {
            $extra = array_diff_key($named, array_flip(
                array_map(static fn (string $name): string => "App\\{$name}", self::MAY_NAME[substr($room, 4)] ?? []),
            ));
            $found += array_map(
                static fn (array $classes): string => implode(', ', $classes),
                array_combine(array_map(static fn (string $to): string => "{$room} → {$to}", array_keys($extra)), $extra),
            );
        }

        self::assertSame([], $found);
        self::assertSame(
            [],
            array_diff(array_map(static fn (string $room): string => substr($room, 4), array_keys($arrows)), array_keys(self::MAY_NAME)),
            'a room that nobody has heard of',
        );
    }

    public function test_no_way_through_the_rooms_leads_back(): void
    {
        self::assertSame([], self::app()->cycles());
        self::assertSame([], Code::below(dirname(__DIR__, 2).'/core/src')->cycles());
    }

    public function test_use_cases_know_nothing_of_the_web(): void
    {
        $found = [];
        foreach (self::app()->classes as $class => ['names' => $names]) {
            $web = array_filter($names, static fn (string $name): bool => preg_match(self::WEB, $name) === 1);
            if ($web !== [] && ! self::isAtTheEdge($class)) {
                $found[$class] = array_values($web);
            }
        }

        self::assertSame([], $found);
    }

    public function test_pages_and_requests_write_nothing_themselves(): void
    {
        $found = [];
        foreach (self::app()->classes as $class => ['calls' => $calls]) {
            $writes = array_values(array_intersect($calls, self::WRITES));
            if (str_contains($class, '\\Http\\') && $writes !== []) {
                $found[$class] = $writes;
            }
        }

        self::assertSame([], $found);
    }

    private static function isAtTheEdge(string $class): bool
    {
        // a bound record is looked up for whoever is signed in
        return $class === OfPractice::class || preg_match('/\\\\Http\\\\|^App\\\\(Input|Providers|View|Words|Console)\\\\/', $class) === 1;
    }

    private static function app(): Code
    {
        return self::$app ??= Code::below(dirname(__DIR__, 2).'/app');
    }
}
