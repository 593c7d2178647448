<?php

declare(strict_types=1);

use Core\Decision\RuleSettings;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\ModelBuilder;
use Core\Response\ModelPriors;
use Core\Response\RiskLimits;
use Core\Simulation\Chance;
use Core\Simulation\Course;
use Core\Simulation\EnginePolicy;
use Core\Simulation\HandRule;
use Core\Simulation\SimulatedDog;
use Core\Simulation\Temperament;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require dirname(__DIR__).'/vendor/autoload.php';

/**
 * Hand rules and the engine with the same simulated dogs. Prints, for each family and room: over-threshold trials per 100,
 * per 10 sessions and per dog; strain per 100; sessions to the goal; share arriving.
 *
 * Usage: php bench/policies.php [--dogs=60] [--seed=1] [--families=cliff,drift]
 */
$options = getopt('', ['dogs:', 'seed:', 'families:']);
$dogs = (int) ($options['dogs'] ?? 60);
$seed = (int) ($options['seed'] ?? 1);
$data = static fn (string $name): array => json_decode((string) file_get_contents(dirname(__DIR__)."/core/data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
$catalog = DimensionCatalog::fromArray($data('dimensions.presence'));
$priors = ModelPriors::fromArray($data('priors'));
$families = Temperament::families();
if (isset($options['families'])) {
    $families = array_intersect_key($families, array_flip(explode(',', (string) $options['families'])));
}

$stated = 10.0;
$goal = Distance::fromMeters(5.0);
$scale = LoadScale::of($catalog, Distance::fromMeters($stated), ['trigger_motion']);
$template = Exposure::of(['distance' => $stated, 'trigger_motion' => 'standing'], $catalog);

$policies = static fn (float $room): array => [
    'hand, 0.85' => static fn (): HandRule => new HandRule($template, Distance::fromMeters(min($room, 4 * $stated)), $goal),
    'hand, 0.80' => static fn (): HandRule => new HandRule($template, Distance::fromMeters(min($room, 4 * $stated)), $goal, 0.8),
    'hand, 0.90, far' => static fn (): HandRule => new HandRule($template, Distance::fromMeters(min($room, 8 * $stated)), $goal, 0.9),
    'engine' => static function () use ($room, $stated, $goal, $scale, $priors, $template): EnginePolicy {
        $start = Distance::fromMeters(min($room, 10 * $stated));
        $steps = array_map(static fn (Distance $distance): Step => new Step($template->withDistance($distance), Criterion::run(5)), (new EqualRatioLadder(2.22))->between($start, $goal));

        return new EnginePolicy(new ModelBuilder($priors), $scale, Ladder::of($steps), RuleSettings::of(RiskLimits::usual(), room: Distance::fromMeters($room)), null);
    },
];

printf("%d dogs a family, seed %d, goal %s m for a stated %s m, at most 40 sessions\n", $dogs, $seed, $goal->meters, $stated);
printf("%-24s %-8s %-16s %8s %8s %8s %8s %9s %9s %8s %8s\n", 'family', 'room', 'policy', 'over/100', 'o/10 ses', 'o/dog', 'str/100', 'sess med', 'sess p90', 'trials', 'arrived');
foreach ($families as $family => $temperament) {
    foreach (['open' => 400.0, '4 x' => 4 * $stated] as $roomName => $room) {
        foreach ($policies($room) as $name => $make) {
            $courses = [];
            for ($i = 0; $i < $dogs; $i++) {
                // the same dog for every policy: drawn from the same seed
                $chance = new Chance(new Randomizer(new Xoshiro256StarStar(1_000_003 * $seed + 7919 * $i + crc32($family) % 100_000)));
                $courses[] = Course::run(SimulatedDog::drawn($scale, $temperament, $chance), $make());
            }
            $sum = static fn (string $field): int => array_sum(array_column($courses, $field));
            $sessions = array_map(static fn (Course $course): int => $course->hasArrived ? $course->sessions : 999, $courses);
            sort($sessions);
            $at = static fn (float $share): string => $sessions[(int) floor($share * (count($sessions) - 1))] === 999 ? '-' : (string) $sessions[(int) floor($share * (count($sessions) - 1))];
            printf(
                "%-24s %-8s %-16s %8.2f %8.2f %8.2f %8.2f %9s %9s %8d %8.2f\n", $family, $roomName, $name,
                100 * $sum('reactions') / max(1, $sum('trials')), 10 * $sum('reactions') / max(1, $sum('sessions')), $sum('reactions') / $dogs, 100 * $sum('strains') / max(1, $sum('trials')),
                $at(0.5), $at(0.9), $sum('trials') / $dogs, count(array_filter($courses, static fn (Course $course): bool => $course->hasArrived)) / $dogs,
            );
        }
    }
}
