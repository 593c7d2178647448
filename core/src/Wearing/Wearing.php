<?php

declare(strict_types=1);

namespace Core\Wearing;

use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;
use Core\Sign\SignKey;

/** An item worn once. */
final readonly class Wearing
{
    /** @param  int  $seconds  from fastened to off */
    public function __construct(
        public \DateTimeImmutable $startedAt, public int $seconds, public WearingSituation $situation, public Movement $movement,
    ) {
    }

    /**
     * A trial in which the item was worn for a second or longer; null for any other.
     *
     * @param  \DateTimeImmutable  $at  when it was over
     * @param  list<string>  $signs
     */
    public static function ofTrial(\DateTimeImmutable $at, Exposure $exposure, Outcome $outcome, array $signs): ?self
    {
        $seconds = (int) round((float) ($exposure->values[DimensionKey::Duration->value] ?? 0.0));
        $situation = match ($exposure->values[DimensionKey::ItemState->value] ?? null) {
            'worn_still' => WearingSituation::Still, 'worn_moving' => WearingSituation::Cues, 'worn_out' => WearingSituation::Walk,
            default => null,
        };
        if ($situation === null || $seconds < 1 || $outcome->effect() === OutcomeEffect::NotATrial) {
            return null;
        }

        return new self($at->modify("-{$seconds} seconds"), $seconds, $situation, match (true) {
            in_array(SignKey::Freeze->value, $signs, true) => Movement::Frozen,
            $outcome === Outcome::PawedAtIt, $outcome === Outcome::TookItOff => Movement::PawsAtIt,
            $outcome->effect() === OutcomeEffect::Success => Movement::AsUsual,
            $outcome === Outcome::MovedLess => Movement::Shorter,
            default => Movement::Hesitant,
        });
    }
}
