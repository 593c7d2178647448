<?php

declare(strict_types=1);

/* The usual cautions, by key. */
return [
    'bite' => [
        'title' => 'Bite history',
        'text' => 'Work only with a qualified behavior professional on site, the muzzle trained first and two points of contact on the leash. Keep hands and legs from between dog and trigger. Record each incident; rules on reporting, dangerous dogs, muzzles and leashes are local: check them.',
    ],
    'pain' => [
        'title' => 'Pain first',
        'text' => 'A sudden change, stiffness, pain on touch or loss of appetite is a matter for the vet before any training. Slow or odd movement is compared with this dog’s own normal.',
    ],
    'children' => [
        'title' => 'Children near',
        'text' => 'Children are not handlers of these plans. Keep to the extra careful cap and to places and hours without them until the dog is fine with far harder things.',
    ],
    'guarding' => [
        'title' => 'Guards food',
        'text' => 'No long chew as a held reward, no hand near food it has. Feed by tossing or from a spoon, with nobody behind the dog.',
    ],
    'food' => [
        'title' => 'Food',
        'text' => 'Mind allergies, choking and total calories. No xylitol (some nut butters, baked goods, human toothpaste), chocolate, grapes or raisins, onion or garlic, macadamia, cooked bones. Dog toothpaste only. Meals are never withheld: what was not earned is fed that day.',
    ],
    'muzzle' => [
        'title' => 'Muzzles',
        'text' => 'A basket that allows panting, drinking and food. A net only for seconds, watched. Never alone, never in heat without room to pant, never for chewing left unsupervised. Not tried first in a hard situation.',
    ],
    'heat' => [
        'title' => 'Heat and ground',
        'text' => 'Hot asphalt burns paws: back of the hand on it for 7 seconds. No closed muzzle, no hurry, water at hand.',
    ],
    'halter' => [
        'title' => 'Head halter',
        'text' => 'A halter is no muzzle, is never the only attachment, is never jerked and never on a long line: clip the harness too.',
    ],
    'collar' => [
        'title' => 'Collars',
        'text' => 'A dog may bite when it is pulled along by the collar: train it before it is needed, off leash only in a closed place, never cornered. No choke, prong or electric collars.',
    ],
    'fit' => [
        'title' => 'Fit',
        'text' => 'Two fingers everywhere, nothing close behind the elbow, both forelegs free. If it moves less freely, shortens its stride or hesitates: check fit and body before training on.',
    ],
    'instruments' => [
        'title' => 'Care',
        'text' => 'No instrument inside an ear or an eye. Bleeding, bad smell or a broken tooth: vet. Never use the station or its words for care the dog has not agreed to.',
    ],
    'sedation' => [
        'title' => 'Care that cannot wait',
        'text' => 'Ask the vet about sedation rather than holding the dog. Staff are told the station, the words and the stop signals.',
    ],
    'room' => [
        'title' => 'Room to leave',
        'text' => 'Leash areas only, a way out, room to double the distance. Strangers’ dogs are not training equipment. Helpers are informed and out of reach, and helper dogs need breaks.',
    ],
    'traffic' => [
        'title' => 'Traffic',
        'text' => 'Step into the road only where it is safe; decide on the way out before you start.',
    ],
    'sound' => [
        'title' => 'Sound',
        'text' => 'Keep levels modest: dogs hear more than we do. Never above 80 dB(A) at the dog, and ask twice above 70.',
    ],
];
