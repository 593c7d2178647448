<?php

declare(strict_types=1);

namespace Core\Handling;

use Core\Coverage\TrialInContext;

/** What is accepted where, and from whom, read from trials. */
final readonly class HandlingMap
{
    /**
     * @param  array<string, list<TrialInContext>>  $byArea  newest first
     * @param  list<string>  $ways  of touching, easiest first
     */
    private function __construct(private array $byArea, private array $ways)
    {
    }

    /**
     * @param  list<TrialInContext>  $trials  with the factors area, side, person and contact, as far as stated
     * @param  list<string>  $ways  of touching, easiest first
     */
    public static function of(array $trials, array $ways): self
    {
        usort($trials, static fn (TrialInContext $a, TrialInContext $b): int => $b->at <=> $a->at);
        $byArea = [];
        foreach ($trials as $trial) {
            if (isset($trial->factors['area'])) {
                $byArea[$trial->factors['area']][] = $trial;
            }
        }

        return new self($byArea, $ways);
    }

    /**
     * @param  ?string  $side  left or right; a trial that does not say stands for both. Null for either
     * @param  ?string  $person  null for anybody
     */
    public function at(string $area, ?string $side = null, ?string $person = null): Acceptance
    {
        return Acceptance::of(array_values(array_filter($this->byArea[$area] ?? [],
            static fn (TrialInContext $trial): bool =>
                ($side === null || ! isset($trial->factors['side']) || $trial->factors['side'] === $side)
                && ($person === null || $trial->factors['person'] === $person))), $this->ways);
    }
}
