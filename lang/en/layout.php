<?php

declare(strict_types=1);

return [
    'description' => 'Plans, trials and step-by-step advice for dogs that are kept below threshold.',
    'pages' => ['pages' => 'More of the list', 'previous' => 'Those before', 'next' => 'Those after'],
    'field' => [
        'optional' => '(optional)',
    ],
    'layout' => [
        'wheatear' => '{title} · Wheatear',
        'skip_to_the_content' => 'Skip to the content',
        'wheatear_2' => 'Wheatear',
        'main' => 'Main',
        'today' => 'Today',
        'dogs' => 'Dogs',
        'templates' => 'Step plans',
        'to_place' => 'Unfiled{count, plural, =0 {} other { (#)}}',
        'upset' => 'Log a scare',
        'help' => 'Help',
        'sign_out' => 'Sign out',
    ],
    'menu' => ['menu' => 'Menu'],
    'limit' => [
        'no_model_yet' => 'not known yet',
        'range' => '(between {nearest} and {farthest})',
        'beyond' => 'beyond {most}',
        'no_farthest' => 'no distance known to be fine',
    ],
    'plain' => [
        'wheatear' => '{title} · Wheatear',
    ],
    'problems' => [
        'nothing_was_stored_yet_please_put' => 'Not saved yet. Please fix:',
    ],
    'text' => [
        'optional' => '(optional)',
    ],
    'where' => [
        'step' => 'step {number, number}',
    ],
];
