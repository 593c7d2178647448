<?php

declare(strict_types=1);

namespace App\Handling;

use App\Models\DogArea;
use Core\Handling\AreaState;

/** What is known of the parts of a dog besides its trials. */
final readonly class AreaRepository
{
    private const MAX = 60;

    /** @return array<string, DogArea> by area and side: "ear left", "tail both" */
    public static function of(int $dogId): array
    {
        return DogArea::query()->where('dog_id', $dogId)->orderBy('id')->limit(self::MAX)->get()->keyBy(
            static fn (DogArea $row): string => "{$row->area} {$row->side}",
        )->all();
    }

    /** @return array<string, AreaState> areas that hands keep off, on both sides */
    public static function handsOff(int $dogId): array
    {
        return AreaState::keptOff(array_map(
            static fn (DogArea $row): array =>
                ['area' => $row->area, 'side' => $row->side, 'state' => $row->state], array_values(self::of($dogId)),
        ));
    }
}
