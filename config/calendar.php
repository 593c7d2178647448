<?php

declare(strict_types=1);

return [
    // where busy times may be read from: hosts with their ports, apart by commas; without more, the stand-in on this machine
    'hosts' => array_map(trim(...), explode(',', (string) env('WHEATEAR_CALENDAR_HOSTS', '127.0.0.1:8160'))),
];
