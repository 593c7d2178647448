<?php

declare(strict_types=1);

/* Why, by the code of a reason. {at}, {from} and {wished} are setups in words; chances are "about 1 in 80". */
return [
    'bite' => 'Teeth on skin or cloth: secure the dog, look after the person, and write down what happened while it is fresh.',
    'bite-review' => [
        'trainer' => 'This plan rests and gives no advice until a trainer has reviewed it. Ask a qualified behavior professional; local rules on reporting apply.',
        'guardian' => 'This plan rests until your trainer has looked at it. Ask them before you go on.',
    ],
    'resting' => '{why, select,
        bite {A bite was logged. This plan rests and gives no advice until a trainer has reviewed it.}
        other {An incident was written down. This plan rests and gives no advice until a trainer has reviewed it.}}',
    'reaction' => 'A reaction at {at}: leave calmly, distance first, out of sight, no scolding.',
    'recover' => 'Nothing more until the dog eats and can do a known cue there. Then go home, or at most three very easy trials. Nothing moves on any more today.',
    'second-reaction' => '{count, plural, one {# reaction} other {# reactions}} today: the session ends here. Leave calmly, distance first, no scolding.',
    'easy-days' => 'The next session starts at least two steps easier; one to three easy days before it are common practice.',
    'after-reaction' => [
        'trainer' => 'Very easy trial {count} of at most {most} after the reaction, at {at}: chance of reacting {chance} at most.',
        'guardian' => 'Very easy trial {count} of at most {most} after the reaction, at {at}.',
    ],
    'after-reaction-end' => 'After a reaction at most three very easy trials; {count} done. Go home, something it loves, an easy day tomorrow.',
    'freeze' => 'It froze or went stiff under the hand: hands off at once, look away, let it leave. That comes before a bite. Wait until it is loose and eats.',
    'freeze-again' => 'The second time today: enough. End with one thing it knows, well paid, no hands; check for pain before the next session.',
    'food-or-cue' => 'Food refused, or the marker or a known cue failed: too hard here, before any bark. First check: food left, the same food it eats at home, a sore mouth, nausea.',
    'food-or-cue-again' => 'Food refused, or the marker or a known cue failed, {count} times today: two steps easier.',
    'over-eager' => 'Over-excited rather than worried: calmer food, a shorter set, one known easy task. Food only after a breath of quiet. The distance stays.',
    'tired' => 'Walks or turns slowly: tired. End here, with something it loves. Easier trials would not help.',
    'strain' => 'Struggling at {at}: too hard, make it easier now.',
    'strain-again' => 'Struggling in {count} of the last three trials: two steps easier.',
    'third-strain' => 'Struggling {count} times today: enough. End with one thing it knows, well paid, and something it loves.',
    'wall' => 'The same step made it struggle in {count} sessions: split it, change another detail, and check pain and gear.',
    'effort' => 'Stretched in {count} of the last {of} trials at {at}: make it easier before it gets worse.',
    'effort-once' => 'It was stretched: stay, watch the next one closely, and pause at the first clear sign.',
    'skip-back' => 'Stretched on the first trial after skipping ahead: back.',
    'opt-out' => 'It left, and that is honored. Leaving is a no. Wait; if it comes back by itself, once more, smaller if you can. The run starts again.',
    'opt-out-twice' => 'It left twice in a row: a step easier.',
    'opt-outs' => 'It chose to leave {count} times today: that is a clear no. End here.',
    'change-first' => 'Ask the same once more with one other thing changed: {change}.',
    'change-helped' => 'That helped this dog {count, plural, one {once} other {# times}} before.',
    'change-missed' => 'The other change did not help: now a step easier.',
    'body-first' => 'First rule out body and gear: a sore place, something that rubs, a full bladder, no food left.',
    'two-misses' => 'Two misses in a row at {at}: one easy win, then half a step back.',
    'easy-win-missed' => 'The easy win did not come off either: easier still.',
    'half-step-back' => 'An easy win after two misses: now half a step back from {from}, to {at}.',
    'half-step-not-yet' => 'An easy win after two misses. Half a step back is more than we know is fine today, so stay here.',
    'unnoticed' => 'Not noticed, so not a trial ({count} in a row). Make the trigger a little plainer.',
    'unnoticed-nearer' => [
        'trainer' => 'Not noticed {count} times in a row: one step nearer, which is within today’s cap.',
        'guardian' => 'Not noticed {count} times in a row: one step nearer.',
    ],
    'unnoticed-plainer' => 'Not noticed {count} times in a row: make the trigger plainer instead of nearer (in the open, a step of movement).',
    'food-used-up' => 'Out of treats.',
    'session-time' => '{minutes, plural, one {# minute} other {# minutes}}: the session was planned for {planned}.',
    'session-trials' => '{count, plural, one {# trial} other {# trials}}: as many as planned.',
    'set-time' => 'This set has lasted {minutes, plural, one {# minute} other {# minutes}} (planned: {planned}) and ended on a good one. {plan, select,
        presence {Walk about five minutes, out of sight, then go on here.}
        other {Rest a few minutes, with everything put aside, then go on here.}}',
    'ready' => 'Ready for the next step, next time.',
    'stop-on-good' => 'It ended on a good one: that is what the dog takes home.',
    'end-anyway' => 'One closing trial is the most: end anyway.',
    'closing' => 'The last one was not a good one: one easy trial, then end.',
    'breakthrough' => 'Its first success ever at this: five pieces one after another, and stop here. Something it loves.',
    'easy-between' => '{count, plural, one {# good one} other {# good ones}} in a row: an easy rep now, then back here. The run goes on.',
    'back-to-work' => 'The easy one went well: back to {at}. The run goes on.',
    'criterion' => '{progress} at {at}: enough to move on{regained, select, yes {, as it was solid before} other {}}.',
    'sessions-asked' => 'This step asks for that in {sessions, plural, one {# session} other {# sessions}} over at least {days, plural, one {# day} other {# days}}: well done for today, and again next time.',
    'goal' => 'That is the hardest step of this plan. End on it; next, other places, people and variants, each starting easier.',
    'advances-used' => '{count, plural, one {# new step} other {# new steps}} today, as many as planned: end on this good one.',
    'advances' => 'New step {count} of at most {most} today.',
    'regain' => 'It was solid here before: this does not count as a new step.',
    'skip' => [
        'trainer' => '{count} in a row, all easy, and plenty of room under your cap: skip ahead, and back at the first sign that it is stretched.',
        'guardian' => '{count} in a row, all easy: skip ahead, and back at the first sign that it is stretched.',
    ],
    'spent' => '{at} made it struggle early on today and is not tried again.',
    'spent-end' => '{at} made it struggle early on today and is not tried again: end on this good one.',
    'split' => [
        'trainer' => 'Part of the step, {at}, is within your cap.',
        'guardian' => 'Part of the step, {at}, is fine today.',
    ],
    'missing-dog' => 'The next step is still too much: it needs more practice here.',
    'missing-certainty' => [
        'trainer' => '{trials, plural,
        =0 {Probably fine one step on, not sure enough yet. More trials here alone will not settle it: half the step, or another day.}
        one {Probably fine one step on, not sure enough yet: about one more good one.}
        other {Probably fine one step on, not sure enough yet: about # more good ones.}}',
        'guardian' => 'Probably fine one step on, not sure enough yet: stay here.',
    ],
    'stuck' => '{count} trials here, {stayed} of them watched or prompted, and not enough to move on: half a step easier, or better food, or a shorter wait.',
    'run' => '{progress} at {at}.',
    'watched' => 'It watched calmly and did not turn away by itself: paid, no harm, but stay at this step.',
    'prompted' => 'It came when prompted: neither a success nor a failure. The run starts again.',
    'interrupted' => 'Interrupted: it does not count in the run.',
    'handler-error' => 'My mistake, kept apart: it counts neither in the run nor for what we learn of the dog. A mark is a promise: pay and go on.',
    'too-quick' => 'Logged before the time it asks for had passed: it does not count. Hold it to the end, or log what was really held.',
    'name-it' => 'It offered this in {count} of the last {of} reps without food first: time to say its word, just before it does. Not earlier, and one word only.',

    'beyond-cap' => '{wished} is more than we know is fine today. Go to {at}.',
    'beyond-cap-at-start' => '{wished} is more than we know is fine before today’s first try. Begin at {at}.',
    'peek' => 'We don’t know this dog here well enough yet. Peek {count} of at most {most}: three seconds at {at}, then away. Stop at the first sign that it is stretched.',
    'nothing-within' => 'Even {at} is more than we know is fine today. Find more room, make something else easier, or practice a skill it needs first.',
    'no-room' => 'Nothing easier fits here, with the room there is. End now with something it loves; next time a wider place, or something other than distance made easier.',
    'easier-by' => '{at} is {steps, plural, =1 {about one step} other {about # steps}} easier than {from}.',
    'no-model' => 'We can’t make sense of these trials together, so nothing harder is advised.',
    'no-model-back' => 'We can’t make sense of these trials together: one step back.',
    'risk' => [
        'trainer' => 'At {at}: struggling or worse {strain} at most, reacting {reaction} at most. {room, select,
        plenty {Plenty of room under your cap.}
        close {Close to your cap.}
        other {Over your cap ({strainCap}; reacting {reactionCap}).}}',
        'guardian' => 'At {at}: {room, select, plenty {well within what is fine.} close {as hard as it should get today.} other {too hard for today.}}',
    ],
    'caps-tightened' => [
        'trainer' => 'Your cap is tighter for this dog: {strained} struggling or worse and {reacted} reacting in its last {of} trials, where we expected {expectedStrained} and {expectedReacted}.',
        'guardian' => 'Careful today: the last sessions were harder for this dog than expected.',
    ],
    'off-model' => [
        'trainer' => 'This dog surprises us more than it should, so we leave more room all round.',
        'guardian' => 'This dog surprises us, so we leave more room all round.',
    ],

    'suspended' => '{count} sessions in a row ended with a reaction: the plan rests until a trainer has checked pain, gear, place and trigger.',
    'rest-day' => 'It is still shaken: a day of rest, quiet walks, nothing new. A working guess; you know the dog.',
    'still-shaken' => 'It is still shaken from before: an easier start.',
    'breaker' => 'Two sessions running ended with a reaction: a clearly easier start.',
    'new-person' => 'Solid through step {step} with another person. A new person begins in the first third, at step {start}, and climbs with three good ones a step.',
    'new-place' => 'A new place or person: back to the first third, step {start}, and up again with three good ones a step.',
    'start-first' => 'The first session of this plan starts at its easiest step.',
    'start-none-solid' => 'No step is solid yet: start at the easiest.',
    'start-back' => 'Last time solid at step {step}. Warm up {back, plural, =1 {one step} other {# steps}} easier{days, plural,
        =0 {}
        one {; it has been a day}
        other {; it has been # days}}{hard, select, yes {; it ended hard} other {}}{reacted, select, yes {; it ended with a reaction} other {}}.',

    'start-proposed' => [
        'trainer' => 'Begin at {at}. Before the first try: struggling or worse {strain} at most, reacting {reaction} at most.',
        'guardian' => 'Begin at {at}.',
    ],
    'start-step' => [
        'trainer' => 'Begin at step {step}, {at}. Before the first try: struggling or worse {strain} at most, reacting {reaction} at most.',
        'guardian' => 'Begin at step {step}, {at}.',
    ],
    'start-doubt' => 'A test failed, or it was not at ease, at {at}: the start is clearly easier than that.',
    'start-doubt-step' => 'The first doubt was at step {step}: the start lies below it.',
    'start-short' => 'That is still more than we know is fine: too little is known, or the place is too small. Begin with three peeks of 3 s there; farther away, behind something, with a calm and still trigger is better yet.',
    'start-short-step' => 'Even the easiest step is more than we know is fine: begin with zero discomfort, the gear on the floor and hands nowhere near, three peeks first.',

    'two-at-once' => '{dimensions} get harder at once: one thing at a time.',
    'no-path' => '{steps, plural, one {# step} other {# steps}} harder than what comes before: nothing leads here. Split it, or add a step between.',
    'big-step' => [
        'trainer' => 'Chance of struggling or worse {chance} once the steps before are solid (cap {cap}): split it.',
        'guardian' => 'A large step: your trainer will split it.',
    ],
    'needs-help' => 'Needs {hands, plural, one {# hand} other {# hands}} and {eyes, plural, one {# pair} other {# pairs}} of eyes: a helper, food on a stool, paste on the gear, or a word instead of a clicker.',
];
