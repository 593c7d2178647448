<?php

declare(strict_types=1);

/* What an error about a number names. */
return [
    'probability' => 'The chance', 'share' => 'The share', 'distance' => 'The distance', 'weight' => 'The weight', 'trials' => 'The number of trials',
    'pieces-per-trial' => 'Pieces per trial', 'jackpots' => 'Jackpots', 'piece-weight' => 'The weight of a piece', 'piece-energy' => 'The energy of a piece',
    'meal-energy' => 'The energy of the meal', 'pieces-left' => 'Pieces left', 'nose-length' => 'The nose length', 'girth-closed' => 'The girth, mouth closed',
    'girth-open' => 'The girth, mouth open', 'height-open' => 'The height, mouth open', 'inside-length' => 'The inside length', 'inside-girth' => 'The inside girth',
    'inside-height' => 'The inside height', 'neck' => 'The neck', 'head' => 'The head', 'collar' => 'The collar', 'collar-open' => 'The open collar', 'chest' => 'The chest',
    'strap' => 'The strap', 'behind-elbow' => 'The distance behind the elbow', 'steps' => 'The number of steps', 'trials-per-outing' => 'Trials per session',
    'advances-per-outing' => 'New steps per session', 'outings-per-week' => 'Sessions per week', 'success-rate' => 'The success rate', 'hold' => 'A hold', 'holds' => 'The number of holds',
    'run' => 'Good ones in a row', 'window' => 'The last so many', 'successes-asked' => 'The good ones asked for', 'successes' => 'The number of good ones',
    'sessions' => 'The number of sessions', 'trials-per-session' => 'Trials per session', 'days' => 'The number of days', 'instruction-length' => 'The length of the instruction',
    'hands' => 'Hands', 'eyes' => 'Pairs of eyes', 'table-row' => 'The counts in a row of the table', 'table-rows' => 'The rows of the table', 'level-read' => 'The level that was read',
    'onset' => 'The onset', 'measured-at' => 'The distance of the measurement', 'player-share' => 'The share of the player', 'ceiling' => 'The ceiling',
    'ceiling-unconfirmed' => 'The ceiling, unless confirmed,', 'level-goal' => 'The goal', 'gap-width' => 'The width of the gap', 'gap-depth' => 'The depth of the gap',
    'path-distance' => 'The distance of the path', 'working-distance' => 'The working distance', 'cover' => 'The way to cover', 'room-aside' => 'The room to the side',
    'trigger-length' => 'The length of the trigger', 'handler-speed' => 'The handler’s speed', 'trigger-speed' => 'The speed of the trigger', 'retreat-speed' => 'The speed of the retreat',
    'reaction-time' => 'The reaction time', 'turning-time' => 'The time to turn', 'angle' => 'The angle', 'strain-cap' => 'The cap for struggling', 'reaction-cap' => 'The cap for reacting',
    'new-steps' => 'New steps per session', 'set-minutes' => 'The length of a set', 'session-minutes' => 'The length of a session', 'easy-after' => 'Good ones before an easy one',
    'sets' => 'The number of sets', 'break-minutes' => 'The length of a break', 'severity' => 'The severity',
];
