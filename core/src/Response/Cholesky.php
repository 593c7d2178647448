<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidModel;

/** L·Lᵀ factor of a small symmetric positive definite matrix, kept for solving and inverting. */
final readonly class Cholesky
{
    /** @param  array<int, array<int, float>>  $lower rows of L, row i with i + 1 entries */
    private function __construct(private array $lower)
    {
    }

    /**
     * @param  array<int, array<int, float>>  $matrix  symmetric; only the lower triangle is read
     *
     * @throws InvalidModel if the matrix is not positive definite
     */
    public static function of(array $matrix): self
    {
        $lower = [];
        foreach ($matrix as $i => $row) {
            /** @var array<int, float> $line */
            $line = [];
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $line[$k] * ($j === $i ? $line[$k] : $lower[$j][$k]);
                }
                if ($j < $i) {
                    $line[] = $sum / $lower[$j][$j];
                } elseif ($sum > 0.0 && is_finite($sum)) {
                    $line[] = sqrt($sum);
                } else {
                    throw InvalidModel::notPositiveDefinite();
                }
            }
            $lower[] = $line;
        }

        return new self($lower);
    }

    /**
     * The solution of A·x = b.
     *
     * @param  array<int, float>  $b
     * @return array<int, float>
     */
    public function solve(array $b): array
    {
        $n = count($this->lower);
        $x = $b;
        for ($i = 0; $i < $n; $i++) {
            for ($k = 0; $k < $i; $k++) {
                $x[$i] -= $this->lower[$i][$k] * $x[$k];
            }
            $x[$i] /= $this->lower[$i][$i];
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($k = $i + 1; $k < $n; $k++) {
                $x[$i] -= $this->lower[$k][$i] * $x[$k];
            }
            $x[$i] /= $this->lower[$i][$i];
        }

        return array_values($x);
    }

    /**
     * L·x: of independent standard normals, normals with the covariance A.
     *
     * @param  list<float>  $x
     * @return list<float>
     */
    public function times(array $x): array
    {
        return array_values(array_map(
            static fn (array $line): float => array_sum(array_map(static fn (float $of, int $k): float => $of * $x[$k], $line,
                array_keys($line))),
            $this->lower,
        ));
    }

    /** ln |A|. */
    public function logDeterminant(): float
    {
        $sum = 0.0;
        foreach ($this->lower as $i => $line) {
            $sum += 2.0 * log($line[$i]);
        }

        return $sum;
    }

    /** @return array<int, array<int, float>> */
    public function inverse(): array
    {
        $n = count($this->lower);
        $rows = [];
        for ($i = 0; $i < $n; $i++) {
            $unit = array_fill(0, $n, 0.0);
            $unit[$i] = 1.0;
            $rows[] = $this->solve($unit);
        }

        return $rows;
    }
}
