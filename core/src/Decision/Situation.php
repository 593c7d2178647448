<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Progress;
use Core\Measure\Probability;
use Core\Response\Calibration;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\RiskLimits;
use Core\Sign\SignCatalog;

/** Everything a decision may look at. The same situation always gives the same advice. */
final readonly class Situation
{
    /** Logits by which a real exposure may be easier than its step and still count for it. */
    private const TOLERANCE = 0.25;

    /** Successes that regain a held level in a new place or with a new person. */
    private const NEW_PLACE_RUN = 3;

    /** Factor on every standard deviation for a dog that does not follow the model. */
    private const OFF_SD_FACTOR = 1.5;

    /** Forecasts against what came, of the latest trials with today's. */
    public Calibration $calibration;

    /** The plan's limits, tightened for this dog. */
    public RiskLimits $limits;

    public ?DogModel $model;

    /** @var list<string> dimensions that go without saying: the same on every step, where no distance comes first */
    public array $unsaid;

    public function __construct(
        public DimensionCatalog $catalog,
        public SignCatalog $signs,
        public Ladder $ladder,
        public RuleSettings $settings,
        public History $history,
        public SessionLog $log,
        ?DogModel $model,
        public \DateTimeImmutable $now,
    ) {
        $this->calibration = $history->calibration->plus($log->calibration());
        $this->limits = $this->calibration->tighten($settings->limits);
        $this->unsaid = $catalog->has('distance') ? [] : $ladder->shared();
        $this->model = $this->calibration->isOff() ? $model?->withSdFactor(self::OFF_SD_FACTOR) : $model;
    }

    /** Today's offset, or the one after a reaction. */
    public function day(): Day
    {
        return $this->log->trialsSinceReaction() === null ? Day::Today : Day::AfterReaction;
    }

    /** Whether today's bounds meet the plan's limits; without a model nothing new is allowed. */
    public function allows(Exposure $exposure): bool
    {
        return $this->model !== null && $this->limits->allow($this->model->risk($exposure, $this->day()));
    }

    public function load(Exposure $exposure): float
    {
        return $this->model === null ? 0.0 : $this->model->load($exposure);
    }

    /** How far this level's criterion has come; two in a row where it was held before and has nothing more to show. */
    public function progress(Level $level): Progress
    {
        $criterion = $this->ladder->step($level->step)->criterion;
        $isRegained = $level->step <= $this->history->heldStep && ($criterion->sessions === 1 || $criterion->isSpreadEnough($this->daysMet($level, false)));

        // a second person climbs ground that the dog holds with another one
        $isGiven = $level->step > $this->history->heldStep && $level->step <= $this->history->givenHeld;

        return $isGiven ? Criterion::run(self::NEW_PLACE_RUN)->progress($this->successes()) : ($isRegained ? Criterion::run($this->history->isNewPlace ? self::NEW_PLACE_RUN : $this->settings->regainRun) : $criterion)->progress($this->successes());
    }

    /** Successes in a row at the last trial's level. */
    public function run(): int
    {
        return Criterion::run(1)->progress($this->successes())->done;
    }

    /** Whether this level, with today, was met in as many sessions over as many days as its criterion asks. */
    public function isSpreadEnough(Level $level): bool
    {
        return $this->ladder->step($level->step)->criterion->isSpreadEnough($this->daysMet($level, true));
    }

    /**
     * Which trials since the last change of level were successes; one much easier than its step neither counts nor breaks a run.
     *
     * @return list<bool>
     */
    private function successes(): array
    {
        $successes = [];
        foreach ($this->log->atLevel() as $trial) {
            $counts = $this->load($trial->exposure) >= $this->load($trial->target->exposure) - self::TOLERANCE;
            if (! $trial->isSuccess() || $counts) {
                $successes[] = $trial->isSuccess();
            }
        }

        return $successes;
    }

    /** @return list<int> */
    private function daysMet(Level $level, bool $withToday): array
    {
        $today = intdiv($this->log->startedAt->getTimestamp(), 86400);

        return [...$this->history->daysMet[$level->step] ?? [], ...($withToday ? [$today] : [])];
    }

    /** The level above on the ladder: its own step if the level lies below it; null at the top. */
    public function above(Level $level): ?Level
    {
        $own = $this->ladder->step($level->step)->exposure;
        if ($this->load($level->exposure) < $this->load($own) - 0.05) {
            return new Level($level->step, $own);
        }

        return $level->step >= $this->ladder->top() ? null : new Level($level->step + 1, $this->ladder->step($level->step + 1)->exposure);
    }

    /** "3 of 5 unprompted returns in a row". */
    public function successWords(Progress $progress): string
    {
        $plan = $this->catalog->plan;

        return match (true) {
            $progress->window === null && $progress->done > $progress->asked => sprintf('%d %s in a row (asked: %d)', $progress->done, $plan->successWords($progress->done), $progress->asked),
            $progress->window === null => sprintf('%d of %d %s in a row', $progress->done, $progress->asked, $plan->successWords($progress->asked)),
            default => sprintf('%d %s among the last %d (asked: %d)', $progress->done, $plan->successWords($progress->done), $progress->window, $progress->asked),
        };
    }

    public function words(Exposure $exposure): string
    {
        return $exposure->inWords($this->catalog, $this->settings->unit, $this->unsaid);
    }

    /** The risk sentence: both bounds, the limits, and which of them binds. */
    public function riskReason(Exposure $exposure): Reason
    {
        if ($this->model === null) {
            return new Reason('no-model', 'The model could not be fitted to these trials, so nothing harder is advised.');
        }
        $risk = $this->model->risk($exposure, $this->day());
        $limits = $this->limits;

        return new Reason('risk', sprintf(
            'Risk at %s: strain at most %s (limit %s), reaction at most %s (limit %s); the %s limit is the tighter one.%s',
            $this->words($exposure),
            Probability::inWords($risk->strain()), Probability::inWords($limits->strain),
            Probability::inWords($risk->reaction()), Probability::inWords($limits->reaction),
            $limits->reactionBinds($risk) ? 'reaction' : 'strain',
            $this->tightened(),
        ));
    }

    /**
     * Advice whose risk is filled in.
     *
     * @param  non-empty-list<Reason>  $reasons
     * @param  list<Alternative>  $alternatives
     */
    public function advise(Action $action, ?Level $next, array $reasons, array $alternatives = [], bool $isClosing = false): Advice
    {
        $risk = $next === null || $this->model === null ? null : $this->model->risk($next->exposure, $this->day());

        return new Advice($action, $next, $reasons, $risk, $alternatives, $isClosing);
    }

    /** Why the limits are tighter than the plan's, or nothing. */
    private function tightened(): string
    {
        $calibration = $this->calibration;
        if ($calibration->strainFactor() > 0.9 && $calibration->reactionFactor() > 0.9) {
            return '';
        }

        return sprintf(
            ' Limits are tightened for this dog: %d strained or worse and %d reacted in its last %d trials, where %.1f and %.1f were foretold.%s',
            $calibration->strain, $calibration->reactions, $calibration->forecasts, $calibration->expectedStrain, $calibration->expectedReaction,
            $calibration->isOff() ? ' It does not follow the model, so every range is widened.' : '',
        );
    }
}
