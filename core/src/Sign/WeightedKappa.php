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
