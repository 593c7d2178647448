<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

/** Drives a running instance as many devices at once would, each with a dog of its own, and counts what came back and what is stored. */
require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/barges.php';
require __DIR__.'/device.php';

const STAGE_SECONDS = 20.0;
const EVERY = ['log' => 5.0, 'look' => 1.5, 'page' => 30.0];
const PAGES = ['/dogs/1', '/plans/1', '/dogs', '/'];
const STAGES = [10, 20, 40, 60, 80, 100, 120, 160];
const SLOWEST_MS = 1000.0;
/** However slow: nothing fails, nothing is lost. */
const CROWD = 200;

[, $base, $most] = $argv;
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$user = User::query()->where('email', 'rowan@saltmarshlane.example')->firstOrFail();
$first = curl_init();
curl_setopt_array($first, [CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20]);
$ask = static function (string $path, ?array $fields = null) use ($first, $base): string {
    curl_setopt_array($first, [CURLOPT_URL => $base.$path, CURLOPT_HTTPGET => $fields === null, CURLOPT_HTTPHEADER => [
        'X-XSRF-TOKEN: '.xsrfToken($first),
    ]] + ($fields === null ? [] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($fields)]));
    $body = (string) curl_exec($first);

    return curl_getinfo($first, CURLINFO_REDIRECT_URL) ?: $body;
};
$ask('/sign-in');
$ask('/sign-in', ['email' => 'rowan@saltmarshlane.example', 'password' => 'marsh-samphire-42']);
$cookies = implode('; ', array_map(static function (string $line): string {
    $cookie = explode("\t", $line);

    return "{$cookie[5]}={$cookie[6]}";
}, curl_getinfo($first, CURLINFO_COOKIELIST)));
$headers = ["Cookie: {$cookies}", 'X-XSRF-TOKEN: '.xsrfToken($first), 'Accept: application/json', 'Content-Type: application/json'];

/** @var list<array{session: string, live: string, device: string, sequence: int, seen: int}> $people */
$people = [];
$join = static function (int $number) use (&$people, $ask, $user): void {
    while (count($people) < $number) {
        $of = bargePlan($user, 'Barge dog '.count($people))->id;
        $session = (string) parse_url($ask("/plans/{$of}/sessions", ['without_reason' => 'a bench']), PHP_URL_PATH);
        preg_match('/data-live="([^"]+)"/', $ask($session), $found);
        $people[] = [
            'session' => $session, 'live' => html_entity_decode($found[1] ?? ''), 'device' => uuidOf(random_bytes(18)), 'sequence' => 0,
            'seen' => 0,
        ];
    }
};
$logged = 0;
$request = static function (string $kind, int $who) use (&$people, &$logged, $base, $headers): CurlHandle {
    $person = &$people[$who];
    $handle = curl_init();
    $now = (int) (microtime(true) * 1000);
    if ($kind === 'log') {
        $person['sequence']++;
        $entry = [
            'uuid' => uuidOf(random_bytes(18)), 'kind' => 'trial', 'at' => $now, 'sent_at' => $now, 'sequence' => $person['sequence'],
        ];
        curl_setopt_array($handle, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode([
            'device' => $person['device'], 'user' => 1, 'entries' => [[...$entry, 'trial' => [
                'uuid' => $entry['uuid'], 'sequence' => $entry['sequence'], 'device_at' => (string) $now, 'sent_at' => (string) $now,
                'distance' => 64, 'aim' => 'step:0', 'outcome' => 'returned', 'band' => 0, 'signs' => ['face.soft'], 'food' => 'gently',
                'latency' => 'under_1',
            ]]],
        ], JSON_THROW_ON_ERROR)]);
        $logged++;
    }
    $path = match ($kind) {
        'log' => "{$person['session']}/entries", 'look' => "{$person['live']}&since={$person['seen']}",
        default => PAGES[$who % count(PAGES)],
    };
    curl_setopt_array($handle, [
        CURLOPT_URL => str_starts_with($path, 'http') ? $path : $base.$path, CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30,
        CURLOPT_HTTPHEADER => $kind === 'look' ? [] : ($kind === 'page' ? array_slice($headers, 0, 1) : $headers),
    ]);

    return $handle;
};

