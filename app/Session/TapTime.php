<?php

declare(strict_types=1);

namespace App\Session;

use Psr\Clock\ClockInterface;

/** When something was tapped, by our clock: the device's own may be wrong, but not the time it counts between the tap and the sending. */
final readonly class TapTime
{
    /** An entry may have waited a month. */
    private const MAX_MILLISECONDS = 2_592_000_000;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @param  array<mixed>  $entry  with its own time and that of its sending, in milliseconds; without them: now */
    public function of(array $entry): \DateTimeImmutable
    {
        $waited = is_numeric($entry['at'] ?? null) && is_numeric($entry['sent_at'] ?? null)
            ? (int) $entry['sent_at'] - (int) $entry['at']
            : 0;

        return $this->clock->now()->modify(sprintf('-%d milliseconds', max(0, min(self::MAX_MILLISECONDS, $waited))));
    }
}
