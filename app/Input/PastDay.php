<?php

declare(strict_types=1);

namespace App\Input;

/** A day that has come, where the reader is. */
final readonly class PastDay
{
    /**
     * @param  'required'|'nullable'  $presence
     * @return list<string> one after the other: what is no text is no date to compare
     */
    public static function rules(string $presence, string $since = '1990-01-01'): array
    {
        return ['bail', $presence, 'string', 'date_format:Y-m-d', "after:{$since}", 'before_or_equal:'.words()->formats->iso(now())];
    }
}
