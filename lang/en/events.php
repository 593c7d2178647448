<?php

declare(strict_types=1);

return [
    'event_create' => [
        'log_an_upset' => 'Log a scare',
        'a_fright_a_dog_round_the' => 'A fright, a dog around the corner, a groomer’s visit: the dog is still shaken for the next day or three, and today’s advice starts easier for it. A bite or an injury has',
        'facts' => 'facts',
        'of_its_own_choose_the_dog' => 'of its own: choose the dog, then “An incident”.',
        'dog' => 'Dog',
        'it_was' => 'It was',
        'how_bad' => 'How bad',
        'half_of_it_is_gone_after' => 'It wears off over days; a working guess.',
        'when' => 'When',
        'note' => 'Note',
        'log_it' => 'Log it',
        'an_incident' => 'An incident',
        'dog_secured_wound_washed_medical_advice' => 'Dog secured, wound washed, medical advice first. Then the facts:',
        'an_incident_with' => 'An incident with {name}',
    ],
    'incident_create' => [
        'an_incident_with' => 'An incident with {dog}',
        'dog_secured_wound_washed_medical_advice' => 'Dog secured, wound washed, medical advice first. Facts, not levels; no blame. Rules on reporting, muzzle and leash are local: check them. All plans of {dog} rest until a trainer has reviewed them.',
        'when' => 'When',
        'where' => 'Where',
        'choose' => 'choose',
        'what_came_before' => 'What came before',
        'who_did_what_what_the_dog' => 'Who did what, what the dog showed, how near.',
        'treatment' => 'Treatment',
        'who_was_told' => 'Who was told',
        'note_on_that' => 'Note on that',
        'keep_it_on_record' => 'Save it on record',
        'title' => 'Incident: {dog}',
        'local_time' => 'Local time, {zone}.',
    ],
    'incident_show' => [
        'incident_of' => 'Incident of {zone}',
        'recorded_by_on' => '{dog}, {place}. Recorded by {incident} on {zone}.',
        'what_came_before' => 'What came before',
        'treatment' => 'Treatment',
        'told' => 'Told',
        'private_share_only_what_the_receiver' => 'Private: share only what the receiver needs. It is not changed later; what is learned since is told in another one.',
        'rests_until_it_is_reviewed' => 'rests until it is reviewed.',
        'title' => 'Incident: {dog}',
        'none_told' => 'none told',
    ],
];
