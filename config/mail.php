<?php

declare(strict_types=1);

// Until a mail server is named, mails are written to a folder, and devices/mailbox shows them.
return [
    'default' => env('MAIL_MAILER', 'mailbox'),
    'mailers' => [
        'mailbox' => ['transport' => 'mailbox', 'folder' => storage_path('app/mailbox')],
        'smtp' => [
            'transport' => 'smtp', 'scheme' => env('MAIL_SCHEME'), 'host' => env('MAIL_HOST', '127.0.0.1'), 'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'), 'password' => env('MAIL_PASSWORD'), 'timeout' => 10,
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM', 'wheatear@localhost.localdomain'), 'name' => 'Wheatear'],
];
