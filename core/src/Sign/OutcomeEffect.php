<?php

declare(strict_types=1);

namespace Core\Sign;

/** What an outcome does to the run of successes and to the next step. */
enum OutcomeEffect
{
    /** Counts in the run if the band agrees. */
    case Success;
    /** Paid, no failure, but the run starts again: more time at this step. */
    case Stay;
    /** A failure at this step. */
    case Miss;
    /** The dog's no. */
    case OptOut;
    case Over;
    /** The dog did not notice: neither a trial nor a break in the run. */
    case NotATrial;
}
