<?php

declare(strict_types=1);

/*
 * Whether the fan of a plan's future holds what comes: simulated dogs train for some sessions; the fan is drawn from what their log
 * leaves open; then the same dog goes on. Prints how often the sessions to the goal lay within it, and how fast a way is.
 *
 *     php bench/what-if.php [--dogs=40] [--ways=40] [--seed=1] [--before=6]
 */

use Core\Decision\RuleSettings;
use Core\Decision\SituationAssembly;
use Core\Decision\Told;
use Core\Decision\WorkingPlan;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Response\Spread;
use Core\Simulation\Chance;
use Core\Simulation\Fan;
use Core\Simulation\Future;
use Core\Simulation\Outlook;
use Core\Simulation\PosteriorDog;
use Core\Simulation\SimulatedDog;
use Core\Simulation\Temperament;
use Core\Tests\Fixture;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';

$options = getopt('', ['dogs:', 'ways:', 'seed:', 'before:']);
$number = static fn (string $name, int $usual): int => is_numeric($options[$name] ?? null) ? (int) $options[$name] : $usual;
[$dogs, $ways, $seed, $before] = [$number('dogs', 40), $number('ways', 40), $number('seed', 1), $number('before', 6)];
const HORIZON = 40;

$catalog = Fixture::catalogs()['presence'] ?? throw new LogicException('No such catalog.');
$usual = ['trigger_motion' => 'standing', 'trigger_heading' => 'across', 'trigger_energy' => 'calm', 'barrier' => 'open',
    'handler_help' => 'cue_ready'];
$stated = Distance::fromMeters(12.0);
$template = Exposure::of([DimensionKey::Distance->value => 12.0, ...$usual], $catalog);
$slope = $catalog->dimension(DimensionKey::Distance->value)->slope;
$ladder = Ladder::of(array_map(
    static fn (Distance $at): Step => new Step($template->withDistance($at), Criterion::run(5)),
    (new EqualRatioLadder($slope->mean()))->between(Distance::fromMeters(48.0), Distance::fromMeters(6.0)),
));
$plan = new WorkingPlan(
    $ladder, RuleSettings::of(RiskCaps::usual(), mostTrials: 20, room: Distance::fromMeters(100.0)), $stated, true, null, $catalog,
    null, new Told($stated),
);
$builder = new ModelBuilder(Fixture::priors());
$assembly = new SituationAssembly($builder, Fixture::signs());
$scale = LoadScale::of($catalog, $stated, array_keys($usual));
$start = new DateTimeImmutable('2026-01-05 09:00 UTC');

$within = $below = $told = 0;
// an end beyond what is looked ahead is open, and leaves nothing out there: such a fan is to hold more than eighty in a hundred
$expected = 0.0;
$spent = 0.0;
$solid = [5 => 0.0, 10 => 0.0, 20 => 0.0];
for ($i = 0; $i < $dogs; $i++) {
    $chance = new Chance(new Randomizer(new Xoshiro256StarStar(100_003 * $seed + $i)));
    $dog = SimulatedDog::drawn($scale, new Temperament, $chance);
    $past = Future::of($dog, $assembly, $plan, [], [], null, $start, new Spread(0.7), 2.0, $before);
    if ($past->outlook()->arrived !== null) {
        continue;
    }
    [$evidence, $summaries, $lastAt] = [$past->evidence(), $past->summaries(), $past->lastAt()];
    $from = $start->modify('+'.(2 * $before).' days');
    $spread = $builder->spread($plan->scale($evidence), true, null, $evidence);
    $model = $assembly->model($plan, $evidence, new SessionEvidence($from, []), null, $spread);
    if ($model === null) {
        continue;
    }
    $began = hrtime(true);
    $futures = array_map(static fn (): Outlook => Future::of(
        PosteriorDog::drawn($model, $chance), $assembly, $plan, $evidence, $summaries, $lastAt, $from, $spread, 2.0, HORIZON,
    )->outlook(), range(1, $ways));
    $spent += (hrtime(true) - $began) / 1e9 / $ways;
    $fan = Fan::of($futures, HORIZON, $ladder->top());
    $way = Future::of($dog, $assembly, $plan, $evidence, $summaries, $lastAt, $from, $spread, 2.0, HORIZON)->outlook();
    $truth = $way->arrived ?? INF;
    // what is solid after so many sessions: a step on the edge of the band is half within
    foreach ($solid as $session => $share) {
        ['low' => $low, 'high' => $high] = $fan->solid[$session - 1];
        $at = $way->solid[$session - 1] ?? $ladder->top();
        $solid[$session] = $share + ($at < $low || $at > $high
            ? 0.0 : ($low < $high && ((float) $at === $low || (float) $at === $high) ? 0.5 : 1.0));
    }
    $told++;
    $expected += 1.0 - ($fan->soonest === null ? 0.0 : 0.1) - ($fan->latest === null ? 0.0 : 0.1);
    $below += $truth < ($fan->soonest ?? INF) ? 1 : 0;
    $within += $truth >= ($fan->soonest ?? INF) && $truth <= ($fan->latest ?? INF) ? 1 : 0;
    printf(
        "dog %d: fan %s to %s, middle %s; came after %s\n", $i, $fan->soonest ?? '–', $fan->latest ?? '–', $fan->middle ?? '–',
        is_finite($truth) ? $truth : '–',
    );
}
printf("%d dogs, %d ways each: %.0f %% within the fan (%.0f %% to be expected with its open ends), %.0f %% sooner; %.2f s a way\n",
    $told, $ways, 100 * $within / max(1, $told), 100 * $expected / max(1, $told), 100 * $below / max(1, $told), $spent / max(1, $told));
foreach ($solid as $session => $share) {
    printf("solid step after %d sessions: %.0f %% within\n", $session, 100 * $share / max(1, $told));
}
