<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Sign\SignKey;

/** Why a plan rests and gives no advice until a named person has reviewed it. */
enum RestReason: string
{
    /** Teeth on skin or cloth were logged in a trial. */
    case Bite = 'bite';
    /** An incident was written down. */
    case Incident = 'incident';

    /**
     * What the signs of one trial make a plan rest for.
     *
     * @param  list<string>  $signs
     */
    public static function afterSigns(array $signs): ?self
    {
        return in_array(SignKey::Bite->value, $signs, true) ? self::Bite : null;
    }
}
