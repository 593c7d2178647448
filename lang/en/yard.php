<?php

declare(strict_types=1);

/* The practice yard. */
return [
    'title' => 'Practice yard',
    'about' => 'A simulated dog, in real time, for two minutes: somebody passes, or your hand comes with a tool. You see how the dog stands, and nothing else. Stand nearer or farther, walk off, mark, feed. Afterward you see what it felt, and what the advice would have been.',
    'link' => 'Practice yard: simulated dogs in real time',
    'go' => 'Go in',
    'none' => 'not yet',
    'dogs' => [
        'over_eager' => ['name' => 'The over-eager one', 'lesson' => 'The longer it stays, the more it stares; near, marks go unanswered. Leaving resets it.'],
        'silenced' => ['name' => 'The silenced one', 'lesson' => 'It learned to show little: watch ears and brow. One pass in five goes off, unless you make room while it loads.'],
        'on_mat' => ['name' => 'The one on a mat', 'lesson' => 'Excited marks raise it. Calm food, low, settles it.'],
        'anxious' => ['name' => 'The anxious one', 'lesson' => 'Everything adds up, and it comes down slowly. A counted rhythm helps, and takes the place of what it would offer.'],
        'hand_shy' => ['name' => 'The hand-shy one', 'lesson' => 'It rests its chin, and leaves when a hand asks too much. Show the tool before each step; take the hand back when it leans away, off when it leaves.'],
        'plain' => ['name' => 'The plain one', 'lesson' => 'It shows all it feels. Begin here.'],
    ],
    'begin' => 'Begin',
    'acts' => [
        'path' => [
            'nearer' => 'Nearer', 'farther' => 'Farther', 'walk_off' => 'Walk off', 'return' => 'Come back', 'mark' => 'Mark', 'feed' => 'Feed', 'cue' => 'Call it', 'count' => 'Count',
        ],
        'hands' => [
            'nearer' => 'Hand nearer', 'farther' => 'Hand back', 'walk_off' => 'Hands off', 'show' => 'Show the tool', 'mark' => 'Mark', 'feed' => 'Feed',
        ],
    ],
    'keys' => [
        'path' => 'Keys: arrow up farther, arrow down nearer, space marks, F feeds, C calls, N counts, W walks off and comes back.',
        'hands' => 'Keys: arrow down hand nearer, arrow up hand back, W hands off, S shows the tool, space marks, F feeds.',
    ],
    'hand' => 'The chin on its rest, and the hand with the tool',
    'hands' => [
        'left' => '{count, plural, =0 {It never left the rest.} one {It left the rest once.} other {It left the rest # times.}}',
        'off' => 'From its leaving until the hand was off: {seconds} s in the middle.',
        'in_time' => '{count, plural, =0 {The hand never went back while it leaned away.} one {Once the hand went back while it only leaned away.} other {# times the hand went back while it only leaned away.}}',
        'followed' => '{count, plural, =0 {The hand never followed it.} one {Once the hand came nearer while it leaned away or had left.} other {# times the hand came nearer while it leaned away or had left.}}',
        'unshown' => '{count, plural, =0 {Every step was shown before.} one {One step was not shown before.} other {# steps were not shown before.}}',
        'marks' => '{marks, plural, =0 {No mark.} other {{onIt, number} of {marks, number} marks while it held still.}}',
        'over' => '{count, plural, one {It snapped once.} other {It snapped # times.}}',
        'nearest' => 'Nearest at which it stayed calm for two seconds: {gap}.', 'not_near' => 'The hand was never near while it was calm.',
        'strip' => 'What it felt, from start to end: the line; the ranges of the five bands behind it. Below it, what you did: the long ones are steps nearer.',
    ],
    'stage' => 'How the dog stands',
    'field' => 'From above: the path, who passes, and you',
    'guess' => 'From where does it stay just below stretched, while somebody passes?',
    'guess_label' => 'Working distance ({unit})',
    'end' => 'Show me what it felt',
    'skip_about' => 'Leave it open if you cannot say.',
    'result' => [
        'title' => 'In the yard: {dog}',
        'guess' => 'Working distance: you said {guess}, it is {true}.', 'no_guess' => 'Working distance: it is {true}.',
        'over' => '{count, plural, =0 {It never went over.} one {It went over once.} other {It went over # times.}}',
        'answer' => 'From the first loading to room or an answered call: {seconds} s in the middle{unanswered, plural, =0 {} one {; once nothing was done} other {; # times nothing was done}}.',
        'no_answer' => '{unanswered, plural, =0 {It never loaded.} one {It loaded once, and nothing was done.} other {It loaded # times, and nothing was done.}}',
        'marks' => '{marks, plural, =0 {No mark.} other {{onIt, number} of {marks, number} marks on a look back.}}',
        'needless' => '{share} of the time farther away than needed.',
        'misjudged' => '{count, plural, =0 {No pass that looked fine and was not.} one {One pass looked fine and was not.} other {# passes looked fine and were not.}}',
        'strip' => 'What it felt, from start to end: the line; the ranges of the five bands behind it. Below it, what you did.',
        'strip_told' => 'Highest in each pass: {bands}.',
        'engine' => 'What the advice would have been', 'pass' => 'Pass {number, number}', 'nearest' => 'nearest {meters}', 'then' => 'then', 'you' => 'you stood at',
        'retry' => 'Again, from shortly before the first mistake', 'again' => 'A new day with this dog', 'all' => 'All dogs',
        'mistake' => 'First mistake after {seconds} s.', 'no_mistake' => 'No mistake was made.',
    ],
    'problems' => [
        'dog' => 'Choose one of the dogs on this page.', 'acts' => 'That could not be read. Reload the page and go on.', 'guess' => 'Give a distance from 1 to 200, or leave it open.',
    ],
];
