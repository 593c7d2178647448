<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;

/** A dog's sessions as weighted rows of a fit: earlier ones faded, today's in full, each with its own day's offset. */
final class Observations
{
    private const SECONDS_A_DAY = 86400.0;

    /** What is learned is told for so many calm trials. */
    private const LEARNING_TRIALS = 100.0;

    /** Calm trials that "fine there, seen over weeks" stands for: ten over two faded sessions. A working value. */
    private const FINE_TRIALS = 7.0;

    /** @var list<ObservedRow> */
    public array $rows = [];

    /** Sessions that still count. */
    public int $sessions = 0;

    /** Offset group of today's trials, null while there is none. */
    public ?int $today = null;

    /** Offset group of today's trials after a reaction. */
    public ?int $afterReaction = null;

    /** Days from the newest earlier session to today; 0 without one. */
    public float $gapDays = 0.0;

    /** What is left of the intake: it fades like a session of its day, with the trials since and the days up to the newest session. */
    public float $intakeWeight = 1.0;

    /** @var list<Covariate> that any session needs, after those of the exposure */
    public array $beyond = [];

    /** @var list<array{isToday: bool, afterReaction: bool, age: int}> age in sessions that count, 0 for the present one */
    private array $groups = [];

    /** @var array<string, list<float|string>> distinct values seen, by dimension key */
    public array $values = [];

    /** @var array<string, true> the same, by what is said and its value: holds take as many values as there are trials */
    private array $known = [];

    /** @var array<string, int> trials that stated it, by dimension key */
    public array $trials = [];

    private function __construct(private readonly LoadScale $scale)
    {
    }

    /**
     * @param  list<SessionEvidence>  $earlier  finished sessions, in any order
     * @param  ?SessionEvidence  $today  null to look at the earlier ones alone
     * @param  ?Exposure  $fineAt  from intake: some calm trials
     * @param  bool  $learns  whether what calm trials have taught since is looked at
     */
    public static function of(
        LoadScale $scale, Fading $fading, array $earlier, ?SessionEvidence $today, ?Exposure $fineAt, bool $learns = false,
    ): self {
        $all = new self($scale);
        usort($earlier, static fn (SessionEvidence $a, SessionEvidence $b): int => $a->startedAt <=> $b->startedAt);
        $newest = $earlier === [] ? null : $earlier[count($earlier) - 1]->startedAt;
        if ($newest !== null && $today !== null) {
            $all->gapDays = self::days($newest, $today->startedAt);
        }
        $hasUpset = array_filter([...$earlier, ...($today === null ? [] : [$today])], static fn (
            SessionEvidence $session,
        ): bool => $session->upset > 0.0) !== [];
        $all->beyond = [...($learns && $earlier !== [] ? [Covariate::Learning] : []), ...($hasUpset ? [Covariate::Upset] : [])];
        $trialsSince = $today?->trials() ?? 0;
        $calmSince = 0.0;
        for ($i = count($earlier) - 1; $i >= 0 && $newest !== null; $i--) {
            $days = self::days($earlier[$i]->startedAt, $newest);
            $bad = $fading->weight($days, $trialsSince, true);
            if ($bad > 0.0) {
                $age = $all->sessions + ($today === null ? 0 : 1);
                $fromItsMiddle = $calmSince + $earlier[$i]->calmTrials() / 2.0;
                $all->add($earlier[$i], $fading->weight($days, $trialsSince, false), $bad, $age, false, $fromItsMiddle);
            }
            $trialsSince += $earlier[$i]->trials();
            $calmSince += $earlier[$i]->calmTrials();
        }
        if ($today !== null) {
            [$all->today, $all->afterReaction] = $all->add($today, 1.0, 1.0, 0, true, 0.0);
        }
        if ($newest !== null) {
            $all->intakeWeight = $fading->intakeWeight(self::days($earlier[0]->startedAt, $newest), $trialsSince);
        }
        if ($fineAt !== null) {
            $calm = self::FINE_TRIALS / 2.0 * $all->intakeWeight;
            $all->rows[] = new ObservedRow(
                null, [...$scale->covariates($fineAt), ...$all->beyond($calmSince, 0.0)], [$calm, $calm, 0.0, 0.0, 0.0],
            );
        }

        return $all;
    }

    /**
     * The priors of the days' offsets, and behind them those of the levels of earlier sessions, the oldest first. The present session's
     * level is 0: what is told of a typical day is told of now.
     *
     * @param  float  $gapVariance  added to today's, for the time since the last session
     * @return list<OffsetGroup>
     */
    public function groups(Spread $spread, float $afterReactionMean, float $gapVariance): array
    {
        $oldest = $spread->walk > 0.0 ? max([0, ...array_column($this->groups, 'age')]) : 0;
        $level = fn (int $age): ?int => $age < 1 || $oldest < 1 ? null : count($this->groups) + $oldest - $age;
        $groups = array_map(static fn (array $group): OffsetGroup => new OffsetGroup(
            $group['afterReaction'] ? $afterReactionMean : 0.0,
            $spread->days ** 2 + ($group['isToday'] ? $gapVariance : 0.0),
            $level($group['age']),
        ), $this->groups);
        for ($age = $oldest; $age >= 1; $age--) {
            $groups[] = new OffsetGroup(0.0, $spread->walk ** 2, $level($age - 1));
        }

        return $groups;
    }

    /**
     * @param  float  $calmSince  calm trials from the middle of it to the present session
     * @return array{?int, ?int} its offset groups, before and after a reaction
     */
    private function add(SessionEvidence $session, float $good, float $bad, int $age, bool $isToday, float $calmSince): array
    {
        $group = [null, null];
        $beyond = $this->beyond($calmSince, $session->upset);
        foreach ($session->rows as $row) {
            $after = $row->afterReaction ? 1 : 0;
            if ($group[$after] === null) {
                $group[$after] = count($this->groups);
                $this->groups[] = ['isToday' => $isToday, 'afterReaction' => $row->afterReaction, 'age' => $age];
            }
            $covariates = [...$this->scale->covariates($row->exposure), ...$beyond];
            $over = $row->counts[4] * $bad;
            // a reaction is a reaction to whoever grades: what is known of a grader is known of the bands below
            $isApart = $session->stricter !== 0.0 && $over > 0.0;
            $this->rows[] = new ObservedRow($group[$after], $covariates, [
                $row->counts[0] * $good, $row->counts[1] * $good, $row->counts[2] * $good, $row->counts[3] * $bad, $isApart ? 0.0 : $over,
            ], $session->stricter);
            if ($isApart) {
                $this->rows[] = new ObservedRow($group[$after], $covariates, [0.0, 0.0, 0.0, 0.0, $over]);
            }
            foreach ($row->exposure->values as $key => $value) {
                $this->trials[$key] = ($this->trials[$key] ?? 0) + $row->trials();
                if (! isset($this->known["{$key} {$value}"])) {
                    $this->known["{$key} {$value}"] = true;
                    $this->values[$key][] = $value;
                }
            }
        }
        $this->sessions += $session->rows === [] ? 0 : 1;

        return $group;
    }

    /** @return list<float> what no exposure states, the same for all trials of a session */
    private function beyond(float $calmSince, float $upset): array
    {
        return array_map(static fn (Covariate $of): float => match ($of) {
            Covariate::Learning => $calmSince / self::LEARNING_TRIALS,
            Covariate::Upset => $upset,
        }, $this->beyond);
    }

    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return max(0.0, ($to->getTimestamp() - $from->getTimestamp()) / self::SECONDS_A_DAY);
    }
}
