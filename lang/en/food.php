<?php

declare(strict_types=1);

/* Life stages, and where the figures come from. */
return [
    'stages' => [
        'puppy_young' => 'puppy under 4 months',
        'puppy' => 'puppy from 4 months',
        'adult_intact' => 'adult, not neutered',
        'adult' => 'adult, neutered',
        'senior' => 'old and quiet',
        'gains' => 'puts on weight easily',
        'loss' => 'should lose weight',
        'light_work' => 'works lightly',
        'hard_work' => 'works hard',
    ],
    'source' => 'Resting energy 70·kg^0.75 kcal a day (Kleiber); life-stage factors and the tenth for treats as in WSAVA nutrition guidance, both quoted from memory. A vet\'s advice goes first.',
];
