<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Practice;

/** The zone in which a practice counts its days; asked for once. */
final class PracticeZones
{
    /** @var array<int, \DateTimeZone> */
    private array $zones = [];

    public function of(int $practiceId): \DateTimeZone
    {
        return $this->zones[$practiceId] ??= Practice::query()->findOrFail($practiceId, ['time_zone'])->zone();
    }
}
