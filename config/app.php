<?php

declare(strict_types=1);

return [
    'name' => 'Wheatear',
    'env' => env('APP_ENV', 'production'),
    // bench/request alone adds its bare route
    'bench' => (bool) env('WHEATEAR_BENCH', false),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8124'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'faker_locale' => 'en_US',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
