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

    public function change(User $by, string $name, string $town, string $zone, string $phone): void
    {
        $practice = $by->practice;
        $before = $practice->only(['name', 'town', 'time_zone', 'phone']);
        $practice->update(['name' => $name, 'town' => $town, 'time_zone' => $zone, 'phone' => $phone]);
        $changed = array_diff_assoc($practice->only(array_keys($before)), $before);
        if ($changed !== []) {
            $this->trail->note($by, TrailAction::PracticeChanged, $practice, array_map(
                static fn (mixed $value): string => is_scalar($value) ? (string) $value : '', $changed,
            ));
        }
    }
}
