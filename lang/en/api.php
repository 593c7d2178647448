<?php

declare(strict_types=1);

/* Programs of others that read and log. */
return [
    'title' => 'Programs',
    'about' => 'Let a program of yours read, or log trials and reps at home, as you and no further. It needs a token, which ends by itself.',
    'document' => 'What programs may ask (OpenAPI)',
    'program' => 'Program',
    'program_about' => 'Such as: clicker counter in the kitchen.',
    'ends_after' => 'Ends after',
    'days' => '{count, plural, one {# day} other {# days}}',
    'it_may' => 'It may',
    'scopes' => ['read' => 'read what you may see', 'log' => 'log trials and reps at home'],
    'make' => 'Make a token',
    'once' => 'The token. Give it to the program now: it is not shown again.',
    'let_in' => 'Programs so far',
    'none' => 'None.',
    'as' => 'as {person}: {scopes}',
    'state' => '{isClosed, select, yes {closed} other {{isOver, select, yes {ended {day}} other {ends {day}}}}}; {isUsed, select, yes {last used {used}} other {not used yet}}',
    'close' => 'Close',
    'closed_now' => 'The token of {name} is closed.',
    'lists' => 'Lists for a spreadsheet',
    'lists_about' => 'As they are now, in meters and kilograms, times in UTC; at most {most, number} rows.',
    'resources' => [
        'dogs' => 'Dogs', 'people' => 'People', 'places' => 'Places', 'plans' => 'Plans', 'sessions' => 'Sessions',
        'events' => 'Scares and bites', 'health-entries' => 'Health and weights', 'homework' => 'Homework', 'home-reps' => 'Reps at home',
    ],
    'columns' => [
        'id' => 'Number', 'name' => 'Name', 'description' => 'Description', 'breed' => 'Breed', 'sex' => 'Sex', 'bornOn' => 'Born',
        'hasBitten' => 'Has bitten', 'hidesSigns' => 'Hides signs', 'archivedAt' => 'Archived', 'helps' => 'Helps', 'kind' => 'Kind',
        'roomMeters' => 'Room (m)', 'dog' => 'Dog', 'trigger' => 'What it reacts to', 'person' => 'Handler', 'method' => 'Method',
        'goal' => 'Goal', 'isResting' => 'Resting', 'steps' => 'Steps', 'plan' => 'Plan', 'place' => 'Place', 'startedAt' => 'Started',
        'endedAt' => 'Ended', 'note' => 'Note', 'severity' => 'How bad', 'occurredAt' => 'When', 'kilograms' => 'Weight (kg)',
        'fromOn' => 'From', 'untilOn' => 'Until', 'isTakenOut' => 'Taken out', 'what' => 'What', 'timesADay' => 'Times a day',
        'uuid' => 'UUID', 'homework' => 'Task', 'answer' => 'Answer', 'seconds' => 'Seconds held',
    ],
    'as_file' => '{list} as {format}',
    'problems' => [
        'not_yours' => 'Only owners and trainers let programs in.',
        'program' => 'Program: a name of at most 80 letters.',
        'scopes' => 'It may: tick at least one.',
        'days' => 'Ends after: choose one of the list.',
    ],
    'answers' => [
        'no_token' => 'Send a token that has not ended: “Authorization: Bearer …”. Tokens are made under Programs.',
        'not_given' => 'This token may not do that: it needs the scope “{scope}”.',
        'too_many' => 'Too many requests: at most {most} in a minute.',
        'after' => 'after: the number of the last record you have.',
        'limit' => 'limit: from 1 to {most}.',
        'dog' => 'dog: the number of a dog.',
    ],
];