/**
 * @param  list<string>  $kinds
 * @return array{array<string, list<float>>, int} milliseconds by kind, and how many failed
 */
$stage = static function (int $number, array $kinds) use (&$people, $request): array {
    $multi = curl_multi_init();
    $due = $times = $running = [];
    $failed = 0;
    $started = microtime(true);
    foreach ($kinds as $kind) {
        for ($who = 0; $who < $number; $who++) {
            // not all at the same moment
            $due["{$kind} {$who}"] = $started + EVERY[$kind] * mt_rand() / mt_getrandmax();
        }
    }
    while (microtime(true) - $started < STAGE_SECONDS || $running !== []) {
        $now = microtime(true);
        foreach ($due as $name => $at) {
            if ($at <= $now && $now - $started < STAGE_SECONDS && ! isset($running[$name])) {
                [$kind, $who] = explode(' ', $name);
                $handle = $request($kind, (int) $who);
                curl_multi_add_handle($multi, $handle);
                $running[$name] = $handle;
                $due[$name] = $at + EVERY[$kind];
            }
        }
        curl_multi_exec($multi, $active);
        curl_multi_select($multi, 0.005);
        while ($done = curl_multi_info_read($multi)) {
            $name = (string) array_search($done['handle'], $running, true);
            $status = curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
            [$kind, $who] = explode(' ', $name);
            if ($kind === 'look' && $status === 200) {
                $people[(int) $who]['seen'] = json_decode((string) curl_multi_getcontent($done['handle']), true)['state']['version'];
            }
            $times[$kind][] = 1000.0 * curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
            $failed += $status >= 200 && $status < 300 ? 0 : 1;
            curl_multi_remove_handle($multi, $done['handle']);
            unset($running[$name]);
        }
    }

    return [$times, $failed];
};
$at = static function (array $sample, float $share): float {
    sort($sample);

    return $sample === [] ? 0.0 : $sample[(int) min(count($sample) - 1, floor($share * count($sample)))];
};
printf("%8s %14s %14s %14s %14s %8s\n", 'people', 'log, median', 'log, 95th', 'look, 95th', 'page, 95th', 'failed');
mt_srand(1);
$carried = $allFailed = 0;
$tell = static function (int $number, array $kinds) use ($join, $stage, $at): array {
    $join($number);
    [$times, $failed] = $stage($number, $kinds);
    printf(
        "%8d %11.0f ms %11.0f ms %11.0f ms %11.0f ms %8d\n", $number, $at($times['log'] ?? [], 0.5), $at($times['log'] ?? [], 0.95),
        $at($times['look'] ?? [], 0.95), $at($times['page'] ?? [], 0.95), $failed,
    );

    return [$at($times['log'] ?? [], 0.95), $failed];
};
foreach (array_filter(STAGES, static fn (int $stage): bool => $stage <= (int) $most) as $number) {
    [$slowest, $failed] = $tell($number, array_keys(EVERY));
    $allFailed += $failed;
    if ($failed > 0 || $slowest > SLOWEST_MS) {
        break;
    }
    $carried = $number;
}
if ((int) $most >= CROWD) {
    $allFailed += $tell(CROWD, ['log', 'look'])[1];
}
$stored = DB::table('trials')->whereIn('session_id', array_map(
    static fn (array $one): int => (int) basename($one['session']), $people,
))->count();
printf(
    "Carries %d people at once, 95 of 100 answers within a second. Logged %d, stored %d, failed %d.\n",
    $carried, $logged, $stored, $allFailed,
);
exit($logged === $stored && $allFailed === 0 ? 0 : 1);
