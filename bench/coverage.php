<?php

declare(strict_types=1);

use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Distance;
use Core\Measure\Probability;
use Core\Response\Day;
use Core\Response\ModelBuilder;
use Core\Response\ModelPriors;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Simulation\Chance;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require dirname(__DIR__).'/vendor/autoload.php';

/**
 * Dogs drawn from the priors whose limit wanders from session to session, with days that differ and earlier sessions fading:
 * how often the intervals of the risk of strain on a typical day, right after the last session, hold the truth, after
 * ten sessions and after thirty; and how many logits too hard the dog is told, on average, also where each session has taught it something.
 */
$data = static fn (string $name): array =>
    json_decode((string) file_get_contents(dirname(__DIR__)."/core/data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
$catalog = DimensionCatalog::fromArray($data('dimensions.presence'));
$scale = LoadScale::of($catalog, Distance::fromMeters(10), []);
$builder = new ModelBuilder(ModelPriors::fromArray($data('priors')));
$at = static fn (float $meters): Exposure => Exposure::of(['distance' => $meters], $catalog);
$dogs = 300;
printf(
    "%d dogs each, sessions of 15 trials two days apart\n%-10s %-26s %-12s %10s %10s %18s %10s\n", $dogs, 'sessions',
    'drift a session (logits)', 'learned', '80 %', '90 %', 'one-sided 80 %', 'off',
);
$courses = [
    [10, 0.0, 0.0], [10, 0.2, 0.0], [10, 0.35, 0.0], [10, 0.6, 0.0], [30, 0.0, 0.0], [30, 0.2, 0.0], [30, 0.35, 0.0], [30, 0.6, 0.0],
    [10, 0.2, 0.1], [30, 0.2, 0.1],
];
foreach ($courses as [$count, $drift, $learned]) {
    $eighty = $ninety = $bound = 0;
    $bias = 0.0;
    for ($dog = 0; $dog < $dogs; $dog++) {
        $chance = new Chance(new Randomizer(new Xoshiro256StarStar(77_000 + $dog)));
        $top = 1.3 * $chance->normal();
        $gaps = [$chance->gamma(8, 2.1), $chance->gamma(8, 1.6), $chance->gamma(8, 1.3)];
        $slope = $chance->gamma(8, 2.2222);
        $sessions = [];
        for ($s = 0; $s < $count; $s++) {
            $top += $learned + $drift * $chance->normal();
            $offset = 0.7 * $chance->normal();
            $trials = [];
            for ($i = 0; $i < 15; $i++) {
                $meters = 15.0 * 2.0 ** (2.5 * $chance->uniform());
                $draw = $chance->uniform();
                $band = 0;
                foreach ([$top - array_sum($gaps), $top - $gaps[1] - $gaps[2], $top - $gaps[2], $top] as $k => $cut) {
                    $band = $draw < Probability::fromLogit($slope * log(10.0 / $meters, 2) + $offset - $cut)->value ? $k + 1 : $band;
                }
                $trials[] = ['exposure' => $at($meters), 'band' => Band::from($band), 'afterReaction' => false];
            }
            $sessions[] = SessionEvidence::ofTrials(new DateTimeImmutable('2026-01-01 +'.(2 * $s).' days'), $trials);
        }
        $after = new SessionEvidence(new DateTimeImmutable('2026-01-01 +'.(2 * $count).' days'), []);
        $model = $builder->build($scale, true, null, $sessions, $after)
            ?? throw new LogicException('No fit.');
        $linear = $model->linear($at(30.0), Band::Strain, Day::Typical);
        $truth = $slope * log(10.0 / 30.0, 2) - ($top - $gaps[2]);
        $off = ($truth - $linear['mean']) / $linear['sd'];
        $eighty += abs($off) <= 1.2816 ? 1 : 0;
        $ninety += abs($off) <= 1.6449 ? 1 : 0;
        $bound += $off <= 0.8416 ? 1 : 0;
        $bias += ($linear['mean'] - $truth) / $dogs;
    }
    printf(
        "%-10d %-26.2f %-12.2f %9.0f%% %9.0f%% %17.0f%% %+10.2f\n", $count, $drift, $learned, 100 * $eighty / $dogs, 100 * $ninety / $dogs,
        100 * $bound / $dogs, $bias,
    );
}
