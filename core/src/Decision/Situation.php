<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Progress;
use Core\Measure\CalendarDay;
use Core\Response\Calibration;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\RiskCaps;
use Core\Sign\Asked;
use Core\Sign\Outcome;
use Core\Sign\SignCatalog;

/** Everything a decision may look at. The same situation always gives the same advice. */
final readonly class Situation
{
    /** Of a cap: above it nothing new is tried. Going on and sending back must not meet at one number. Measured in bench/policies. */
    private const NEW_GROUND_SHARE = 0.5;

    /** Times a cap that the likely risk of part of a step may be. A working value, measured in bench/policies. */
    private const PART_TIMES = 2.0;

    /** Successes that regain a solid level. */
    private const REGAIN_RUN = 2;

    /** And in a new place or with a new person. */
    private const NEW_PLACE_RUN = 3;

    /** Factor on every standard deviation for a dog that does not follow the model. */
    private const OFF_SD_FACTOR = 1.5;

    /** Share of a cap from which a risk is told to be close to it. A working value. */
    private const CLOSE_TO_CAP = 0.5;

    /** A factor of calibration that is worth telling. A working value. */
    private const TIGHTENED_UNDER = 0.9;

    /** After a first struggle, or reaction, nobody needs to be told that there was one. */
    private const EVENTS_TO_TELL = 2;

    /** Forecasts against what came, of the latest trials with today's. */
    public Calibration $calibration;

    /** The plan's limits, tightened for this dog. */
    public RiskCaps $caps;

    public ?DogModel $model;

    /** The plan's, or shorter ones where the dog or the day asks for it. */
    public RuleSettings $settings;

    public Work $work;

    public Credit $credit;

    /** Today's trials, each at the level of what was really done. */
    public SessionLog $log;

    /** @var list<string> dimensions that go without saying: the same on every step, where no distance comes first */
    public array $unsaid;

    public function __construct(
        public DimensionCatalog $catalog,
        public SignCatalog $signs,
        public Ladder $ladder,
        RuleSettings $settings,
        public History $history,
        SessionLog $log,
        ?DogModel $model,
        public \DateTimeImmutable $now,
        public Told $told = new Told,
    ) {
        $this->settings = $told->isNewHere() || $log->condition->easier() !== null ? $settings->shorter() : $settings;
        $hadTrouble = $history->struggles !== [] || $history->overs !== [] || $log->hadTrouble();
        $this->work = $told->hasNeverReacted && ! $hadTrouble && Work::of($catalog->plan) === Work::Exposure
            ? Work::Skill : Work::of($catalog->plan);
        $this->credit = new Credit($ladder, $catalog);
        $this->log = $this->credit->log($log->seenWith($told));
        $this->calibration = $history->calibration->plus($log->calibration());
        $this->caps = $this->calibration->applied($settings->caps);
        $this->unsaid = $catalog->has(DimensionKey::Distance->value) ? [] : $ladder->shared();
        $this->model = match (true) {
            $this->work === Work::Skill => null,
            $this->calibration->isOff() => $model?->withSdFactor(self::OFF_SD_FACTOR),
            default => $model,
        };
    }

    /** Today's offset, or the one after a reaction. */
    public function day(): Day
    {
        return $this->log->trialsSinceReaction() === null ? Day::Today : Day::AfterReaction;
    }

    /** Whether today's risk meets the caps. A skill has none; where nothing could be fitted, nothing new is allowed. */
    public function allows(Exposure $exposure): bool
    {
        return $this->work === Work::Skill
            || $this->model !== null && $this->caps->allow($this->model->risk($exposure, $this->day()));
    }

    /** Whether there is room enough under the caps to try something new there. */
    public function allowsNew(Exposure $exposure): bool
    {
        return $this->work === Work::Skill || $this->model !== null
            && $this->capsOfNew()->allow($this->model->risk($exposure, $this->day()));
    }

    /** The caps that something new is tried under. */
    public function capsOfNew(): RiskCaps
    {
        return $this->caps->scaled(self::NEW_GROUND_SHARE, self::NEW_GROUND_SHARE);
    }

    /**
     * Whether part of a step may be tried where the whole may not: the likely risk, without what is only not known yet, is under twice the
     * caps, and nothing negative speaks against it. Trials are the only way to learn more.
     */
    public function allowsPart(Exposure $exposure): bool
    {
        if ($this->allowsNew($exposure)) {
            return true;
        }
        if ($this->model === null || $this->told->forbidsTrying() || $this->history->hardLately > 0 || $this->history->overs !== []
            || $this->log->hadTrouble()) {
            return false;
        }
        $risk = $this->model->risk($exposure, $this->day());

        return $risk->strainMean->value <= self::PART_TIMES * $this->caps->strain->value
            && $risk->reactionMean->value <= self::PART_TIMES * $this->caps->reaction->value;
    }

    /**
     * How far this level's criterion has come. While ground is regained one calm trial is enough, two where the dog went over lately; at
     * what is solid, two.
     */
    public function progress(Level $level): Progress
    {
        $criterion = $this->ladder->step($level->step)->criterion;
        $solid = $this->history->solid;
        $isSolid = $solid !== null && ! $level->isHarderThan($solid)
            && ($criterion->sessions === 1 || $criterion->isSpreadEnough($this->daysMet($level, false)));
        // a second person climbs ground that is solid with another one
        $isGiven = ! $isSolid && $level->step <= $this->history->givenHeld;
        $next = $this->log->trials === [] ? null : (new Way($this))->next($level);
        $asked = match (true) {
            // what was too much a moment ago is not tried again for two calm ones
            $next !== null && $this->log->hardVisits($next) > 0 => $criterion,
            $isGiven, $isSolid && $this->history->isNewPlace => Criterion::run(self::NEW_PLACE_RUN),
            $isSolid && $solid->isHarderThan($level) && $this->work === Work::Exposure && $this->history->overs === [] => Criterion::run(1),
            $isSolid => Criterion::run(self::REGAIN_RUN),
            default => $criterion,
        };

        return $asked->progress([...($asked === $criterion ? $this->earlierAt($level) : []), ...$this->successes()])->of($this->asked());
    }

    /**
     * Successes of earlier sessions that count at a level for which one session has no time.
     *
     * @return list<bool>
     */
    public function earlierAt(Level $level): array
    {
        return $this->history->longHolds[$level->key()] ?? [];
    }

    /** How far phase one has come at the last trial's level: looks that were marked, and it turned. */
    public function markedProgress(Level $level): Progress
    {
        return $this->ladder->step($level->step)->criterion->progress(array_map(
            static fn (LoggedTrial $trial): bool => $trial->outcome === Outcome::TurnedAtMark && $trial->isCalm(), $this->log->atLevel(),
        ))->of(Asked::MarkedLook);
    }

    /** What was asked in the last trial, where only the trial tells. */
    public function asked(): ?Asked
    {
        $last = $this->log->last();
        $kind = $this->catalog->plan;

        return $last === null || $kind !== PlanKind::Presence ? null : Asked::told($last->outcome, Asked::ofKind($kind));
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

    /** @return list<bool> which trials since the last change of level were successes */
    private function successes(): array
    {
        return $this->log->successes($this->log->atLevel());
    }

    /** @return list<int> */
    private function daysMet(Level $level, bool $withToday): array
    {
        $today = CalendarDay::number($this->log->startedAt);

        return [...$this->history->daysMet[$level->step] ?? [], ...($withToday ? [$today] : [])];
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
        return Reason::of(ReasonCode::Run, progress: $this->progress($level), plan: $this->catalog->plan->value);
    }

    /**
     * Both risks of an exposure against the caps, which of them binds, and how much room is left.
     *
     * @return list<Reason> one; none of a skill
     */
    public function riskReasons(Exposure $exposure): array
    {
        if ($this->model === null) {
            return $this->work === Work::Skill ? [] : [Reason::of(ReasonCode::NoModel)];
        }
        $forecast = $this->model->risk($exposure, $this->day());
        $risk = $this->calibration->told($forecast);
        $caps = $this->settings->caps;
        $share = max($risk->strain()->value / $caps->strain->value, $risk->reaction()->value / $caps->reaction->value);

        return [Reason::of(
            ReasonCode::Risk, at: $this->told($exposure), strain: $risk->strain(), strainCap: $caps->strain, reaction: $risk->reaction(),
            reactionCap: $caps->reaction,
            binding: $caps->reactionBinds($risk) ? 'reaction' : 'strain', room: match (true) {
                $share > 1.0 => 'over',
                // rules want to be surer than what is told
                $share > self::CLOSE_TO_CAP, ! $this->caps->allow($forecast) => 'close',
                default => 'plenty',
            },
        )];
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
        if ($calibration->strain < self::EVENTS_TO_TELL
            || $calibration->strainFactor() > self::TIGHTENED_UNDER && $calibration->reactionFactor() > self::TIGHTENED_UNDER) {
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
