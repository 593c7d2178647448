<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidCatalog;
use Core\Exposure\GammaPrior;
use Core\Exposure\LoadScale;

/** The priors of every dog's model, read from core/data/priors.json where their reasons stand. */
final readonly class ModelPriors
{
    /** Logits: wide enough to say nothing. */
    private const MOST_TOP_CUT_SD = 6.0;

    /**
     * @param  list<GammaPrior>  $gaps
     * @param  non-empty-list<Spacing>  $spacings  the usual one first
     * @param  non-empty-list<array{float, float}>  $daySpreads  each standard deviation of days that may hold, with its prior weight
     * @param  non-empty-list<array{float, float}>  $walks  the same of the level from one session to the next
     * @param  GammaPrior  $learning  logits that a hundred calm trials make easier
     */
    private function __construct(
        public string $version,
        private float $topCutMean,
        private float $topCutSd,
        private float $topCutSdUnstated,
        public array $gaps,
        public array $spacings,
        public float $todaySd,
        public int $spreadFromSessions,
        public array $daySpreads,
        public float $walkSd,
        public array $walks,
        public float $afterReactionMean,
        private GammaPrior $upset,
        private GammaPrior $learning,
        public float $assumedReferenceMeters,
        private ?Inherited $inherited = null,
    ) {
    }

    /**
     * @param  array<mixed>  $data
     *
     * @throws InvalidCatalog naming the field at fault
     */
    public static function fromArray(array $data): self
    {
        $at = static function (string ...$path) use ($data): mixed {
            $value = $data;
            foreach ($path as $field) {
                $value = is_array($value) ? ($value[$field] ?? null) : null;
            }

            return $value;
        };
        $number = static function (string ...$path) use ($at): float {
            $value = $at(...$path);

            return is_int($value) || is_float($value) ? (float) $value : throw InvalidCatalog::missing('priors', implode('.', $path));
        };
        $gaps = [];
        foreach (['0', '1', '2'] as $i) {
            $gaps[] = GammaPrior::withMean($number('gaps', $i, 'shape'), $number('gaps', $i, 'mean'));
        }

        return new self(
            is_string($data['version'] ?? null) ? $data['version'] : throw InvalidCatalog::missing('priors', 'version'),
            $number('topCut', 'mean'),
            $number('topCut', 'sd'),
            $number('topCutUnstated', 'sd'),
            $gaps,
            self::spacings($at('spacings', 'scales'), $at('spacings', 'weights')),
            $number('today', 'sd'),
            (int) $number('today', 'chosenFromSessions'),
            self::weighted($at('today', 'grid'), $at('today', 'gridWeights'), 'today.grid'),
            $number('walk', 'sd'),
            self::weighted($at('walk', 'grid'), $at('walk', 'gridWeights'), 'walk.grid'),
            $number('today', 'afterReactionMean'),
            GammaPrior::withMean($number('upset', 'shape'), $number('upset', 'mean')),
            GammaPrior::withMean($number('learning', 'shape'), $number('learning', 'mean')),
            $number('assumedReferenceMeters'),
        );
    }

    /** Whether a dog's level moves: by what it learns, and by itself. */
    public function moves(): bool
    {
        return $this->walkSd > 0.0;
    }

    /** The same, with one spacing of the bands for sure. */
    public function withSpacing(float $scale): self
    {
        return new self(
            $this->version, $this->topCutMean, $this->topCutSd, $this->topCutSdUnstated, $this->gaps, [Spacing::even($scale)],
            $this->todaySd, $this->spreadFromSessions, $this->daySpreads, $this->walkSd, $this->walks, $this->afterReactionMean,
            $this->upset, $this->learning, $this->assumedReferenceMeters, $this->inherited,
        );
    }

    /** The same for a level that stays from session to session. */
    public function withoutWalk(): self
    {
        return new self(
            $this->version, $this->topCutMean, $this->topCutSd, $this->topCutSdUnstated, $this->gaps, $this->spacings, $this->todaySd,
            $this->spreadFromSessions, $this->daySpreads, 0.0, [[0.0, 1.0]], $this->afterReactionMean, $this->upset, $this->learning,
            $this->assumedReferenceMeters, $this->inherited,
        );
    }

    /** The same for a dog of which another person's model tells something. */
    public function inheriting(Inherited $inherited): self
    {
        return new self(
            $this->version, $this->topCutMean, $this->topCutSd, $this->topCutSdUnstated, $this->gaps, $this->spacings, $this->todaySd,
            $this->spreadFromSessions, $this->daySpreads, $this->walkSd, $this->walks, $this->afterReactionMean, $this->upset,
            $this->learning, $this->assumedReferenceMeters, $inherited,
        );
    }

    /**
     * @param  bool  $referenceStated  whether a reaction distance was stated at intake
     * @param  ?Spacing  $spacing  null for the usual one
     * @param  list<Covariate>  $beyond  after those of the exposure
     * @param  float  $intakeWeight  what is left of the intake, 0 to 1
     */
    public function for(
        LoadScale $scale, bool $referenceStated, ?Spacing $spacing = null, array $beyond = [], float $intakeWeight = 1.0,
    ): Prior {
        $spacing ??= Spacing::even(1.0);
        $levelSd = match (true) {
            $this->inherited?->level !== null => $this->inherited->levelSd,
            $referenceStated || $scale->isCalmTaken => $this->topCutSd,
            default => $this->topCutSdUnstated,
        };

        return new Prior(
            4,
            $this->inherited->level ?? $this->topCutMean + $scale->topCutShift,
            min(self::MOST_TOP_CUT_SD, $levelSd / sqrt($intakeWeight)),
            $spacing->of($this->inherited->gaps ?? $this->gaps),
            [
                ...array_values([...$scale->slopes(), ...array_intersect_key($this->inherited->slopes ?? [], $scale->slopes())]),
                ...array_map(fn (Covariate $of): GammaPrior => match ($of) {
                    Covariate::Learning => $spacing->learning($this->learning),
                    Covariate::Upset => $this->upset,
                }, $beyond),
            ],
        );
    }

    /**
     * @return non-empty-list<Spacing>
     *
     * @throws InvalidCatalog
     */
    private static function spacings(mixed $scales, mixed $weights): array
    {
        $lists = is_array($scales) ? array_values($scales) : [];
        $spacings = [];
        foreach (is_array($weights) && count($weights) === count($lists) ? array_values($weights) : [] as $i => $weight) {
            $three = self::weighted($lists[$i], [1, 1, 1], 'spacings.scales');
            $spacings[] = new Spacing([$three[0][0], $three[1][0], $three[2][0]], self::weighted([$weight], [1], 'spacings.weights')[0][0]);
        }

        return $spacings === [] ? throw InvalidCatalog::missing('priors', 'spacings.scales') : $spacings;
    }

    /**
     * Positive values with their positive prior weights.
     *
     * @return non-empty-list<array{float, float}>
     *
     * @throws InvalidCatalog
     */
    private static function weighted(mixed $values, mixed $weights, string $field): array
    {
        $pairs = [];
        foreach (
            is_array($values) && is_array($weights) && count($values) === count($weights)
                ? array_map(null, $values, $weights)
                : [] as [$value, $weight]
        ) {
            if (! (is_int($value) || is_float($value)) || $value <= 0 || ! (is_int($weight) || is_float($weight)) || $weight <= 0) {
                throw InvalidCatalog::contradiction("priors, {$field}", 'positive-numbers-only');
            }
            $pairs[] = [(float) $value, (float) $weight];
        }

        return $pairs === [] ? throw InvalidCatalog::missing('priors', "{$field}") : $pairs;
    }

    /**
     * The posterior weight of each spacing, by Bayes' rule.
     *
     * @param  float  $least  lighter ones are left out
     * @return array<int, float> by index of the spacing, summing to 1; never empty
     */
    public function spacingWeights(ThinningOut $seen, float $least): array
    {
        $logs = array_map(
            fn (Spacing $spacing): float => log($spacing->weight) + $spacing->logMarginal($this->gaps, $seen), $this->spacings,
        );
        $most = max($logs);
        $weights = array_map(static fn (float $log): float => exp($log - $most), $logs);
        $kept = array_filter($weights, static fn (float $weight): bool => $weight >= $least * array_sum($weights));
        $sum = array_sum($kept);

        return array_map(static fn (float $weight): float => $weight / $sum, $kept);
    }
}
