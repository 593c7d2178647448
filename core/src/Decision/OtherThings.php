<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Dimension;
use Core\Exposure\DimensionChange;
use Core\Exposure\DimensionKey;
use Core\Exposure\DimensionKind;
use Core\Exposure\DimensionValue;
use Core\Exposure\Exposure;
use Core\Exposure\Picture;
use Core\Exposure\Whose;

/**
 * What else than distance could be changed, the same asked: in contact plans the picture around what is asked, elsewhere any choice made
 * easier. Only details that the plan puts in play, and never what strangers would have to do.
 */
final readonly class OtherThings
{
    /** Logits by which each time it helped lifts a change in the ranking. */
    private const HELPED_LOGITS = 0.2;

    private const MAX_HELPED = 5;

    private const MAX_OTHERS = 3;

    private const MAX_PICTURES = 6;

    public function __construct(private Situation $situation)
    {
    }

    /** @return list<Alternative> what helped this dog before first, then by relief */
    public function of(Level $from): array
    {
        $found = [];
        $isPicture = array_filter($this->situation->catalog->dimensions, self::isPicture(...)) !== [];
        foreach ($this->situation->work === Work::Skill ? [] : array_keys($from->exposure->values) as $key) {
            $dimension = $this->situation->catalog->dimension($key);
            if (($from->exposure->values[DimensionKey::Gap->value] ?? 0.0) > ($dimension->within ?? INF)) {
                continue;
            }
            $choice = ($isPicture ? self::isPicture($dimension) : $this->isOurs($dimension)) ? self::otherChoice(
                $dimension, (string) $from->exposure->values[$key],
            ) : null;
            if ($choice === null) {
                continue;
            }
            $exposure = $from->exposure->with($key, $choice->key);
            $off = $this->relief($from->exposure, $exposure, $dimension);
            if (($off > 0.0 || $dimension->picture === Picture::Swaps) && $this->situation->catalog->isPossible($exposure)) {
                $found[] = new Alternative(
                    new Level($from->step, $exposure, $from->beyond),
                    new DimensionChange($this->situation->catalog->plan, $key, $choice->key),
                    max(0.0, $off), $this->situation->history->helped[$key] ?? 0,
                );
            }
        }
        $worth = static fn (Alternative $of): float => $of->logitsOff + self::HELPED_LOGITS * min(self::MAX_HELPED, $of->helped);
        usort($found, static fn (Alternative $a, Alternative $b): int => $worth($b) <=> $worth($a));

        return array_slice($found, 0, $isPicture ? self::MAX_PICTURES : self::MAX_OTHERS);
    }

    private static function isPicture(Dimension $dimension): bool
    {
        return $dimension->picture !== Picture::No;
    }

    private function isOurs(Dimension $dimension): bool
    {
        return $dimension->kind === DimensionKind::Ordered && $dimension->eases && match ($dimension->whose) {
            Whose::Ours => true,
            Whose::Trigger => ! $this->situation->settings->isByStrangers,
            Whose::Place => false,
        };
    }

    /** The choice just easier, or, where none is easier in general, the other one. */
    private static function otherChoice(Dimension $dimension, string $value): ?DimensionValue
    {
        if ($dimension->picture === Picture::Swaps) {
            foreach ($dimension->values as $choice) {
                if ($choice->key !== $value) {
                    return $choice;
                }
            }
        }

        return $dimension->nextEasier($value);
    }

    /** Logits taken off by this dog's model; where it does not look at the dimension, by a typical dog's. */
    private function relief(Exposure $from, Exposure $to, Dimension $dimension): float
    {
        $model = $this->situation->model;
        if ($model !== null && in_array($dimension->key, $model->scale->keys(), true)) {
            return $model->load($from) - $model->load($to);
        }
        $x = static fn (Exposure $of): float => $dimension->covariate($of->values[$dimension->key] ?? $dimension->usual, 1.0);

        return $dimension->slope->mean() * ($x($from) - $x($to));
    }
}
