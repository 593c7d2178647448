<?php

declare(strict_types=1);

namespace Core\Tests\Planning;

use Core\Decision\Reason;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Planning\FoundPath;
use Core\Planning\NoPath;
use Core\Planning\PathSearch;
use Core\Planning\Refiner;
use Core\Planning\StartingPoint;
use Core\Response\DogModel;
use Core\Response\EvidenceRow;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Tests\Fixture;

/**
 * Ladders laid anew, steps split and ways found, for dogs of which nothing is known: in one text, judged by nobody, so that nothing of it
 * changes unseen. Where a change is meant, write it anew and read the difference:
 *
 *     php core/tests/Planning/Planned.php
 */
final class Planned
{
    public const FILE = __DIR__.'/planned.txt';

    /** Steps of presence plans: several things at once, grain, a criterion between, up and down again. */
    private const DRAWN = [
        'grain' => [[60, 'standing'], [57, 'standing'], [54, 'standing'], [51, 'standing'], [20, 'standing']],
        'grain and a turn' => [[40, 'standing'], [30, 'standing'], [38, 'standing'], [34, 'standing'], [30, 'standing'], [10, 'standing']],
        'two at once' => [[60, 'lying'], [20, 'run'], [10, 'run']],
        'neighbors' => [[20, 'brisk_walk'], [20, 'run']],
        'down and up' => [[30, 'slow_walk'], [8, 'slow_walk'], [25, 'run'], [24, 'run'], [9, 'run']],
        'one' => [[12, 'run']],
    ];

    /** From, to, what moves, logits a step, the farthest of the place. */
    private const WAYS = [
        [[60.0, 'lying', 'ignoring'], [10.0, 'run', 'staring'], ['distance', 'trigger_motion', 'trigger_attention'], 0.5, null],
        [[60.0, 'lying', 'ignoring'], [10.0, 'run', 'staring'], ['distance', 'trigger_motion', 'trigger_attention'], 0.8, 60.0],
        [[33.3, 'standing', 'ignoring'], [7.7, 'slow_walk', 'glancing'], ['trigger_motion', 'distance', 'trigger_attention'], 0.5, 80.0],
        [[30.0, 'standing', 'glancing'], [30.0, 'run', 'glancing'], ['distance', 'trigger_motion'], 0.5, 45.0],
        [[30.0, 'lying', 'ignoring'], [30.0, 'run', 'ignoring'], ['distance', 'trigger_motion'], 0.1, 30.0],
        [[30.0, 'lying', 'ignoring'], [30.0, 'run', 'ignoring'], ['trigger_motion'], 0.25, null],
        [[20.0, 'run', 'ignoring'], [30.0, 'run', 'ignoring'], ['distance'], 0.5, null],
        [[30.0, 'lying', 'ignoring'], [30.0, 'run', 'staring'], ['trigger_motion', 'trigger_attention'], 0.5, null],
        [[30.0, 'lying', 'ignoring'], [30.0, 'run', 'staring'], ['trigger_motion', 'trigger_attention'], 0.2, null],
        [[30.0, 'lying', 'ignoring'], [20.0, 'run', 'staring'], ['distance', 'trigger_motion', 'trigger_attention'], 0.3, 32.0],
        [[30.0, 'lying', 'ignoring'], [20.0, 'run', 'staring'], ['distance', 'trigger_motion', 'trigger_attention'], 0.3, 40.0],
    ];

