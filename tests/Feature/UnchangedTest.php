<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Live\Unchanged;
use App\Support\Fields;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** The look that starts no framework: it answers only what the framework would have answered with "nothing new". */
#[CoversClass(Unchanged::class)]
final class UnchangedTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private int $version;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->version = (int) ($this->world->session->refresh()->state['version'] ?? 0);
        putenv('APP_KEY='.Config::string('app.key'));
    }

    public function test_it_answers_what_the_application_would_and_leaves_it_everything_else(): void
    {
        $address = $this->address(now()->addHour());
        $this->assertSaid(204, true, "{$address}&since={$this->version}");
        $this->assertSaid(200, false, "{$address}&since=".($this->version - 1));
        $this->assertSaid(200, false, $address);
        $this->assertSaid(200, false, "{$address}&since=x");
        $this->assertSaid(403, false, str_replace('signature=', 'signature=0', "{$address}&since={$this->version}"));
        $this->assertSaid(403, false, str_replace('live/', 'live/1', "{$address}&since={$this->version}"));
        $this->assertSaid(403, false, str_replace('reader=', 'reader=x', "{$address}&since={$this->version}"));
        $this->freezeSecond();
        $this->assertSaid(204, true, $this->address(now()->addSecond())."&since={$this->version}");
        self::assertFalse(self::tell($this->address(now())."&since={$this->version}"), 'its last second is over');
        $this->assertSaid(403, false, $this->address(now()->subSecond())."&since={$this->version}");
        $this->world->session->update(['ended_at' => now()]);
        $this->assertSaid(200, false, "{$address}&since={$this->version}");
    }

    public function test_a_database_that_does_not_answer_is_left_to_the_application(): void
    {
        $address = $this->address(now()->addHour())."&since={$this->version}";
        self::assertFalse(self::tell($address, static fn (): string => throw new \PDOException('gone')));
    }

    /** It asks by itself, and sees what is committed: a session that nobody has begun has no version. */
    public function test_a_session_that_there_is_not_has_no_version(): void
    {
        $named = ['SOCKET' => 'unix_socket', 'DATABASE' => 'database', 'USERNAME' => 'username', 'PASSWORD' => 'password'];
        foreach ($named as $name => $key) {
            putenv("DB_{$name}=".Config::string("database.connections.mariadb.{$key}"));
        }
        self::assertNull(Unchanged::version(PHP_INT_MAX));
    }

    private function address(\DateTimeInterface $until): string
    {
        return URL::temporarySignedRoute('live', $until, [
            'session' => $this->world->session->id, 'reader' => $this->world->trainer->reader()->toText(),
        ], absolute: false);
    }

    private function assertSaid(int $byTheApplication, bool $atOnce, string $address): void
    {
        $this->get($address)->assertStatus($byTheApplication);
        self::assertSame($atOnce, self::tell($address), $address);
    }

    /** @param  ?\Closure(int): string  $version */
    private static function tell(string $address, ?\Closure $version = null): bool
    {
        parse_str((string) parse_url($address, PHP_URL_QUERY), $query);
        $stored = static function (int $session): ?string {
            $state = DB::table('sessions')->whereNull('ended_at')->where('id', $session)->value('state');

            return is_string($state) ? (string) Fields::of(json_decode($state, true))->int('version') : null;
        };

        return Unchanged::tell(['REQUEST_URI' => $address], $query, now()->getTimestamp(), $version ?? $stored);
    }
}
