<?php

declare(strict_types=1);

return [
    'help' => [
        'help' => 'Help',
        'what_each_rule_and_number_means' => 'What each rule means, why it is so, and where trainers differ. This supports your judgment; for pain, illness or bites ask a vet and a qualified behavior professional.',
        'look_for' => 'Look for',
        'find' => 'Find',
        'at_home' => 'Ten things for home',
        'for_guardians' => 'What guardians read here',
    ],
    'help_entries' => [
        'why' => 'Why',
        'others' => 'Others',
        'source' => 'Where this comes from, and the numbers',
        'found' => '{count, plural, one {# entry} other {# entries}} for “{words}”.',
    ],
];
