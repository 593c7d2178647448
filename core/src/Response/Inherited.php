<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\GammaPrior;

/**
 * What a model passes on to that of another person with the same dog and trigger: how much each part of a setup weighs, and how the bands
 * are spaced, as far as it is known and half as sure again of nothing; the level only as a first guess, for a dog may be nearer to one
 * person's hands than to another's. It is told as priors, so that the other person's own trials soon say more.
 */
final readonly class Inherited
{
    /** Standard deviations of slopes and gaps, times this. A working value. */
    public const WIDER = 1.5;

    /** Logits that lie between two people, as a standard deviation: as wide as what is told at intake. A working value. */
    public const LEVEL_SD = 1.3;

    /**
     * @param  ?float  $level  of the top cut point, in logits; null where only the intake tells it
     * @param  list<GammaPrior>  $gaps
     * @param  array<string, GammaPrior>  $slopes  by key of the scale
     */
    public function __construct(public ?float $level, public float $levelSd, public array $gaps, public array $slopes)
    {
    }

    public static function of(DogModel $model): self
    {
        $fit = $model->fit;
        $theta = $fit->mode->theta;
        $at = static fn (int $i): GammaPrior => GammaPrior::withSd($theta[$i], self::WIDER * $fit->standardError($i));
        $cuts = $fit->mode->cuts;
        $slopes = [];
        foreach ($model->scale->keys() as $j => $key) {
            $slopes[$key] = $at($cuts + $j);
        }

        return new self(
            $theta[0], sqrt($fit->standardError(0) ** 2 + self::LEVEL_SD ** 2), array_map($at, range(1, $cuts - 1)), $slopes,
        );
    }

    /**
     * @return array{level: ?array{float, float}, gaps: list<array{float, float}>, slopes: array<string, array{float, float}>} each pair of
     *    a gamma is its shape and its mean
     */
    public function toArray(): array
    {
        $pair = static fn (GammaPrior $prior): array => [$prior->shape, $prior->mean()];

        return [
            'level' => $this->level === null ? null : [$this->level, $this->levelSd], 'gaps' => array_map($pair, $this->gaps),
            'slopes' => array_map($pair, $this->slopes),
        ];
    }

    /** @param  array<mixed>  $kept  as toArray() gave it; null for what is not that, or was of another version of the bands */
    public static function fromArray(array $kept): ?self
    {
        $pair = static fn (mixed $told): ?array => is_array($told) && is_numeric($told[0] ?? null) && is_numeric($told[1] ?? null)
            ? [(float) $told[0], (float) $told[1]]
            : null;
        $gamma = static function (mixed $told) use ($pair): ?GammaPrior {
            $both = $pair($told);

            return $both === null ? null : GammaPrior::withMean($both[0], $both[1]);
        };
        $level = $pair($kept['level'] ?? null);
        $gaps = array_map($gamma, is_array($kept['gaps'] ?? null) ? array_values($kept['gaps']) : []);
        $slopes = [];
        foreach (is_array($kept['slopes'] ?? null) ? $kept['slopes'] : [] as $key => $told) {
            $slopes[(string) $key] = $gamma($told);
        }
        $known = array_values(array_filter($gaps));

        return count($known) !== count($gaps) || $gaps === [] || ($level === null && ($kept['level'] ?? null) !== null)
            ? null
            : new self($level[0] ?? null, $level[1] ?? 0.0, $known, array_filter($slopes));
    }
}
