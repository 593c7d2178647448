<?php

declare(strict_types=1);

namespace Core\Method;

use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Ladder\DogPosture;
use Core\Ladder\FoodTiming;

/** A way of working with a dog, in plain words. Reward-based ones only. */
final readonly class Method
{
    /**
     * @param  non-empty-list<PlanKind>  $kinds  of plan that it suits
     * @param  list<Skill>  $prerequisites  that must hold before exposure work
     * @param  Criterion  $criterion  taken where a step has none of its own
     * @param  non-empty-list<string>  $signs  codes of those that tell most in this way of working: nearest the thumb
     */
    public function __construct(
        public string $key,
        public array $kinds,
        public array $prerequisites,
        public Criterion $criterion,
        public FoodTiming $food,
        public DogPosture $posture,
        public array $signs,
    ) {
    }

    public function suits(PlanKind $kind): bool
    {
        return in_array($kind, $this->kinds, true);
    }
}
