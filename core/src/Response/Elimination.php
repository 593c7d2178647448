<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidModel;

/**
 * The −Hessian with all offsets eliminated, one after the other (block Gaussian elimination): each is bound to theta and to its parent
 * only, and a parent comes after its children, so nothing fills in and the work stays linear in sessions.
 *
 * @see George, A. & Liu, J. W.-H. (1981). Computer Solution of Large Sparse Positive Definite Systems, ch. 2 (from memory): a tree
 *     eliminated from its leaves has no fill.
 */
final readonly class Elimination
{
    /**
     * @param  Cholesky  $factor  of theta's block
     * @param  array<int, float>  $pivots  by offset: what is left of its information once those before it are gone
     * @param  array<int, array<int, float>>  $cross  by offset, then by theta, at that point
     * @param  list<OffsetGroup>  $groups
     * @param  array<int, float>  $gradient  of theta, at the end
     * @param  array<int, float>  $offsetGradient  by offset, at that point
     */
    private function __construct(
        public Cholesky $factor, private array $pivots, private array $cross, private array $groups, private array $gradient,
        private array $offsetGradient,
    ) {
    }

    /**
     * @param  list<OffsetGroup>  $groups
     *
     * @throws InvalidModel if the −Hessian is not positive definite
     */
    public static function of(Curvature $here, array $groups): self
    {
        $matrix = $here->information;
        $gradient = $here->gradient;
        $pivots = $here->offsetInformation;
        $cross = $here->crossInformation;
        $offsetGradient = $here->offsetGradient;
        $n = count($matrix);
        foreach ($groups as $s => $group) {
            if ($pivots[$s] <= 0.0) {
                throw InvalidModel::notPositiveDefinite();
            }
            $inverse = 1.0 / $pivots[$s];
            $line = $cross[$s];
            for ($i = 0; $i < $n; $i++) {
                $factor = $line[$i] * $inverse;
                if ($factor === 0.0) {
                    continue;
                }
                $gradient[$i] -= $factor * $offsetGradient[$s];
                for ($j = 0; $j <= $i; $j++) {
                    $matrix[$i][$j] -= $factor * $line[$j];
                }
            }
            if ($group->parent !== null) {
                // bound to its parent by −1/variance
                $share = $inverse / $group->variance;
                $pivots[$group->parent] -= $share / $group->variance;
                $offsetGradient[$group->parent] += $share * $offsetGradient[$s];
                for ($i = 0; $i < $n; $i++) {
                    $cross[$group->parent][$i] += $share * $line[$i];
                }
            }
        }

        return new self(Cholesky::of($matrix), $pivots, $cross, $groups, $gradient, $offsetGradient);
    }

    /**
     * Newton's step.
     *
     * @return array{array<int, float>, array<int, float>} by theta, by offset
     */
    public function step(): array
    {
        $step = $this->factor->solve($this->gradient);
        $offsetStep = $this->offsetGradient;
        for ($s = count($this->groups) - 1; $s >= 0; $s--) {
            foreach ($this->cross[$s] as $i => $value) {
                $offsetStep[$s] -= $value * $step[$i];
            }
            $group = $this->groups[$s];
            $offsetStep[$s] += $group->parent === null ? 0.0 : $offsetStep[$group->parent] / $group->variance;
            $offsetStep[$s] /= $this->pivots[$s];
        }

        return [$step, $offsetStep];
    }

    /** ln of the determinant of the whole −Hessian. */
    public function logDeterminant(): float
    {
        return $this->factor->logDeterminant() + array_sum(array_map(log(...), $this->pivots));
    }

    /**
     * An offset given theta: its mean moves by −b·(θ − θ̂), and it has a variance of its own, that of its parents with it.
     *
     * @return array{array<int, float>, float} b by theta, variance
     */
    public function given(int $group): array
    {
        $moved = array_fill(0, count($this->gradient), 0.0);
        $variance = 0.0;
        $share = 1.0;
        for ($s = $group; $s !== null; $s = $this->groups[$s]->parent) {
            $variance += $share ** 2 / $this->pivots[$s];
            foreach ($this->cross[$s] as $i => $value) {
                $moved[$i] += $share * $value / $this->pivots[$s];
            }
            $share /= $this->groups[$s]->variance * $this->pivots[$s];
        }

        return [$moved, $variance];
    }
}
