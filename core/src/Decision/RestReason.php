<?php

declare(strict_types=1);

namespace Core\Decision;

/** Why a plan rests and gives no advice until a named person has reviewed it. */
enum RestReason: string
{
    /** Teeth on skin or cloth were logged in a trial. */
    case Bite = 'bite';
    /** An incident was written down. */
    case Incident = 'incident';
}
