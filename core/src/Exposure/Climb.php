<?php

declare(strict_types=1);

namespace Core\Exposure;

/**
 * A ladder of named steps among the covariates. What a step shows that none on its way has shown as hard is new, and has an increment of
 * its own; what it shows less hard than its way is told by the dimensions. So for a typical dog a step is as hard as its dimensions say,
 * and for each dog any step may be harder or easier than that. An exposure is taken at the nearest step, or part of the way up to one;
 * what it differs in from there is told by the dimensions too.
 */
final readonly class Climb
{
    /** Shape of the gamma of what a step adds, before any trial. A working value. */
    private const SHAPE = 3.0;

    /** Logits that a step adds at least, before any trial: what people tell apart is never nothing to a dog. A working value. */
    private const LEAST = 0.15;

    /** Nearer than this, in squared logits, is the same. */
    private const SAME = 1e-9;

    /**
     * @param  array<string, GammaPrior>  $increments  what each step but the first adds, in logits, by its name
     * @param  list<non-empty-list<float>>  $points  covariates of the steps by dimension
     * @param  list<non-empty-list<float>>  $hardest  by step: the hardest that its way has shown, by dimension
     * @param  list<list<float>>  $news  by step: by how much it is harder than that
     * @param  list<float>  $lengths  by step: squared logits of what is new
     * @param  list<list<float>>  $ways  by step: 1 for each increment on its way, 0 for the others
     * @param  list<float>  $squares  of the slopes of a typical dog, by dimension
     */
    private function __construct(
        public array $increments, private array $points, private array $hardest, private array $news, private array $lengths,
        private array $ways, private array $squares,
    ) {
    }

    /**
     * @param  array<string, non-empty-list<float>>  $points  covariates of the steps by their names, in the ladder's order
     * @param  list<list<non-negative-int>>  $below  by step: the steps that it builds on, in order; the first step of all but itself
     * @param  list<float>  $slopes  of a typical dog, by dimension
     */
    public static function of(array $points, array $below, array $slopes): self
    {
        $increments = $hardest = $news = $lengths = $ways = [];
        $names = array_keys($points);
        $points = array_values($points);
        foreach ($points as $i => $point) {
            $shown = $points[$below[$i][0] ?? $i];
            foreach ($below[$i] as $step) {
                $shown = array_map(static fn (float $one, float $other): float => max($one, $other), $shown, $points[$step]);
            }
            $new = array_map(static fn (float $x, float $most): float => max(0.0, $x - $most), $point, $shown);
            $way = array_fill(0, count($points) - 1, 0.0);
            foreach (array_diff($below[$i], [0]) as $step) {
                $way[$step - 1] = 1.0;
            }
            $length = $adds = 0.0;
            foreach ($slopes as $j => $slope) {
                $adds += $slope * $new[$j];
                $length += ($slope * $new[$j]) ** 2;
            }
            [$hardest[], $news[], $lengths[], $ways[]] = [$shown, $new, $length, array_values($way)];
            if ($i > 0) {
                $increments[$names[$i]] = GammaPrior::withMean(self::SHAPE, max(self::LEAST, $adds));
            }
        }

        return new self(
            $increments, $points, $hardest, $news, $lengths, $ways, array_map(static fn (float $slope): float => $slope * $slope, $slopes),
        );
    }

    /**
     * What an exposure differs in from the hardest shown up to the nearest point of the ladder, and how far it goes up each step but the
     * first.
     *
     * @param  non-empty-list<float>  $x  its covariates by dimension
     * @return non-empty-list<float> as many, then 0 to 1 for each increment
     */
    public function covariates(array $x): array
    {
        [$least, $nearest, $share] = [INF, 0, 1.0];
        foreach ($this->points as $i => $point) {
            // from the step without what is new in it up to the step
            $away = $along = 0.0;
            $new = $this->news[$i];
            foreach ($this->squares as $j => $weight) {
                $by = $x[$j] - $point[$j] + $new[$j];
                $away += $weight * $by * $by;
                $along += $weight * $by * $new[$j];
            }
            $length = $this->lengths[$i];
            $t = $along >= $length ? 1.0 : max(0.0, $along / $length);
            $away += $t * ($t * $length - 2.0 * $along);
            if ($away < $least - self::SAME) {
                [$least, $nearest, $share] = [$away, $i, $t];
                if ($away < self::SAME) {
                    break;
                }
            }
        }

        return $this->upTo($nearest, $share, $x);
    }

    /**
     * The steps that an exposure contains: it is at least as hard in every dimension.
     *
     * @param  non-empty-list<float>  $x  its covariates by dimension
     * @return list<non-empty-list<float>> covariates of each
     */
    public function contained(array $x): array
    {
        $contained = [];
        foreach ($this->points as $i => $point) {
            foreach ($point as $j => $at) {
                if ($x[$j] < $at) {
                    continue 2;
                }
            }
            $contained[] = $this->upTo($i, 1.0, $point);
        }

        return $contained;
    }

    /**
     * @param  float  $share  of what is new in a step
     * @param  non-empty-list<float>  $x
     * @return non-empty-list<float>
     */
    private function upTo(int $step, float $share, array $x): array
    {
        $covariates = [];
        $new = $this->news[$step];
        foreach ($this->hardest[$step] as $j => $most) {
            $covariates[] = $x[$j] - $most - $share * $new[$j];
        }
        foreach ($this->ways[$step] as $place => $is) {
            $covariates[] = $place === $step - 1 ? $share : $is;
        }

        return $covariates;
    }
}
