<?php

declare(strict_types=1);

use App\Demo\DemoHistory;
use App\Demo\SteppedClock;
use App\Dog\Readiness;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * A dog with five sessions of some 40 trials, and one that has the same a hundred times over, further and further back. Then the
 * page of the dog, its plan and its limits are asked for in turn. Prints medians and their ratios.
 */
require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/barges.php';
require __DIR__.'/device.php';
[, $base, $rounds] = $argv;
const COPIES = 100;
const DAYS_BETWEEN_COPIES = 14;

$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$now = $app->make(ClockInterface::class)->now();
$clock = new SteppedClock($now);
$app->instance(ClockInterface::class, $clock);
$app->instance(SteppedClock::class, $clock);
$user = User::query()->where('email', 'rowan@saltmarshlane.example')->firstOrFail();

$trialsOf = static fn (Plan $plan): int => DB::table('trials')
    ->join('sessions', 'sessions.id', '=', 'trials.session_id')->where('plan_id', $plan->id)->count();

/** Rows of one table again, with some columns changed. @param  array<string, string>  $changed  SQL by column */
$copy = static function (string $table, Builder $rows, array $changed, string $as): void {
    $columns = array_values(array_diff(Schema::getColumnListing($table), ['id']));
    $select = array_map(static fn (string $column): string => $changed[$column] ?? "{$as}.{$column}", $columns);
    DB::table($table)->insertUsing($columns, $rows->selectRaw(implode(', ', $select)));
};
$short = bargePlan($user, 'Short');
$app->make(DemoHistory::class)->write($short, $user, [11, 9, 7, 5, 3], 0.2, 2, $now);
$clock->set($now);
$long = bargePlan($user, 'Long');
$step = static fn (string $table): string =>
    "(SELECT same.id FROM steps JOIN steps AS same ON same.position = steps.position AND same.plan_id = {$long->id} WHERE steps.id = "
        ."{$table}.step_id)";
foreach ($short->sessions()->get() as $session) {
    for ($i = 0; $i < COPIES; $i++) {
        $days = $i * DAYS_BETWEEN_COPIES;
        $copy(
            'sessions', DB::table('sessions')->where('sessions.id', $session->id),
            [
                'plan_id' => (string) $long->id, 'started_at' => "sessions.started_at - INTERVAL {$days} DAY",
                'ended_at' => "sessions.ended_at - INTERVAL {$days} DAY",
            ],
            'sessions',
        );
        $new = (int) DB::table('sessions')->max('id');
        $copy('sets', DB::table('sets')->where('session_id', $session->id), ['session_id' => (string) $new], 'sets');
        $set = (int) DB::table('sets')->where('session_id', $new)->min('id');
        $copy(
            'trials', DB::table('trials')->where('session_id', $session->id),
            [
                'session_id' => (string) $new, 'set_id' => (string) $set, 'step_id' => $step('trials'), 'uuid' => 'UUID()',
                'occurred_at' => "trials.occurred_at - INTERVAL {$days} DAY",
            ],
            'trials',
        );
        foreach (['trial_exposures', 'trial_signs'] as $table) {
            $copy(
                $table,
                DB::table($table)->join('trials', 'trials.id', '=', "{$table}.trial_id")->join(
                    'trials AS copies',
                    static fn ($join) => $join->on('copies.sequence', '=', 'trials.sequence')->where('copies.session_id', $new),
                )->where('trials.session_id', $session->id),
                ['trial_id' => 'copies.id'], $table,
            );
        }
        $copy(
            'advice',
            DB::table('advice')->join('trials', 'trials.id', '=', 'advice.trial_id')->join(
                'trials AS copies',
                static fn ($join) => $join->on('copies.sequence', '=', 'trials.sequence')->where('copies.session_id', $new),
            )->where('advice.session_id', $session->id),
            ['trial_id' => 'copies.id', 'step_id' => $step('advice'), 'session_id' => (string) $new], 'advice',
        );
    }
}
foreach (['sessions', 'trials', 'trial_exposures', 'advice'] as $table) {
    DB::statement("ANALYZE TABLE {$table}");
}

