<?php

declare(strict_types=1);

return [
    'empty' => [
        'begin' => 'How to begin',
        'client' => 'Add a client: the household, its phone, its vet.',
        'dog' => 'Add the dog, and write its intake: what it reacts to, what happened so far.',
        'plan' => 'Make a plan: one thing it reacts to, where it is fine, where you want to be.',
        'people' => 'Invite the others: trainers, helpers, and guardians, who see their own dogs only.',
        'guardian' => 'Nothing to train yet: your trainer makes a plan first, then it stands here. You can note a scare, or log a walk without a plan.',
        'helper' => 'Nothing to train yet: a trainer makes a plan first, then it stands here.',
    ],
    'appointments' => [
        'today' => 'Your appointments today',
        'soon' => 'Where you are needed',
    ],
    'filter' => [
        'title' => 'Show only some',
        'trainer' => 'Dogs of',
        'client' => 'Client',
        'everybody' => 'Everybody',
        'show' => 'Show',
    ],
    'today' => [
        'later_so_many' => 'The next {shown, number} of {all, number}.',
        'later' => 'Due later ({count, number})',
        'nothing_due' => '{isFiltered, select, yes {Nothing of these is due today.} other {Nothing is due today: everything was trained lately enough.}}',
        'start_already' => 'Start already',
        'rests' => '{dog}: “{plan}” rests since {day}, after a bite or a growl{hasUser, select, yes {, logged by {user}} other {}}.',
        'look_at_it' => 'Look at it',
        'today' => 'Today',
        'to_be_placed' => '{unplaced, plural, one {# trial is} other {# trials are}} unfiled',
        'in_a_session' => ': file them in a session.',
        'a_bite_of_is_on_record' => 'A bite of {time_zone} is on record without its facts.',
        'write_them_down' => 'Write them down',
        'a_session_with' => 'A session with',
        'is_still_open' => '({trigger}) is still open.',
        'go_on' => 'Go on',
        'choose_a_dog' => 'Choose a dog',
        'with' => 'with {person}',
        'due' => '{days, plural, =0 {due today} =1 {due since yesterday} other {due for # days}}',
        'next_in' => '{days, plural, =1 {next one tomorrow} other {next one in # days}}',
        'no_session_yet' => 'no session yet',
        'bite_history_cautious_limits' => 'bite history: extra careful cap',
        'next_start_all_the_same_start' => '{next, select, yes {Start all the same} other {Start a session}}',
        'with_2' => 'with {dog}: {plan}',
        'give_it_first' => 'Give it to a person here',
        'so_many_of' => '{shown, number} of {all, number} plans, yours first, then what has waited longest.',
        'last_session' => '{days, plural, =0 {last session today} =1 {last session yesterday} other {last session # days ago}}',
    ],
];
