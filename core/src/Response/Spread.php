<?php

declare(strict_types=1);

namespace Core\Response;

/** How much of a dog's answers is the day's and the weeks': standard deviations, in logits. */
final readonly class Spread
{
    /**
     * @param  float  $days  of one day about the level of its session
     * @param  float  $walk  of the level from one session to the next; 0 for a level that stays
     */
    public function __construct(public float $days, public float $walk = 0.0)
    {
    }

    /** @return array{daySd: float, walkSd: float} */
    public function toArray(): array
    {
        return ['daySd' => $this->days, 'walkSd' => $this->walk];
    }

    /** @param  array<mixed>  $kept  as toArray() gave it; null for anything else */
    public static function fromArray(array $kept): ?self
    {
        $number = static fn (string $field): ?float => is_numeric($kept[$field] ?? null) ? (float) $kept[$field] : null;
        $days = $number('daySd');
        $walk = $number('walkSd');

        return $days === null || $walk === null ? null : new self($days, $walk);
    }
}
