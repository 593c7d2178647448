<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** What a visit may never break, and so what may stand in the way of one. */
enum Rule: string
{
    /** The day is over, or has begun. */
    case Past = 'past';
    /** Whoever handles is not at work, or somewhere else, or still on the way. */
    case Worker = 'worker';
    /** No helper is free. */
    case Helper = 'helper';
    /** The place, or the practice, is closed. */
    case Closed = 'closed';
    /** The plan keeps away from the place's busy hours. */
    case BusyHours = 'busy_hours';
    /** The ground is too hot for paws. */
    case Heat = 'heat';
    /** The dog is not to be had, or has just woken. */
    case DogFree = 'dog_free';
    /** The dog's pause between two sessions, or its way. */
    case DogPause = 'dog_pause';
    /** An easy day after struggling, a reaction or a fright. */
    case RestDay = 'rest_day';
    /** The plan's own days between two sessions, or its most on one day. */
    case DaysApart = 'days_apart';
    /** One trigger at one place a day. */
    case OneTrigger = 'one_trigger';
    /** One new place a day. */
    case OneNewPlace = 'one_new_place';
}
