<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Problems\DatabaseUnavailable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

#[CoversClass(DatabaseUnavailable::class)]
final class DatabaseDownTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // a port where nobody listens
        config(['database.connections.mariadb.port' => 1, 'database.connections.mariadb.unix_socket' => '']);
        DB::purge();
    }

    protected function tearDown(): void
    {
        DB::purge();
        parent::tearDown();
    }

    public function test_a_form_comes_back_with_503_and_with_what_was_typed(): void
    {
        $this->post('/sign-in', ['email' => 'ada@example.test', 'password' => 'secret words', 'remember' => '1'])
            ->assertStatus(503)->assertSee('ada@example.test')->assertDontSee('secret words')->assertHeader('Retry-After');
    }

    public function test_whatever_watches_the_server_learns_of_it(): void
    {
        $this->get('/health')->assertStatus(503);
        $this->get('/up')->assertOk();
    }

    /** In all of these nothing was stored and the same again is right; of others it is not. */
    public function test_what_is_a_matter_of_the_database_and_what_is_not(): void
    {
        $answer = static function (int $code, ?int $inner = null): ?int {
            $problem = new \PDOException('SQLSTATE[HY000]', 0, $inner === null ? null : new \PDOException('inner', $inner));
            $problem->errorInfo = ['HY000', $code, ''];
            $response = (new DatabaseUnavailable)($problem, Request::create('/dogs'));

            return $response instanceof Response ? $response->getStatusCode() : null;
        };
        $gone = [2002, 2003, 2006, 2013, 1053, 1927];
        $clash = [1047, 1205, 1213, 1180];
        $full = [1021, 1026, 1030, 1114];
        foreach ([...$gone, ...$clash, ...$full] as $code) {
            self::assertSame(503, $answer($code), (string) $code);
            self::assertSame(503, $answer(0, $code), "{$code}, of the one before");
        }
        foreach ([1062, 1064, 1146, 1406, 1451, 1690] as $code) {
            self::assertNull($answer($code), (string) $code);
            self::assertNull($answer(0, $code));
        }
    }

    public function test_a_device_is_told_to_try_again(): void
    {
        $this->postJson('/sign-in', ['email' => 'ada@example.test', 'password' => 'x'])
            ->assertStatus(503)->assertJsonPath('message', 'The database cannot be reached. Nothing was lost; try again.');
    }
}
