<?php

declare(strict_types=1);

namespace Core\Response;

/** Log posterior at a point with its first and second derivatives; the Hessian is arrow-shaped, but for what binds an offset to
 * its parent, and kept in its parts. */
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
}
