<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Device;
use App\Models\OneTimeLink;
use Psr\Clock\ClockInterface;

/** Every night: network addresses of devices that are signed out, and links that are used up, are kept no longer than they serve. */
final readonly class ForgetEnded
{
    private const DAYS = 90;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function forget(): int
    {
        $before = $this->clock->now()->modify('-'.self::DAYS.' days');
        $devices = Device::query()->where('ended_at', '<', $before)->delete();
        $links = OneTimeLink::query()->where('ends_at', '<', $before)->delete();

        return (is_int($devices) ? $devices : 0) + (is_int($links) ? $links : 0);
    }
}
