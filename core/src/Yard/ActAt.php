<?php

declare(strict_types=1);

namespace Core\Yard;

/** An act, in milliseconds from the start of the run. */
final readonly class ActAt
{
    public function __construct(public Act $act, public int $at)
    {
    }

    /**
     * @param  list<self>  $acts
     * @return array<int, non-empty-list<Act>> by the number of the frame that first shows what came of them
     */
    public static function byFrame(array $acts): array
    {
        $byFrame = [];
        foreach ($acts as $act) {
            $byFrame[(int) ceil($act->at / YardRun::TICK)][] = $act->act;
        }

        return $byFrame;
    }
}
