<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\CarryOver;
use Core\Decision\History;
use Core\Decision\RestReason;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Distance;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;

/** Reads intake, plan, settings, earlier sessions and today's into what a decision looks at. Formats: docs/formats.md. */
final readonly class SituationDocument
{
    public function __construct(private Catalogs $catalogs)
    {
    }

    public function read(Document $document): SituationRead
    {
        $plan = new PlanDocument($document, $this->catalogs);
        $events = array_map(static fn (Document $event): array => ['severity' => $event->at('severity')->number(), 'at' => $event->at('at')->time()], $document->at('events')->items());
        $sessions = new SessionDocument($plan, $events);
        $today = $sessions->log($document->at('today'));
        $logs = array_map($sessions->log(...), $document->at('sessions')->items());
        usort($logs, static fn (SessionLog $a, SessionLog $b): int => $a->startedAt <=> $b->startedAt);
        $last = $logs[count($logs) - 1] ?? null;
        $scale = $this->scale($document, $plan, [...$logs, $today]);
        $fineAt = $this->fineAt($document->at('intake'), $plan);
        $isStated = $document->at('intake')->has('reactionMeters') || $document->at('intake')->has('reactsTo');
        $builder = new ModelBuilder($this->catalogs->priors);
        $evidence = array_map(static fn (SessionLog $log): SessionEvidence => $log->evidence(), $logs);
        $build = static fn (ModelBuilder $with): ?DogModel => $with->build($scale, $isStated, $fineAt, $evidence, $today->evidence());

        return new SituationRead(
            new Situation(
                $plan->dimensions,
                $this->catalogs->signs,
                $plan->ladder,
                $plan->settings,
                History::ofSessions(
                    array_map(static fn (SessionLog $log): SessionSummary => SessionSummary::of($log, $plan->ladder), $logs),
                    $last === null ? null : max(0.0, ($today->startedAt->getTimestamp() - $last->startedAt->getTimestamp()) / 86400.0),
                    RestReason::tryFrom($document->at('resting')->text()),
                    CarryOver::of($events, $today->startedAt),
                    $document->at('newPlace')->flag(),
                ),
                $today,
                $build($builder),
                $document->has('now') ? $document->at('now')->time() : ($today->last()->at ?? $today->startedAt),
            ),
            $plan, $builder, $scale, $isStated, $fineAt, $evidence, $build,
        );
    }

    /** @param  list<SessionLog>  $logs */
    private function scale(Document $document, PlanDocument $plan, array $logs): LoadScale
    {
        $keys = [];
        foreach ($plan->ladder->steps as $step) {
            $keys += $step->exposure->values;
        }
        foreach ($logs as $log) {
            foreach ($log->trials as $trial) {
                $keys += $trial->exposure->values;
            }
        }
        $reference = $document->at('intake')->at('reactionMeters')->build(
            fn (Document $meters): Distance => Distance::fromMeters($meters->number($this->catalogs->priors->assumedReferenceMeters)),
        );

        $reactsTo = $document->at('intake')->has('reactsTo') ? $plan->exposure($document->at('intake')->at('reactsTo')) : null;

        return $document->at('plan')->build(static fn (): LoadScale => LoadScale::of($plan->dimensions, $reference, array_map(strval(...), array_keys($keys)), $reactsTo));
    }

    private function fineAt(Document $intake, PlanDocument $plan): ?Exposure
    {
        if ($intake->has('fineAt')) {
            return $plan->exposure($intake->at('fineAt'));
        }

        return $intake->has('fineAtMeters')
            ? $intake->at('fineAtMeters')->build(static fn (Document $meters): Exposure => Exposure::of(['distance' => Distance::fromMeters($meters->number())->meters], $plan->dimensions))
            : null;
    }
}
