<?php

declare(strict_types=1);

/* Ways of working, points on which practitioners differ, and skills needed first. */
return [
    'methods' => [
        'pairing' => [
            'label' => 'pairing',
            'trial' => 'The trigger or gear appears and food flows; it goes and the food stops. Nothing is asked of the dog.',
            'asks' => 'Patience, and time with nothing in sight: the contrast is the lesson.',
            'advance' => 'Relaxed, and looks for food as it appears, across several short sessions and days.',
            'good_for' => 'first meetings, very fearful dogs, nets and muzzles',
        ],
        'notice_and_turn_back' => [
            'label' => 'notice and turn back',
            'trial' => 'The dog looks at the trigger; mark; it turns for food. Later wait 3 to 5 s for it to turn away by itself.',
            'asks' => 'A fast marker, and distance enough that the dog can still think.',
            'advance' => 'A run of unprompted returns. If it only watches calmly, mark anyway and stay at this step.',
            'good_for' => 'reactivity at a distance',
        ],
        'cued_attention' => [
            'label' => 'cued attention',
            'trial' => 'As the trigger comes into view let the dog see it for 1 to 3 s, then cue the look-up and hold it while the trigger passes.',
            'asks' => 'A look-up that holds longer than the pass lasts.',
            'advance' => 'The dog looks up before the cue, a run of them.',
            'good_for' => 'passing on walks, narrow places',
        ],
        'opt_in_station' => [
            'label' => 'opt-in station',
            'trial' => 'The dog comes to a mat or puts its chin in the hand: that is the yes. Touch, mark, feed. Leaving is a no and is honored.',
            'asks' => 'That you stop at once when it leaves, every time.',
            'advance' => 'Loose body and staying, in a share of the latest trials.',
            'good_for' => 'handling, teeth, nails, ears, vet care',
        ],
        'shaping' => [
            'label' => 'shaping or targeting',
            'trial' => 'Any interest in the gear earns; then nearer, in, deeper, longer.',
            'asks' => 'Good timing, and stopping while it still wants more.',
            'advance' => 'It keeps offering, and holds the length asked.',
            'good_for' => 'muzzle, harness, toothbrush',
        ],
        'luring' => [
            'label' => 'luring',
            'trial' => 'Food through or inside the gear draws the dog in; the food is faded early.',
            'asks' => 'That the dog may back out at any time, and that you fade the food.',
            'advance' => 'It goes in before the food is there.',
            'good_for' => 'muzzle, loop over the head',
        ],
        'held_position' => [
            'label' => 'held position',
            'trial' => 'A known sit or down, fed while far triggers pass. The dog may always break and leave.',
            'asks' => 'An eye for a stiff body: quiet is not the same as fine.',
            'advance' => 'It holds loosely and eats, across several passes.',
            'good_for' => 'sociable, trained dogs; not fearful dogs near a trigger',
        ],
        'earned_ration' => [
            'label' => 'earned ration',
            'trial' => 'Meal pieces are paid fast for varied easy acts with the gear. Never from hunger, and what was not earned is fed that day.',
            'asks' => 'Counting the meal, and feeding the rest.',
            'advance' => 'It seeks the gear out and moves freely in it.',
            'good_for' => 'robust eaters, wearing practice',
        ],
        'calm_settling' => [
            'label' => 'calm settling',
            'trial' => 'Quiet food for staying down, no exciting marker. Getting up means a short neutral walk and starting again.',
            'asks' => 'Calm hands and no hurry.',
            'advance' => 'It stays down through bigger distractions.',
            'good_for' => 'mat work, waiting places',
        ],
    ],
    'choices' => [
        'step_size' => [
            'label' => 'How far to move at a time',
            'options' => [
                'ratio' => 'equal ratio, sized by risk',
                'yard' => 'a fixed yard or meter',
                'as_shown' => 'as the dog shows',
            ],
            'why' => 'A fixed yard is nothing at fifty and a fifth of the way at five; equal ratios are equally hard.',
        ],
        'next_start' => [
            'label' => 'Where the next session starts',
            'options' => [
                'easier' => 'a step or more easier',
                'where_ended' => 'where the last one ended',
            ],
            'why' => 'By the days since and by how it ended. The first trials of a day tell you what day it is.',
        ],
        'food_when_over' => [
            'label' => 'Food when it is already reacting',
            'options' => [
                'distance_first' => 'first make distance, then feed',
                'feed_at_once' => 'feed at once',
            ],
            'why' => 'Fear is not strengthened by food, but a dog over threshold learns little.',
        ],
        'small_signs' => [
            'label' => 'Small signs inside a trial',
            'options' => [
                'pause' => 'pause at the first medium sign',
                'carry_on' => 'carry on',
            ],
            'why' => 'The first medium sign is the last cheap moment to stop.',
        ],
    ],
    'skills' => [
        'marker' => [
            'label' => 'the marker is loaded',
            'ready' => 'It turns for food at the marker, every time, in a quiet room.',
        ],
        'eats_there' => [
            'label' => 'takes food gently',
            'ready' => 'It eats, gently, at the place of work; the same food at home and outside.',
        ],
        'name_turn' => [
            'label' => 'name or recall',
            'ready' => 'It turns within 2 s at the first call, with mild distraction.',
        ],
        'loose_leash' => [
            'label' => 'loose leash',
            'ready' => 'It walks without tension where there is nothing to see.',
        ],
        'look_up' => [
            'label' => 'look-up on cue',
            'ready' => 'It holds the look 15 s indoors, then at the door, outdoors, then walking; 20 s before passing a trigger.',
        ],
        'turn_away' => [
            'label' => 'turn-away',
            'ready' => 'It turns with you at once. Practiced often when nothing is there: used only near triggers, it predicts them.',
        ],
        'settle' => [
            'label' => 'settle on a mat',
            'ready' => 'It stays down through small, then large hand movement, in several rooms.',
        ],
        'station' => [
            'label' => 'station or chin rest',
            'ready' => 'It goes on by itself, stays, and may leave: leaving ends the touch.',
        ],
        'hold_still' => [
            'label' => 'hold still',
            'ready' => 'It holds still from 1 s up to the time a buckle needs.',
        ],
    ],
    'refusal' => 'Leash pops, remote collars and shows of authority are not planned and not logged as a method. Suppression hides warning signs without changing the emotion, adds pain to the trigger and raises the risk of a bite; professional veterinary behavior bodies advise reward-based methods only (AVSAB position statement on humane dog training, 2021). A dog that comes with such a history may hide its signs: record it, start farther, weigh small signs more.',
];
