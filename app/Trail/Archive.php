<?php

declare(strict_types=1);

namespace App\Trail;

use App\Models\Client;
use App\Models\Person;
use App\Models\Place;
use App\Models\TrailAction;
use App\Models\User;
use Psr\Clock\ClockInterface;

/** Puts a person, a household or a place out of the way, and back: it is not offered any more, and all that was logged stays. */
final readonly class Archive
{
    public function __construct(private ClockInterface $clock, private Trail $trail)
    {
    }

    public function archive(User $by, Client|Person|Place $subject): void
    {
        $subject->update(['archived_at' => $this->clock->now()]);
        $this->trail->note($by, TrailAction::Archived, $subject);
    }

    public function restore(User $by, Client|Person|Place $subject): void
    {
        $subject->update(['archived_at' => null]);
        $this->trail->note($by, TrailAction::Restored, $subject);
    }
}
