<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Progress;
use Core\Response\Calibration;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\RiskCaps;
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

    /** Share of a cap from which a risk is told to be close to it. A working value. */
    private const CLOSE_TO_CAP = 0.5;

    /** A factor of calibration that is worth telling. A working value. */
    private const TIGHTENED_UNDER = 0.9;

    /** Forecasts against what came, of the latest trials with today's. */
    public Calibration $calibration;

    /** The plan's limits, tightened for this dog. */
    public RiskCaps $caps;

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
        $this->caps = $this->calibration->tighten($settings->caps);
        $this->unsaid = $catalog->has(DimensionKey::Distance->value) ? [] : $ladder->shared();
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
        return $this->model !== null && $this->caps->allow($this->model->risk($exposure, $this->day()));
    }

    public function load(Exposure $exposure): float
    {
        return $this->model === null ? 0.0 : $this->model->load($exposure);
    }

    /** How far this level's criterion has come; two in a row where it was held before and has nothing more to show. */
    public function progress(Level $level): Progress
    {
        $criterion = $this->ladder->step($level->step)->criterion;
        $isRegained = $level->step <= $this->history->heldStep
            && ($criterion->sessions === 1 || $criterion->isSpreadEnough($this->daysMet($level, false)));

        // a second person climbs ground that the dog holds with another one
        $isGiven = $level->step > $this->history->heldStep && $level->step <= $this->history->givenHeld;

        return $isGiven
            ? Criterion::run(self::NEW_PLACE_RUN)->progress($this->successes())
            : ($isRegained ? Criterion::run($this->history->isNewPlace ? self::NEW_PLACE_RUN : $this->settings->regainRun) : $criterion)
                ->progress($this->successes());
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
        if ($this->load($level->exposure) < $this->load($own) - LoadScale::SAME_LOGITS) {
            return new Level($level->step, $own);
        }

        return $level->step >= $this->ladder->top() ? null : new Level($level->step + 1, $this->ladder->step($level->step + 1)->exposure);
    }

    /**
     * An exposure as a reason names it; beside another one, with all in which the two differ.
     */
    public function told(Exposure $exposure, ?Exposure $beside = null): ToldExposure
    {
        $differing = $beside === null ? [] : array_keys(array_diff_assoc($exposure->values, $beside->values));

        return new ToldExposure($exposure, array_values(array_diff($this->unsaid, $differing)));
    }

    /** How far the run at a level has come. */
    public function runReason(Level $level): Reason
    {
        return Reason::of(
            ReasonCode::Run, progress: $this->progress($level), at: $this->told($level->exposure), plan: $this->catalog->plan->value,
        );
    }

    /** Both risks of an exposure against the caps, which of them binds, and how much room is left. */
    public function riskReason(Exposure $exposure): Reason
    {
        if ($this->model === null) {
            return Reason::of(ReasonCode::NoModel);
        }
        $risk = $this->model->risk($exposure, $this->day());
        $caps = $this->caps;
        $share = max($risk->strain()->value / $caps->strain->value, $risk->reaction()->value / $caps->reaction->value);

        return Reason::of(
            ReasonCode::Risk, at: $this->told($exposure), strain: $risk->strain(), strainCap: $caps->strain, reaction: $risk->reaction(),
            reactionCap: $caps->reaction,
            binding: $caps->reactionBinds($risk) ? 'reaction' : 'strain', room: match (true) {
                $share > 1.0 => 'over',
                $share > self::CLOSE_TO_CAP => 'close',
                default => 'plenty',
            },
        );
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

    /** @return list<Reason> why the caps are tighter than the plan's, where they are */
    public function tightened(): array
    {
        $calibration = $this->calibration;
        if ($calibration->strainFactor() > self::TIGHTENED_UNDER && $calibration->reactionFactor() > self::TIGHTENED_UNDER) {
            return [];
        }

        return [
            Reason::of(
                ReasonCode::CapsTightened, strained: $calibration->strain, reacted: $calibration->reactions, of: $calibration->forecasts,
                expectedStrained: round($calibration->expectedStrain, 1), expectedReacted: round($calibration->expectedReaction, 1),
            ),
            ...($calibration->isOff() ? [Reason::of(ReasonCode::OffModel)] : []),
        ];
    }
}
