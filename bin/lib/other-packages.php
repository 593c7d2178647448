<?php

declare(strict_types=1);

/* What Composer has installed (its list as JSON on standard input) and how that differs from the recorded tree. */

$known = [];
foreach (file($argv[1], FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
    [$name, $version] = [...explode(' ', $line), ''];
    $known[$name] = $version;
}
$installed = json_decode((string) stream_get_contents(STDIN), true)['installed'] ?? [];
$other = array_filter($installed, static fn (array $one): bool => ($known[$one['name']] ?? '') !== $one['version']);

echo implode(', ', array_map(static fn (array $one): string => "{$one['name']} {$one['version']}", $other));
