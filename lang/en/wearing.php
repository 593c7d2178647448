<?php

declare(strict_types=1);

/* What should hold before gear is used for real, how it stands, and what a look at the fit must show. */
return [
    'asks' => [
        'on' => 'Putting it on is solid to the last step',
        'worn' => 'Wearing it is solid to the last step',
        'off' => 'Taking it off is solid to the last step: for some dogs the hard part',
        'long' => 'Worn ten minutes at a stretch, moving as without it',
        'fun' => 'Worn at least {asked, number} times for fun before it is worn for need',
        'situations' => 'Moving freely in at least {asked, number} situations',
        'movement' => 'Moving as without it the last {asked, number} times',
        'fit' => 'Fit looked at within {asked, number} days: {shows}',
    ],
    'stands' => [
        'ladder' => '{standing, number} % of its steps are solid',
        'no_ladder' => 'no plan for it yet',
        'long' => 'longest {standing}',
        'not_yet' => 'not yet',
        'fun' => '{standing, plural, =0 {never} =1 {once} other {# times}}',
        'situations' => 'in {standing, number}',
        'movement' => 'the last {standing, number}',
        'never_worn' => 'never worn',
        'fit' => '{standing, plural, =0 {today} =1 {yesterday} other {# days ago}}',
        'never' => 'never',
    ],
    'fit_shows' => [
        'muzzle' => 'pants, drinks and takes food in it; nothing touches the eyes',
        'harness' => 'elbows and shoulders free, nothing rubs after a walk',
        'collar' => 'two fingers flat, does not slip over the head',
        'halter' => 'a second clip on the harness, no pressure at the eyes',
        'coat' => 'shoulders free, no seam rubs',
        'tool' => 'clean, and known by its sound',
    ],
];
