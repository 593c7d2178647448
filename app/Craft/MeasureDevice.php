<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\TimingDevice;
use App\Models\User;
use Core\Marking\DeviceDelay;
use Core\Marking\TapProblem;
use Psr\Clock\ClockInterface;

/** Keeps how late taps or sounds come on a device; measured again, the new one counts. */
final readonly class MeasureDevice
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param  string  $markBy  tap or sound
     * @param  list<int>  $beats
     * @param  list<int>  $taps
     */
    public function measure(User $by, string $device, string $markBy, array $beats, array $taps): TimingDevice|TapProblem
    {
        $delay = DeviceDelay::measured($beats, $taps);

        return $delay instanceof TapProblem ? $delay : TimingDevice::query()->updateOrCreate(
            ['user_id' => $by->id, 'device' => $device, 'mark_by' => $markBy], [
                'practice_id' => $by->practice_id, 'delay_ms' => $delay->milliseconds, 'spread_ms' => $delay->spread,
                'measured_at' => $this->clock->now(),
            ],
        );
    }

    /** @param  string  $markBy  tap, clicker or word */
    public static function of(User $user, string $device, string $markBy): ?TimingDevice
    {
        return TimingDevice::query()->where('user_id', $user->id)->where('device', $device)
            ->where('mark_by', $markBy === 'tap' ? 'tap' : 'sound')->first();
    }
}
