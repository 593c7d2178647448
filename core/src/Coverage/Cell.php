<?php

declare(strict_types=1);

namespace Core\Coverage;

use Core\Sign\Band;

/**
 * What trials say of one combination. Done: at least five, of the latest five at most one not a success, and none of them
 * strain or worse. Too hard: strain or worse among the latest three. Common practice, and the product's own cut points.
 */
final readonly class Cell
{
    private const ENOUGH = 5;

    private const RECENT = 3;

    /** @param  int  $calm  successes among them */
    private function __construct(public CellState $state, public int $trials, public int $calm, public ?\DateTimeImmutable $lastAt)
    {
    }

    /** @param  list<TrialInContext>  $trials  newest first */
    public static function of(array $trials): self
    {
        $isStrained = static fn (TrialInContext $trial): bool => $trial->band->atLeast(Band::Strain);
        $isCalm = static fn (TrialInContext $trial): bool => $trial->isSuccess;
        $latest = array_slice($trials, 0, self::ENOUGH);
        $state = match (true) {
            $trials === [] => CellState::Untried,
            array_filter(array_slice($trials, 0, self::RECENT), $isStrained) !== [] => CellState::Hard,
            count($latest) === self::ENOUGH && count(array_filter(
                $latest, $isCalm,
            )) >= self::ENOUGH - 1 && array_filter($latest, $isStrained) === [] => CellState::Done,
            default => CellState::Thin,
        };

        return new self($state, count($trials), count(array_filter($trials, $isCalm)), $trials[0]->at ?? null);
    }
}
