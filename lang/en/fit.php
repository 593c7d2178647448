<?php

declare(strict_types=1);

/* What measurements say of gear on a dog. Lengths come in the reader's unit. */
return [
    'short-nosed' => 'A short-nosed dog needs a fitter: baskets by length do not sit on it.',
    'open-less-than-closed' => 'The girth with the mouth open ({open}) is less than closed ({closed}). Which of the two was measured otherwise?',
    'height-not-in-girth' => 'The height with the mouth open ({height}) does not go with a girth of {girth}. Measure both again.',
    'nose-touches' => '{ahead} ahead of the nose: it touches the front. It needs {least} to {most}.',
    'nose-far-back' => '{ahead} ahead of the nose: long. It may knock against things and reach the eyes; {least} to {most} is usual.',
    'nose-free' => '{ahead} ahead of the nose.',
    'no-room-around' => 'No room to pant: {inside} around inside, {open} with the mouth fully open.',
    'room-around' => 'Room to pant around: {more} more than the open mouth.',
    'no-room-high' => 'No room to pant: {inside} high inside, {open} with the mouth fully open.',
    'room-high' => 'Room to open the mouth: {more} more than it needs.',
    'neck-wider' => 'The neck ({neck}) is wider than the head ({head}). If that is so, no collar stays on by itself: a harness. Else measure again.',
    'too-tight' => '{slack} of slack: two fingers do not go under it.',
    'collar-loose' => '{slack} of slack: more than two fingers. Check that it cannot catch a jaw or a foot.',
    'two-fingers' => 'Two fingers go under it: {slack} of slack.',
    'may-slip-off' => 'It may slip off backward: {margin} less than the head. {least} is the least; then a gentle backward test by hand.',
    'stays-on' => '{margin} less than the head. Now a gentle backward test by hand.',
    'tight-is-not-neck' => 'Pulled tight it is {tight}, the neck {neck}: tight must be the neck, no more and no less.',
    'tight-is-neck' => 'Pulled tight it is the neck.',
    'open-too-small' => 'Open it is {open}, the head {head}: it does not go over without force.',
    'open-goes-over' => 'Open it goes over the head.',
    'strap-short' => 'The strap ({strap}) is shorter than the chest ({chest}). Was it measured on the dog, breathing in?',
    'harness-loose' => '{slack} of slack: it can turn, and a foreleg can step through.',
    'elbow-rubs' => '{behind} behind the elbow: it rubs. {least} is the least.',
    'elbow-free' => '{behind} behind the elbow.',
    'legs-free' => 'Both forelegs are free.',
    'shoulder-crossed' => 'A strap crosses a shoulder: the stride gets shorter. Another cut of harness.',
];
