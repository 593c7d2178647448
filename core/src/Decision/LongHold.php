<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Ladder\Criterion;

/** What a session did at a step that takes longer than one session holds: it is counted together with the sessions before. */
final readonly class LongHold
{
    /** More than any criterion looks back on. */
    public const MOST = 20;

    /** @param  list<bool>  $successes  oldest first */
    public function __construct(public Level $level, public Criterion $criterion, public array $successes)
    {
    }

    /**
     * How far it has come, with what came before.
     *
     * @param  list<bool>  $earlier  successes at the same level, oldest first
     * @return list<bool>
     */
    public function after(array $earlier): array
    {
        return array_slice([...$earlier, ...$this->successes], -self::MOST);
    }
}
