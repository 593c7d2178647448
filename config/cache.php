<?php

declare(strict_types=1);

// What can be worked out anew is kept beside each web server, under a hash of what it was made of; a folder that cannot be written costs
// time, not an answer. What all must agree on (wrong tries, how far an import is, whose turn it is) is in the database.
return [
    'default' => env('CACHE_STORE', 'steady'),
    'limiter' => env('CACHE_SHARED', 'database'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data'), 'lock_path' => storage_path('framework/cache/data')],
        'steady' => ['driver' => 'failover', 'stores' => ['file', 'array']],
        'database' => ['driver' => 'database', 'connection' => null, 'table' => 'cache_entries', 'lock_table' => 'cache_locks'],
    ],
    'prefix' => 'wheatear',
];
