<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Exposure\LoadScale;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Response\DogModel;

/** The difference between two ladders, and which new step stands for each old one, so that what was held is not lost. */
final readonly class LadderChange
{
    /**
     * @param  list<StepChange>  $new  one for each new step
     * @param  list<int>  $removed  indices of old steps that are gone
     */
    private function __construct(private Ladder $before, private Ladder $after, public array $new, public array $removed)
    {
    }

    public static function between(Ladder $before, Ladder $after): self
    {
        $old = [];
        foreach ($before->steps as $i => $step) {
            $old[$step->exposure->key()][] = $i;
        }
        $changes = [];
        $reached = -1;
        foreach ($after->steps as $step) {
            $from = isset($old[$step->exposure->key()]) ? array_shift($old[$step->exposure->key()]) : null;
            $changes[] = match (true) {
                $from === null => StepChange::Added,
                $from < $reached => StepChange::Moved,
                ! $before->steps[$from]->equals($step) => StepChange::Edited,
                default => StepChange::Kept,
            };
            $reached = max($reached, $from ?? -1);
        }
        $removed = array_merge(...array_values($old), ...[[]]);
        sort($removed);

        return new self($before, $after, $changes, $removed);
    }

    /** How many steps of a kind of change there are. */
    public function count(StepChange $kind): int
    {
        return $kind === StepChange::Removed
            ? count($this->removed)
            : count(array_filter($this->new, static fn (StepChange $change): bool => $change === $kind));
    }

    public function isNone(): bool
    {
        return $this->removed === []
            && array_filter($this->new, static fn (StepChange $change): bool => $change !== StepChange::Kept) === [];
    }

    /**
     * For each old step the new one that stands for it: the same exposure, else the hardest that is not harder.
     *
     * @return list<?int> index of the new step; null where every new step is harder
     */
    public function standsFor(DogModel $model): array
    {
        $stands = [];
        foreach ($this->before->steps as $old) {
            $stands[] = $this->standIn($old, $model);
        }

        return $stands;
    }

    private function standIn(Step $old, DogModel $model): ?int
    {
        $best = null;
        $most = -INF;
        foreach ($this->after->steps as $i => $step) {
            if ($step->exposure->equals($old->exposure)) {
                return $i;
            }
            $load = $model->load($step->exposure);
            if ($load <= $model->load($old->exposure) + LoadScale::SAME_LOGITS && $load >= $most) {
                [$best, $most] = [$i, $load];
            }
        }

        return $best;
    }
}