$curl = curl_init();
curl_setopt_array($curl, [
    CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => false, CURLOPT_TIMEOUT => 60,
]);
$get = static function (string $path) use ($curl, $base): float {
    curl_setopt_array($curl, [CURLOPT_URL => $base.$path, CURLOPT_HTTPGET => true]);
    $started = hrtime(true);
    curl_exec($curl);
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    if ($status !== 200) {
        fwrite(STDERR, "{$path}: status {$status}\n");
        exit(1);
    }

    return (hrtime(true) - $started) / 1e6;
};
$get('/sign-in');
curl_setopt_array($curl, [
    CURLOPT_URL => "{$base}/sign-in", CURLOPT_POST => true,
    CURLOPT_POSTFIELDS => http_build_query(['email' => $user->email, 'password' => 'marsh-samphire-42']),
    CURLOPT_HTTPHEADER => ['X-XSRF-TOKEN: '.xsrfToken($curl)],
]);
curl_exec($curl);
curl_setopt($curl, CURLOPT_HTTPHEADER, []);

$post = static function (string $path, array $payload) use ($curl, $base): string {
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path, CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode($payload),
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.xsrfToken($curl)],
    ]);
    $body = curl_exec($curl);
    curl_setopt($curl, CURLOPT_HTTPHEADER, []);
    if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) >= 400) {
        fwrite(STDERR, "{$path}: {$body}\n");
        exit(1);
    }

    return (string) parse_url((string) curl_getinfo($curl, CURLINFO_REDIRECT_URL), PHP_URL_PATH);
};
$open = [];
foreach ([$short, $long] as $plan) {
    $post("/plans/{$plan->id}/sessions", [
        'read' => array_keys($app->make(Readiness::class)->unread($plan, $user)), 'without_reason' => 'bench',
    ]);
    $open[$plan->id] = (int) DB::table('sessions')->where('plan_id', $plan->id)->whereNull('ended_at')->value('id');
}
$device = (string) Str::uuid();
/** Something is logged: what was kept of the limits is worked out anew. */
$touch = static function (Plan $plan, int $i) use ($post, $open, $device, $user): void {
    $post("/sessions/{$open[$plan->id]}/entries", ['device' => $device, 'user' => $user->id, 'entries' => [[
        'uuid' => (string) Str::uuid(), 'kind' => 'trial', 'at' => 1, 'sent_at' => 1, 'sequence' => $i + 100,
        'trial' => [
            'distance' => 50 + $i / 10, 'aim' => 'step:2', 'outcome' => 'returned', 'band' => $i % 4 === 0 ? 1 : 0, 'signs' => [],
            'food' => 'gently', 'latency_ms' => 900,
        ],
    ]]]);
};
$pages = [
    'the dog' => [static fn (Plan $plan): string => "/dogs/{$plan->responseModel->dog_id}", false],
    'its plan' => [static fn (Plan $plan): string => "/plans/{$plan->id}", false],
    'its limits' => [static fn (Plan $plan): string => "/plans/{$plan->id}/limits", false],
    'its limits, right after a trial' => [static fn (Plan $plan): string => "/plans/{$plan->id}/limits", true],
];
printf(
    "%-34s %12s %12s %8s   n = %d each, in turn; medians\n", 'milliseconds', number_format($trialsOf($short)),
    number_format($trialsOf($long)), 'ratio', $rounds,
);
$median = static function (array $sample): float {
    sort($sample);

    return $sample[intdiv(count($sample), 2)];
};
foreach ($pages as $name => [$path, $isTouched]) {
    $taken = [[], []];
    for ($i = -5; $i < (int) $rounds; $i++) {
        foreach ([$short, $long] as $which => $plan) {
            if ($isTouched) {
                $touch($plan, $i);
            }
            $time = $get($path($plan));
            if ($i >= 0) {
                $taken[$which][] = $time;
            }
        }
    }
    printf("%-34s %12.1f %12.1f %8.2f\n", $name, $median($taken[0]), $median($taken[1]), $median($taken[1]) / $median($taken[0]));
}
$taken = [[], []];
for ($i = -3; $i < (int) $rounds; $i++) {
    $touch($long, 1000 + $i);
    foreach ([1, 0] as $which) {
        $time = $get('/');
        if ($i >= 0) {
            $taken[$which][] = $time;
        }
    }
}
printf(
    "%-34s %12.1f %12.1f %8.2f\n", 'Today: later, first after a trial', $median($taken[0]), $median($taken[1]),
    $median($taken[1]) / $median($taken[0]),
);
