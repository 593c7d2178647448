<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Retreat;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Decision\Work;
use Core\Measure\Median;
use Core\Sign\FoodTaken;

/**
 * Food taken hard twice running, or turning to the marker twice as slowly as today so far, however calm the rest looks: away, a short
 * break, the same place; and easier if that did not help. Common practice.
 */
final readonly class BreakWhenTipping implements Rule
{
    private const RUNNING = 2;

    private const TIMES_SLOWER = 2.0;

    /** Timed turns that a median needs. */
    private const TURNS = 5;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work !== Work::Exposure || ! $last->isCalm()) {
            return null;
        }
        $isHard = static fn (LoggedTrial $trial): bool => $trial->food === FoodTaken::Hard && ! $trial->handlerError;

        return $this->breakAt($situation, $last, $isHard, [Reason::of(ReasonCode::FoodHard), Reason::of(ReasonCode::FoodFirst)])
            ?? $this->breakAt($situation, $last, self::slower($situation), [Reason::of(ReasonCode::TurnsSlower)]);
    }

    /**
     * @param  callable(LoggedTrial): bool  $isTipping
     * @param  non-empty-list<Reason>  $why
     */
    private function breakAt(Situation $situation, LoggedTrial $last, callable $isTipping, array $why): ?Advice
    {
        if ($last->under === Action::Break && $isTipping($last)) {
            return (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::StillTipping)]);
        }

        return $situation->log->runOf($isTipping) < self::RUNNING ? null : $situation->advise(Action::Break, $last->level, $why);
    }

    /**
     * Against what was usual before the latest two; a quick pick stands for the middle of what it says, and counts only where it is slow at
     * all.
     *
     * @return callable(LoggedTrial): bool
     */
    private static function slower(Situation $situation): callable
    {
        $before = [];
        foreach (array_slice($situation->log->trials, 0, -self::RUNNING) as $trial) {
            $before[] = $trial->latency?->seconds();
        }
        $before = array_values(array_filter($before, is_float(...)));
        $limit = count($before) < self::TURNS ? INF : self::TIMES_SLOWER * Median::of($before);

        return static fn (LoggedTrial $trial): bool => $trial->isCalm() && ! $trial->handlerError && ! $trial->interrupted
            && $trial->latency?->asSign() !== null && ($trial->latency->seconds() ?? 0.0) >= $limit;
    }
}
