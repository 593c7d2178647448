<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\CarryOver;
use Core\Decision\History;
use Core\Decision\RestReason;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\SituationAssembly;
use Core\Decision\WorkingPlan;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Distance;
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
        $events = array_map(
            static fn (Document $event): array => ['severity' => $event->at('severity')->number(), 'at' => $event->at('at')->time()],
            $document->at('events')->items(),
        );
        $sessions = new SessionDocument($plan, $events);
        $today = $sessions->log($document->at('today'));
        $logs = array_map($sessions->log(...), $document->at('sessions')->items());
        usort($logs, static fn (SessionLog $a, SessionLog $b): int => $a->startedAt <=> $b->startedAt);
        $last = $logs[count($logs) - 1] ?? null;
        $evidence = array_map(static fn (SessionLog $log): SessionEvidence => $log->evidence(), $logs);
        $working = $this->working($document, $plan);
        $scale = $document->at('plan')->build(static fn (): LoadScale => $working->scale([...$evidence, $today->evidence()]));
        $builder = new ModelBuilder($this->catalogs->priors);
        $history = History::ofSessions(
            array_map(static fn (SessionLog $log): SessionSummary => SessionSummary::of($log, $plan->ladder), $logs),
            $last === null ? null : max(0.0, ($today->startedAt->getTimestamp() - $last->startedAt->getTimestamp()) / 86400.0),
            RestReason::tryFrom($document->at('resting')->text()),
            CarryOver::of($events, $today->startedAt),
            $document->at('newPlace')->flag(),
        );
        $now = $document->has('now') ? $document->at('now')->time() : ($today->last()->at ?? $today->startedAt);
        $situation = (new SituationAssembly($builder, $this->catalogs->signs))->situation($working, $history, $today, $evidence, $now);

        return new SituationRead($situation, $plan, $working, $builder, $scale, $evidence);
    }

    private function working(Document $document, PlanDocument $plan): WorkingPlan
    {
        $intake = $document->at('intake');
        $reference = $intake->at('reactionMeters')->build(
            fn (Document $meters): Distance => Distance::fromMeters($meters->number($this->catalogs->priors->assumedReferenceMeters)),
        );

        return new WorkingPlan(
            $plan->ladder, $plan->settings, $reference, $intake->has('reactionMeters') || $intake->has('reactsTo'),
            $this->fineAt($intake, $plan), $plan->dimensions,
            $intake->has('reactsTo') ? $plan->exposure($intake->at('reactsTo')) : null,
        );
    }

    private function fineAt(Document $intake, PlanDocument $plan): ?Exposure
    {
        if ($intake->has('fineAt')) {
            return $plan->exposure($intake->at('fineAt'));
        }

        return $intake->has('fineAtMeters')
            ? $intake->at('fineAtMeters')->build(static fn (Document $meters): Exposure => Exposure::of(
                ['distance' => Distance::fromMeters($meters->number())->meters], $plan->dimensions,
            ))
            : null;
    }
}
