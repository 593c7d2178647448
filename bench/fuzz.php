<?php

declare(strict_types=1);

use App\Api\ApiTokens;
use App\Models\ApiScope;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Requests made up from the names of fields and from values that break things, seeded: each route that writes in turn, files and the
 * interface for programs among them. Told are answers of 500 or more, refusals that stored something all the same, and marks that come back
 * as tags, in an answer or on any page afterwards.
 */
require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/device.php';
[, $base, $requests, $seed] = $argv;
(require dirname(__DIR__).'/bootstrap/app.php')->make(Kernel::class)->bootstrap();
$random = new Randomizer(new Xoshiro256StarStar((int) $seed));
$pick = static fn (array $from): mixed => $from[$random->pickArrayKeys($from, 1)[0]];

$ids = array_map(
    static fn (string $table): array => DB::table($table)->orderByDesc('id')->limit(6)->pluck('id')->all(),
    ['dog' => 'dogs', 'plan' => 'plans', 'session' => 'sessions', 'trial' => 'trials', 'item' => 'items', 'place' => 'places',
        'assessment' => 'assessments', 'incident' => 'incidents', 'limit' => 'handler_limits', 'unplaced' => 'unplaced_trials',
        'free' => 'free_sessions', 'person' => 'people', 'client' => 'clients', 'device' => 'devices', 'photo' => 'photos',
        'observation' => 'observations', 'homework' => 'homework', 'rep' => 'home_reps', 'link' => 'home_links',
        'entry' => 'health_entries', 'report' => 'reports', 'import' => 'imports', 'archive' => 'archives',
    ],
);

const MARK = '<i data-fuzz="';
const TAMPERED = 'kind[]=presence&q[]=a&trigger[]=1&template=%FF&page[]=2&dog[]=1&plan=%00&from[]=x&to=%FF&trainer[]=1';
/** Tables that a refused request may touch: whose turn it is, who was here, what is kept for somebody to look at. */
const OF_NO_ACCOUNT = ['devices', 'jobs', 'cache_entries', 'cache_locks', 'sign_ins', 'unplaced_trials', 'api_tokens', 'trail_entries'];
$tables = array_values(array_diff(array_column(DB::select('SHOW TABLES'), 'Tables_in_'.DB::getDatabaseName()), OF_NO_ACCOUNT));
$stored = static fn (): array => array_column(DB::select('CHECKSUM TABLE '.implode(', ', $tables)), 'Checksum', 'Table');
$token = app(ApiTokens::class)->make(
    User::query()->where('email', 'rowan@saltmarshlane.example')->firstOrFail(), 'Fuzz', ApiScope::cases(), 1,
);

// every field any request of ours names, found in the code itself
$code = '';
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/app')) as $file) {
    $code .= $file->isFile() ? file_get_contents($file->getPathname()) : '';
}
preg_match_all("/'([a-z_]{2,24})(?:\\.\\*)?' => \\[/", $code, $found);
$fields = array_values(array_unique([
    ...$found[1], 'uuid', 'trial', 'entries', 'device', 'user', 'kind', 'at', 'sent_at', 'exposure', 'signs', 'traits', 'ladder',
    'edit', 'file', 'q', 'page', 'payload', 'bearing', 'text',
    'homework', 'answer', 'seconds', 'off', 'of', 'note',
]));
$plausible = [
    '1', '0', '-1', 'presence', 'contact', 'returned', 'gently', '2026-11-20', '08:30', 'notice_and_turn_back', 'step:1', 'advice:1',
    'rep', 'message', 'scare', 'day', 'rest', 'good', 'bite', 'skill', '7', 'here', 'muzzle-basket', 'en', 'm', 'trial', 'correct',
    'handler', 'take', 'undo',
];
$hostile = [
    "\xB1\x31", "a\0b", str_repeat('9', 400), str_repeat('ä', 70000), '1e309', '-1e309', 'NaN', '0x1A', '٣', "\u{202E}abc", '<script>',
    MARK.'">', "x' ".MARK.'"',
    '%00', "' OR 1=1 --", '{{7*7}}', '../../etc/passwd', '9999-99-99', '0000-00-00', '2026-02-30', '99:99', '18446744073709551616',
    '[]', '{"a":',
    '00000000-0000-4000-8000-000000000000', str_repeat('[', 600), '🐕', '', ' ', 'null', 'true',
];
$value = static function (int $depth) use (&$value, $random, $pick, $plausible, $hostile, $fields): mixed {
    return match ($random->getInt(0, $depth > 3 ? 6 : 9)) {
        0, 1, 2 => $pick($plausible),
        3, 4 => $pick($hostile),
        5 => $random->getInt(-1000, 100000),
        6 => $random->getInt(0, 1) === 1 ? 1e300 : -0.5,
        7 => [$value($depth + 1), $value($depth + 1)],
        8 => [$pick($fields) => $value($depth + 1), $pick($fields) => $value($depth + 1)],
        9 => [],
    };
};

