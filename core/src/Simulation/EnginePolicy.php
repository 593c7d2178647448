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
use Core\Response\Calibration;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\Parameters;
use Core\Response\Risk;
use Core\Response\SessionEvidence;
use Core\Response\Spread;
use Core\Response\ThresholdDistance;
use Core\Response\ThresholdSearch;
use Core\Sign\SignCatalog;

/** The product's own advice, followed to the letter. */
final class EnginePolicy implements Foretells, Policy
{
    private SessionLog $log;

    private History $history;

    private ?Advice $advice = null;

    private ?DogModel $model = null;

    private ?Tested $tested = null;

    private ?Parameters $mode = null;

    private ?Spread $spread = null;

    /** @var list<SessionEvidence> */
    private array $evidence = [];

    /** @var list<SessionSummary> */
    private array $summaries = [];

    private ?\DateTimeImmutable $lastAt = null;

    private Calibration $calibration;

    private bool $hasArrived = false;

    public function __construct(
        private readonly ModelBuilder $builder,
        private readonly SignCatalog $signs,
        private readonly LoadScale $scale,
        private readonly Ladder $ladder,
        private readonly RuleSettings $settings,
        private readonly Told $told,
        private readonly float $stricter = 0.0,
        private readonly ?SimulatedDog $known = null,
    ) {
        $this->log = new SessionLog(new \DateTimeImmutable('@0'), null, []);
        $this->history = new History;
        $this->calibration = new Calibration;
    }

    public function tested(array $tests, \DateTimeImmutable $at): void
    {
        $credit = new Credit($this->ladder, $this->scale->catalog);
        $this->evidence[] = SessionEvidence::ofTrials($at, array_map(static fn (array $test): array => [
            'exposure' => $test['exposure'], 'band' => $test['response']->band, 'afterReaction' => false,
        ], $tests), stricter: $this->stricter);
        $this->tested = Tested::of(array_map(static fn (array $test): array => [
            'level' => $credit->of($test['exposure']), 'passed' => $test['response']->band->isBelowThreshold(),
        ], $tests));
    }

    public function begin(\DateTimeImmutable $at): ?Exposure
    {
        $this->close();
        $this->evidence = $this->known?->shown($this->ladder->step(0)->exposure, $this->settings->room, $at) ?? $this->evidence;
        $days = $this->lastAt === null ? null : ($at->getTimestamp() - $this->lastAt->getTimestamp()) / 86400.0;
        $this->history = History::ofSessions($this->summaries, $days, null, tested: $this->summaries === [] ? $this->tested : null);
        $this->spread = $this->builder->spread($this->scale, true, $this->told->fineAt, $this->evidence);
        $this->log = new SessionLog($at, $at, [], stricter: $this->stricter);
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
        $this->log = $this->log->with([...$this->log->trials, new LoggedTrial(
            $advice->next, $advice->action, $shown, $response->outcome, $response->band, $response->signs, $response->food, true,
            $response->latency, false, false, $at, $advice->risk,
        )], $setStartedAt);
        $this->advice = RuleBook::standard()->decide($this->situation($at));
        $this->hasArrived = $this->hasArrived
            || array_filter($this->advice->reasons, static fn (Reason $reason): bool => $reason->code === ReasonCode::Goal) !== [];

        return $this->advice->next?->exposure;
    }

    public function limit(): ?ThresholdDistance
    {
        $exposure = $this->advice?->next?->exposure;

        return $this->model === null || $exposure === null
            ? null
            : (new ThresholdSearch($this->settings->caps))->distance($this->model, $exposure, Day::Today);
    }

    public function risk(): ?Risk
    {
        $forecast = $this->advice?->risk;

        return $forecast === null ? null : $this->calibration->told($forecast);
    }

    public function hasArrived(): bool
    {
        return $this->hasArrived;
    }

    private function situation(\DateTimeImmutable $at): Situation
    {
        $model = $this->builder->build(
            $this->scale, true, $this->told->fineAt, $this->evidence, $this->log->evidence(), $this->mode, $this->spread,
        );
        $this->model = $model;
        $this->mode = $model === null ? null : new Parameters($model->fit->mode->theta, [], $model->fit->mode->cuts);

        $situation = new Situation(
            $this->scale->catalog, $this->signs, $this->ladder, $this->settings, $this->history, $this->log, $model, $at, $this->told,
        );
        $this->calibration = $situation->calibration;

        return $situation;
    }

    private function close(): void
    {
        if ($this->log->trials !== []) {
            $this->evidence[] = $this->log->evidence();
            $credit = new Credit($this->ladder, $this->scale->catalog);
            $this->summaries[] = SessionSummary::of($credit->log($this->log->seenWith($this->told)), $this->ladder);
            $this->lastAt = $this->log->startedAt;
        }
    }
}
