<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Trial;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use PHPUnit\Framework\Attributes\CoversNothing;
use Tests\TestCase;

/**
 * A practice that was kept by an older version (the demo of commit 419aa23, ten migrations, in upgrade/schema-10.sql.xz), grown to ten
 * thousand trials, is brought up to date: nothing is lost, and its pages open.
 */
#[CoversNothing]
final class UpgradeTest extends TestCase
{
    private const DATABASE = 'wheatear_upgrade_test';

    private const COPIES = 4;

    private const APART = 100_000;

    protected function setUp(): void
    {
        parent::setUp();
        config(['database.connections.mariadb.database' => self::DATABASE]);
        DB::purge();
        foreach (DB::select('SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()') as $table) {
            DB::statement('SET FOREIGN_KEY_CHECKS = 0');
            DB::statement("DROP TABLE `{$table->name}`");
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
    }

    protected function tearDown(): void
    {
        DB::purge();
        parent::tearDown();
    }

    public function test_ten_thousand_trials_of_an_older_version_are_all_there_and_open(): void
    {
        $this->load(__DIR__.'/upgrade/schema-10.sql.xz');
        foreach (['trials' => 'id', 'trial_exposures' => 'trial_id', 'trial_signs' => 'trial_id'] as $table => $key) {
            $this->multiply($table, $key);
        }
        $before = $this->logged();
        self::assertGreaterThan(10_000, $before['trials']);

        Artisan::call('migrate', ['--force' => true]);

        self::assertSame($before, $this->logged());
        // steps that were put between said what the next one says as if they were that step
        $betweens = DB::table('steps')->whereNull('retired_at')->where('is_on_the_way', true)->get();
        self::assertGreaterThan(0, $betweens->count());
        foreach ($betweens as $step) {
            self::assertSame($step->instruction, DB::table('steps')->where('plan_id', $step->plan_id)
                ->where('position', $step->position + 1)->whereNull('retired_at')->value('instruction'));
        }
        self::assertSame(['body', 'tool', 'sound', 'body tool sound'], array_map(
            static fn (string $says): string => (string) DB::table('steps')->where('instruction', $says)->value('strands'),
            ['Paw touched.', 'Tool seen, on the floor.', "Tool's sound across the room.", 'One whole paw.'],
        ), 'nails of before strands');
        $owner = User::query()->where('email', 'rowan@saltmarshlane.example')->sole();
        $this->actingAs($owner);
        $session = Trial::query()->orderBy('id')->value('session_id');
        self::assertIsInt($session);
        foreach ([
            '/', '/dogs', '/dogs/1', '/plans/1', '/plans/1/limits', '/plans/3', "/sessions/{$session}/review", '/people', '/trail',
            '/account',
        ] as $page) {
            $this->get($page)->assertOk();
        }
        $this->post('/sign-out');
        $this->post('/sign-in', ['email' => $owner->email, 'password' => 'marsh-samphire-42'])->assertRedirect('/');
    }

    private function load(string $dump): void
    {
        $connection = config('database.connections.mariadb');
        self::assertIsArray($connection);
        $loaded = Process::env(['MYSQL_PWD' => $connection['password']])->timeout(120)->run(sprintf(
            'xz -dc %s | mariadb --no-defaults --protocol=tcp --host=%s --port=%s --user=%s %s', escapeshellarg($dump),
            ...array_map(
                static fn (string $of): string => escapeshellarg((string) $connection[$of]), ['host', 'port', 'username', 'database'],
            ),
        ));
        self::assertTrue($loaded->successful(), $loaded->errorOutput());
    }

    private function multiply(string $table, string $key): void
    {
        $columns = array_values(array_diff(DB::getSchemaBuilder()->getColumnListing($table), [$key, 'uuid']));
        $list = implode(', ', array_map(static fn (string $column): string => "`{$column}`", $columns));
        [$names, $values] = $key === 'id' ? ["{$key}, uuid", ', UUID()'] : [$key, ''];
        for ($copy = 1; $copy <= self::COPIES; $copy++) {
            $by = $copy * self::APART;
            $below = self::APART;
            DB::statement(
                "INSERT INTO {$table} ({$names}, {$list}) SELECT {$key} + {$by}{$values}, {$list} FROM {$table} WHERE {$key} < {$below}",
            );
        }
    }

    /** @return array<string, float|int|string> what was logged, in figures that any change would move */
    private function logged(): array
    {
        return (array) DB::selectOne('SELECT COUNT(*) AS trials, SUM(band) AS bands,
            BIT_XOR(CRC32(CONCAT(id, uuid, outcome))) AS all_of_them,
            (SELECT COUNT(*) FROM trial_exposures) AS exposures, (SELECT COUNT(*) FROM trial_signs) AS signs,
            (SELECT COUNT(*) FROM sessions) AS sessions, (SELECT COUNT(*) FROM advice) AS advice FROM trials');
    }
}
