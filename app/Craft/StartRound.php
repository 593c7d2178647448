<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\TimingDevice;
use App\Models\TimingRound;
use App\Models\User;
use Core\Marking\Drill;
use Psr\Clock\ClockInterface;

/** Begins a round on a device whose delay is known. */
final readonly class StartRound
{
    private const FIRST_AT = 1500;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @param  string  $markBy  tap, clicker or word */
    public function start(User $by, Drill $drill, TimingDevice $device, string $markBy, ?int $seed = null): TimingRound
    {
        $round = new TimingRound([
            'practice_id' => $by->practice_id, 'user_id' => $by->id, 'drill' => $drill, 'mark_by' => $markBy,
            'seed' => $seed ?? random_int(1, 2_000_000_000), 'delay_ms' => $device->delay_ms, 'spread_ms' => $device->spread_ms,
            'parts' => [],
            'taps' => [], 'started_at' => $this->clock->now(),
        ]);
        $round->parts = [RoundScript::of($round)->nextPart(self::FIRST_AT)];
        $round->save();

        return $round;
    }
}
