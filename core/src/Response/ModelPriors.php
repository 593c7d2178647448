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
    /** @param  list<GammaPrior>  $gaps */
    private function __construct(
        public string $version,
        private float $topCutMean,
        private float $topCutSd,
        private float $topCutSdUnstated,
        private array $gaps,
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
            $number('today', 'sd'),
            $number('today', 'afterReactionMean'),
            $number('assumedReferenceMeters'),
        );
    }

    /**
     * @param  bool  $referenceStated  whether a reaction distance was stated at intake
     */
    public function for(LoadScale $scale, bool $referenceStated): Prior
    {
        return new Prior(
            4,
            $this->topCutMean,
            $referenceStated ? $this->topCutSd : $this->topCutSdUnstated,
            $this->gaps,
            array_map(static fn (Dimension $dimension): GammaPrior => $dimension->slope, $scale->dimensions),
        );
    }
}
