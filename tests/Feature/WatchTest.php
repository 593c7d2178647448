<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Commands\TidyCache;
use App\Http\Problems\DatabaseUnavailable;
use App\Incident\RestPlan;
use App\Models\Plan;
use App\Support\SteadyConnection;
use App\Watch\Counters;
use App\Watch\Http\OperatorOnly;
use App\Watch\Http\WatchRequest;
use App\Watch\JsonLines;
use App\Watch\ServerHealth;
use App\Watch\Spent;
use App\Watch\Tally;
use App\Watch\ToldLately;
use Core\Decision\RestReason;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route;
use Monolog\Level;
use Monolog\LogRecord;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Log\LoggerInterface;
use Tests\TestCase;

/** What whoever runs the server sees, what is never in it, and what happens when something under it fails. */
#[CoversClass(Counters::class)]
#[CoversClass(Spent::class)]
#[CoversClass(JsonLines::class)]
#[CoversClass(ServerHealth::class)]
#[CoversClass(ToldLately::class)]
#[CoversClass(WatchRequest::class)]
#[CoversClass(OperatorOnly::class)]
#[CoversClass(SteadyConnection::class)]
#[CoversClass(DatabaseUnavailable::class)]
#[CoversClass(RestPlan::class)]
#[CoversClass(TidyCache::class)]
final class WatchTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_line_of_the_log_tells_what_and_where_and_never_whose(): void
    {
        $problem = new QueryException('mariadb', 'select * from users where email = ?', ['ada@example.test'], new \PDOException(
            "Duplicate entry 'ada@example.test' for key 'users_email_unique'", 23000,
        ));
        $line = (new JsonLines)->format(new LogRecord(new \DateTimeImmutable('2026-11-29 10:00:00 UTC'), 'wheatear', Level::Error,
            $problem->getMessage(), ['exception' => $problem, 'userId' => 7, 'email' => 'ada@example.test', 'route' => 'sign-in']));
        $told = json_decode($line, true, flags: JSON_THROW_ON_ERROR);

        self::assertStringNotContainsString('ada@', $line);
        self::assertSame(
            ['error', 7, 'sign-in', 'select * from users where email = ?'],
            [$told['level'], $told['userId'], $told['route'], $told['problem']['sql']],
        );
        self::assertSame(
            ['class' => \PDOException::class, 'what' => 'SQLSTATE 23000'], $told['problem']['before'], 'what it came from, and no value',
        );
        self::assertStringEndsWith("\n", $line);
        self::assertSame(1, substr_count($line, "\n"));
    }

    public function test_what_took_long_is_named_with_its_queries_and_without_their_values(): void
    {
        $log = new SaidLog;
        $this->app->instance(LoggerInterface::class, $log);
        Route::get('/slow/{dog}', static function (): string {
            event(new QueryExecuted('select * from dogs where name = ?', ['Moss'], Spent::SLOW_QUERY_MS, DB::connection()));
            event(new QueryExecuted('select 1', [], Spent::SLOW_QUERY_MS - 0.1, DB::connection()));

            return 'ok';
        })->name('slow-one');
        $this->get('/up')->assertOk();
        self::assertArrayNotHasKey('slow request', $log->said());
        // begun long ago
        $this->withServerVariables(['REQUEST_TIME_FLOAT' => 0])->get('/slow/7')->assertOk();
        self::assertSame(['slow request'], array_keys($log->said()));
        $told = $log->said()['slow request'];
        self::assertSame(['slow-one', 2], [$told['route'], $told['queries']]);
        self::assertSame([['sql' => 'select * from dogs where name = ?', 'ms' => Spent::SLOW_QUERY_MS]], $told['slow']);
    }

    public function test_what_is_counted_is_told_by_route_in_an_open_format(): void
    {
        $this->app->instance(Tally::class, $tally = self::tally());
        $this->get('/up')->assertOk();
        $this->get('/dogs/7')->assertRedirect();
        (new Counters($tally))->answered('entries.store', 200, 50.0, new Spent, true);
        $text = (string) $this->get('/metrics')->assertOk()->getContent();

        self::assertStringContainsString('wheatear_requests_total{route="up",status="200"} 1', $text);
        self::assertStringContainsString('wheatear_requests_total{route="dogs.show",status="302"} 1', $text);
        self::assertStringContainsString('wheatear_request_milliseconds_bucket{route="entries.store",le="50"} 1', $text);
        self::assertStringNotContainsString('wheatear_request_milliseconds_bucket{route="entries.store",le="25"}', $text);
        self::assertStringContainsString('wheatear_slow_requests_total{route="entries.store"} 1', $text);
        self::assertStringContainsString('wheatear_database_up 1', $text);
        self::assertStringEndsWith("# EOF\n", $text);
        foreach (explode("\n", trim($text)) as $line) {
            self::assertMatchesRegularExpression('/^(# (HELP|TYPE) \w+ .+|# EOF|\w+(\{\w+="[^"]*"(,\w+="[^"]*")*\})? [\d.]+)$/', $line);
        }
    }

    public function test_a_duration_is_in_every_class_that_it_does_not_pass(): void
    {
        foreach ([10, 25, 50, 100, 250, 500, 1000, 2500] as $end) {
            $classes = static function (float $milliseconds): array {
                (new Counters($tally = self::tally()))->answered('up', 200, $milliseconds, new Spent, false);
                preg_match_all('/le="(\d+)"/', (new Counters($tally))->text([]), $found);

                return array_map(intval(...), $found[1]);
            };

            self::assertContains($end, $classes((float) $end));
            self::assertNotContains($end, $classes($end + 0.1));
        }
    }

    public function test_the_numbers_are_for_whoever_runs_the_server(): void
    {
        foreach (['/metrics', '/server'] as $page) {
            $this->get($page)->assertOk();
            $this->get($page, ['X-Forwarded-For' => '203.0.113.9'])->assertNotFound();
            $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.9'])->get($page)->assertNotFound();
            config(['app.operator_token' => 'estuary']);
            $this->get($page, ['X-Forwarded-For' => '203.0.113.9', 'Authorization' => 'Bearer estuarY'])->assertNotFound();
            $this->get($page, ['X-Forwarded-For' => '203.0.113.9', 'Authorization' => 'Bearer estuary'])->assertOk();
            config(['app.operator_token' => '']);
            $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1']);
        }
    }

    public function test_the_page_says_what_to_look_at(): void
    {
        $this->get('/server')->assertOk()->assertSee('All is well.');
        $job = static fn (int $seconds): array => [
            'queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'created_at' => 0, 'available_at' => now()->getTimestamp() - $seconds,
        ];
        DB::table('jobs')->insert($job(600));
        $this->get('/server')->assertSee('All is well.');
        DB::table('jobs')->insert($job(601));
        $this->get('/server')->assertSee('The worker may not run.')->assertDontSee('All is well.');
    }

    public function test_a_database_that_is_down_is_told_once_in_a_while_and_a_mistake_of_ours_each_time(): void
    {
        $folder = sys_get_temp_dir().'/wheatear-told-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $lately = new ToldLately($folder);
        $down = new \PDOException('down', 2002);
        self::assertSame([false, true], [$lately->is($down), $lately->is($down)]);
        self::assertFalse($lately->is(new \PDOException('other', 1053)));
        self::assertSame([false, false], [$lately->is(new \LogicException), $lately->is(new \LogicException)]);
        File::deleteDirectory($folder);
    }

    /** A cache that cannot be used costs time and nothing else. */
    public function test_a_folder_that_cannot_be_written_breaks_no_page(): void
    {
        config([
            'cache.default' => 'steady', 'cache.stores.file.path' => '/proc/nowhere', 'cache.stores.file.lock_path' => '/proc/nowhere',
        ]);
        Cache::forgetDriver(['steady', 'file']);
        $world = World::make();
        $this->actingAs($world->trainer);
        $this->get('/')->assertOk();
        $this->postJson("/sessions/{$world->session->id}/trials", $world->trial('dddddddd-0000-4000-8000-000000000001'))->assertCreated();
        $this->get("/plans/{$world->plan->id}")->assertOk();
    }

    public function test_what_has_run_out_is_taken_away_and_what_is_kept_stays(): void
    {
        $folder = sys_get_temp_dir().'/wheatear-kept-'.bin2hex(random_bytes(4));
        config(['cache.stores.file.path' => $folder]);
        File::makeDirectory("{$folder}/ab", recursive: true);
        foreach (['old' => 49, 'kept' => 47] as $name => $hours) {
            touch("{$folder}/ab/{$name}", now()->subHours($hours)->getTimestamp());
        }
        DB::table('cache_entries')->insert([
            ['key' => 'over', 'value' => '1', 'expiration' => now()->getTimestamp() - 1],
            ['key' => 'kept', 'value' => '1', 'expiration' => now()->getTimestamp()],
        ]);
        self::assertSame(0, Artisan::call('wheatear:tidy-cache'));
        self::assertSame(['kept'], array_map(basename(...), glob("{$folder}/ab/*") ?: []));
        self::assertSame(['kept'], DB::table('cache_entries')->pluck('key')->all());
        File::deleteDirectory($folder);
    }

    /** @return iterable<string, array{int}> */
    public static function passing(): iterable
    {
        yield 'a node cut off from its cluster' => [1047];
        yield 'somebody else wrote at the same moment' => [1213];
        yield 'a table that has no more room' => [1114];
        yield 'a disk that is full' => [1021];
    }

    #[DataProvider('passing')]
    public function test_what_passes_is_answered_so_that_a_device_sends_it_again(int $code): void
    {
        Route::post('/passing', static function () use ($code): never {
            $problem = new \PDOException('refused');
            $problem->errorInfo = ['HY000', $code, 'refused'];
            throw new QueryException('mariadb', 'insert', [], $problem);
        });
        $this->postJson('/passing')->assertStatus(503)->assertHeader('Retry-After');
    }

    public function test_a_statement_that_lost_against_another_is_done_again_and_within_a_transaction_all_of_it_is_given_up(): void
    {
        $lost = new class
        {
            public int $tries = 0;

            /** @return list<mixed> */
            public function __invoke(): array
            {
                return ++$this->tries < 3 ? throw new \PDOException('Deadlock found when trying to get lock', 40001) : [];
            }
        };
        $run = static fn (SteadyConnection $connection): mixed =>
            (new \ReflectionMethod($connection, 'run'))->invoke($connection, 'select 1', [], $lost(...));
        $connection = new SteadyConnection(static fn (): \PDO => DB::connection()->getPdo(), '', '', ['name' => 'mariadb']);
        self::assertSame([], $run($connection));
        self::assertSame(3, $lost->tries);

        $lost->tries = 0;
        $ours = DB::connection();
        self::assertInstanceOf(SteadyConnection::class, $ours);
        $this->expectException(QueryException::class);
        $run($ours); // the test itself is a transaction
    }

    /** What a transaction took back, the record in memory says still: the second try writes it all the same. */
    public function test_a_plan_rests_also_where_that_was_tried_before(): void
    {
        $plan = World::make()->plan;
        try {
            DB::transaction(static function () use ($plan): never {
                RestPlan::rest($plan, null, RestReason::Bite, now()->toImmutable());
                throw new \RuntimeException('lost');
            });
        } catch (\RuntimeException) {
        }
        self::assertNull(Plan::query()->findOrFail($plan->id)->resting_reason);
        RestPlan::rest($plan, null, RestReason::Bite, now()->toImmutable());
        self::assertSame(RestReason::Bite, Plan::query()->findOrFail($plan->id)->resting_reason);
    }

    private static function tally(): Tally
    {
        return new class implements Tally
        {
            /** @var array<string, int> */
            private array $counted = [];

            public function add(string $key, int $by = 1): void
            {
                $this->counted[$key] = ($this->counted[$key] ?? 0) + $by;
            }

            public function all(): array
            {
                return $this->counted;
            }
        };
    }
}
