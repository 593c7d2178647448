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
        return DogArea::query()->where('dog_id', $dogId)->orderBy('id')->limit(self::MAX)->get()->keyBy(static fn (DogArea $row): string => "{$row->area} {$row->side}")->all();
    }

    /** @return array<string, AreaState> areas that hands keep off, on both sides */
    public static function handsOff(int $dogId): array
    {
        $rows = self::of($dogId);
        $off = [];
        foreach ($rows as $row) {
            $isWhole = $row->side === 'both' || (($rows["{$row->area} left"] ?? null)?->state->keepsHandsOff() === true && ($rows["{$row->area} right"] ?? null)?->state->keepsHandsOff() === true);
            if ($isWhole && $row->state->keepsHandsOff()) {
                $off[$row->area] = $row->state;
            }
        }

        return $off;
    }
}
