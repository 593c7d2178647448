<?php

declare(strict_types=1);

/* What varies between setups, by kind of plan and key, and the choices of each. */
return [
    'presence' => [
        'distance' => [
            'label' => 'distance',
        ],
        'trigger_motion' => [
            'label' => 'trigger motion',
            'values' => [
                'lying' => 'lying or sitting',
                'standing' => 'standing',
                'slow_walk' => 'slow walk',
                'brisk_walk' => 'brisk walk',
                'run' => 'run, ride or bounce',
            ],
        ],
        'trigger_heading' => [
            'label' => 'trigger heading',
            'values' => [
                'away' => 'away',
                'across' => 'across',
                'oblique' => 'oblique',
                'toward' => 'toward',
            ],
        ],
        'trigger_energy' => [
            'label' => 'trigger energy',
            'values' => [
                'sleepy' => 'old or sleepy',
                'calm' => 'calm',
                'lively' => 'lively',
                'excited' => 'excited, noisy',
            ],
        ],
        'trigger_attention' => [
            'label' => 'trigger attention',
            'values' => [
                'ignoring' => 'ignoring',
                'glancing' => 'glancing',
                'staring' => 'staring at the dog',
            ],
        ],
        'trigger_count' => [
            'label' => 'trigger count',
            'values' => [
                'one' => 'one',
                'two' => 'two',
                'group' => 'group',
            ],
        ],
        'exposure_time' => [
            'label' => 'time in view',
        ],
        'trigger_sound' => [
            'label' => 'trigger sound',
            'values' => [
                'silent' => 'silent',
                'some' => 'some',
                'loud' => 'loud',
            ],
        ],
        'suddenness' => [
            'label' => 'suddenness',
            'values' => [
                'from_afar' => 'seen coming from afar',
                'usual' => 'usual',
                'at_once' => 'appears at once',
            ],
        ],
        'closing_speed' => [
            'label' => 'closing speed',
        ],
        'predictability' => [
            'label' => 'predictability',
            'values' => [
                'helper' => 'helper on a word',
                'stranger' => 'stranger',
            ],
        ],
        'side' => [
            'label' => 'side of handler',
            'values' => [
                'away' => 'dog away from the trigger',
                'between' => 'dog between handler and trigger',
            ],
        ],
        'leash' => [
            'label' => 'leash',
            'values' => [
                'off' => 'off',
                'long_slack' => 'long and slack',
                'short_slack' => 'short and slack',
                'held' => 'held',
                'stood_on' => 'stood on',
            ],
        ],
        'likeness' => [
            'label' => 'likeness',
            'values' => [
                'weak' => 'weak likeness',
                'close' => 'close likeness',
                'exact' => 'exact',
            ],
        ],
        'dog_motion' => [
            'label' => 'dog\'s motion',
            'values' => [
                'mat' => 'station or mat',
                'standing' => 'standing',
                'parallel' => 'walking parallel',
                'past' => 'walking past',
                'toward' => 'walking toward',
            ],
        ],
        'handler_help' => [
            'label' => 'handler help',
            'values' => [
                'feeding' => 'feeding steadily',
                'cue_ready' => 'cue ready',
                'silent' => 'silent',
            ],
        ],
        'barrier' => [
            'label' => 'barrier',
            'values' => [
                'behind' => 'behind a fence or car',
                'gap' => 'gap view',
                'open' => 'open',
            ],
        ],
        'trigger_held' => [
            'label' => 'trigger held',
            'values' => [
                'fenced' => 'behind a fence',
                'leashed' => 'leashed',
                'loose' => 'loose',
            ],
        ],
        'room_to_retreat' => [
            'label' => 'room to retreat',
            'values' => [
                'open' => 'open',
                'one_way' => 'one way out',
            ],
        ],
        'place' => [
            'label' => 'place',
            'values' => [
                'known_quiet' => 'known, quiet',
                'known_busy' => 'known, busy',
                'new_quiet' => 'new, quiet',
                'new_busy' => 'new, busy',
            ],
        ],
    ],
    'contact' => [
        'gap' => [
            'label' => 'gap',
        ],
        'hand_path' => [
            'label' => 'hand path',
            'values' => [
                'below' => 'hand from below',
                'side' => 'hand from the side',
                'front' => 'hand from the front',
                'over' => 'hand over the head',
            ],
        ],
        'hand_timing' => [
            'label' => 'hand timing',
            'values' => [
                'placed' => 'already placed before the dog comes',
                'moving' => 'moving during the trial',
            ],
        ],
        'depth' => [
            'label' => 'depth',
        ],
        'fetched_by' => [
            'label' => 'who fetches the gear',
            'values' => [
                'liked' => 'liked person',
                'handler' => 'the handler',
            ],
        ],
        'travel' => [
            'label' => 'direction of travel',
            'values' => [
                'backing' => 'backing away from the dog',
                'sideways' => 'sideways',
                'together' => 'together',
            ],
        ],
        'leash' => [
            'label' => 'leash',
            'values' => [
                'off' => 'leash off',
                'slack' => 'leash slack',
                'held' => 'leash held',
            ],
        ],
        'hands' => [
            'label' => 'hands',
            'values' => [
                'none' => 'no hands',
                'one' => 'one hand',
                'two' => 'two hands',
            ],
        ],
        'posture' => [
            'label' => 'handler posture',
            'values' => [
                'lying' => 'lying or sitting beside',
                'kneeling' => 'kneeling beside',
                'standing' => 'standing beside',
                'front' => 'in front',
                'leaning' => 'leaning over',
            ],
        ],
        'contact' => [
            'label' => 'contact',
            'values' => [
                'none' => 'no contact',
                'hover' => 'hover',
                'touch' => 'touch',
                'stroke' => 'stroke',
                'hold' => 'hold',
                'lift' => 'lift or restrain',
            ],
        ],
        'pressure' => [
            'label' => 'pressure',
            'values' => [
                'feather' => 'feather',
                'light' => 'light',
                'firm' => 'firm',
            ],
        ],
        'duration' => [
            'label' => 'duration',
        ],
        'body_area' => [
            'label' => 'body area',
            'values' => [
                'shoulder' => 'shoulder',
                'back' => 'back',
                'chest' => 'chest',
                'flank' => 'flank',
                'upper_leg' => 'upper leg',
                'belly' => 'belly',
                'tail' => 'tail',
                'lower_leg' => 'lower leg',
                'front_paw' => 'front paw',
                'hind_paw' => 'hind paw',
                'neck' => 'neck',
                'muzzle' => 'muzzle',
                'ear' => 'ear',
                'eye' => 'eye',
                'lips' => 'lips',
            ],
        ],
        'side' => [
            'label' => 'side of the dog',
            'values' => [
                'left' => 'left side',
                'right' => 'right side',
            ],
        ],
        'surface' => [
            'label' => 'surface under the dog',
            'values' => [
                'mat' => 'own mat',
                'floor' => 'firm floor',
                'lap' => 'lap or table',
                'slippery' => 'slippery or moving ground',
            ],
        ],
        'item_state' => [
            'label' => 'gear state',
            'values' => [
                'out_of_sight' => 'gear out of sight',
                'floor' => 'gear on the floor',
                'in_hand' => 'gear in the hand',
                'at_nose' => 'gear at the nose',
                'neck_loose' => 'around the neck, loose',
                'over_head' => 'over the head',
                'strap_laid' => 'strap laid',
                'strap_held' => 'strap held',
                'fastened_once' => 'fastened once',
                'fastened' => 'fastened fully',
                'worn_still' => 'worn, still',
                'worn_moving' => 'worn, moving',
                'worn_out' => 'worn out and about',
            ],
        ],
        'item_motion' => [
            'label' => 'gear motion',
            'values' => [
                'still' => 'gear still',
                'lifted' => 'lifted clear',
                'against_coat' => 'moved against the coat',
                'tightened' => 'tightened',
            ],
        ],
        'item_feel' => [
            'label' => 'gear sound or feel',
            'values' => [
                'none' => 'no sound or feel',
                'far' => 'sound far off',
                'near' => 'sound near',
                'on_dog' => 'felt on the dog',
            ],
        ],
        'helper' => [
            'label' => 'who handles',
            'values' => [
                'own' => 'own person',
                'second' => 'second person',
                'familiar' => 'familiar other',
                'stranger' => 'stranger',
                'uniform' => 'stranger in uniform',
            ],
        ],
        'place' => [
            'label' => 'place',
            'values' => [
                'home_mat' => 'home mat',
                'other_room' => 'other room',
                'outdoors' => 'outdoors',
                'car' => 'car',
                'clinic' => 'clinic or salon',
            ],
        ],
        'food' => [
            'label' => 'food',
            'values' => [
                'during' => 'held and eaten during',
                'each' => 'after each touch',
                'several' => 'after several',
                'end' => 'at the end',
            ],
        ],
        'dog_position' => [
            'label' => 'position of the dog',
            'values' => [
                'standing' => 'dog standing',
                'sitting' => 'dog sitting',
                'lying' => 'dog lying down',
                'on_side' => 'dog lying on its side',
            ],
        ],
        'held_at' => [
            'label' => 'where gear is held',
            'values' => [
                'ground' => 'held at the ground',
                'lap' => 'held on the lap',
                'low' => 'held low',
                'high' => 'held high',
            ],
        ],
    ],
    'sound' => [
        'level' => [
            'label' => 'level at the dog',
        ],
        'source' => [
            'label' => 'source',
            'values' => [
                'recording' => 'recording',
                'live' => 'live',
            ],
        ],
        'direction' => [
            'label' => 'direction',
            'values' => [
                'known' => 'from the known place',
                'new' => 'from a new place',
            ],
        ],
        'length' => [
            'label' => 'length',
        ],
        'suddenness' => [
            'label' => 'suddenness',
            'values' => [
                'swelling' => 'swelling',
                'usual' => 'usual',
                'at_once' => 'all at once',
            ],
        ],
        'place' => [
            'label' => 'place',
            'values' => [
                'home_mat' => 'home mat',
                'other_room' => 'other room',
                'outdoors' => 'outdoors',
                'car' => 'car',
                'clinic' => 'clinic or salon',
            ],
        ],
    ],
    'duration' => [
        'duration' => [
            'label' => 'duration',
        ],
        'distraction' => [
            'label' => 'distraction',
            'values' => [
                'none' => 'none',
                'mild' => 'mild',
                'strong' => 'strong',
            ],
        ],
        'place' => [
            'label' => 'place',
            'values' => [
                'home_mat' => 'home mat',
                'other_room' => 'other room',
                'outdoors' => 'outdoors',
                'car' => 'car',
                'clinic' => 'clinic or salon',
            ],
        ],
        'dog_position' => [
            'label' => 'dog\'s position',
            'values' => [
                'lying' => 'lying',
                'sitting' => 'sitting',
                'standing' => 'standing',
            ],
        ],
        'handler_motion' => [
            'label' => 'handler motion',
            'values' => [
                'still' => 'still',
                'hand' => 'a hand moves',
                'steps' => 'steps',
                'away' => 'walks away',
            ],
        ],
    ],
];
