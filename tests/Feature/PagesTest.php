<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;
use App\Watch\ServerHealth;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use Tests\TestClock;

/**
 * Every page and list of a small practice, as an owner, a guardian and a helper read it: samples/pages-ROLE.txt holds the words, and of the
 * markup and the drawings a sum. After a change that is meant to be seen
 *
 *     WRITE_PAGES=1 vendor/bin/phpunit tests/Feature/PagesTest.php
 *
 * (with the database of bin/test) writes them anew, and the difference is read before it is kept.
 */
#[CoversNothing]
final class PagesTest extends TestCase
{
    use RefreshDatabase;

    /** Numbers of records are such that no other number is taken for one. */
    private const NUMBERS = [50_000, 40_123];

    private const OUTCOMES = [
        ['returned', 0, 60.0], ['returned', 1, 60.0], ['returned', 1, 50.0], ['watched', 1, 50.0], ['prompted', 2, 42.0],
        ['prompted_stiff', 3, 36.0], ['returned', 1, 50.0], ['unnoticed', 0, 60.0], ['reacted', 4, 36.0], ['returned', 0, 70.0],
    ];

    /** @return iterable<string, array{string}> */
    public static function roles(): iterable
    {
        yield 'owner' => ['owner'];
        yield 'guardian' => ['guardian'];
        yield 'helper' => ['helper'];
    }

    #[DataProvider('roles')]
    public function test_nothing_changes_unseen(string $role): void
    {
        DB::statement('SET SESSION auto_increment_increment = '.self::NUMBERS[0].', auto_increment_offset = '.self::NUMBERS[1]);
        // no disk is as full as another
        $this->app->bind(ServerHealth::class, static fn (): ServerHealth => new ServerHealth(DB::connection(), new TestClock, '/no/disk'));
        $world = World::make();
        $world->trainer->update(['name' => 'Tamsin', 'email' => 'tamsin@example.test']);
        $world->plan->responseModel->person->update(['name' => 'Tamsin']);
        foreach (self::OUTCOMES as $i => [$outcome, $band, $meters]) {
            $this->travel(40)->seconds();
            $this->actingAs($world->trainer)->postJson("/sessions/{$world->session->id}/trials", [
                ...$world->trial((string) Str::uuid(), $meters), 'sequence' => $i + 1, 'outcome' => $outcome, 'band' => $band,
                'signs' => [], 'latency' => null, 'latency_ms' => 700 + 200 * $i, 'device_at' => now()->format('Y-m-d\TH:i:s.v\Z'),
            ])->assertCreated();
        }
        $papers = Fortnight::of($world, $this);
        $everything = Everything::of($world);
        $user = $world->user(Role::from($role));
        $user->update(['name' => 'Robin', 'email' => 'robin@example.test']);
        $world->dog->guardians()->attach($user);
        $this->actingAs($user);

        $told = '';
        foreach (self::addresses() as $uri) {
            $told .= $this->told($uri, $everything->path($uri), $user);
        }
        foreach ($papers as $uri => $path) {
            $told .= $this->told($uri, $path, $user);
        }
        $file = __DIR__."/samples/pages-{$role}.txt";
        if (getenv('WRITE_PAGES') !== false) {
            file_put_contents($file, $told);
        }

        self::assertStringEqualsFile($file, $told, 'Meant? Then write them anew, as is said above, and read the difference.');
    }

    /** @return list<string> that can be read */
    private static function addresses(): array
    {
        $uris = array_map(static fn (Route $route): string => $route->uri(), array_filter(
            Routes::getRoutes()->getRoutes(), static fn (Route $route): bool => in_array('GET', $route->methods(), true),
        ));
        sort($uris);

        return array_values(array_unique($uris));
    }

    private function told(string $uri, string $path, User $user): string
    {
        $this->actingAs($user);
        $response = $this->get($path);
        $type = (string) $response->headers->get('Content-Type');
        $body = (string) $response->getContent();
        $isRead = preg_match('~^(text/(html|csv|calendar)|application/json)~', $type) === 1;
        if ($response->getStatusCode() !== 200 || ! $isRead || $body === '') {
            return '';
        }
        $body = self::settled($body);
        $main = preg_match('~<main.*?</main>~s', $body, $found) === 1 ? $found[0] : $body;
        $words = str_contains($type, 'html')
            ? html_entity_decode(strip_tags((string) preg_replace(
                ['~<(script|style|svg).*?</\1>~s', '~</(p|li|h\d|tr|div|option|button|label|summary|d[td]|t[hd]|legend|a)>~'], ['', "\n"],
                $main,
            )), ENT_QUOTES | ENT_HTML5)
            : $body;
        $lines = array_filter(array_map(
            static fn (string $line): string => trim((string) preg_replace('/\s+/u', ' ', $line)), explode("\n", $words),
        ), static fn (string $line): bool => $line !== '');

        return "== /{$uri} ".substr(hash('sha256', (string) preg_replace('/\s+/', '', $body)), 0, 12)."\n".implode("\n", $lines)."\n\n";
    }

    /** Without what is otherwise every time. */
    private static function settled(string $body): string
    {
        [$step, $first] = self::NUMBERS;
        $body = (string) preg_replace(
            [
                '/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/', '/(name="_token" value|data-token|nonce)="[^"]*"/',
                '/signature=[0-9a-f]{64}/', '~https?://[\w.:-]+~',
            ], ['uuid', '', '', 'host'], $body,
        );

        return (string) preg_replace_callback(
            '/\d{5,}/', static fn (array $number): string => (int) $number[0] % $step === $first ? '#' : $number[0], $body,
        );
    }
}
