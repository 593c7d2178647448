<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\RuleBook;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Decision\Tested;
use Core\Decision\Told;
use Core\Decision\WarmUp;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Ladder\Ladder;
use Core\Response\ModelBuilder;
use Core\Response\Parameters;
use Core\Response\SessionEvidence;
use Core\Sign\SignCatalog;

/** The product's own advice, followed to the letter. */
final class EnginePolicy implements Policy
{
    private SessionLog $log;

    private History $history;

    private ?Advice $advice = null;

    private ?Tested $tested = null;

    private ?Parameters $mode = null;

    private ?float $daySd = null;

    /** @var list<SessionEvidence> */
    private array $evidence = [];

    /** @var list<SessionSummary> */
    private array $summaries = [];

    private ?\DateTimeImmutable $lastAt = null;

    private bool $hasArrived = false;

    public function __construct(
        private readonly ModelBuilder $builder,
        private readonly SignCatalog $signs,
        private readonly LoadScale $scale,
        private readonly Ladder $ladder,
        private readonly RuleSettings $settings,
        private readonly Told $told,
    ) {
        $this->log = new SessionLog(new \DateTimeImmutable('@0'), null, []);
        $this->history = new History;
    }

    public function tested(array $tests, \DateTimeImmutable $at): void
    {
        $credit = new Credit($this->ladder, $this->scale->catalog);
        $this->evidence[] = SessionEvidence::ofTrials($at, array_map(static fn (array $test): array => [
            'exposure' => $test['exposure'], 'band' => $test['response']->band, 'afterReaction' => false,
        ], $tests));
        $this->tested = Tested::of(array_map(static fn (array $test): array => [
            'level' => $credit->of($test['exposure']), 'passed' => $test['response']->band->isBelowThreshold(),
        ], $tests));
    }

    public function begin(\DateTimeImmutable $at): ?Exposure
    {
        $this->close();
        $days = $this->lastAt === null ? null : ($at->getTimestamp() - $this->lastAt->getTimestamp()) / 86400.0;
        $this->history = History::ofSessions($this->summaries, $days, null, tested: $this->summaries === [] ? $this->tested : null);
        $this->daySd = $this->builder->daySpread($this->scale, true, $this->told->fineAt, $this->evidence);
        $this->log = new SessionLog($at, $at, []);
        $this->advice = (new WarmUp)->suggest($this->situation($at));

        return $this->advice->next?->exposure;
    }

    public function after(Exposure $shown, SimulatedResponse $response, \DateTimeImmutable $at): ?Exposure
    {
        $advice = $this->advice;
        if ($advice === null || $advice->next === null) {
            return null;
        }
        $setStartedAt = $advice->action === Action::Break ? $at : $this->log->setStartedAt;
        $this->log = new SessionLog($this->log->startedAt, $setStartedAt, [...$this->log->trials, new LoggedTrial(
            $advice->next, $advice->action, $shown, $response->outcome, $response->band, $response->signs, $response->food, true,
            $response->latency, false, false, $at, $advice->risk,
        )]);
        $this->advice = RuleBook::standard()->decide($this->situation($at));
        $this->hasArrived = $this->hasArrived
            || array_filter($this->advice->reasons, static fn (Reason $reason): bool => $reason->code === ReasonCode::Goal) !== [];

        return $this->advice->next?->exposure;
    }

    public function hasArrived(): bool
    {
        return $this->hasArrived;
    }

    private function situation(\DateTimeImmutable $at): Situation
    {
        $model = $this->builder->build(
            $this->scale, true, $this->told->fineAt, $this->evidence, $this->log->evidence(), $this->mode, $this->daySd,
        );
        $this->mode = $model === null ? null : new Parameters($model->fit->mode->theta, [], $model->fit->mode->cuts);

        return new Situation(
            $this->scale->catalog, $this->signs, $this->ladder, $this->settings, $this->history, $this->log, $model, $at, $this->told,
        );
    }

    private function close(): void
    {
        if ($this->log->trials !== []) {
            $this->evidence[] = $this->log->evidence();
            $this->summaries[] = SessionSummary::of((new Credit($this->ladder, $this->scale->catalog))->log($this->log), $this->ladder);
            $this->lastAt = $this->log->startedAt;
        }
    }
}
