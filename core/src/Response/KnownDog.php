<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;

/** All that a practice has seen of one dog with one trigger. */
final readonly class KnownDog
{
    /**
     * @param  bool  $isStated  whether the scale's reference distance was stated at intake
     * @param  ?Exposure  $fineAt  from intake
     * @param  list<SessionEvidence>  $sessions  finished ones, in any order
     */
    public function __construct(public LoadScale $scale, public bool $isStated, public ?Exposure $fineAt, public array $sessions)
    {
    }

    /** When the newest of them began. */
    public function lastAt(): \DateTimeImmutable
    {
        return array_reduce(
            $this->sessions,
            static fn (\DateTimeImmutable $last, SessionEvidence $session): \DateTimeImmutable => max($last, $session->startedAt),
            new \DateTimeImmutable('@0'),
        );
    }

    public function trials(): int
    {
        return array_sum(array_map(static fn (SessionEvidence $session): int => $session->trials(), $this->sessions));
    }
}
