<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exception\InvalidModel;

/**
 * Rows of a fit in flat lists of numbers: read in order at every iteration, they stay in the processor's cache, and the rows
 * themselves may come one by one from a stream.
 */
final readonly class PackedRows
{
    /**
     * @param  list<int>  $columns  places in theta of the covariates that are not 0, of one row after the other
     * @param  list<float>  $values  of them
     * @param  list<int>  $lasts  by row: where its covariates end
     * @param  list<?int>  $groups  offset group by row
     * @param  list<float>  $shifts  by row: logits that its grader adds
     * @param  list<int>  $ends  by row: where its entries end
     * @param  list<int>  $bands  by entry, those with a count
     * @param  list<float>  $counts  by entry
     * @param  list<float>  $byBand  sum of counts by band
     */
    private function __construct(
        public array $columns, public array $values, public array $lasts, public array $groups, public array $shifts, public array $ends,
        public array $bands, public array $counts, public array $byBand,
    ) {
    }

    /**
     * @param  iterable<ObservedRow>  $rows
     * @param  int  $groupCount  offset groups there are
     *
     * @throws InvalidModel if a row does not fit the shape of the prior
     */
    public static function of(iterable $rows, Prior $prior, int $groupCount): self
    {
        $columns = $values = $lasts = $groups = $shifts = $ends = $bands = $counts = [];
        $byBand = array_fill(0, $prior->cuts + 1, 0.0);
        $slopes = count($prior->slopes);
        $band = $prior->bandWidth();
        foreach ($rows as $row) {
            if (count($row->covariates) !== $slopes || count($row->counts) !== $prior->cuts + 1) {
                throw InvalidModel::badShape(count($ends), count($row->covariates) + count($row->counts), $slopes + $prior->cuts + 1);
            }
            if ($row->group !== null && ($row->group < 0 || $row->group >= $groupCount)) {
                throw InvalidModel::badShape(count($ends), $row->group, $groupCount);
            }
            foreach ($row->covariates as $j => $x) {
                if ($x !== 0.0) {
                    $columns[] = $prior->cuts + $j;
                    $values[] = $x;
                }
            }
            $lasts[] = count($columns);
            foreach ($row->counts as $k => $count) {
                if ($count !== 0.0) {
                    $bands[] = $k;
                    $counts[] = $count;
                    $byBand[$k] += $count;
                }
            }
            $groups[] = $row->group;
            $shifts[] = $row->stricter * $band;
            $ends[] = count($bands);
        }

        return new self($columns, $values, $lasts, $groups, $shifts, $ends, $bands, $counts, array_values($byBand));
    }
}
