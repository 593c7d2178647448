<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\Fading;
use Core\Response\ModelBuilder;
use Core\Response\RiskLimits;
use Core\Response\SessionEvidence;
use Core\Response\ThresholdSearch;
use Core\Sign\Band;

/**
 * How a dog's limit moved over its sessions, on a typical day.
 *
 * Three ways of looking back are tried: earlier sessions fade (as the advice does), they all count alike, or a steady line
 * runs through them. Each foretells every session from those before it; the one that did best on the last sessions draws
 * the picture.
 */
final readonly class Trend
{
    /** Sessions before the first that is foretold. */
    private const FIRST_FORETOLD = 3;

    /** Newest sessions that are foretold and drawn. */
    private const MOST_SESSIONS = 60;

    /**
     * @param  array<string, ?float>  $scores  by way: mean log probability that was given to what came, per trial; null where no session could be foretold
     * @param  list<TrendPoint>  $points  one for each session, oldest first
     */
    private function __construct(public TrendMethod $method, public array $scores, public array $points)
    {
    }

    /**
     * @param  list<SessionEvidence>  $sessions  finished ones, in any order
     * @param  Exposure  $exposure  all but the dimension whose limit is told
     * @param  string  $key  of a measured dimension in play
     */
    public static function of(ModelBuilder $builder, LoadScale $scale, bool $referenceStated, ?Exposure $fineAt, array $sessions, Exposure $exposure, string $key, RiskLimits $limits): self
    {
        $sessions = array_values(array_filter($sessions, static fn (SessionEvidence $session): bool => $session->rows !== []));
        usort($sessions, static fn (SessionEvidence $a, SessionEvidence $b): int => $a->startedAt <=> $b->startedAt);
        $first = max(0, count($sessions) - self::MOST_SESSIONS);
        $build = static fn (TrendMethod $method, int $known, \DateTimeImmutable $at): ?DogModel => match ($method) {
            TrendMethod::Fading => $builder->build($scale, $referenceStated, $fineAt, array_slice($sessions, 0, $known), new SessionEvidence($at, [])),
            TrendMethod::Even => $builder->withFading(Fading::none())->build($scale, $referenceStated, $fineAt, array_slice($sessions, 0, $known), new SessionEvidence($at, [])),
            TrendMethod::Line => $builder->alongTime($scale, $referenceStated, $fineAt, array_slice($sessions, 0, $known), $at),
        };

        $scores = [];
        foreach (TrendMethod::cases() as $method) {
            $scores[$method->value] = self::score($sessions, max($first, self::FIRST_FORETOLD), static fn (int $known): ?DogModel => $build($method, $known, $sessions[$known]->startedAt));
        }
        $best = TrendMethod::Fading;
        foreach (TrendMethod::cases() as $method) {
            $best = ($scores[$method->value] ?? -INF) > ($scores[$best->value] ?? -INF) ? $method : $best;
        }

        $search = new ThresholdSearch($limits);
        $points = [];
        for ($i = $first; $i < count($sessions); $i++) {
            // a line is drawn through all sessions; the other ways know only what had come by then
            $model = $build($best, $best === TrendMethod::Line ? count($sessions) : $i + 1, $sessions[$i]->startedAt);
            if ($model !== null) {
                $points[] = new TrendPoint($sessions[$i]->startedAt, $search->along($model, $exposure, $key, Day::Typical));
            }
        }

        return new self($best, $scores, $points);
    }

    /**
     * Mean log probability per trial of each session's bands, foretold from the sessions before it.
     *
     * @param  list<SessionEvidence>  $sessions
     * @param  callable(int): ?DogModel  $model  of so many first sessions
     */
    private static function score(array $sessions, int $from, callable $model): ?float
    {
        $log = 0.0;
        $trials = 0;
        for ($i = $from; $i < count($sessions); $i++) {
            $foretold = $model($i);
            if ($foretold === null) {
                continue;
            }
            foreach ($sessions[$i]->rows as $row) {
                foreach ($row->counts as $band => $count) {
                    $log += $count === 0 ? 0.0 : $count * log(max(1e-9, self::chance($foretold, $row->exposure, Band::from($band))));
                }
                $trials += $row->trials();
            }
        }

        return $trials === 0 ? null : $log / $trials;
    }

    private static function chance(DogModel $model, Exposure $exposure, Band $band): float
    {
        $atLeast = static fn (int $k): float => match (true) {
            $k === 0 => 1.0,
            $k > 4 => 0.0,
            default => $model->chanceOf($exposure, Band::from($k), Day::Today),
        };

        return $atLeast($band->value) - $atLeast($band->value + 1);
    }
}
