<?php

declare(strict_types=1);

return [
    '403' => [
        'not_yours_to_change' => 'Not yours to change',
        'ask_the_owner_of_the_practice' => '{include} Ask the owner of the practice if it should.',
    ],
    '404' => [
        'not_found' => 'Not found',
        'there_is_nothing_here_or_it' => 'There is nothing here, or it is not in your practice. Go back to',
        'today' => 'Today',
    ],
    '419' => [
        'the_page_was_open_too_long' => 'The page was open too long',
        'for_safety_the_page_has_to' => 'For safety the page has to be fresh. Go back, reload it, and send again; what you typed is still in the form.',
    ],
    '429' => [
        'too_many_tries' => 'Too many tries',
        'wait_a_minute_then_try_again' => 'Wait a minute, then try again.',
    ],
    '500' => [
        'something_went_wrong_here' => 'Something went wrong here',
        'the_fault_is_ours_and_it' => 'The fault is ours, and it was written down. Go back and try again; trials that were logged are safe.',
    ],
    '503' => [
        'not_reachable_just_now' => 'Not reachable just now',
        'wait_a_moment_and_load_the' => 'Wait a moment and load the page again.',
    ],
    'database' => [
        'the_database_cannot_be_reached_just' => 'The database cannot be reached just now',
        'nothing_is_lost_wait_a_moment' => 'Nothing is lost. Wait a moment and load the page again.',
        'load_again' => 'Load again',
        'nothing_was_stored_and_nothing_you' => 'Nothing was saved, and nothing you typed is lost: it is all below. Wait a moment and send it again.',
        'send_again' => 'Send again',
    ],
    'unreadable' => [
        'this_cannot_be_shown' => 'This cannot be shown',
        'something_that_is_stored_cannot_be' => 'Something that was saved cannot be read: {message}',
        'nothing_was_changed_go_back_to' => 'Nothing was changed. Go back to',
        'today' => 'Today',
        'and_tell_whoever_looks_after_this' => ', and tell whoever looks after this installation.',
    ],
];
