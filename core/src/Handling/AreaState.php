<?php

declare(strict_types=1);

namespace Core\Handling;

/** What is known of a part of the body besides its trials. */
enum AreaState: string
{
    case Fine = 'fine';
    case Sore = 'sore';
    case NoGo = 'no_go';
    case Missing = 'missing';

    /**
     * Parts that hands keep off on both sides. A sore left ear still leaves the right one.
     *
     * @param  list<array{area: string, side: string, state: self}>  $known  side: left, right or both
     * @return array<string, self> by area
     */
    public static function keptOff(array $known): array
    {
        $off = [];
        foreach ($known as ['area' => $area, 'side' => $side, 'state' => $state]) {
            if ($state->keepsHandsOff()) {
                $off[$area][$side] = $state;
            }
        }

        return array_map(
            static fn (array $sides): self => $sides['both'] ?? $sides['left'],
            array_filter($off, static fn (array $sides): bool => isset($sides['both']) || isset($sides['left'], $sides['right'])),
        );
    }

    /** Whether hands stay away from it in training. */
    public function keepsHandsOff(): bool
    {
        return $this !== self::Fine;
    }
}
