<?php

declare(strict_types=1);

/* What if: how a plan may go on. */
return [
    'title' => 'What if',
    'link' => 'What if: how it may go on',
    'title_of' => 'What if: {plan}',
    'about' => '{ways, number} ways in which this plan may go on: each with a dog that could be {dog}, drawn from its own log, trained by the same advice. Eight in ten of them lie within the range.',
    'cannot_know' => 'What it cannot know: how fast this dog learns, what happens on the way, weather, health, other people’s dogs. It compares two ways of working better than it tells a date. Nothing is promised by it.',
    'not_yet' => 'It takes {least} logged sessions of something that a dog reacts to. Skills have none: there is nothing to go wrong.',
    'what_if' => 'As the plan is, or with something changed? Leave open what stays.',
    'fields' => ['trials' => 'Trials a session', 'outings' => 'Sessions a week', 'run' => 'Good ones in a row', 'caution' => 'Risk cap'],
    'cautions' => ['usual' => 'usual', 'careful' => 'extra careful'],
    'now' => 'Now {value}, at most.',
    'run_now' => 'Now as its steps say.',
    'as_now' => 'as it is',
    'look' => 'Look ahead',
    'so_far' => 'Looked at so far',
    'as_it_is' => 'As the plan is',
    'changed' => [
        'trials' => '{value} trials a session', 'outings' => '{value} sessions a week', 'run' => '{value} good ones in a row',
        'caution' => '{value, select, careful {extra careful cap} other {usual cap}}',
    ],
    'working' => '{done, number} of {of, number} ways worked out. You can leave this page.',
    'failed' => 'It could not be worked out. Ask again; if it happens again, tell whoever runs this server.',
    'asked' => 'Asked {when}.',
    'told' => [
        'range' => 'To the goal in {soonest} to {latest} sessions, as often before as after {middle}: {from} to {until} weeks.',
        'open' => 'To the goal in {soonest} sessions or more; {share} in ten came there within {horizon}.',
        'none' => 'Hardly any came to the goal within {horizon} sessions: more trials, another setup, or a nearer goal?',
        'reactions' => 'Reactions on the way: {count}, on average.',
    ],
    'axes' => ['steps' => 'solid step', 'sessions' => 'sessions from now'],
    'chart' => 'Sessions from left to right, up to {sessions, number}; solid steps upward. After them, eight in ten are solid through step {low, number} to {high, number} of {steps, number}. The line is the middle.',
    'problems' => [
        'trials' => 'Give {least} to {most} trials a session, or leave it open.', 'outings' => 'Give 0.5 to 21 sessions a week, or leave it open.',
        'run' => 'Give 1 to 20 good ones in a row, or leave it open.', 'caution' => 'Choose one of the caps shown, or leave it as it is.',
    ],
];
