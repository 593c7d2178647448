<?php

declare(strict_types=1);

namespace Core\Response;

use Core\Exposure\GammaPrior;

/**
 * Sharpens the priors of slopes and gaps by the dogs that a practice already knows: what its next dog is expected to be like. Its level is
 * no matter of the practice; where a dog reacts is told of each.
 *
 * Expectation and maximization in turn: each dog is fitted under the priors so far, its slopes and gaps are taken as gammas with their
 * mean and standard deviation, and a gamma is fitted to the means of x and of ln x over all dogs. The usual prior counts as ten dogs
 * more.
 *
 * @see Efron, B. & Morris, C. (1973). Stein's estimation rule and its competitors. J. Am. Stat. Assoc. 68, 117–130.
 * @see Dempster, A. P., Laird, N. M. & Rubin, D. B. (1977). Maximum likelihood from incomplete data via the EM algorithm. J. R. Stat. Soc.
 *     B 39, 1–38.
 */
final readonly class EmpiricalBayes
{
    /** Dogs, and trials of each, from which on a practice knows more than everybody does. Working values. */
    public const MIN_DOGS = 20;

    public const MIN_TRIALS = 30;

    /** Dogs that the usual prior stands for. */
    private const USUAL_DOGS = 10.0;

    private const MAX_ROUNDS = 12;

    /** Share by which no mean still moves when it is done. */
    private const CLOSE = 0.005;

    /**
     * @param  list<KnownDog>  $dogs  of one kind of plan
     * @return ?Inherited slopes and gaps, no level; null under twenty dogs with thirty trials each
     */
    public static function of(ModelBuilder $usual, array $dogs): ?Inherited
    {
        $dogs = array_values(array_filter($dogs, static fn (KnownDog $dog): bool => $dog->trials() >= self::MIN_TRIALS));
        if (count($dogs) < self::MIN_DOGS) {
            return null;
        }
        $gaps = $usual->priors->gaps;
        $slopes = [];
        foreach ($dogs as $dog) {
            foreach ($dog->scale->dimensions as $dimension) {
                $slopes[$dimension->key] = $dimension->slope;
            }
        }
        $first = [...$gaps, ...$slopes];
        $now = $first;
        for ($round = 0; $round < self::MAX_ROUNDS; $round++) {
            $before = $now;
            $now = self::maximized($first, self::seen($usual->inheriting(self::told($before, count($gaps))), $dogs));
            $moved = array_map(static fn (GammaPrior $was, GammaPrior $is): float => abs($is->mean() / $was->mean() - 1.0), $before, $now);
            if (max([0.0, ...$moved]) < self::CLOSE) {
                break;
            }
        }

        return self::told($now, count($gaps));
    }

    /** @param  array<int|string, GammaPrior>  $all  gaps first */
    private static function told(array $all, int $gaps): Inherited
    {
        $slopes = [];
        foreach (array_slice($all, $gaps, null, true) as $key => $prior) {
            $slopes[(string) $key] = $prior;
        }

        return new Inherited(null, 0.0, array_values(array_slice($all, 0, $gaps)), $slopes);
    }

    /**
     * What the dogs show, as gammas: by gap and by dimension, of those that have it in play.
     *
     * @param  list<KnownDog>  $dogs
     * @return array<int|string, list<GammaPrior>>
     */
    private static function seen(ModelBuilder $builder, array $dogs): array
    {
        $seen = [];
        foreach ($dogs as $dog) {
            $model = $builder->build($dog->scale, $dog->isStated, $dog->fineAt, $dog->sessions, new SessionEvidence($dog->lastAt(), []));
            if ($model === null) {
                continue;
            }
            $fit = $model->fit;
            $cuts = $fit->mode->cuts;
            $at = static fn (int $i): GammaPrior => GammaPrior::withSd($fit->mode->theta[$i], $fit->standardError($i));
            for ($k = 1; $k < $cuts; $k++) {
                $seen[$k - 1][] = $at($k)->scaled(1.0 / $model->weightiest()->spacing->scales[$k - 1]);
            }
            foreach ($dog->scale->keys() as $j => $key) {
                $seen[$key][] = $at($cuts + $j);
            }
        }

        return $seen;
    }

    /**
     * @param  array<int|string, GammaPrior>  $usual
     * @param  array<int|string, list<GammaPrior>>  $seen
     * @return array<int|string, GammaPrior>
     */
    private static function maximized(array $usual, array $seen): array
    {
        $next = [];
        foreach ($usual as $key => $prior) {
            [$mean, $meanLog, $weight] = [self::USUAL_DOGS * $prior->mean(), self::USUAL_DOGS * $prior->meanLog(), self::USUAL_DOGS];
            foreach ($seen[$key] ?? [] as $one) {
                $mean += $one->mean();
                $meanLog += $one->meanLog();
                $weight++;
            }
            $next[$key] = GammaPrior::fitted($mean / $weight, $meanLog / $weight);
        }

        return $next;
    }
}
