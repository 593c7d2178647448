<?php

declare(strict_types=1);

return [
    'unfiled' => [
        'to_place' => 'Unfiled',
        'trials_that_a_device_recorded_and' => 'Trials that a device recorded and whose session could not be found. Nothing logged is lost: choose the session each belongs to, or dismiss it.',
        'nothing_waits_here' => 'Nothing waits here.',
        'trial_received' => 'Trial received {received_at}',
        'received' => 'Received {time_zone}.',
        'logged_by' => 'Logged by {person}{hasTime, select, yes {, {when}} other {}}.',
        'filed_lately' => 'Filed or dismissed lately',
        'was_filed' => '{person}, {when}: {isFiled, select, yes {filed} other {dismissed}}',
        'take_back' => 'Take it back',
        'session' => 'Session',
        'place_it_here' => 'File it here',
        'dismiss' => 'Dismiss',
    ],
    'fields' => [
        'distance' => 'distance',
        'outcome' => 'outcome',
        'band' => 'band',
        'note' => 'note',
    ],
];
