<?php

declare(strict_types=1);

namespace App\Session;

/** When a sound was played, told from the tap that logged its trial, in milliseconds. */
final readonly class SoundTimes
{
    /** @param  int  $ago  from its start to the tap */
    public function __construct(public int $ago, public int $lasted)
    {
    }

    /** @param  array<string, mixed>  $data  validated; null if nothing was played */
    public static function from(array $data): ?self
    {
        return is_numeric($data['sound_ago_ms'] ?? null) && is_numeric($data['sound_ms'] ?? null) ? new self((int) $data['sound_ago_ms'], (int) $data['sound_ms']) : null;
    }
}
