<?php

declare(strict_types=1);

namespace App\Session;

use App\Support\Fields;

/** When a sound was played, told from the tap that logged its trial, in milliseconds. */
final readonly class SoundTimes
{
    /** @param  int  $ago  from its start to the tap */
    public function __construct(public int $ago, public int $lasted)
    {
    }

    /** Null if nothing was played. */
    public static function from(Fields $given): ?self
    {
        $ago = $given->intOrNull('sound_ago_ms');
        $lasted = $given->intOrNull('sound_ms');

        return $ago === null || $lasted === null ? null : new self($ago, $lasted);
    }
}
