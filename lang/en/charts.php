<?php

declare(strict_types=1);

return [
    'outing' => [
        'minute_by_minute' => 'Minute by minute',
        'about' => 'Filled: looked at the handler unasked. Ring: looked at something and back. Cross: a mark not answered. Bars: stares, as long as they were. Triangles: startled; filled: reacted. Shaded: breaks. All of it stands in the list below.',
        'offered' => 'Looks',
        'unanswered' => 'Not answered',
        'stares' => 'Stares',
        'scares' => 'Startled',
    ],
    'dog_timeline' => [
        'title' => 'The last weeks',
        'about' => 'Left to right, the newest at the right. Triangles: scares, fading as they wear off. Thin bars: medication and conditions. Line: working distance after each session, with its range. Stacks: sessions, each of how its trials went, easy at the bottom. Dots: days of homework. The same stands in the lists below.',
        'count' => '{count, number} {band}',
        'line' => 'Line: working distance after each session, with its range ({plans})',
        'scares' => 'Triangle: scare; filled: bite or incident',
        'free' => 'Ring: session without a plan',
        'health' => 'Thin bar: medication or condition; filled: still so{more, plural, =0 {} other {; # more on the health page}}',
        'home' => 'Dot below: a day of homework; a square: it went wrong',
        'home_day' => '{done, plural, one {# rep at home} other {# reps at home}}{wrong, select, yes {, went wrong} other {}}',
        'vet' => 'vet',
    ],
    'way' => [
        'title' => 'The way so far',
        'told' => '{solid, plural, =0 {No step is solid yet} one {# step is solid} other {# steps are solid}} of {steps, number}{isStart, select, yes {; starts at step {start, number}} other {}}.',
        'last' => 'Last session: {counts}.',
    ],
    'learned_curve' => [
        'what_was_learned' => 'What was learned',
        'strain_before_any_trial_and_now' => 'Struggling or worse, before any trial and now',
        'across_from_easy_to_hard_up' => 'Across: from easy to hard. Up: how likely struggling or worse is. Dotted: a typical dog, before any trial. Solid: this dog now, its range shaded. Dashed: reacting. The line across is the risk cap.',
        'accepted_strain' => 'risk cap, {limit}',
    ],
    'limit_trend' => [
        'the_limit_over_time' => 'The working distance over time',
        'one_point_a_session_with_the' => 'One point per session, with the range left open then; an arrow where the range does not end. The table has the numbers.',
    ],
    'measure_basket' => [
        'where_to_measure_the_head_for' => 'Where to measure the head for a basket',
        'side_of_a_head_a_from' => 'Side of a head. A: from the tip of the nose to just under the eyes. B: around the muzzle at its widest, mouth closed and fully open. C: from the top of the nose to the chin, mouth fully open.',
        'a_nose_length_b_around_mouth' => 'A nose length · B around, mouth closed and fully open · C height, mouth fully open',
    ],
    'measure_collar' => [
        'where_to_measure_for_a_collar' => 'Where to measure for a collar',
        'head_and_neck_from_the_side' => 'Head and neck from the side. A: around the neck where the collar sits. B: around the head at its widest, over the ears.',
        'a_neck_where_it_sits_b' => 'A neck where it sits · B head at its widest, over the ears',
    ],
    'measure_harness' => [
        'where_to_measure_for_a_harness' => 'Where to measure for a harness',
        'chest_and_forelegs_from_the_side' => 'Chest and forelegs from the side. A: around the chest at its deepest, behind the elbows. B: from the elbow to the strap.',
        'a_chest_behind_the_elbows_b' => 'A chest behind the elbows · B from the elbow to the strap',
    ],
    'operating_curve' => [
        'what_the_rule_is_worth' => 'What the rule is worth',
        'chance_to_move_on_by' => 'How likely it moves on by “{criterion}”',
        'across_how_often_the_dog_really' => 'Across: how often the dog really succeeds. Up: the chance that the criterion is met within 10, 20 and 40 trials. The table has the numbers.',
        'how_often_it_really_succeeds_lines' => 'how often it really succeeds · lines: within 10, 20, 40 trials',
    ],
    'staircase' => [
        'treads_in_the_order_they_are' => '{count, plural, one {# step} other {# steps}} in their order; the higher, the harder. Gray: solid. Striped: not yet, today.',
        'below_the_risk_of_strain_for' => 'Below, how likely struggling is at each step: the dot is the likely value, the line reaches up to the careful one.',
        'the_table_has_the_numbers' => 'The table has the numbers.',
        'limit' => 'cap {limit_words}',
        'risk_of_strain_before_today_s' => 'struggling or worse before today’s first trial: likely, and at most',
    ],
    'strip' => [
        'trial' => 'Trial {number, number}: {setup}, {outcome}, {band}',
        'step' => 'step {number, number}',
        'minutes' => '{minutes, number} min',
        'the_session_as_a_strip' => 'The session as a strip',
        'trials_over_time_left_to_right' => '{count, plural, one {# trial} other {# trials}} over time (left to right) and {is_presence, select, yes {distance (nearer is lower)} other {step (harder is higher)}}. The shape is the band. The table below has the same trials.',
        'thick_line_break' => 'thick line: break',
        'ringed_chosen_otherwise_than_advised' => 'ringed: chosen otherwise than advised',
    ],
];
