<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\DimensionKind;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;

/** Fits a dog's model to its sessions. */
final readonly class ModelBuilder
{
    /** A spacing of the bands less likely than this is left out. */
    private const MIN_WEIGHT = 0.01;

    private const SECONDS_A_MONTH = 30.0 * 86400.0;

    /** Trials that a dimension needs before its order is questioned. */
    private const ORDER_TRIALS = 20;

    /** One-sided 5 %. */
    private const ORDER_QUANTILE = -1.64;

    public function __construct(
        public ModelPriors $priors,
        private Fading $fading = new Fading,
        private Fitter $fitter = new Fitter,
    ) {
    }

    /**
     * @param  bool  $referenceStated  whether the scale's reference distance was stated at intake
     * @param  ?Exposure  $fineAt  from intake: some calm trials that fade
     * @param  list<SessionEvidence>  $earlier  finished sessions, in any order
     * @param  SessionEvidence  $today  today's session, with no rows before its first trial
     * @param  ?Parameters  $start  an earlier mode, to save iterations; never changes the result beyond rounding
     * @param  ?Spread  $spread  as spread() tells it for the same earlier sessions, where it is known; else it is worked out
     * @return ?DogModel null if the fit did not converge: then nothing may be advised from a model
     */
    public function build(
        LoadScale $scale, bool $referenceStated, ?Exposure $fineAt, array $earlier, SessionEvidence $today, ?Parameters $start = null,
        ?Spread $spread = null,
    ): ?DogModel {
        $seen = Observations::of($scale, $this->fading, $earlier, $today, $fineAt, $this->priors->moves());
        $spread ??= $this->spread($scale, $referenceStated, $fineAt, $earlier);
        $gapVariance = $this->fading->gapVariance($seen->gapDays);
        $groups = $seen->groups($spread, $this->priors->afterReactionMean, $gapVariance);
        $usualPrior = $this->priors->for($scale, $referenceStated, $this->priors->spacings[0], $seen->beyond, $seen->intakeWeight);
        $usual = $this->fitter->fit($usualPrior, $seen->rows, $groups, $start);
        if ($usual === null) {
            return null;
        }
        $weights = $this->priors->spacingWeights(ThinningOut::of($seen->rows, $usual->mode, $usualPrior->bandWidth()), self::MIN_WEIGHT);
        $fits = [];
        foreach ($this->priors->spacings as $i => $spacing) {
            $weight = $weights[$i] ?? 0.0;
            if ($weight === 0.0) {
                continue;
            }
            $prior = $i === 0 ? $usualPrior : $this->priors->for(
                $scale, $referenceStated, $spacing, $seen->beyond, $seen->intakeWeight,
            );
            $fit = $i === 0 ? $usual : $this->fitter->fit($prior, $seen->rows, $groups, $usual->mode->spaced($spacing->scales));
            if ($fit === null) {
                return null;
            }
            $fits[] = new WeightedFit($spacing, $prior, $fit, $weight);
        }
        if ($fits === []) {
            return null;
        }

        return new DogModel(
            $scale, $fits, $seen->today, $seen->afterReaction, $spread, $gapVariance, $this->priors->afterReactionMean, $seen->values,
            array_map(static fn (Covariate $of): float => $of === Covariate::Upset ? $today->upset : 0.0, $seen->beyond),
        );
    }

    /** The same, sure that the bands lie so far apart: to show what the limit would be. */
    public function withSpacing(float $scale): self
    {
        return new self($this->priors->withSpacing($scale), $this->fading, $this->fitter);
    }

    /** The same, for a dog of which another person's model may tell something. */
    public function inheriting(?Inherited $inherited): self
    {
        return $inherited === null ? $this : new self($this->priors->inheriting($inherited), $this->fading, $this->fitter);
    }

    /** The same, where all sessions count alike: nothing fades, and the level stays. */
    public function countingAlike(): self
    {
        return new self($this->priors->withoutWalk(), Fading::none(), $this->fitter);
    }

    /**
     * A model whose load changes steadily with calendar time, of either sign, with all sessions counting in full.
     *
     * @param  list<SessionEvidence>  $sessions
     * @param  \DateTimeImmutable  $at  the day that the model tells of
     * @return ?DogModel null if it did not converge or all sessions are of one day
     */
    public function alongTime(
        LoadScale $scale, bool $referenceStated, ?Exposure $fineAt, array $sessions, \DateTimeImmutable $at,
    ): ?DogModel {
        $months = static fn (\DateTimeImmutable $day): float => self::months($at, $day);
        $rows = $groups = [];
        $days = [];
        foreach ($sessions as $session) {
            // along a line through time nothing else moves the level, carried-over upset neither
            $seen = Observations::of($scale, Fading::none(), [$session->withoutUpset()], null, null);
            $first = count($groups);
            foreach ($seen->rows as $row) {
                $rows[] = new ObservedRow(
                    $row->group === null ? null : $first + $row->group, [...$row->covariates, $months($session->startedAt)], $row->counts,
                    $row->stricter,
                );
            }
            array_push($groups, ...$seen->groups(new Spread($this->priors->todaySd), $this->priors->afterReactionMean, 0.0));
            $days[$session->startedAt->format('Y-m-d')] = true;
        }
        if (count($days) < 2) {
            return null;
        }
        if ($fineAt !== null) {
            $rows[] = new ObservedRow(null, [...$scale->covariates($fineAt), $months($sessions[0]->startedAt)], [0.0, 1.0, 0.0, 0.0, 0.0]);
        }
        $prior = $this->priors->for($scale, $referenceStated)->withOneMoreSlope();
        $fit = $this->fitter->fit($prior, $rows, $groups);
        $values = Observations::of($scale, Fading::none(), $sessions, null, $fineAt)->values;

        return $fit === null ? null : new DogModel(
            $scale, [new WeightedFit(Spacing::even(1.0), $prior, $fit, 1.0)], null, null, new Spread($this->priors->todaySd), 0.0,
            $this->priors->afterReactionMean, $values, [0.0],
        );
    }

    /** Calendar time as a covariate, in months of thirty days. */
    public static function months(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / self::SECONDS_A_MONTH;
    }

    /**
     * Earlier sessions and today's as rows, faded as for a fit: for checks of the model itself.
     *
     * @param  list<SessionEvidence>  $earlier
     * @return list<ObservedRow>
     */
    public function rows(LoadScale $scale, array $earlier, SessionEvidence $today): array
    {
        return Observations::of($scale, $this->fading, $earlier, $today, null)->rows;
    }

    /**
     * Ordered dimensions whose order the trials contradict: with its slope left free, harder values went clearly better.
     *
     * @param  list<SessionEvidence>  $earlier
     * @return array<string, array{slope: float, standardError: float}> by dimension key
     */
    public function contradictions(LoadScale $scale, bool $referenceStated, array $earlier, SessionEvidence $today): array
    {
        $seen = Observations::of($scale, $this->fading, $earlier, $today, null, $this->priors->moves());
        $groups = $seen->groups(new Spread($this->priors->todaySd), $this->priors->afterReactionMean, 0.0);
        $prior = $this->priors->for($scale, $referenceStated, beyond: $seen->beyond);
        $found = [];
        foreach ($scale->dimensions as $j => $dimension) {
            if ($dimension->kind !== DimensionKind::Ordered || count(
                $seen->values[$dimension->key] ?? [],
            ) < 2 || ($seen->trials[$dimension->key] ?? 0) < self::ORDER_TRIALS) {
                continue;
            }
            $fit = $this->fitter->fit($prior->withFreeSlope($j), $seen->rows, $groups);
            $slope = $fit?->mode->slopes()[$j] ?? 0.0;
            $error = $fit?->standardError($prior->cuts + $j) ?? 0.0;
            if ($error > 0.0 && $slope < self::ORDER_QUANTILE * $error) {
                $found[$dimension->key] = ['slope' => $slope, 'standardError' => $error];
            }
        }

        return $found;
    }

    /** Of a dog of which too few sessions say how its days lie: one fit instead of twenty. */
    public function usualSpread(): Spread
    {
        return new Spread($this->priors->todaySd, $this->priors->walkSd);
    }

    /**
     * How far this dog's days lie apart and how far its level wanders, from its earlier sessions, each in full as long as it counts: what
     * may hold is averaged, each weighed by its marginal likelihood (Laplace) and its prior, first the one and then the other. Maximizing
     * them jointly with the offsets would always give 0. They stay the same all day.
     *
     * @param  list<SessionEvidence>  $earlier
     */
    public function spread(LoadScale $scale, bool $referenceStated, ?Exposure $fineAt, array $earlier): Spread
    {
        $usual = $this->usualSpread();
        if (count($earlier) < $this->priors->spreadFromSessions) {
            return $usual;
        }
        $seen = Observations::of($scale, $this->fading->inFull(), $earlier, null, $fineAt, $this->priors->moves());
        if ($seen->sessions < $this->priors->spreadFromSessions) {
            return $usual;
        }
        $prior = $this->priors->for($scale, $referenceStated, beyond: $seen->beyond, intakeWeight: $seen->intakeWeight);
        $start = null;
        $days = $this->weighed($prior, $seen, array_map(
            static fn (array $pair): array => [new Spread($pair[0], $usual->walk), ...$pair], $this->priors->daySpreads,
        ), $start);
        $walk = $this->weighed($prior, $seen, array_map(
            static fn (array $pair): array => [new Spread($days, $pair[0]), ...$pair], $this->priors->walks,
        ), $start);

        return new Spread($days, $walk);
    }

    /**
     * The root of the mean square of a standard deviation, over what may hold.
     *
     * @param  non-empty-list<array{Spread, float, float}>  $maybe  each with the standard deviation in question and its prior weight
     * @param  ?Parameters  $start  the mode of the fit before, and after
     */
    private function weighed(Prior $prior, Observations $seen, array $maybe, ?Parameters &$start): float
    {
        if (count($maybe) === 1) {
            return $maybe[0][1];
        }
        $logs = [];
        foreach ($maybe as [$spread, , $weight]) {
            $fit = $this->fitter->fit($prior, $seen->rows, $seen->groups($spread, $this->priors->afterReactionMean, 0.0), $start);
            $start = $fit->mode ?? $start;
            $logs[] = $fit === null ? -INF : $fit->logMarginal + log($weight);
        }
        $most = max($logs);
        $sum = $square = 0.0;
        foreach ($maybe as $i => [, $sd]) {
            $weight = $most === -INF ? 1.0 : exp($logs[$i] - $most);
            $sum += $weight;
            $square += $weight * $sd ** 2;
        }

        return sqrt($square / $sum);
    }
}
