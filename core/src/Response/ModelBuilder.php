<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;

/** Fits a dog's model to its sessions. */
final readonly class ModelBuilder
{
    private const SECONDS_A_DAY = 86400.0;

    public function __construct(
        private ModelPriors $priors,
        private Fading $fading = new Fading,
        private Fitter $fitter = new Fitter,
    ) {
    }

    /**
     * @param  bool  $referenceStated  whether the scale's reference distance was stated at intake
     * @param  ?Exposure  $fineAt  from intake: one pseudo-trial in band 1
     * @param  list<SessionEvidence>  $earlier  finished sessions, in any order
     * @param  SessionEvidence  $today  today's session, with no rows before its first trial
     * @param  ?Parameters  $start  an earlier mode, to save iterations; never changes the result beyond rounding
     * @return ?DogModel null if the fit did not converge: then nothing may be advised from a model
     */
    public function build(LoadScale $scale, bool $referenceStated, ?Exposure $fineAt, array $earlier, SessionEvidence $today, ?Parameters $start = null): ?DogModel
    {
        $daySd = $this->priors->todaySd;
        usort($earlier, static fn (SessionEvidence $a, SessionEvidence $b): int => $a->startedAt <=> $b->startedAt);
        $newest = $earlier === [] ? null : $earlier[count($earlier) - 1]->startedAt;
        $gapDays = $newest === null ? 0.0 : self::days($newest, $today->startedAt);
        $todayVariance = $daySd ** 2 + $this->fading->gapVariance($gapDays);

        $rows = $groups = [];
        $seen = [];
        $trialsSince = $today->trials();
        for ($i = count($earlier) - 1; $i >= 0; $i--) {
            $session = $earlier[$i];
            $days = $newest === null ? 0.0 : self::days($session->startedAt, $newest);
            $good = $this->fading->weight($days, $trialsSince, false);
            $bad = $this->fading->weight($days, $trialsSince, true);
            if ($bad > 0.0) {
                $this->addSession($scale, $session, $good, $bad, $daySd ** 2, $rows, $groups, $seen);
            }
            $trialsSince += $session->trials();
        }
        [$todayGroup, $afterReactionGroup] = $this->addSession($scale, $today, 1.0, 1.0, $todayVariance, $rows, $groups, $seen);
        if ($fineAt !== null) {
            $rows[] = new ObservedRow(null, $scale->covariates($fineAt), [0.0, 1.0, 0.0, 0.0, 0.0]);
        }
        $fits = [];
        foreach ($this->spacingWeights($rows) as $i => $weight) {
            $spacing = $this->priors->spacings[$i];
            $fit = $this->fitter->fit($this->priors->for($scale, $referenceStated, $spacing->scale), $rows, $groups, $start);
            if ($fit === null) {
                return null;
            }
            $fits[] = new WeightedFit($spacing, $fit, $weight);
        }

        return new DogModel(
            $scale, $fits, $todayGroup, $afterReactionGroup, $todayVariance, $this->priors->afterReactionMean, array_map(count(...), $seen),
        );
    }

    /**
     * @param  list<ObservedRow>  $rows
     * @return non-empty-array<int, float> weight by index of the spacing, those that matter
     */
    private function spacingWeights(array $rows): array
    {
        $counts = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($rows as $row) {
            foreach ($row->counts as $band => $count) {
                $counts[$band] += $count;
            }
        }

        return $this->priors->spacingWeights($counts);
    }

    /**
     * @param  list<ObservedRow>  $rows
     * @param  list<OffsetGroup>  $groups
     * @param  array<string, array<string, true>>  $seen  values by dimension
     * @return array{?int, ?int} its offset groups, before and after a reaction
     */
    private function addSession(LoadScale $scale, SessionEvidence $session, float $good, float $bad, float $variance, array &$rows, array &$groups, array &$seen): array
    {
        $group = [null, null];
        foreach ($session->rows as $row) {
            $after = $row->afterReaction ? 1 : 0;
            if ($group[$after] === null) {
                $group[$after] = count($groups);
                $groups[] = new OffsetGroup($row->afterReaction ? $this->priors->afterReactionMean : 0.0, $variance);
            }
            $rows[] = new ObservedRow($group[$after], $scale->covariates($row->exposure), [
                $row->counts[0] * $good, $row->counts[1] * $good, $row->counts[2] * $good, $row->counts[3] * $bad, $row->counts[4] * $bad,
            ]);
            foreach ($row->exposure->values as $key => $value) {
                $seen[$key][(string) $value] = true;
            }
        }

        return $group;
    }

    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return max(0.0, ($to->getTimestamp() - $from->getTimestamp()) / self::SECONDS_A_DAY);
    }
}
