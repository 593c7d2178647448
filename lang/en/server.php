<?php

declare(strict_types=1);

return [
    'title' => 'How this server is',
    'all_is_well' => 'All is well.',
    'database' => 'The database does not answer: nobody can log or read anything. Start it, or see its log.',
    'waiting' => 'Letters have waited for over ten minutes. The worker may not run.',
    'failed' => 'Work was given up. The log says what and why.',
    'disk' => 'The disk is nearly full. Once it is, nothing can be logged.',
    'what' => 'What',
    'now' => 'Now',
    'yes' => 'yes',
    'no' => 'no',
    'percent' => '{percent, number}%',
    'numbers' => [
        'wheatear_database_up' => 'The database answers',
        'wheatear_jobs_waiting_long' => 'Letters and other work that have waited for over ten minutes',
        'wheatear_jobs_failed' => 'Work that was given up',
        'wheatear_sessions_open' => 'Sessions that began in the last twelve hours and go on',
        'wheatear_trials_last_hour' => 'Trials that came in the last hour',
        'wheatear_trials_unfiled' => 'Trials that wait to be filed',
        'wheatear_disk_free_share' => 'Free on the disk with the data',
    ],
];
