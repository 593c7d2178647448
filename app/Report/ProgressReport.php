<?php

declare(strict_types=1);

namespace App\Report;

use App\Engine\LimitReader;
use App\Engine\TrendReader;
use App\Session\Traits;
use App\View\BandCounts;
use Core\Exposure\PlanKind;
use Core\Insight\WorksWith;
use Core\Response\ThresholdDistance;

/** Plan by plan: the goal, where it was, where it is, its sessions, with whom it works, what comes next. */
final readonly class ProgressReport implements Composer
{
    public function __construct(private TrendReader $trends)
    {
    }

    public function sections(DogRecord $record, array $parts): array
    {
        return array_map(fn (PlanRecord $plan): Section => $this->section($record, $plan, $parts), $record->plans);
    }

    /** @param  list<string>  $parts */
    private function section(DogRecord $record, PlanRecord $plan, array $parts): Section
    {
        $has = static fn (string $part): bool => in_array($part, $parts, true);
        $next = $plan->next();
        $whom = $has('whom') ? self::whom($plan) : [];
        $trend = $has('way') && $plan->plan->responseModel->kind === PlanKind::Presence
            ? $this->trends->of($plan->plan, $plan->situation)[0]
            : null;

        return new Section(
            $plan->plan->name,
            lines: $plan->plan->resting_reason === null ? [] : [say('reports.progress.rests')],
            facts: [
                ...($has('goal') ? [[say('reports.progress.goal'), $plan->goal()]] : []),
                ...($has('way') ? self::way($record, $plan) : []),
                ...($has('sessions') ? [[say('reports.progress.sessions'), self::sessions($plan)]] : []),
                ...($has('next') && $next !== null ? [[say('reports.progress.next'), $next]] : []),
            ],
            head: $whom === [] ? [] : [say('reports.progress.whom'), say('reports.progress.calm'), say('reports.progress.at')],
            rows: $whom,
            drawings: array_values(array_filter([
                $trend === null ? null : Drawing::trend($trend),
                $has('sessions') ? Drawing::bands($plan->bands()) : null,
            ])),
        );
    }

    /** "12 m on a usual day (at least 9 m, likely no more than 18 m)"; null where a plan has none yet. */
    private static function workingDistance(PlanRecord $plan): ?string
    {
        $limit = $plan->plan->responseModel->kind === PlanKind::Presence ? LimitReader::of($plan->situation) : null;

        return $limit?->point === null ? null : self::distance($limit);
    }

    private static function distance(ThresholdDistance $limit): string
    {
        return say('reports.distance', [
            'distance' => words()->formats->distanceOrNull($limit->point), 'nearest' => words()->formats->distance($limit->nearest),
            'farthest' => words()->formats->distanceOrNull($limit->farthest), 'isOpen' => $limit->farthest === null,
        ]);
    }

    /** @return list<array{0: string, 1: string}> */
    private static function way(DogRecord $record, PlanRecord $plan): array
    {
        $history = $plan->situation->history;
        $after = $history->solidAfter;
        $steps = $plan->situation->ladder->top() + 1;
        $first = $plan->sessions[0]['at'] ?? null;
        $solid = $plan->solid();
        $distance = self::workingDistance($plan);

        return [
            ...($first === null || $after === [] ? [] : [[say('reports.progress.was'), say('reports.progress.was_at', [
                'day' => words()->formats->date($first), // history may remember more sessions than this looks back on
                'solid' => $after[max(0, count($after) - count($plan->sessions))] + 1, 'steps' => $steps,
            ])]]),
            [say('reports.progress.is'), $solid === null ? say('reports.progress.none_solid') : say('reports.progress.is_at', [
                'solid' => $history->solidStep + 1, 'steps' => $steps, 'step' => $solid,
            ])],
            ...($distance === null ? [] : [[say('reports.progress.working_distance'), $distance]]),
        ];
    }

    private static function sessions(PlanRecord $plan): string
    {
        $bands = array_merge(...array_column($plan->bands(), 'bands'));
        $last = $plan->lastAt();

        return $last === null ? say('reports.progress.no_sessions') : say('reports.progress.sessions_of', [
            'count' => count($plan->sessions), 'first' => words()->formats->date($plan->sessions[0]['at']),
            'last' => words()->formats->date($last), 'trials' => count($bands), 'bands' => BandCounts::inWords($bands),
        ]);
    }

    /** @return list<list<string>> the hardest first */
    private static function whom(PlanRecord $plan): array
    {
        $trials = [];
        foreach ($plan->sessions as $session) {
            foreach ($session['trials'] as ['trial' => $trial, 'traits' => $traits]) {
                if ($trial->countsForRun()) {
                    $trials[] = ['traits' => $traits, 'isCalm' => $trial->isCalm(), 'distance' => $trial->exposure->distance()?->meters];
                }
            }
        }
        $told = array_filter(WorksWith::of($trials), static fn (WorksWith $one): bool => $one->trait !== '');

        return array_values(array_map(static fn (WorksWith $one): array => [
            words()->capital(Traits::label($one->trait)),
            say('reports.progress.calm_of', ['calm' => $one->calm->successes, 'trials' => $one->calm->trials]),
            $one->distance === null ? '' : words()->formats->meters($one->distance),
        ], $told));
    }
}
