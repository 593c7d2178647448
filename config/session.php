<?php

declare(strict_types=1);

// Sign-in state lives in files, so that a database that is down does not sign anybody out. Several web servers that share the work keep
// it in their database instead.
return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 600,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'connection' => null,
    'table' => 'sign_ins',
    'lottery' => [2, 100],
    'cookie' => env('SESSION_COOKIE', 'wheatear_sign_in'),
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE', null),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
