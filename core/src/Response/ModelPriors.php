<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidCatalog;
use Core\Exposure\Dimension;
use Core\Exposure\GammaPrior;
use Core\Exposure\LoadScale;

/** The priors of every dog's model, read from core/data/priors.json where their reasons stand. */
final readonly class ModelPriors
{
    /**
     * @param  list<GammaPrior>  $gaps
     * @param  non-empty-list<Spacing>  $spacings  the usual one first
     */
    private function __construct(
        public string $version,
        private float $topCutMean,
        private float $topCutSd,
        private float $topCutSdUnstated,
        private array $gaps,
        public array $spacings,
        public float $todaySd,
        public float $afterReactionMean,
        public float $assumedReferenceMeters,
    ) {
    }

    /**
     * @param  array<mixed>  $data
     *
     * @throws InvalidCatalog naming the field at fault
     */
    public static function fromArray(array $data): self
    {
        $number = static function (string ...$path) use ($data): float {
            $value = $data;
            foreach ($path as $field) {
                $value = is_array($value) ? ($value[$field] ?? null) : null;
            }

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
            self::spacings($data['spacings'] ?? null),
            $number('today', 'sd'),
            $number('today', 'afterReactionMean'),
            $number('assumedReferenceMeters'),
        );
    }

    /**
     * @param  bool  $referenceStated  whether a reaction distance was stated at intake
     * @param  float  $gapScale  on the prior means of the gaps
     */
    public function for(LoadScale $scale, bool $referenceStated, float $gapScale = 1.0): Prior
    {
        return new Prior(
            4,
            $this->topCutMean,
            $referenceStated ? $this->topCutSd : $this->topCutSdUnstated,
            array_map(static fn (GammaPrior $gap): GammaPrior => $gap->scaled($gapScale), $this->gaps),
            array_map(static fn (Dimension $dimension): GammaPrior => $dimension->slope, $scale->dimensions),
        );
    }

    /**
     * @return non-empty-list<Spacing>
     *
     * @throws InvalidCatalog
     */
    private static function spacings(mixed $data): array
    {
        $scales = is_array($data) && is_array($data['scales'] ?? null) ? array_values($data['scales']) : [];
        $weights = is_array($data) && is_array($data['weights'] ?? null) ? array_values($data['weights']) : [];
        $spacings = [];
        foreach ($scales as $i => $scale) {
            $weight = $weights[$i] ?? null;
            if (! is_numeric($scale) || $scale <= 0.0 || ! is_numeric($weight) || $weight <= 0.0) {
                throw InvalidCatalog::missing('priors', 'spacings (positive scales, each with a positive weight)');
            }
            $spacings[] = new Spacing((float) $scale, (float) $weight);
        }

        return $spacings === [] ? throw InvalidCatalog::missing('priors', 'spacings') : $spacings;
    }

    /**
     * The posterior weight of each spacing, by Bayes' rule.
     *
     * @param  array{float, float, float, float, float}  $counts  weighted trials by band
     * @return list<float> in the order of the spacings, summing to 1
     */
    public function spacingWeights(array $counts): array
    {
        $logs = array_map(fn (Spacing $spacing): float => log($spacing->weight) + $spacing->logMarginal($this->gaps, $counts), $this->spacings);
        $most = max($logs);
        $sum = array_sum(array_map(static fn (float $log): float => exp($log - $most), $logs));

        return array_map(static fn (float $log): float => exp($log - $most) / $sum, $logs);
    }
}
