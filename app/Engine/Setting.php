<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Place;
use Core\Measure\Distance;

/** Where a session is, and what the dog brings with it. */
final readonly class Setting
{
    public function __construct(public ?Place $place, public float $upset = 0.0)
    {
    }

    public function room(): ?Distance
    {
        return $this->place?->room_meters === null ? null : Distance::fromMeters($this->place->room_meters);
    }

    /**
     * Whether no earlier session of the plan was here.
     *
     * @param  list<?int>  $places  of the earlier sessions
     */
    public function isNewAmong(array $places): bool
    {
        return $places !== [] && $this->place !== null && ! in_array($this->place->id, $places, true);
    }
}
