<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\CarryOver;
use Core\Decision\History;
use Core\Decision\RestReason;
use Core\Decision\SessionLog;
use Core\Decision\SituationAssembly;
use Core\Decision\Told;
use Core\Decision\WorkingPlan;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Distance;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;

/**
 * Reads intake, plan, settings, earlier sessions and today's into what a decision looks at. Formats: docs/formats.md. What comes before
 * today is kept until a document brings another one: of a long history only today's trials are read anew.
 */
final class SituationDocument
{
    private ?EarlierRead $earlier = null;

    public function __construct(private readonly Catalogs $catalogs)
    {
    }

    public function read(Document $document): SituationRead
    {
        $earlier = $this->earlier($document);
        $working = $earlier->working;
        $today = $earlier->sessions->log($document->at('today'));
        $scale = $document->at('plan')->build(static fn (): LoadScale => $working->scale([...$earlier->evidence, $today->evidence()]));
        $builder = new ModelBuilder($this->catalogs->priors);
        $history = History::ofSessions(
            $earlier->summaries,
            $earlier->lastAt === null ? null : max(0.0, ($today->startedAt->getTimestamp() - $earlier->lastAt->getTimestamp()) / 86400.0),
            RestReason::tryFrom($document->at('resting')->text()),
            CarryOver::of($earlier->events, $today->startedAt),
            $document->at('newPlace')->flag(),
        );
        $now = $document->has('now') ? $document->at('now')->time() : ($today->last()->at ?? $today->startedAt);
        $situation = (new SituationAssembly($builder, $this->catalogs->signs))->situation(
            $working, $history, $today, $earlier->evidence, $now, null, $earlier->spread($scale, $builder),
        );

        return new SituationRead($situation, $earlier->plan, $working, $builder, $scale, $earlier->evidence);
    }

    private function earlier(Document $document): EarlierRead
    {
        $print = hash('xxh128', serialize(array_diff_key($document->raw(), ['today' => 0, 'now' => 0])));
        if ($this->earlier?->print === $print) {
            return $this->earlier;
        }
        $plan = new PlanDocument($document, $this->catalogs);
        $events = array_map(
            static fn (Document $event): array => ['severity' => $event->at('severity')->number(), 'at' => $event->at('at')->time()],
            $document->at('events')->items(),
        );
        $sessions = new SessionDocument($plan, $events);
        $logs = array_map($sessions->log(...), $document->at('sessions')->items());
        usort($logs, static fn (SessionLog $a, SessionLog $b): int => $a->startedAt <=> $b->startedAt);

        $working = $this->working($document, $plan);

        return $this->earlier = new EarlierRead(
            $print, $plan, $working, $sessions, $events,
            array_map(static fn (SessionLog $log): SessionEvidence => $log->evidence(), $logs),
            array_map($working->summary(...), $logs),
            $logs === [] ? null : $logs[count($logs) - 1]->startedAt,
        );
    }

    private function working(Document $document, PlanDocument $plan): WorkingPlan
    {
        $intake = $document->at('intake');
        $reference = $intake->at('reactionMeters')->build(
            fn (Document $meters): Distance => Distance::fromMeters($meters->number($this->catalogs->priors->assumedReferenceMeters)),
        );

        $fineAt = $this->fineAt($intake, $plan);

        return new WorkingPlan(
            $plan->ladder, $plan->settings, $reference, $intake->has('reactionMeters') || $intake->has('reactsTo'), $fineAt,
            $plan->dimensions, $intake->has('reactsTo') ? $plan->exposure($intake->at('reactsTo')) : null,
            new Told(
                $intake->has('reactionMeters') ? $reference : null, $fineAt, $intake->at('hasBitten')->flag(),
                $intake->at('hidesSigns')->flag(),
            ),
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
