<?php

declare(strict_types=1);

namespace Core\Response;

/** What a trial's load depends on that no exposure states, in the order in which it follows those of the exposure. */
enum Covariate
{
    /** Calm trials since, in hundreds: a dog that has worked was worse before. 0 for the present session. */
    case Learning;

    /** Points of upset carried over into the session. */
    case Upset;
}
