<?php

declare(strict_types=1);

/* The helper's screen of a session, and where it is set up. */
return [
    'title' => 'Helper’s screen',
    'about' => 'The helper opens this on a phone of their own. It shows one big word at a time, the distance to keep, what is to be known for safety, and nothing of what the dog did before. Without a connection for three seconds it says Stop.',
    'muzzle' => 'Does {dog} wear a muzzle today',
    'muzzles' => ['yes' => 'yes', 'no' => 'no'],
    'make' => 'Make the link',
    'by_hand' => 'It opens until this session ends:',
    'back' => 'Back to the session',
    'words' => [
        'stop' => 'Stop', 'start' => 'Start', 'slow' => 'Slower', 'walk_by' => 'Walk by', 'lie_down' => 'Lie down',
    ],
    'is_there' => 'The helper’s screen is connected.',
    'is_not_there' => 'The helper’s screen is not connected: it says Stop.',
    'counted' => 'Passes the helper counted:',
    'set_up' => '{again, select, yes {Another link, with the old one closed} other {Set up a screen for the helper}}',
    'screen' => [
        'with' => 'Helping with {dog}',
        'keep' => 'Keep at least {distance} away',
        'bitten' => 'Has bitten. Keep your distance, whatever you see.',
        'muzzle' => 'Wears a muzzle.',
        'no_muzzle' => 'Wears no muzzle.',
        'loose' => 'If the dog comes loose',
        'loose_about' => 'Stand still, side on, arms in, no staring, no shouting. Put something between you: a car, a gate, your bag. Do not run. The handler comes.',
        'passed' => 'I walked by',
        'lost' => 'No connection: stand still.',
    ],
    'ended' => ['title' => 'This session is over', 'about' => 'Thank you. Walk on, away from the dog.'],
    'problems' => [
        'muzzle' => 'Say whether a muzzle is worn.', 'word' => 'Choose one of the words.', 'pass' => 'This tap could not be read: reload the page.',
    ],
];
