<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidExposure;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Probability;
use Core\Sign\Band;

/** The fitted response model of one dog, one kind of trigger and one handler: says what an exposure risks. */
final readonly class DogModel
{
    /** Standard normal quantile of the one-sided 80 % bound. */
    public const BOUND_QUANTILE = 0.8416212335729143;

    /** The weightiest fit. */
    public Fit $fit;

    /** Standard normal quantile of the two-sided 80 % range that charts show. */
    public const RANGE_QUANTILE = 1.2815515655446004;

    /** Information of one trial on the load, between 3 % and 50 % risk. */
    public const INFORMATION = 0.28;

    private const MAX_CALM_TRIALS = 20.0;

    /**
     * @param  non-empty-list<WeightedFit>  $fits  one for each guess of how the bands are spaced
     * @param  ?int  $today  offset group of today's trials, null while there is none
     * @param  ?int  $afterReaction  offset group of today's trials after a reaction
     * @param  Spread  $spread  usual, or chosen from this dog's sessions
     * @param  float  $gapVariance  of today's offset, for the time since the last session
     * @param  array<string, list<float|string>>  $seen  by dimension key: the distinct values that trials have shown
     * @param  list<float>  $beyond  today's value of further covariates of the fits that no exposure states: calendar time, what was
     *    learned since, upset carried over
     * @param  list<float>  $beyondTypically  the same on a typical day; empty for zeros
     */
    public function __construct(
        public LoadScale $scale,
        public array $fits,
        private ?int $today,
        private ?int $afterReaction,
        public Spread $spread,
        private float $gapVariance,
        private float $afterReactionMean,
        public array $seen,
        private array $beyond = [],
        private float $sdFactor = 1.0,
        private array $beyondTypically = [],
    ) {
        $this->fit = $this->weightiest()->fit;
    }

    public function weightiest(): WeightedFit
    {
        $weightiest = $this->fits[0];
        foreach ($this->fits as $weighted) {
            $weightiest = $weighted->weight > $weightiest->weight ? $weighted : $weightiest;
        }

        return $weightiest;
    }

    /** The same model, less sure of itself. */
    public function withSdFactor(float $factor): self
    {
        return new self(
            $this->scale, $this->fits, $this->today, $this->afterReaction, $this->spread, $this->gapVariance, $this->afterReactionMean,
            $this->seen, $this->beyond, $factor, $this->beyondTypically,
        );
    }

    /**
     * The same model at another value of what no exposure states: another day along a line through time.
     *
     * @param  list<float>  $beyond
     */
    public function at(array $beyond): self
    {
        return new self(
            $this->scale, $this->fits, $this->today, $this->afterReaction, $this->spread, $this->gapVariance, $this->afterReactionMean,
            $this->seen, $beyond, $this->sdFactor, $beyond,
        );
    }

    /** @return list<float> what no exposure states, on a typical day */
    public function typically(): array
    {
        return $this->beyondTypically === [] ? array_fill(0, count($this->beyond), 0.0) : $this->beyondTypically;
    }

    /** Σ β_j·x_j at the mode, in logits: how hard an exposure is for this dog on a typical day. */
    public function load(Exposure $exposure): float
    {
        return $this->loadOf($this->covariates($exposure));
    }

    /**
     * Logits by which one unit of a covariate is harder, averaged over the fits.
     *
     * @throws InvalidExposure if its key is not in play
     */
    public function slope(string $key): float
    {
        return $this->slopeAt($this->scale->index($key));
    }

    /** Logits by which one halving of distance is harder. */
    public function slopePerHalving(): float
    {
        return $this->slope(DimensionKey::Distance->value);
    }

    /**
     * What of an exposure no trial has shown: choices never tried, and measures beyond those tried. Its risk rests on
     * the priors there, and its range is wider for it.
     *
     * @return list<string> dimension keys
     */
    public function untried(Exposure $exposure): array
    {
        $untried = [];
        foreach ($this->scale->dimensions as $dimension) {
            $value = $exposure->values[$dimension->key] ?? null;
            $seen = $this->seen[$dimension->key] ?? [];
            $isWithin = $dimension->kind->isMeasured()
                ? $seen !== [] && $value >= min($seen) && $value <= max($seen)
                : in_array($value, $seen, true);
            if ($value !== null && ! $isWithin) {
                $untried[] = $dimension->key;
            }
        }

        return $untried;
    }

    public function risk(Exposure $exposure, Day $day = Day::Today): Risk
    {
        $strain = $this->linear($exposure, Band::Strain, $day);
        $reaction = $this->linear($exposure, Band::Over, $day);

        return new Risk(
            Probability::meanFromLogit($strain['mean'], $strain['sd']), self::bound($strain),
            Probability::meanFromLogit($reaction['mean'], $reaction['sd']), self::bound($reaction),
        );
    }

    /**
     * About how many more calm trials at one exposure would bring the bounds of another within the limits, if they only
     * made the model surer: var − cov²·n·i/(1 + n·i·var₀) with i = 0.28 a trial. In truth calm trials also lower the mean.
     *
     * @return ?positive-int null if no number of trials there would, or more than a session has time for
     */
    public function calmTrialsNeeded(Exposure $at, Exposure $next, RiskCaps $caps, Day $day): ?int
    {
        $group = $this->group($day);
        $needed = 1.0;
        foreach ([[Band::Strain, $caps->strain], [Band::Over, $caps->reaction]] as [$band, $limit]) {
            $linear = $this->linear($next, $band, $day);
            $sd = ($limit->toLogit() - $linear['mean']) / self::BOUND_QUANTILE;
            $surplus = ($linear['sd'] ** 2 - max(0.0, $sd) ** 2) / $this->sdFactor ** 2;
            if ($surplus <= 0.0) {
                continue;
            }
            $here = $this->row($at, $day);
            $covariance = $this->fit->covarianceOf($here, $this->row($next, $day), max(1, $band->value), $group);
            $gain = $covariance ** 2 - $surplus * $this->fit->covarianceOf($here, $here, max(1, $band->value), $group);
            $needed = $gain <= 0.0 ? INF : max($needed, $surplus / ($gain * self::INFORMATION));
        }

        return $needed > self::MAX_CALM_TRIALS ? null : max(1, (int) ceil($needed));
    }

    /** Posterior covariance of the strain predictors of two exposures on the same day, in the weightiest fit. */
    public function covariance(Exposure $one, Exposure $other, Day $day): float
    {
        $group = $this->group($day);
        $today = $group === null && $day !== Day::Typical ? $this->spread->days ** 2 + $this->gapVariance : 0.0;

        return $today + $this->fit->covarianceOf($this->row($one, $day), $this->row($other, $day), Band::Strain->value, $group);
    }

    /** Posterior mean of P(band ≥ k). */
    public function chanceOf(Exposure $exposure, Band $atLeast, Day $day): Probability
    {
        $linear = $this->linear($exposure, $atLeast, $day);

        return Probability::meanFromLogit($linear['mean'], $linear['sd']);
    }

    /**
     * η − c_k and its standard deviation, in logits.
     *
     * @return array{mean: float, sd: float}
     */
    public function linear(Exposure $exposure, Band $band, Day $day): array
    {
        $k = max(1, $band->value);
        $x = $this->row($exposure, $day);
        $group = $this->group($day);
        $isFitted = $group !== null || $day === Day::Typical;
        $mean = $square = 0.0;
        foreach ($this->fits as $weighted) {
            $linear = $weighted->fit->linear($x, $k, $group, $isFitted ? 0.0 : $this->spread->days ** 2 + $this->gapVariance);
            $mean += $weighted->weight * $linear['mean'];
            $square += $weighted->weight * ($linear['sd'] ** 2 + $linear['mean'] ** 2);
        }

        return [
            'mean' => $mean + ($day === Day::AfterReaction && ! $isFitted ? $this->afterReactionMean : 0.0),
            'sd' => $this->sdFactor * sqrt(max(0.0, $square - $mean ** 2)),
        ];
    }

    private function group(Day $day): ?int
    {
        return match ($day) {
            Day::Typical => null,
            Day::Today => $this->today,
            Day::AfterReaction => $this->afterReaction,
        };
    }

    /** @return list<float> */
    private function row(Exposure $exposure, Day $day): array
    {
        $typically = $this->typically();

        return [...$this->covariates($exposure), ...($day === Day::Typical ? $typically : $this->beyond)];
    }

    /**
     * Of an exposure, or of a step that it contains and that this dog finds harder than what is nearest to it.
     *
     * @return non-empty-list<float>
     */
    private function covariates(Exposure $exposure): array
    {
        $covariates = $this->scale->covariates($exposure);
        $contained = $this->scale->contained($exposure);
        $most = $contained === [] ? 0.0 : $this->loadOf($covariates);
        foreach ($contained as $step) {
            $load = $this->loadOf($step);
            if ($load > $most) {
                [$covariates, $most] = [$step, $load];
            }
        }

        return $covariates;
    }

    /** @param  non-empty-list<float>  $covariates */
    private function loadOf(array $covariates): float
    {
        $load = 0.0;
        foreach ($covariates as $j => $x) {
            $load += $x === 0.0 ? 0.0 : $this->slopeAt($j) * $x;
        }

        return $load;
    }

    private function slopeAt(int $j): float
    {
        $slope = 0.0;
        foreach ($this->fits as $weighted) {
            $slope += $weighted->weight * $weighted->fit->mode->theta[$weighted->fit->mode->cuts + $j];
        }

        return $slope;
    }

    /** @param  array{mean: float, sd: float}  $linear */
    private static function bound(array $linear): Probability
    {
        return Probability::fromLogit($linear['mean'] + self::BOUND_QUANTILE * $linear['sd']);
    }
}
