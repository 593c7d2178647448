<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Exposure\DimensionKey;
use Core\Handling\AreaState;
use Core\Measure\LevelScale;

/** What a ladder may not ask for: a hold longer than its session, hands where they keep off this dog, or a sound over its ceiling. */
final readonly class LadderBounds
{
    /**
     * @param  int  $sessionMinutes  of the plan
     * @param  array<string, AreaState>  $handsOff  by area
     * @param  ?LevelScale  $levels  null where no sound is played
     * @param  float  $ceiling  dB(A) at the dog
     */
    public function __construct(
        private int $sessionMinutes, private array $handsOff, private ?LevelScale $levels = null, private float $ceiling = 0.0,
    ) {
    }

    /**
     * @param  list<array<string, float|string>>  $steps  values of each step, in order
     * @return array<string, non-negative-int> index of the first step beyond each bound, by the bound's value
     */
    public function beyond(array $steps): array
    {
        $found = [];
        foreach ($steps as $i => $values) {
            foreach (LadderBound::cases() as $bound) {
                if ($this->isBeyond($bound, $values)) {
                    $found[$bound->value] ??= $i;
                }
            }
        }

        return $found;
    }

    /** @param  array<string, float|string>  $values */
    private function isBeyond(LadderBound $bound, array $values): bool
    {
        return match ($bound) {
            LadderBound::Session => self::seconds($values) > 60.0 * $this->sessionMinutes,
            LadderBound::HandsOff => isset($this->handsOff[(string) ($values[DimensionKey::BodyArea->value] ?? '')]),
            LadderBound::Ceiling => is_numeric($values[DimensionKey::Level->value] ?? null)
                && $this->levels?->isOver((float) $values[DimensionKey::Level->value], $this->ceiling) === true,
        };
    }

    /**
     * How long a step lasts.
     *
     * @param  array<string, float|string>  $values
     */
    public static function seconds(array $values): float
    {
        return (float) ($values[DimensionKey::Duration->value] ?? $values[DimensionKey::TimeInView->value] ?? 0.0);
    }
}
