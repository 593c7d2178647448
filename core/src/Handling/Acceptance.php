<?php

declare(strict_types=1);

namespace Core\Handling;

use Core\Coverage\TrialInContext;
use Core\Sign\Band;

/**
 * What a dog accepts at one part of its body. A way of touching is accepted where at least three trials show it, of the
 * latest five at most one was not a success, and none of those took strain or worse. Common practice, and the product's own
 * cut points.
 */
final readonly class Acceptance
{
    private const MIN = 3;

    private const LATEST = 5;

    /**
     * @param  ?string  $accepted  the hardest way of touching that is accepted; null for none
     * @param  ?string  $refused  the easiest way that lately took strain; null for none
     * @param  array<string, int>  $trials  by way of touching
     */
    private function __construct(
        public ?string $accepted, public ?string $refused, public array $trials, public ?\DateTimeImmutable $lastSeen,
    ) {
    }

    /**
     * @param  list<TrialInContext>  $trials  newest first
     * @param  list<string>  $ways  of touching, easiest first
     */
    public static function of(array $trials, array $ways): self
    {
        $accepted = $refused = null;
        $counts = [];
        foreach ($ways as $way) {
            $here = array_values(array_filter(
                $trials, static fn (TrialInContext $trial): bool => ($trial->factors['contact'] ?? null) === $way,
            ));
            $counts[$way] = count($here);
            $latest = array_slice($here, 0, self::LATEST);
            $strained = array_filter($latest, static fn (TrialInContext $trial): bool => $trial->band->atLeast(Band::Strain));
            $missed = array_filter($latest, static fn (TrialInContext $trial): bool => ! $trial->isSuccess);
            $accepted = count($latest) >= self::MIN && $strained === [] && count($missed) <= 1 ? $way : $accepted;
            $refused ??= $strained === [] ? null : $way;
        }

        return new self($accepted, $refused, $counts, $trials[0]->at ?? null);
    }

    public function isSeen(): bool
    {
        return $this->lastSeen !== null;
    }
}
