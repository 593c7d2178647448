<?php

declare(strict_types=1);

namespace Core\Tests\Planning;

use Core\Exception\InvalidLadder;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Planning\FoundPath;
use Core\Planning\LadderReview;
use Core\Planning\NoPath;
use Core\Planning\NoPathReason;
use Core\Planning\PathLattice;
use Core\Planning\PathSearch;
use Core\Response\DogModel;
use Core\Response\RiskCaps;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

#[CoversClass(PathSearch::class)]
#[CoversClass(PathLattice::class)]
#[CoversClass(FoundPath::class)]
#[CoversClass(NoPath::class)]
final class PathSearchTest extends TestCase
{
    private const STEP = 0.5;

    private const FINE = 4;

    private const EASE = 2.0;

    /** Loads of the random grids are whole numbers of these to a logit: the plain search adds them exactly. */
    private const UNITS = 40;

    public function test_by_distance_alone_it_is_the_ladder_of_equal_ratios(): void
    {
        $found = (new PathSearch(self::model()))->find(Fixture::at(64.0), Fixture::at(8.0), ['distance']);
        self::assertInstanceOf(FoundPath::class, $found);
        $slope = self::model()->slope('distance');

        self::assertCount((int) ceil(3.0 * $slope / self::STEP - 1e-9) + 1, $found->exposures);
        self::assertSame([64.0, 8.0], [
            $found->exposures[0]->distance()?->meters, $found->exposures[count($found->exposures) - 1]->distance()?->meters,
        ]);
    }

    /** A moving trigger is bought with distance: it starts again from farther, and every step passes the review. */
    public function test_a_harder_motion_is_paid_for_with_distance(): void
    {
        $model = self::model();
        $found = (new PathSearch($model))->find(self::at(60.0, 'lying', 'ignoring'), self::at(10.0, 'brisk_walk', 'glancing'), [
            'distance', 'trigger_motion', 'trigger_attention',
        ]);
        self::assertInstanceOf(FoundPath::class, $found);
        $ladder = Ladder::of(array_map(static fn (Exposure $exposure): Step => new Step($exposure, Criterion::run(5)), $found->exposures));

        self::assertTrue(LadderReview::of($ladder, $model, RiskCaps::usual())->hasPath());
        for ($i = 1; $i < count($found->exposures); $i++) {
            [$before, $now] = [$found->exposures[$i - 1], $found->exposures[$i]];
            self::assertLessThanOrEqual(self::STEP + 1e-4, $model->load($now) - $model->load($before));
            $harder = array_filter(['trigger_motion', 'trigger_attention'], static fn (
                string $key,
            ): bool => $now->values[$key] !== $before->values[$key]);
            self::assertLessThanOrEqual(
                1, count($harder) + (self::meters($now) < self::meters($before) - 1e-3 ? 1 : 0), 'one thing gets harder',
            );
        }
        $farther = array_filter(range(1, count($found->exposures) - 1), static fn (int $i): bool => self::meters(
            $found->exposures[$i],
        ) > self::meters($found->exposures[$i - 1]) + 0.1);
        self::assertNotSame([], $farther, 'it has started again from farther');
    }

    public function test_what_cannot_be_is_never_on_the_way(): void
    {
        [$ladder, $model] = Fixture::laid('teeth');
        $from = $model->scale->catalog->settled($ladder->step(0)->exposure->with('gap', 40.0)->with('contact', 'hover'));
        $to = $from->with('gap', 0.0)->with('contact', 'hold');
        $found = (new PathSearch($model))->find($from, $to, ['gap', 'contact']);
        self::assertInstanceOf(FoundPath::class, $found);
        foreach ($found->exposures as $exposure) {
            self::assertTrue($model->scale->catalog->settled($exposure)->equals($exposure), $exposure->key());
        }
        self::assertSame('hold', $found->exposures[count($found->exposures) - 1]->values['contact']);
    }

    public function test_where_there_is_none_it_says_why_and_what_would_open_one(): void
    {
        $search = new PathSearch(self::model(), 0.1);
        $alone = $search->find(Fixture::at(30.0, 'lying'), Fixture::at(30.0, 'run'), ['trigger_motion']);
        self::assertInstanceOf(NoPath::class, $alone);
        self::assertSame([NoPathReason::StepTooHigh, 'trigger_motion', false], [$alone->why, $alone->dimension, $alone->mayEase]);

        $cramped = (new PathSearch(self::model(), 0.1))
            ->find(Fixture::at(30.0, 'lying'), Fixture::at(30.0, 'run'), ['distance', 'trigger_motion'], 30.0);
        self::assertInstanceOf(NoPath::class, $cramped);
        self::assertSame([NoPathReason::PlaceTooSmall, 'distance'], [$cramped->why, $cramped->dimension]);
    }

    public function test_a_grid_that_is_too_large_and_a_dimension_that_is_not_there_are_told(): void
    {
        $this->expectException(InvalidLadder::class);
        $this->expectExceptionMessage('moving-unsaid {"plan":"presence","dimension":"barrier"}');
        (new PathSearch(self::model()))->find(Fixture::at(60.0), Fixture::at(10.0), ['distance', 'barrier']);
    }

