<?php

declare(strict_types=1);

/* What stands on a report that is handed out. Each message here is in lang/es/paper.php, too. */
return [
    'title' => [
        'progress' => '{dog}: progress',
        'hand_over' => '{dog}: for the next trainer',
        'vet' => '{dog}: for the vet',
        'summary' => '{dog}: how it is going',
        'care' => 'Care card: {dog}',
    ],
    'foot' => [
        'progress' => 'From what was logged so far. Dogs have good days and bad days: this tells where training is, and promises nothing.',
        'hand_over' => 'From what was logged here. Begin farther away than it says, in a new place with a new person: the dog decides.',
        'vet' => 'Observations from training, not findings. What they mean is for you to say.',
        'summary' => 'Questions are welcome at any time. If your dog is not well, ask your vet first.',
        'care' => 'Only what is solid is on this card. Leaving is a no: please wait, or stop for today.',
    ],
    'nothing' => 'Nothing to say yet with these parts.',
    'made' => '{practice}, {day}, by {person}{isFor, select, yes {, for {for}} other {}}',
    'has_bitten' => 'Has bitten: qualified professional on site, muzzle as trained',
    'until' => 'This link ends {day}.',
    'download' => 'Download as PDF',
    'ended' => [
        'title' => 'This page is closed',
        'about' => 'The link has ended or was closed. Ask whoever sent it for another one.',
    ],
    'done' => 'What was done',
    'sessions' => 'In the last {weeks} weeks: {sessions, plural, =0 {no session} one {# session} other {# sessions}}{days, plural, =0 {.} one { on # day.} other { on # days.}}',
    'at_home' => '{count, plural, one {# rep} other {# reps}} at home. Thank you: that is where most of it happens.',
    'now' => 'Where it is',
    'no_plan' => 'No plan yet.',
    'rests' => 'Rests, until your trainer has looked at it.',
    'fine_from' => 'Fine from about {distance} on a usual day. Stay farther away than that on walks.',
    'solid' => '{solid, plural, =0 {The first step is being learned.} other {Solid through step # of {steps, number}.}}',
    'home' => 'At home',
    'no_home' => 'Nothing to practice at the moment.',
    'task' => '{what}. {times, plural, one {Once} other {# times}} a day. Stop when: {stop}.',
    'watch' => 'What to watch for',
    'watch_early' => 'Looking away, licking its lips, a closed mouth, a stiff body: {dog} is asking for more room. Give it.',
    'watch_food' => 'Food taken roughly or not at all: it is too much. Go farther away.',
    'watch_stop' => 'Freezing or growling: hands off, walk away together, and tell us. A growl is information.',
    'never' => 'Please do not',
    'never_scold' => 'Scold or punish a growl, a bark or a freeze. It takes away the warning, not the worry.',
    'never_closer' => 'Go closer because it went well. Too far costs a minute, too close costs a week.',
    'never_hold' => 'Hold {dog} where it tries to leave.',
    'never_child' => 'Leave {dog} alone with a child, or let a child do the training.',
    'next' => 'Next',
    'next_none' => 'No session is planned yet.',
    'next_at' => 'The next session: {when}.',
    'left_out' => [
        'title' => 'Not looked at',
        'sessions' => '{count, plural, =1 {One older session of this year is not counted here.} other {# older sessions of this year are not counted here.}}',
        'plans' => '{count, plural, =1 {One more plan is not told here.} other {# more plans are not told here.}}',
        'events' => '{count, plural, =1 {One older one is not listed.} other {# older ones are not listed.}}',
    ],
];
