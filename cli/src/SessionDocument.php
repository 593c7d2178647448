<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\Action;
use Core\Decision\CarryOver;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\SessionLog;
use Core\Exposure\Exposure;
use Core\Response\Risk;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;

/** Sessions and their trials as documents. */
final readonly class SessionDocument
{
    /** @param  list<array{severity: float, at: \DateTimeImmutable}>  $events  that may have upset the dog */
    public function __construct(private PlanDocument $plan, private array $events)
    {
    }

    public function log(Document $session): SessionLog
    {
        $startedAt = $session->at('startedAt')->time();

        return new SessionLog(
            $startedAt,
            $session->has('setStartedAt') ? $session->at('setStartedAt')->time() : $startedAt,
            array_map(fn (Document $trial): LoggedTrial => $this->trial($trial, $startedAt), $session->at('trials')->items()),
            CarryOver::of($this->events, $startedAt)->upset,
        );
    }

    private function trial(Document $trial, \DateTimeImmutable $startedAt): LoggedTrial
    {
        $exposure = $this->plan->exposure($trial->at('exposure'));
        $forecast = $trial->at('forecast');

        return new LoggedTrial(
            $trial->has('target') ? $this->target($trial->at('target')) : $this->nearest($exposure),
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
            $trial->has('forecast') ? $forecast->build(self::risk(...)) : null,
        );
    }

    private static function risk(Document $of): Risk
    {
        $at = static fn (string $field): float => $of->at($field)->number();

        return Risk::fromArray([
            'strainMean' => $at('strainMean'), 'strainBound' => $at('strainBound'), 'reactionMean' => $at('reactionMean'),
            'reactionBound' => $at('reactionBound'),
        ]);
    }

    private function target(Document $target): Level
    {
        $step = $target->at('step')->integer();
        if ($step > $this->plan->ladder->top()) {
            throw InputProblem::at($target->pointer.'/step', "The ladder has no step {$step}; its last is {$this->plan->ladder->top()}.");
        }

        return new Level(
            max(0, $step),
            $target->has('exposure') ? $this->plan->exposure($target->at('exposure')) : $this->plan->ladder->step($step)->exposure,
        );
    }

    private function nearest(Exposure $exposure): Level
    {
        $best = 0;
        $off = INF;
        foreach ($this->plan->ladder->steps as $i => $step) {
            $here = $step->exposure->distance();
            $there = $exposure->distance();
            $halvings = $here === null || $there === null ? 0.0 : abs($here->halvingsTo($there));
            if ($halvings < $off) {
                [$best, $off] = [$i, $halvings];
            }
        }

        return Level::ofStep($this->plan->ladder, $best);
    }
}