$curl = curl_init();
curl_setopt_array($curl, [
    CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => false, CURLOPT_TIMEOUT => 30,
]);
$unescaped = false;
$ask = static function (string $method, string $path, string|array $body, string $type) use (
    $curl, $base, $token, &$unescaped,
): int {
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_POSTFIELDS => $body,
        CURLOPT_HTTPHEADER => [
            'X-XSRF-TOKEN: '.xsrfToken($curl), ...(str_starts_with($path, '/api/') ? ["Authorization: Bearer {$token}"] : []),
            // a form with files says its own type
            ...(is_array($body) ? [] : ["Content-Type: {$type}"]), 'Accept: '.($type === 'application/json' ? $type : 'text/html'),
        ],
    ]);
    $answer = curl_exec($curl);
    $isPage = str_starts_with((string) curl_getinfo($curl, CURLINFO_CONTENT_TYPE), 'text/html');
    $unescaped = $isPage && str_contains((string) $answer, MARK);

    return curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
};
$signIn = static function () use ($curl, $base, $ask): void {
    curl_setopt_array($curl, [CURLOPT_URL => "{$base}/sign-in", CURLOPT_CUSTOMREQUEST => 'GET', CURLOPT_POSTFIELDS => '']);
    curl_exec($curl);
    $ask('POST', '/sign-in', http_build_query([
        'email' => 'rowan@saltmarshlane.example', 'password' => 'marsh-samphire-42',
    ]), 'application/x-www-form-urlencoded');
};
$signIn();
$routes = array_values(array_filter(
    Route::getRoutes()->getRoutes(),
    static fn (Registered $route): bool => ! in_array($route->uri(), ['sign-out', 'sign-in', 'settings/practice', 'settings'], true),
));
$writing = array_values(array_filter($routes, static fn (Registered $route): bool => ! in_array('GET', $route->methods(), true)));
$answers = $broken = [];
for ($i = 1; $i <= (int) $requests; $i++) {
    // three in four of them write, one after the other
    $route = $random->getInt(0, 3) > 0 ? $writing[$i % count($writing)] : $pick($routes);
    $method = array_values(array_diff($route->methods(), ['HEAD', 'PATCH']))[0];
    $path = '/'.ltrim((string) preg_replace_callback('/\{(\w+)\??\}/', static fn (array $part): string => match ($part[1]) {
        'kind' => $pick(['presence', 'contact', 'sound', 'duration', 'vet', 'care', 'summary']),
        'dimension' => $pick(['trigger_motion', 'place', 'contact']),
        'format' => $pick(['json', 'csv', 'xlsx']), 'resource' => $pick(['dogs', 'plans', 'cats']), 'area' => $pick(['ear', 'tail']),
        'side' => $pick(['left', 'right']),
        'key' => $pick(['muzzle-basket', 'nails', 'our-own']),
        default => (string) $pick([...$ids[$part[1]] ?? [1], 999999]),
    }, $route->uri()), '/');
    $told = [];
    for ($field = $random->getInt(0, 10); $field > 0; $field--) {
        $told[$pick($fields)] = $value(0);
    }
    if (str_ends_with($route->uri(), '/entries')) {
        $told = ['device' => 'aaaaaaaa-0000-4000-8000-000000000001', 'user' => 1, 'entries' => [
            ['uuid' => uuidOf($random->getBytes(18)),
                'kind' => $pick(['trial', 'event', 'correct', 'grade', 'handler']), ...$told, 'trial' => $value(0)],
        ]];
        if (str_starts_with($route->uri(), 'free-sessions')) {
            $seen = ['kind' => $pick(['looked', 'stare', 'segment', 'part', 'late', 'mistake', 'reacted']), 'what' => $value(1),
                'seconds' => $value(1), 'side' => $value(1), 'band' => $value(1), 'signs' => $value(1)];
            $told['entries'][0] = ['uuid' => uuidOf($random->getBytes(18)), 'kind' => $pick(['seen', 'put_right']),
                'at' => $value(1), 'sent_at' => $value(1), 'of' => $value(1), 'data' => $random->getInt(0, 4) === 0 ? $value(0) : $seen];
        }
    }
    if (str_ends_with($route->uri(), 'home/entries') || $route->uri() === 'home/{token}/entries') {
        $told = ['entries' => [['uuid' => uuidOf($random->getBytes(18)), 'kind' => $pick(['rep', 'undo', 'day', 'scare', 'message']),
            'homework' => $pick([...$ids['homework'], $value(1)]), 'answer' => $pick(['good', 'no', 'bite', $value(1)]),
            'seconds' => $value(1), 'of' => $value(1), 'off' => $pick(['rest', $value(1)]), 'severity' => $value(1),
            'note' => $value(1), 'text' => $value(1), 'at' => $value(1), 'sent_at' => $value(1)]]];
    }
    $isJson = $random->getInt(0, 1) === 1;
    $body = $isJson ? (string) json_encode($told, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_IGNORE) : http_build_query($told);
    $body = $random->getInt(0, 30) === 0 ? substr($body, 0, (int) (strlen($body) / 2)) : $body;
    $asked = $method === 'GET' && $told !== [] ? "{$path}?".substr(http_build_query($told), 0, 6000) : $path;
    if (! $isJson && $method !== 'GET' && $random->getInt(0, 3) === 0) {
        $content = $pick([...$hostile, "\x89PNG\r\n\x1a\n", "PK\x03\x04", "dog;day\nMoss;2026-11-20\n", "WEBVTT\n\n00:01.000 --> "]);
        $body = [...array_filter($told, is_scalar(...)), 'file' => new CURLStringFile(
            $content, $pick(['a.png', 'b.csv', 'c.zip', 'd.vtt']),
        )];
    }
    $looksAt = $isJson && $method !== 'GET' && $random->getInt(0, 2) === 0 ? $stored() : null;
    $status = $ask($method, $asked, $method === 'GET' ? '' : $body, $isJson ? 'application/json' : 'application/x-www-form-urlencoded');
    $body = is_array($body) ? 'with a file' : $body;
    if ($unescaped) {
        $broken[] = "unescaped: {$method} ".substr($asked, 0, 200).' '.substr($body, 0, 300);
    }
    if ($looksAt !== null && $status >= 400 && ($changed = array_keys(array_diff_assoc($stored(), $looksAt))) !== []) {
        $broken[] = "{$status}, but stored in ".implode(', ', $changed).": {$method} {$asked} ".substr($body, 0, 300);
    }
    $answers[$status] = ($answers[$status] ?? 0) + 1;
    if ($status >= 500 || $status === 0) {
        $broken[] = "{$status} {$method} ".substr($asked, 0, 200).' '.substr($body, 0, 300);
    }
    if ($status === 401 || $status === 419) {
        $signIn();
    }
}
// what was taken is looked at on every page that shows it
$pages = array_filter($routes, static fn (Registered $route): bool => in_array('GET', $route->methods(), true));
$seen = 0;
foreach ($pages as $route) {
    foreach (range(0, 2) as $which) {
        $path = '/'.ltrim((string) preg_replace_callback('/\{(\w+)\??\}/', static fn (array $part): string => (string) (
            $ids[$part[1]][$which] ?? 1
        ), $route->uri()), '/');
        // as it is, and with an address that somebody has tampered with
        foreach (['', '?'.TAMPERED] as $query) {
            $status = $ask('GET', $path.$query, '', 'text/html');
            $seen++;
            if ($unescaped || $status >= 500) {
                $broken[] = ($unescaped ? 'unescaped' : $status)." afterwards: GET {$path}{$query}";
            }
        }
        if (! str_contains($route->uri(), '{')) {
            break;
        }
    }
}
// and what hangs together is whole
$half = [
    'trials without what was shown' => 'SELECT COUNT(*) AS n FROM trials WHERE '
        .'NOT EXISTS (SELECT 1 FROM trial_exposures WHERE trial_id = trials.id)',
    'sessions without a set' => 'SELECT COUNT(*) AS n FROM sessions WHERE NOT EXISTS (SELECT 1 FROM sets WHERE session_id = sessions.id)',
    'plans without a step' => 'SELECT COUNT(*) AS n FROM plans WHERE NOT EXISTS (SELECT 1 FROM steps WHERE plan_id = plans.id)',
    'steps without values' => 'SELECT COUNT(*) AS n FROM steps WHERE NOT EXISTS (SELECT 1 FROM step_exposures WHERE step_id = steps.id)',
];
foreach ($half as $what => $query) {
    $count = (int) DB::selectOne($query)->n;
    if ($count > 0) {
        $broken[] = "{$count} {$what}";
    }
}
ksort($answers);
foreach ($answers as $status => $times) {
    printf("%d  %5d times\n", $status, $times);
}
printf("%d requests, then %d pages, seed %s: %d wrong\n", $requests, $seen, $seed, count($broken));
foreach (array_slice($broken, 0, 40) as $one) {
    printf("%s\n", mb_scrub($one));
}
exit($broken === [] ? 0 : 1);
