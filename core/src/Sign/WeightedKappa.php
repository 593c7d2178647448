<?php

declare(strict_types=1);

namespace Core\Sign;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/**
 * Agreement of two people who graded the same trials, beyond chance: near misses count less than far ones.
 *
 * @see Cohen, J. (1968). Weighted kappa: nominal scale agreement with provision for scaled disagreement or partial credit. Psychological
 *    Bulletin 70, 213–220.
 */
final readonly class WeightedKappa
{
    private const BANDS = 5;

    /** @param  list<list<int>>  $table trials by the first grader's band (rows) and the second's (columns) */
    private function __construct(private array $table)
    {
    }

    /**
     * @param  list<list<int>>  $table  5 × 5 counts
     *
     * @throws InvalidMeasure if it is not 5 × 5 counts
     */
    public static function ofTable(array $table): self
    {
        foreach ($table as $row) {
            if (count($row) !== self::BANDS || min($row) < 0) {
                throw InvalidMeasure::outOfRange(Quantity::TableRow, count($row), self::BANDS, self::BANDS);
            }
        }

        return count($table) === self::BANDS
            ? new self($table)
            : throw InvalidMeasure::outOfRange(Quantity::TableRows, count($table), self::BANDS, self::BANDS);
    }

    /** Disagreement grows with the number of bands between; null where chance disagreement is 0: undefined. */
    public function linear(): ?float
    {
        return $this->kappa(static fn (int $apart): float => (float) $apart);
    }

    /** Disagreement grows with the square of it. */
    public function quadratic(): ?float
    {
        return $this->kappa(static fn (int $apart): float => (float) $apart ** 2);
    }

    /**
     * How far the linear one may be off for the few trials it was worked out from: large-sample standard error by the delta method; 1.96 of
     * them on either side hold it with 95 %. Null where it is undefined.
     *
     * @see Fleiss, J. L., Cohen, J. & Everitt, B. S. (1969). Large sample standard errors of kappa and weighted kappa. Psychological
     *    Bulletin 72, 323–327, equation 13.
     */
    public function standardError(): ?float
    {
        $all = array_sum(array_map(array_sum(...), $this->table));
        if ($this->linear() === null) {
            return null;
        }
        $weight = static fn (int $i, int $j): float => 1.0 - abs($i - $j) / (self::BANDS - 1);
        $bands = range(0, self::BANDS - 1);
        $rows = array_map(static fn (array $row): float => array_sum($row) / $all, $this->table);
        $columns = array_map(fn (int $j): float => array_sum(array_column($this->table, $j)) / $all, $bands);
        // the mean weight of a row by how often the columns come, and of a column by the rows
        $ofRow = array_map(static fn (int $i): float => array_sum(array_map(
            static fn (int $j): float => $columns[$j] * $weight($i, $j), $bands,
        )), $bands);
        $ofColumn = array_map(static fn (int $j): float => array_sum(array_map(
            static fn (int $i): float => $rows[$i] * $weight($i, $j), $bands,
        )), $bands);
        $observed = $expected = 0.0;
        foreach ($bands as $i) {
            foreach ($bands as $j) {
                $observed += $weight($i, $j) * $this->table[$i][$j] / $all;
                $expected += $weight($i, $j) * $rows[$i] * $columns[$j];
            }
        }
        $sum = 0.0;
        foreach ($bands as $i) {
            foreach ($bands as $j) {
                $sum += $this->table[$i][$j] / $all
                    * ($weight($i, $j) * (1.0 - $expected) - ($ofRow[$i] + $ofColumn[$j]) * (1.0 - $observed)) ** 2;
            }
        }
        $sum -= ($observed * $expected - 2.0 * $expected + $observed) ** 2;

        return sqrt(max(0.0, $sum) / $all) / (1.0 - $expected) ** 2;
    }

    /** @param  callable(int): float  $weight */
    private function kappa(callable $weight): ?float
    {
        $rows = array_map(array_sum(...), $this->table);
        $columns = array_map(fn (int $j): int => array_sum(array_column($this->table, $j)), range(0, self::BANDS - 1));
        $all = array_sum($rows);
        $observed = $expected = 0.0;
        foreach ($this->table as $i => $row) {
            foreach ($row as $j => $count) {
                $observed += $weight(abs($i - $j)) * $count;
                $expected += $all === 0 ? 0.0 : $weight(abs($i - $j)) * $rows[$i] * $columns[$j] / $all;
            }
        }

        return $expected === 0.0 ? null : 1.0 - $observed / $expected;
    }
}
