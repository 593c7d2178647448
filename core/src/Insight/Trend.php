<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Response\SessionEvidence;

/**
 * How a dog's limit moved over its sessions, on a typical day.
 *
 * Three ways of looking back are tried: earlier sessions fade (as the advice does), they all count alike, or a steady line
 * runs through them. Each foretells every session from those before it; the one that did best on the last sessions draws
 * the picture.
 */
final readonly class Trend
{
    /** Newest sessions that are foretold and drawn. */
    private const DRAWN = 60;

    /** Sessions that each of them is foretold from, and drawn with: older ones say little of it and would make every visit slower. */
    private const WINDOW = 20;

    /** Sessions that a trend looks at in all. */
    public const MAX_SESSIONS = self::DRAWN + self::WINDOW;

    /**
     * @param  array<string, ?float>  $scores  by way: mean log probability that was given to what came, per trial; null where no session
     *    could be foretold
     * @param  list<TrendPoint>  $points  one for each session, oldest first
     * @param  array<string, TrendPart>  $steps  by fingerprint, to be kept for the next time
     */
    private function __construct(public TrendMethod $method, public array $scores, public array $points, public array $steps)
    {
    }

    /**
     * @param  list<SessionEvidence>  $sessions  finished ones, in any order
     * @param  array<string, TrendPart>  $kept  steps of an earlier trend: those whose sessions have not changed are not worked out again
     */
    public static function of(LookingBack $back, array $sessions, array $kept = []): self
    {
        usort($sessions, static fn (SessionEvidence $a, SessionEvidence $b): int => $a->startedAt <=> $b->startedAt);
        $first = max(0, count($sessions) - self::DRAWN);
        $steps = $found = [];
        $way = $back->fingerprint();
        $prints = array_map($back->fingerprintOf(...), $sessions);
        for ($i = $first; $i < count($sessions); $i++) {
            $from = max(0, $i - self::WINDOW);
            $fingerprint = hash('xxh128', $way.implode('', array_slice($prints, $from, $i - $from + 1)));
            $found[$fingerprint] = $steps[$i] = $kept[$fingerprint]
                ?? $back->step([...array_slice($sessions, $from, $i - $from), $sessions[$i]]);
        }
        $scores = [];
        $best = TrendMethod::Fading;
        foreach (TrendMethod::cases() as $method) {
            $scores[$method->value] = self::score($steps, $method);
            $best = ($scores[$method->value] ?? -INF) > ($scores[$best->value] ?? -INF) ? $method : $best;
        }
        $drawn = array_slice($sessions, $first);
        $line = $best === TrendMethod::Line && $drawn !== [] ? $back->alongLine($drawn) : [];
        $points = [];
        foreach ($drawn as $n => $session) {
            $limit = $best === TrendMethod::Line ? $line[$n] ?? null : $steps[$first + $n]->limits[$best->value] ?? null;
            if ($limit !== null) {
                $points[] = new TrendPoint($session->startedAt, $limit);
            }
        }

        return new self($best, $scores, $points, $found);
    }

    /** @param  array<int, TrendPart>  $steps */
    private static function score(array $steps, TrendMethod $method): ?float
    {
        $foretold = array_column(array_map(static fn (TrendPart $step): array => $step->foretold, $steps), $method->value);
        $trials = array_sum(array_column($foretold, 'trials'));

        return $trials === 0 ? null : array_sum(array_column($foretold, 'log')) / $trials;
    }
}
