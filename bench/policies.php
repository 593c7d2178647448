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
use Core\Simulation\Policy;
use Core\Simulation\SimulatedDog;
use Core\Simulation\Temperament;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require dirname(__DIR__).'/vendor/autoload.php';

/**
 * Hand rules and the engine with the same simulated dogs, in an open place and with room capped at four times the stated
 * distance. Prints for each: over-threshold trials per 100 with a 95 % bootstrap interval over dogs, per 10 sessions and per
 * dog, also for the worst tenth of dogs; strain per 100; sessions to the goal, median and 90th percentile; share arriving.
 *
 * Usage: bench/policies [--dogs=60] [--seed=2] [--families=cliff,drift] [--limits=0.07,0.014] (seed 1 was used for tuning)
 */
$options = getopt('', ['dogs:', 'seed:', 'families:', 'limits:']);
$dogs = max(2, (int) ($options['dogs'] ?? 60));
$seed = (int) ($options['seed'] ?? 2);
$data = static fn (string $name): array => json_decode((string) file_get_contents(dirname(__DIR__)."/core/data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
$catalog = DimensionCatalog::fromArray($data('dimensions.presence'));
$priors = ModelPriors::fromArray($data('priors'));
$families = Temperament::families();
if (isset($options['families'])) {
    $families = array_intersect_key($families, array_flip(explode(',', (string) $options['families'])));
}
$limits = isset($options['limits']) ? RiskLimits::of(...array_map(floatval(...), explode(',', (string) $options['limits']))) : RiskLimits::usual();

$stated = 10.0;
$goal = Distance::fromMeters(5.0);
// what a set-up fixes, at its usual values: the engine may ease each of them where there is no more room
$usual = ['trigger_motion' => 'standing', 'trigger_heading' => 'across', 'trigger_energy' => 'calm', 'barrier' => 'open', 'handler_help' => 'cue_ready'];
$scale = LoadScale::of($catalog, Distance::fromMeters($stated), array_keys($usual));
$template = Exposure::of(['distance' => $stated, ...$usual], $catalog);

/** @var callable(float): array<string, callable(): Policy> $policies each starts by a rule of its own from the same stated distance */
$policies = static fn (float $room): array => [
    'hand, 0.85 from 4 x' => static fn (): Policy => new HandRule($template, Distance::fromMeters(min($room, 4 * $stated)), $goal),
    'hand, 0.80 from 6 x' => static fn (): Policy => new HandRule($template, Distance::fromMeters(min($room, 6 * $stated)), $goal, 0.8),
    'hand, 0.90 from 8 x' => static fn (): Policy => new HandRule($template, Distance::fromMeters(min($room, 8 * $stated)), $goal, 0.9),
    'engine' => static function () use ($room, $stated, $goal, $scale, $priors, $template, $limits): Policy {
        $start = Distance::fromMeters(min($room, 10 * $stated));
        $steps = array_map(static fn (Distance $distance): Step => new Step($template->withDistance($distance), Criterion::run(5)), (new EqualRatioLadder(2.22))->between($start, $goal));

        return new EnginePolicy(new ModelBuilder($priors), $scale, Ladder::of($steps), RuleSettings::of($limits, room: Distance::fromMeters($room)), null);
    },
];

/** @param  list<Course>  $courses */
$per100 = static fn (array $courses): float => 100.0 * array_sum(array_column($courses, 'reactions')) / max(1, array_sum(array_column($courses, 'trials')));
/** @param  list<Course>  $courses @return array{float, float} */
$bootstrap = static function (array $courses) use ($per100): array {
    $random = new Randomizer(new Xoshiro256StarStar(99));
    $sample = [];
    for ($b = 0; $b < 400; $b++) {
        $drawn = [];
        foreach ($courses as $ignored) {
            $drawn[] = $courses[$random->getInt(0, count($courses) - 1)];
        }
        $sample[] = $per100($drawn);
    }
    sort($sample);

    return [$sample[10], $sample[389]];
};
$quantile = static function (array $courses, float $share): string {
    $sessions = array_map(static fn (Course $course): int => $course->hasArrived ? $course->sessions : PHP_INT_MAX, $courses);
    sort($sessions);
    $value = $sessions[(int) floor($share * (count($sessions) - 1))];

    return $value === PHP_INT_MAX ? '-' : (string) $value;
};

printf("%d dogs a family, seed %d, goal %s m for a stated %s m, at most 40 sessions of 60 trials, limits %s %% / %s %%\n", $dogs, $seed, $goal->meters, $stated, 100 * $limits->strain, 100 * $limits->reaction);
printf("%-22s %-5s %-20s %8s %15s %8s %8s %9s %8s %8s %8s %8s %8s\n", 'family', 'room', 'policy', 'over/100', '95 %', 'o/10 ses', 'o/dog', 'worst 10%', 'str/100', 'ses med', 'ses p90', 'trials', 'arrived');
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
            $reactions = array_column($courses, 'reactions');
            rsort($reactions);
            $worst = array_slice($reactions, 0, max(1, intdiv($dogs, 10)));
            [$low, $high] = $bootstrap($courses);
            printf(
                "%-22s %-5s %-20s %8.2f %7.2f–%-7.2f %8.2f %8.2f %9.1f %8.2f %8s %8s %8d %8.2f\n", $family, $roomName, $name,
                $per100($courses), $low, $high, 10 * $sum('reactions') / max(1, $sum('sessions')), $sum('reactions') / $dogs, array_sum($worst) / count($worst),
                100 * $sum('strains') / max(1, $sum('trials')), $quantile($courses, 0.5), $quantile($courses, 0.9), $sum('trials') / $dogs,
                count(array_filter($courses, static fn (Course $course): bool => $course->hasArrived)) / $dogs,
            );
        }
    }
}