    /** The optimum of the three-part cost, against Dijkstra over every edge, on random grids with impossible places. */
    public function test_it_finds_what_a_plain_search_finds(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $found = 0;
        for ($round = 0; $round < 120; $round++) {
            $axes = [];
            for ($a = 0, $count = $random->getInt(1, 3); $a < $count; $a++) {
                $load = 0.0;
                $axes["axis {$a}"] = array_map(static function (int $i) use (&$load, $random): array {
                    $load += $i === 0 ? 0.0 : $random->getInt(1, 24) / 10;

                    return ["value {$i}", $load];
                }, range(0, $random->getInt(1, 3)));
            }
            $measure = array_map(static fn (int $k): float => -3.0 + $k * self::STEP / self::FINE, range(0, $random->getInt(2, 28)));
            $impossible = [];
            for ($i = $random->getInt(0, 4); $i > 0; $i--) {
                $axis = $random->getInt(0, count($axes) - 1);
                $other = $random->getInt(0, count(array_values($axes)[$axis]) - 1);
                $impossible[$axis][$other][$random->getInt(0, count($measure) - 1)] = true;
            }
            [$from, $to] = [$random->getInt(0, count($measure) - 1), $random->getInt(0, count($measure) - 1)];
            $way = (new PathLattice($axes, $measure, self::STEP, self::FINE, self::EASE, $impossible))->shortest($from, $to);
            $plain = self::plain(
                array_map(static fn (array $axis): array => array_column($axis, 1), array_values($axes)), $measure, $impossible, $from,
                $to,
            );

            self::assertSame($plain === null, $way === null, "round {$round}");
            if ($plain !== null && $way !== null) {
                $found++;
                self::assertSame($plain[0], count($way['states']) - 1);
                self::assertEqualsWithDelta($plain[1] / self::UNITS ** 2, $way['squares'], 1e-6);
                self::assertSame($plain[2], $way['changes']);
            }
        }
        self::assertGreaterThan(50, $found);
        self::assertLessThan(120, $found);
    }

    /**
     * Dijkstra over states with the last mover, every edge tried, nothing skipped, in whole numbers.
     *
     * @param  list<list<float>>  $axes
     * @param  list<float>  $measure
     * @param  array<int, array<int, array<int, true>>>  $impossible
     * @return ?array{int, int, int} steps, squares, changes
     */
    private static function plain(array $axes, array $measure, array $impossible, int $from, int $to): ?array
    {
        $whole = static fn (float $load): int => (int) round(self::UNITS * $load);
        $axes = array_map(static fn (array $axis): array => array_map($whole, $axis), $axes);
        $measure = array_map($whole, $measure);
        $start = [array_fill(0, count($axes), 0), $from, -1];
        $best = [json_encode($start) => [0, 0, 0]];
        /** @var \SplMinHeap<array{array{int, int, int}, array{list<int>, int, int}}> $open */
        $open = new \SplMinHeap;
        $open->insert([[0, 0, 0], $start]);
        while (! $open->isEmpty()) {
            [$cost, [$choices, $level, $mover]] = $open->extract();
            if ($cost > $best[json_encode([$choices, $level, $mover])]) {
                continue;
            }
            if ($level === $to && $choices === array_map(static fn (array $axis): int => count($axis) - 1, $axes)) {
                return $cost;
            }
            $edges = [];
            for ($up = $level + 1; $up < count($measure); $up++) {
                $edges[] = [$choices, $up, count($axes), $measure[$up] - $measure[$level]];
            }
            foreach ($axes as $a => $axis) {
                for ($choice = $choices[$a] + 1; $choice < count($axis); $choice++) {
                    for ($down = $level; $down >= 0; $down--) {
                        if (self::UNITS * self::EASE >= $measure[$level] - $measure[$down]) {
                            $edges[] = [
                                array_values(array_replace($choices, [$a => $choice])), $down, $a,
                                $axis[$choice] - $axis[$choices[$a]] + $measure[$down] - $measure[$level],
                            ];
                        }
                    }
                }
            }
            foreach ($edges as [$next, $at, $by, $rise]) {
                foreach ($impossible as $a => $of) {
                    if (isset($of[$next[$a]][$at])) {
                        continue 2;
                    }
                }
                $sum = [$cost[0] + 1, $cost[1] + $rise ** 2, $cost[2] + ($mover === -1 || $mover === $by ? 0 : 1)];
                $key = (string) json_encode([$next, $at, $by]);
                if ($rise <= self::UNITS * self::STEP && (! isset($best[$key]) || $sum < $best[$key])) {
                    $best[$key] = $sum;
                    $open->insert([$sum, [$next, $at, $by]]);
                }
            }
        }

        return null;
    }

    private static function meters(Exposure $exposure): float
    {
        return $exposure->distance()->meters ?? NAN;
    }

    private static function model(): DogModel
    {
        return Fixture::typical(Ladder::of([new Step(self::at(60.0, 'lying', 'ignoring'), Criterion::run(5))]), Fixture::dimensions());
    }

    private static function at(float $meters, string $motion, string $attention): Exposure
    {
        return Exposure::of(['distance' => $meters, 'trigger_motion' => $motion, 'trigger_attention' => $attention], Fixture::dimensions());
    }
}
