<?php

declare(strict_types=1);

/**
 * Drives a running instance as one signed-in device would: a bare write, and a trial logged and answered with advice, in turn.
 * Prints medians and 95th percentiles, and their ratios to the bare write.
 */
require __DIR__.'/device.php';
[, $base, $pairs] = $argv;
$curl = curl_init();
curl_setopt_array($curl, [
    CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => false, CURLOPT_TIMEOUT => 20,
]);

/** @param  array<string, mixed>|null  $fields */
$send = static function (string $path, ?array $fields, array $headers = []) use ($curl, $base): array {
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path, CURLOPT_HTTPGET => $fields === null,
        CURLOPT_HTTPHEADER => [...$headers, 'X-XSRF-TOKEN: '.xsrfToken($curl)],
    ] + ($fields === null ? [] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($fields)]));
    $started = hrtime(true);
    $body = curl_exec($curl);

    return [
        (hrtime(true) - $started) / 1e6, curl_getinfo($curl, CURLINFO_RESPONSE_CODE), (string) $body,
        (string) curl_getinfo($curl, CURLINFO_REDIRECT_URL),
    ];
};
$uuid = static fn (): string => uuidOf(random_bytes(18));
$trial = static fn (int $i): array => [
    'uuid' => $uuid(), 'sequence' => $i, 'device_at' => (string) (int) (microtime(true) * 1000),
    'sent_at' => (string) (int) (microtime(true) * 1000), 'distance' => (string) (45 + ($i % 7) / 10),
    'aim' => 'step:3', 'outcome' => 'returned', 'band' => $i % 5 === 0 ? 1 : 0, 'signs' => ['face.soft'], 'food' => 'gently',
    'latency_ms' => 800 + 7 * $i, 'stare_ms' => null, 'hold_ms' => null, 'exposure' => ['trigger_motion' => 'slow_walk'],
    'food_gone' => false, 'interrupted' => false, 'slip' => '', 'traits' => ['white van'], 'note' => null,
];

$send('/sign-in', null);
$send('/sign-in', ['email' => 'rowan@saltmarshlane.example', 'password' => 'marsh-samphire-42']);
$entry = static fn (int $i): array => [
    'uuid' => $uuid(), 'kind' => 'trial', 'at' => (int) (microtime(true) * 1000), 'sent_at' => (int) (microtime(true) * 1000),
    'sequence' => $i, 'trial' => $trial($i),
];
$sendJson = static function (string $path, array $payload) use ($curl, $base): array {
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path, CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode($payload),
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.xsrfToken($curl)],
    ]);
    $started = hrtime(true);
    $body = curl_exec($curl);

    return [(hrtime(true) - $started) / 1e6, curl_getinfo($curl, CURLINFO_RESPONSE_CODE), (string) $body];
};
$device = $uuid();
$times = ['bare write' => [], 'log and advise' => []];
$session = '';
$warmUp = 40;
for ($i = 0; $i < (int) $pairs + $warmUp; $i++) {
    if ($i % 30 === 0) {
        // a session of the usual length: 30 trials, then the next
        if ($session !== '') {
            $send("{$session}/end", []);
        }
        $session = parse_url($send('/plans/1/sessions', [])[3], PHP_URL_PATH);
    }
    $turns = [
        'bare write' => static fn (): array => $send('/bench/bare', [], ['Accept: application/json']),
        'log and advise' => static fn (): array => $sendJson("{$session}/entries", [
            'device' => $device, 'user' => 1, 'entries' => [$entry($i + 1)],
        ]),
    ];
    foreach ($turns as $name => $turn) {
        [$milliseconds, $status, $body] = $turn();
        if ($status >= 300) {
            fwrite(STDERR, "{$name}: status {$status}\n".substr($body, 0, 400)."\n");
            exit(1);
        }
        if ($i >= $warmUp) {
            $times[$name][] = $milliseconds;
        }
    }
}
$at = static function (array $sorted, float $share): float {
    return $sorted[(int) min(count($sorted) - 1, floor($share * count($sorted)))];
};
printf("%-26s %10s %10s %14s %14s\n", "n = {$pairs} each, in turn", 'median ms', '95th ms', 'median ratio', '95th ratio');
$reference = null;
foreach ($times as $name => $sample) {
    sort($sample);
    $row = [$at($sample, 0.5), $at($sample, 0.95)];
    $reference ??= $row;
    printf("%-26s %10.2f %10.2f %14.2f %14.2f\n", $name, $row[0], $row[1], $row[0] / $reference[0], $row[1] / $reference[1]);
}
