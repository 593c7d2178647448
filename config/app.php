<?php

declare(strict_types=1);

return [
    'name' => 'Wheatear',
    'env' => env('APP_ENV', 'production'),
    // bench/request alone adds its bare route
    'bench' => (bool) env('WHEATEAR_BENCH', false),
    // lets whoever runs the server see its numbers from elsewhere; empty: only on the machine itself
    'operator_token' => (string) env('WHEATEAR_OPERATOR_TOKEN', ''),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8124'),
    // with a public address, requests to any other name of this machine are turned away
    'hosts' => (string) env('WHEATEAR_PUBLIC_URL', '') === '' ? [] : [
        '^'.preg_quote((string) parse_url((string) env('WHEATEAR_PUBLIC_URL'), PHP_URL_HOST)).'$', '^127\.0\.0\.1$', '^localhost$',
    ],
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'faker_locale' => 'en_US',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
