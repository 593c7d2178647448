<?php

declare(strict_types=1);

/* Parts of sentences, and how numbers, setups and criteria are said. Numbers and units come from the internationalization library. */
return [
    'chance' => [
        'none' => 'less than 1 in 1,000',
        'one_in' => 'about 1 in {count, number}',
        'in_ten' => 'about {count, number} in 10',
        'sure' => 'almost sure',
    ],
    'minutes_short' => 'min',
    'touching' => 'touching',
    'away' => '{length} off',
    'depth' => '{percent} in',
    'level' => '{decibels} dB(A)',
    'level_of_player' => '{percent} of the player',
    'change' => '{dimension}: {choice}',
    'and' => '{first} and {second}',
    'on_the_way' => 'On the way to: {instruction}',
    'criterion' => [
        'run' => '{count, number} in a row',
        'share' => '{count, number} of the last {window, number}',
        'sessions' => '{criterion}, in {sessions, plural, one {# session} other {# sessions}}',
        'sessions_days' => '{criterion}, in {sessions, plural, one {# session} other {# sessions}} over at least {days, plural, one {# day} other {# days}}',
        'new_behavior' => '{criterion}; the first success ends the session',
    ],
    'good_ones' => [
        'presence' => '{count, plural, one {unprompted return} other {unprompted returns}}',
        'contact' => '{count, plural, one {accepted rep} other {accepted reps}}',
        'sound' => '{count, plural, one {calm rep} other {calm reps}}',
        'duration' => '{count, plural, one {good rep} other {good reps}}',
        'marked_look' => '{count, plural, one {turn at the mark} other {turns at the mark}}',
        'wait' => '{count, plural, one {unprompted return} other {unprompted returns}}',
        'cued_look' => '{count, plural, one {look on the cue or before} other {looks on the cue or before}}',
        'passing' => '{count, plural, one {loose pass} other {loose passes}}',
        'position' => '{count, plural, one {loose stay} other {loose stays}}',
        'settling' => '{count, plural, one {calm stay} other {calm stays}}',
    ],
    'progress' => [
        'run' => '{done, number} of {asked, number} {what} in a row',
        'more' => '{done, number} {what} in a row (asked: {asked, number})',
        'so_far' => '{done, number} {what} in {tried, plural, one {# try} other {# tries}} so far (asked: {asked, number} of {window, number})',
        'share' => '{done, number} {what} among the last {window, number} (asked: {asked, number} of {window, number})',
    ],
    'manner' => [
        'all' => '{food}, {posture}, {who}, {hands, plural, one {# hand} other {# hands}}, {eyes, plural, one {# pair} other {# pairs}} of eyes',
        'hands' => '{food}; {hands, plural, one {# hand} other {# hands}}: a helper, paste on the gear, or food on a stool',
        'eyes' => '{food}; {eyes, plural, one {# pair} other {# pairs}} of eyes: somebody else watches the dog',
    ],
    'ladder_change' => '{count, number} {what}',
    'units' => [
        'm' => 'm', 'cm' => 'cm', 's' => 's', 'min' => 'minutes', 'kg' => 'kg', 'g' => 'g', 'kcal/g' => 'kcal per gram', 'kcal/oz' => 'kcal per ounce', 'in' => 'in', 'lb' => 'lb', 'oz' => 'oz', 'mph' => 'mph', 'yd' => 'yd', 'ft' => 'ft', 'm/s' => 'm/s', 'dB(A)' => 'dB(A)', '%' => '%', 'degrees' => 'degrees',
    ],
    'no_path' => [
        'place-too-small' => 'The place is too small: there is no room to make it easier before a harder thing. Room to start again from {room} would open a way.',
        'step-too-high' => 'From “{easier}” to “{harder}” ({dimension}) is {rise, number} steps; {most, number} at most can be paid for. {mayEase, select,
            yes {A value between the two would open a way.}
            other {Let the distance, gap, level or time change too, so that it can get easier first.}}',
        'nothing-moves' => 'Nothing gets harder between the start and the goal. Choose a harder goal, or let another detail change.',
    ],
    'at_most' => 'at most {chance} (cap: {cap})',
    'closing' => '{action}: the last one',
    'not_told' => 'The reason cannot be read any more.',
    'ladder_change_none' => 'nothing changed',
];