    public static function text(): string
    {
        $lines = [];
        foreach (['trigger-at-a-distance', 'head-on-encounters', 'passing-on-cue', 'quiet-walking', 'sounds'] as $key) {
            [$ladder, $model] = Fixture::laid($key);
            array_push($lines, "== {$key}", ...self::ladder((new Refiner($model))->refine($ladder), $model));
        }
        $model = Fixture::model([], []);
        foreach (self::DRAWN as $name => $steps) {
            $ladder = Ladder::of(array_map(
                static fn (array $step, int $i): Step => new Step(
                    Fixture::at((float) $step[0], $step[1]), Criterion::run($name === 'grain' && $i === 2 ? 3 : 5),
                ), $steps, array_keys($steps),
            ));
            array_push($lines, "== {$name}", ...self::ladder((new Refiner($model))->refine($ladder), $model));
            array_push($lines, "== {$name}, in small steps", ...self::ladder((new Refiner($model, 0.25))->refine($ladder), $model));
        }
        foreach (['nails', 'ear-care', 'harness-straps', 'sounds', 'settle-mat', 'head-on-encounters'] as $key) {
            [$ladder, $model] = Fixture::laid($key);
            $lines[] = "== {$key}, split";
            foreach (array_slice($ladder->steps, 1) as $i => $step) {
                $half = (new Refiner($model))->half($ladder->step($i)->exposure, $step->exposure);
                $lines[] = "{$i}: ".($half === null ? 'nothing between' : self::exposure($half, $step->exposure, $model));
            }
        }
        $plan = Ladder::of([new Step(Fixture::at(60.0)->with('trigger_attention', 'ignoring'), Criterion::run(5))]);
        $model = Fixture::typical($plan, Fixture::dimensions());
        foreach (self::WAYS as $i => [$from, $to, $moving, $step, $easiest]) {
            $at = static fn (float $meters, string $motion, string $attention): Exposure =>
                Fixture::at($meters, $motion)->with('trigger_attention', $attention);
            $found = (new PathSearch($model, $step))->find($at(...$from), $at(...$to), $moving, $easiest);
            array_push($lines, "== way {$i}", ...self::way($found, $model));
        }
        foreach (['nails', 'sounds', 'settle-mat', 'trigger-at-a-distance'] as $key) {
            [$ladder, $model] = Fixture::laid($key);
            foreach ([null, 1, 3] as $doubt) {
                $start = StartingPoint::on($ladder, self::calm($ladder, $model), $model, RiskCaps::usual(), $doubt);
                $lines[] = "== start on {$key}, doubt ".($doubt ?? 'nowhere');
                $lines[] = "{$start['step']}: ".self::start($start['point'], $model);
            }
        }
        $starts = [
            ['sounds', 'level', 44.4], ['trigger-at-a-distance', 'distance', 19.9], ['settle-mat', 'duration', 8.0], ['teeth', 'gap', 3.3],
        ];
        foreach ($starts as [$key, $along, $doubted]) {
            [$ladder, $model] = Fixture::laid($key);
            foreach ([[null, null], [$doubted, null], [$doubted, 22.2]] as [$doubt, $room]) {
                $lines[] = "== start along {$along}, doubt ".($doubt ?? 'nowhere').', room '.($room ?? 'any');
                $lines[] = self::start(StartingPoint::along(
                    self::calm($ladder, $model), $model, $ladder->step(0)->exposure, $along, RiskCaps::usual(),
                    $room === null ? null : Distance::fromMeters($room), $doubt,
                ), $model);
            }
        }
        [$ladder, $model] = Fixture::laid('teeth');
        $from = $model->scale->catalog->settled($ladder->step(0)->exposure->with('gap', 40.0)->with('contact', 'hover'));
        array_push($lines, '== way to teeth', ...self::way(
            (new PathSearch($model))->find($from, $from->with('gap', 0.0)->with('contact', 'hold'), ['gap', 'contact']), $model,
        ));

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> */
    private static function ladder(Ladder $ladder, DogModel $model): array
    {
        $before = null;
        $lines = [];
        foreach ($ladder->steps as $step) {
            $lines[] = self::exposure($step->exposure, $before, $model).($step->criterion->equals(Criterion::run(5)) ? '' : ' *');
            $before = $step->exposure;
        }

        return $lines;
    }

    /** @return list<string> */
    private static function way(FoundPath|NoPath $found, DogModel $model): array
    {
        if (! $found instanceof FoundPath) {
            return [implode(', ', array_map(
                static fn (mixed $fact): string => is_float($fact) ? sprintf('%.2f', $fact) : json_encode($fact, JSON_THROW_ON_ERROR),
                array_filter(get_object_vars($found), static fn (mixed $fact): bool => $fact !== null),
            ))];
        }
        $before = null;
        $lines = [];
        foreach ($found->exposures as $exposure) {
            $lines[] = self::exposure($exposure, $before, $model);
            $before = $exposure;
        }

        return $lines;
    }

    /** What is known after three sessions in which a dog was fine on the first five steps. */
    private static function calm(Ladder $ladder, DogModel $typical): DogModel
    {
        $sessions = [];
        foreach (['2026-10-02', '2026-10-04', '2026-10-06'] as $day) {
            $rows = array_map(
                static fn (Step $step): EvidenceRow => new EvidenceRow($step->exposure, false, [12, 1, 0, 0, 0]),
                array_slice($ladder->steps, 0, 5),
            );
            $sessions[] = new SessionEvidence(new \DateTimeImmutable("{$day} 10:00 UTC"), $rows);
        }

        return (new ModelBuilder(Fixture::priors()))->build(
            $typical->scale, true, null, $sessions, new SessionEvidence(new \DateTimeImmutable('2026-10-08 10:00 UTC'), []),
        ) ?? throw new \LogicException('The fit did not converge.');
    }

    private static function start(StartingPoint $point, DogModel $model): string
    {
        $reasons = array_map(static fn (Reason $reason): string => $reason->code->value, $point->reasons);

        return self::exposure($point->exposure, null, $model).($point->isWithin ? '' : ', over')
            .sprintf(', sure %.2f, ', $point->sure->value).implode(' ', $reasons);
    }

    /** What is other than before, and the load. */
    private static function exposure(Exposure $exposure, ?Exposure $before, DogModel $model): string
    {
        $told = [];
        foreach ($exposure->values as $key => $value) {
            if ($before === null || ($before->values[$key] ?? null) !== $value) {
                $told[] = "{$key} ".(is_float($value) ? (string) round($value, 2) : $value);
            }
        }

        return implode(', ', $told).sprintf(' | %.2f', $model->load($exposure));
    }
}

if (get_included_files()[0] === __FILE__) {
    require dirname(__DIR__, 3).'/vendor/autoload.php';
    file_put_contents(Planned::FILE, Planned::text());
}
