<?php

declare(strict_types=1);

use Core\Exposure\DimensionCatalog;
use Core\Measure\Distance;
use Core\Response\ModelPriors;
use Core\Response\RiskCaps;
use Core\Sign\SignCatalog;
use Core\Simulation\CourseTally;
use Core\Simulation\Experiment;
use Core\Simulation\PolicyName;
use Core\Simulation\Temperament;

require dirname(__DIR__).'/vendor/autoload.php';

/**
 * Hand rules and the engine with the same simulated dogs, in an open place and with room capped at four times the stated
 * distance. Prints for each: over-threshold trials per 100 with a 95 % bootstrap interval over dogs, per 10 sessions and per
 * dog, also for the worst tenth of dogs; strain per 100; sessions to the goal, median and 90th percentile; share arriving.
 *
 * With --full 200 dogs a family, and the trade-off curve: the engine at four risk limits.
 *
 * Usage: bench/policies [--dogs=60] [--seed=2] [--families=cliff,drift] [--limits=0.07,0.014] [--full] (seed 1 was used for tuning)
 */
$options = getopt('', ['dogs:', 'seed:', 'families:', 'limits:', 'full']);
$isFull = isset($options['full']);
$dogs = max(2, (int) ($options['dogs'] ?? ($isFull ? 200 : 60)));
$seed = (int) ($options['seed'] ?? 2);
$data = static fn (string $name): array =>
    json_decode((string) file_get_contents(dirname(__DIR__)."/core/data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
$catalog = DimensionCatalog::fromArray($data('dimensions.presence'));
$signs = SignCatalog::fromArray($data('signs'));
$priors = ModelPriors::fromArray($data('priors'));
$families = Temperament::families();
if (isset($options['families'])) {
    $families = array_intersect_key($families, array_flip(explode(',', (string) $options['families'])));
}
$limits = isset($options['limits'])
    ? RiskCaps::of(...array_map(floatval(...), explode(',', (string) $options['limits'])))
    : RiskCaps::usual();
$stated = Distance::fromMeters(10.0);
$goal = Distance::fromMeters(5.0);

printf(
    "%d dogs a family, seed %d, goal %s m for a stated %s m, at most 40 sessions of 60 trials, limits %s %% / %s %%\n", $dogs, $seed,
    $goal->meters, $stated->meters, 100 * $limits->strain, 100 * $limits->reaction,
);
printf(
    "%-22s %-5s %-17s %8s %15s %8s %8s %9s %8s %8s %8s %8s %8s\n", 'family', 'room', 'policy', 'over/100', '95 %', 'o/10 ses', 'o/dog',
    'worst 10%', 'str/100', 'ses med', 'ses p90', 'trials', 'arrived',
);
foreach ($families as $family => $temperament) {
    foreach (['open' => null, '4 x' => Distance::fromMeters(40.0)] as $name => $room) {
        $experiment = new Experiment(
            $catalog, $signs, $priors, $temperament, $stated, $goal, $room, $limits, $seed, crc32($family) % 100_000,
        );
        foreach (PolicyName::cases() as $policy) {
            $tally = new CourseTally($experiment->run($policy, $dogs));
            [$low, $high] = $tally->reactionsPer100Interval();
            printf(
                "%-22s %-5s %-17s %8.2f %7.2f–%-7.2f %8.2f %8.2f %9.1f %8.2f %8s %8s %8d %8.2f\n", $family, $name, $policy->value,
                $tally->reactionsPer100(), $low, $high, $tally->reactionsPer10Sessions(), $tally->reactionsPerDog(), $tally->worstTenth(),
                $tally->strainsPer100(),
                $tally->sessionsTo(0.5) ?? '-', $tally->sessionsTo(0.9) ?? '-', $tally->trialsPerDog(), $tally->shareArrived(),
            );
        }
    }
}

if ($isFull) {
    echo "\ntrade-off of the engine, dogs as the model, open place\n";
    printf("%-16s %8s %8s %8s %8s\n", 'limits', 'over/100', 'ses med', 'ses p90', 'arrived');
    foreach ([[0.03, 0.005], [0.05, 0.01], [0.07, 0.014], [0.10, 0.02]] as [$strain, $reaction]) {
        $experiment = new Experiment(
            $catalog, $signs, $priors, Temperament::families()['as_the_model'], $stated, $goal, null, RiskCaps::of($strain, $reaction),
            $seed, crc32('as_the_model') % 100_000,
        );
        $tally = new CourseTally($experiment->run(PolicyName::Engine, $dogs));
        printf(
            "%4.1f %% / %4.1f %%   %8.2f %8s %8s %8.2f\n", 100 * $strain, 100 * $reaction, $tally->reactionsPer100(),
            $tally->sessionsTo(0.5) ?? '-', $tally->sessionsTo(0.9) ?? '-', $tally->shareArrived(),
        );
    }
}
