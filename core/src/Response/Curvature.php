<?php

declare(strict_types=1);

namespace Core\Response;

/** Log posterior at a point with its first and second derivatives; the Hessian is arrow-shaped and kept in its parts. */
final readonly class Curvature
{
    /**
     * @param  float  $logPosterior  up to a constant that does not depend on the parameters
     * @param  array<int, float>  $gradient  by theta
     * @param  array<int, array<int, float>>  $information  −Hessian by theta
     * @param  array<int, float>  $offsetGradient  by group
     * @param  array<int, float>  $offsetInformation  −second derivative by group, diagonal
     * @param  array<int, array<int, float>>  $crossInformation  by group, then by theta
     */
    public function __construct(
        public float $logPosterior,
        public float $logLikelihood,
        public array $gradient,
        public array $information,
        public array $offsetGradient,
        public array $offsetInformation,
        public array $crossInformation,
    ) {
    }

    /**
     * −Hessian of theta with the offsets eliminated (Schur complement).
     *
     * @return array<int, array<int, float>>
     */
    public function eliminated(): array
    {
        $matrix = $this->information;
        $n = count($matrix);
        foreach ($this->crossInformation as $s => $cross) {
            $inverse = 1.0 / $this->offsetInformation[$s];
            for ($i = 0; $i < $n; $i++) {
                $factor = $cross[$i] * $inverse;
                if ($factor === 0.0) {
                    continue;
                }
                for ($j = 0; $j <= $i; $j++) {
                    $matrix[$i][$j] -= $factor * $cross[$j];
                }
            }
        }
        for ($i = 0; $i < $n; $i++) {
            for ($j = $i + 1; $j < $n; $j++) {
                $matrix[$i][$j] = $matrix[$j][$i];
            }
        }

        return array_map(array_values(...), $matrix);
    }
}
