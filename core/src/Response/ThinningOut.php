<?php

declare(strict_types=1);

namespace Core\Response;

/** How trials in band k or more went on to band k + 1, counted by how hard they were. */
final readonly class ThinningOut
{
    /** Logits of one class of load; harder than MAX all count there. */
    private const CLASS_WIDTH = 0.5;

    private const MAX = 6.0;

    /**
     * @param  array<int, list<array{float, float, float}>>  $byGap  from 0: logit of band k or more, weighted trials that stayed, that went
     *    on
     */
    private function __construct(private array $byGap)
    {
    }

    /**
     * @param  list<ObservedRow>  $rows
     * @param  float  $bandWidth  logits that a grader adds who is stricter by one band
     */
    public static function of(array $rows, Parameters $mode, float $bandWidth): self
    {
        $cuts = $mode->cutPoints();
        $slopes = $mode->slopes();
        $classes = [];
        foreach ($rows as $row) {
            $reached = array_sum($row->counts) - $row->counts[0];
            if ($reached <= 0.0) {
                continue;
            }
            $eta = $row->stricter * $bandWidth + ($row->group === null ? 0.0 : $mode->offsets[$row->group]);
            foreach ($slopes as $j => $slope) {
                $eta += $slope * $row->covariates[$j];
            }
            for ($k = 0; $k < $mode->cuts - 1; $k++) {
                $stayed = $row->counts[$k + 1];
                $class = (int) floor(min(self::MAX, $eta - $cuts[$k]) / self::CLASS_WIDTH);
                $classes[$k][$class] ??= [($class + 0.5) * self::CLASS_WIDTH, 0.0, 0.0];
                $classes[$k][$class][1] += $stayed;
                $reached -= $stayed;
                $classes[$k][$class][2] += max(0.0, $reached);
            }
        }

        return new self(array_map(array_values(...), $classes));
    }

    /** @return list<array{float, float, float}> */
    public function at(int $gap): array
    {
        return $this->byGap[$gap] ?? [];
    }
}
