<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\Action;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\Risk;
use Core\Response\RiskLimits;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;

/** Reads intake, plan, settings, earlier sessions and today's into what a decision looks at. Formats: docs/formats.md. */
final readonly class SituationDocument
{
    public function __construct(private Catalogs $catalogs)
    {
    }

    public function situation(Document $document): Situation
    {
        $ladder = $document->at('plan')->build(fn (Document $plan): Ladder => $this->ladder($plan));
        $today = $this->log($document->at('today'), $ladder);
        $now = $document->has('now') ? $document->at('now')->time() : ($today->last()->at ?? $today->startedAt);
        $logs = array_map(fn (Document $session): SessionLog => $this->log($session, $ladder), $document->at('sessions')->items());
        usort($logs, static fn (SessionLog $a, SessionLog $b): int => $a->startedAt <=> $b->startedAt);
        $last = $logs[count($logs) - 1] ?? null;

        return new Situation(
            $this->catalogs->dimensions,
            $this->catalogs->signs,
            $ladder,
            $document->at('settings')->build(fn (Document $settings): RuleSettings => $this->settings($settings, $document->at('plan'))),
            History::ofSessions(
                array_map(static fn (SessionLog $log): SessionSummary => SessionSummary::of($log, $ladder), $logs),
                $last === null ? null : max(0.0, ($today->startedAt->getTimestamp() - $last->startedAt->getTimestamp()) / 86400.0),
                $document->has('locked') ? $document->at('locked')->text() : null,
            ),
            $today,
            $this->model($document, $ladder, $logs, $today),
            $now,
        );
    }

    public function exposure(Document $exposure): Exposure
    {
        return $exposure->build(function (Document $values): Exposure {
            $read = Exposure::of($values->map(), $this->catalogs->dimensions);
            $read->distance(); // a distance that cannot be is told here, not later

            return $read;
        });
    }

    private function ladder(Document $plan): Ladder
    {
        $steps = [];
        foreach ($plan->at('steps')->items() as $step) {
            $steps[] = new Step($this->exposure($step->at('exposure')), Criterion::run($step->at('run')->integer(5), $step->at('newBehavior')->flag()));
        }

        return Ladder::of($steps);
    }

    private function settings(Document $settings, Document $plan): RuleSettings
    {
        $usual = RiskLimits::usual();

        return RuleSettings::of(
            RiskLimits::of($settings->at('strainLimit')->number($usual->strain), $settings->at('reactionLimit')->number($usual->reaction)),
            $settings->at('mostAdvances')->integer(4),
            $settings->at('setMinutes')->integer(4),
            $settings->at('sessionMinutes')->integer(30),
            $settings->at('mostTrials')->integer(60),
            $plan->has('roomMeters') ? Distance::fromMeters($plan->at('roomMeters')->number()) : null,
            DistanceUnit::from($settings->at('unit')->text('m')),
        );
    }

    private function log(Document $session, Ladder $ladder): SessionLog
    {
        $startedAt = $session->at('startedAt')->time();

        return new SessionLog(
            $startedAt,
            $session->has('setStartedAt') ? $session->at('setStartedAt')->time() : $startedAt,
            array_map(fn (Document $trial): LoggedTrial => $this->trial($trial, $ladder, $startedAt), $session->at('trials')->items()),
        );
    }

    private function trial(Document $trial, Ladder $ladder, \DateTimeImmutable $startedAt): LoggedTrial
    {
        $exposure = $this->exposure($trial->at('exposure'));
        $forecast = $trial->at('forecast');

        return new LoggedTrial(
            $trial->has('target') ? $this->target($trial->at('target'), $ladder) : self::nearest($exposure, $ladder),
            Action::tryFrom($trial->at('under')->text()),
            $exposure,
            Outcome::from($trial->at('outcome')->text()),
            Band::from($trial->at('band')->integer()),
            $trial->at('signs')->strings(),
            FoodTaken::from($trial->at('food')->text('gently')),
            $trial->at('foodLeft')->flag(true),
            TurnLatency::tryFrom($trial->at('latency')->text()),
            $trial->at('interrupted')->flag(),
            $trial->at('handlerError')->flag(),
            $trial->has('at') ? $trial->at('at')->time() : $startedAt,
            $trial->has('forecast') ? new Risk($forecast->at('strainMean')->number(), $forecast->at('strainBound')->number(), $forecast->at('reactionMean')->number(), $forecast->at('reactionBound')->number()) : null,
        );
    }

    private function target(Document $target, Ladder $ladder): Level
    {
        $step = $target->at('step')->integer();
        if ($step > $ladder->top()) {
            throw InputProblem::at($target->pointer.'/step', "The ladder has no step {$step}; its last is {$ladder->top()}.");
        }

        return new Level(max(0, $step), $target->has('exposure') ? $this->exposure($target->at('exposure')) : $ladder->step($step)->exposure);
    }

    private static function nearest(Exposure $exposure, Ladder $ladder): Level
    {
        $best = 0;
        $off = INF;
        foreach ($ladder->steps as $i => $step) {
            $here = $step->exposure->distance();
            $there = $exposure->distance();
            $halvings = $here === null || $there === null ? 0.0 : abs($here->halvingsTo($there));
            if ($halvings < $off) {
                [$best, $off] = [$i, $halvings];
            }
        }

        return new Level(max(0, $best), $ladder->step($best)->exposure);
    }

    /** @param  list<SessionLog>  $earlier */
    private function model(Document $document, Ladder $ladder, array $earlier, SessionLog $today): ?DogModel
    {
        $intake = $document->at('intake');
        $keys = [];
        foreach ($ladder->steps as $step) {
            $keys += $step->exposure->values;
        }
        foreach ([...$earlier, $today] as $log) {
            foreach ($log->trials as $trial) {
                $keys += $trial->exposure->values;
            }
        }
        $reference = $intake->at('reactionMeters')->build(
            fn (Document $meters): Distance => Distance::fromMeters($meters->number($this->catalogs->priors->assumedReferenceMeters)),
        );

        return (new ModelBuilder($this->catalogs->priors))->build(
            LoadScale::of($this->catalogs->dimensions, $reference, array_map(strval(...), array_keys($keys))),
            $intake->has('reactionMeters'),
            $intake->has('fineAtMeters') ? $intake->at('fineAtMeters')->build(fn (Document $meters): Exposure => Exposure::of(['distance' => Distance::fromMeters($meters->number())->meters], $this->catalogs->dimensions)) : null,
            array_map(static fn (SessionLog $log): SessionEvidence => $log->evidence(), $earlier),
            $today->evidence(),
        );
    }
}
