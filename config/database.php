<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '33124'),
            'database' => env('DB_DATABASE', 'wheatear'),
            'username' => env('DB_USERNAME', 'wheatear'),
            'password' => env('DB_PASSWORD', ''),
            'unix_socket' => env('DB_SOCKET', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            'timezone' => '+00:00',
            // a dead server should be told within seconds, not after a minute
            'options' => [PDO::ATTR_TIMEOUT => 3, PDO::ATTR_EMULATE_PREPARES => true] + (env('DB_IS_CLUSTER', false) === true
                // what another node has acknowledged is read here too
                ? [PDO::MYSQL_ATTR_INIT_COMMAND => 'SET SESSION wsrep_sync_wait = 1'] : []),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
