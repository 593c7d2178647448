<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Problems\DatabaseUnavailable;
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

    public function test_a_device_is_told_to_try_again(): void
    {
        $this->postJson('/sign-in', ['email' => 'ada@example.test', 'password' => 'x'])
            ->assertStatus(503)->assertJsonPath('message', 'The database cannot be reached. Nothing was lost; try again.');
    }
}
