<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Observation as Stored;
use App\Models\ObservationCorrection;
use Core\Observation\Observation;
use Core\Sign\Band;

/** What was seen in a session without a ladder, with what was put right: the last word counts. */
final readonly class StandingObservation
{
    /** Dimensions that tell how a part of the body was touched. */
    public const SETUP = ['contact', 'dog_position', 'held_at'];

    private function __construct(public Observation $observation, public bool $isOut)
    {
    }

    /** @param  Stored  $row  with its corrections */
    public static function of(Stored $row, float $start = 0.0): self
    {
        $changes = array_merge([], ...$row->corrections->map(
            static fn (ObservationCorrection $correction): array => $correction->changes,
        )->all());

        return new self(new Observation(
            $row->kind, max(0.0, (float) $row->occurred_at->format('U.u') - $start),
            isset($changes['seconds']) ? (float) $changes['seconds'] : $row->seconds, (string) ($changes['what'] ?? $row->what),
            isset($changes['band']) ? Band::from((int) $changes['band']) : $row->band, (string) ($changes['side'] ?? $row->side),
            array_values(array_filter(explode(';', $row->signs))), self::setup($row->setup, $changes),
            (bool) ($changes['isFoodGone'] ?? false),
        ), (bool) ($changes['isOut'] ?? false));
    }

    /**
     * @param  array<string, scalar>  $changes
     * @return array<string, string> choice by dimension, of those that were told
     */
    private static function setup(string $stored, array $changes): array
    {
        $setup = [];
        foreach (array_filter(explode(';', $stored)) as $pair) {
            [$dimension, $choice] = [...explode('=', $pair, 2), ''];
            $setup[$dimension] = $choice;
        }

        return array_filter(array_map(strval(...), [...$setup, ...array_intersect_key($changes, array_flip(self::SETUP))]));
    }
}
