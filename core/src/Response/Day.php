<?php

declare(strict_types=1);

namespace Core\Response;

/** For which day a prediction is made. */
enum Day
{
    /** Offset 0 and no spread of days: what the dog can do on the whole. */
    case Typical;
    /** With today's offset, as far as today's trials tell it. */
    case Today;
    /** Today, after a reaction. */
    case AfterReaction;
}
