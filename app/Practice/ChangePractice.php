<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Practice;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;

/** What the practice is called, where it is, and how guardians reach it. */
final readonly class ChangePractice
{
    public function __construct(private Trail $trail)
    {
    }

    /**
     * @param  int  $quietFrom  minute of the day from which nobody is written to, but for a bite
     * @param  int  $quietUntil  the same: never
     */
    public function change(User $by, string $name, string $town, string $zone, string $phone, int $quietFrom, int $quietUntil): void
    {
        $practice = $by->practice;
        $before = $practice->only(['name', 'town', 'time_zone', 'phone']);
        $practice->update([
            'name' => $name, 'town' => $town, 'time_zone' => $zone, 'phone' => $phone, 'quiet_from' => $quietFrom,
            'quiet_until' => $quietUntil,
        ]);
        $changed = array_diff_assoc($practice->only(array_keys($before)), $before);
        if ($changed !== []) {
            $this->trail->note($by, TrailAction::PracticeChanged, $practice, array_map(
                static fn (mixed $value): string => is_scalar($value) ? (string) $value : '', $changed,
            ));
        }
    }
}
