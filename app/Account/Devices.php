<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Device;
use App\Models\TrailAction;
use App\Models\User;
use App\Support\Fields;
use App\Support\Secret;
use App\Trail\Trail;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** The browsers a user is signed in with: each can be ended from another. */
final readonly class Devices
{
    private const MOST = 50;

    private const SEEN_SECONDS = 600;

    public function __construct(private ClockInterface $clock, private Trail $trail)
    {
    }

    /** @return array{Device, string} with the secret it keeps */
    public function register(User $user, string $userAgent, string $address, bool $isRemembered): array
    {
        $secret = Secret::make();
        $now = $this->clock->now();

        return [Device::query()->create([
            'user_id' => $user->id, 'secret' => Secret::hash($secret), 'name' => DeviceName::of($userAgent), 'address' => $address,
            'is_remembered' => $isRemembered, 'signed_in_at' => $now, 'seen_at' => $now,
        ]), $secret];
    }

    /** Whether a device of this user goes on; null in place of a secret: its sign-in is open, and need not prove itself. */
    public function goesOn(User $user, int $device, ?string $secret): bool
    {
        // no model: this runs with every request
        $found = Fields::of(Device::query()->toBase()->where('id', $device)->where('user_id', $user->id)->whereNull('ended_at')
            ->first(['secret', 'seen_at']));
        if ($found->text('seen_at') === '' || ($secret !== null && ! hash_equals($found->text('secret'), Secret::hash($secret)))) {
            return false;
        }
        $now = $this->clock->now();
        if ($now->getTimestamp() - (int) strtotime($found->text('seen_at').' UTC') > self::SEEN_SECONDS) {
            Device::query()->whereKey($device)->update(['seen_at' => $now]);
        }

        return true;
    }

    /** @return Collection<int, Device> the newest first */
    public function of(User $user): Collection
    {
        return Device::query()->where('user_id', $user->id)->whereNull('ended_at')->orderByDesc('seen_at')->limit(self::MOST)->get();
    }

    public function end(User $user, int $device): void
    {
        Device::query()->whereKey($device)->where('user_id', $user->id)->whereNull('ended_at')->update(['ended_at' => $this->clock->now()]);
    }

    /** All of them, but for the one it is done from. */
    public function endOthers(User $user, ?int $but): void
    {
        Device::query()->where('user_id', $user->id)->whereNull('ended_at')
            ->when($but !== null, static fn ($devices) => $devices->whereKeyNot($but))->update(['ended_at' => $this->clock->now()]);
        $this->trail->note($user, TrailAction::SignedOutElsewhere, $user);
    }
}
