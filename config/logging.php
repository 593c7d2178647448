<?php

declare(strict_types=1);

// Lines of JSON, a file a day, two weeks of them; what they may hold is said in App\Watch\JsonLines.
return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        'daily' => [
            'driver' => 'daily', 'path' => storage_path('logs/wheatear.log'), 'level' => 'warning', 'days' => 14,
            'formatter' => App\Watch\JsonLines::class,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
