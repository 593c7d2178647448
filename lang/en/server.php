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
];
