<?php

declare(strict_types=1);

namespace Core\Tests\Field;

use Core\Exception\InvalidMeasure;
use Core\Field\GapView;
use Core\Field\Measures;
use Core\Field\Motion;
use Core\Field\Pace;
use Core\Field\StepAside;
use Core\Field\TurnAway;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Every formula against a clock that moves everybody by small steps and looks. */
#[CoversClass(GapView::class)]
#[CoversClass(TurnAway::class)]
#[CoversClass(StepAside::class)]
#[CoversClass(Motion::class)]
#[CoversClass(Measures::class)]
#[CoversClass(Pace::class)]
final class FieldTest extends TestCase
{
    private const TICK = 0.002;

    /**
     * Handbook 7: a 45° opening 50 yd away lasts about 27 s, at 10 yd about 5 s; a 15 s hold covers 21 m at a walk; two walkers 50 yd apart
     * meet in about 16 s.
     */
    public function test_what_trainers_say_aloud(): void
    {
        $walk = Pace::Walk->metersPerSecond();
        self::assertEqualsWithDelta(27.0, GapView::byAngle(45.0, 50 * 0.9144, $walk, 0.0)->seconds, 0.5);
        self::assertEqualsWithDelta(5.4, GapView::byAngle(45.0, 10 * 0.9144, $walk, 0.0)->seconds, 0.1);
        self::assertEqualsWithDelta(21.0, 15.0 * $walk, 1e-9);
        self::assertEqualsWithDelta(16.3, 50 * 0.9144 / (2 * $walk), 0.05);
        self::assertSame(
            [1.0, 1.4, 2.7, 4.5, 5.5], array_map(static fn (Pace $pace): float => $pace->metersPerSecond(), Pace::cases()),
        );
    }

    public function test_time_in_view_and_its_share_inside_the_limit_as_a_clock_finds_them(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($round = 0; $round < 25; $round++) {
            [$width, $depth, $distance, $speed, $length] = [
                self::between($random, 1, 6), self::between($random, 3, 9), self::between($random, 12, 40), self::between($random, 1, 5),
                self::between($random, 0, 4),
            ];
            $view = GapView::through($width, $depth, $distance, $speed, $length);
            $limit = self::between($random, 8, 60);
            // lines of sight through the two edges meet the path at these places
            [$left, $right] = [-$width / 2 * $distance / $depth, $width / 2 * $distance / $depth];
            $seen = $inside = $looked = 0;
            for ($front = $left - 1.0; $front < $right + $length + 1.0; $front += $speed * self::TICK) {
                $seen += $front >= $left && $front - $length <= $right ? 1 : 0;
            }
            for ($y = $left; $y <= $right; $y += ($right - $left) / 20000) {
                $looked++;
                $inside += hypot($distance, $y) <= $limit ? 1 : 0;
            }
            self::assertEqualsWithDelta($seen * self::TICK, $view->seconds, 0.01);
            self::assertEqualsWithDelta($inside / $looked, $view->shareWithin($limit)->value, 0.001);
            $hold = $view->seconds;
            self::assertEqualsWithDelta($width, $view->widestFor($hold) ?? NAN, 1e-6, 'a dog that holds just so long');
        }
        self::assertNull(GapView::through(2.0, 3.0, 20.0, 1.0, 3.0)->widestFor(2.0), 'even through a slit');
    }

    public function test_turning_away_at_the_distance_told_never_undercuts_the_limit_and_later_would(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($round = 0; $round < 25; $round++) {
            $of = [
                self::between($random, 5, 30), self::between($random, 0.8, 2), self::between($random, 0.8, 5),
                self::between($random, 0, 2), self::between($random, 0, 2), self::between($random, 1, 25), self::between($random, 0.8, 3),
            ];
            $at = TurnAway::decideAt(...$of);

            self::assertEqualsWithDelta($of[0], self::turn($at, ...$of), 0.03);
            self::assertLessThan($of[0] - 0.5, self::turn($at - 1.0, ...$of));
        }
    }

    public function test_stepping_aside_at_the_distance_told_and_in_the_room_there_is(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($round = 0; $round < 25; $round++) {
            [$handler, $trigger, $limit, $degrees, $room] = [
                self::between($random, 0.8, 2), self::between($random, 0.8, 5), self::between($random, 3, 15),
                self::between($random, 40, 130), self::between($random, 1, 20),
            ];
            $aside = new StepAside($handler, $trigger);
            $start = $aside->startAt($limit, $degrees);

            self::assertEqualsWithDelta($limit, self::aside($start, $handler, $trigger, $degrees, 1e6), 0.03);
            self::assertEqualsWithDelta(
                self::aside($start, $handler, $trigger, $degrees, $room), $aside->nearest($start, $degrees, $room), 0.03,
            );
        }
    }

    public function test_no_angle_lets_one_start_later_than_the_best(): void
    {
        foreach ([[1.4, 4.5], [1.4, 1.5], [0.9, 2.7]] as [$handler, $trigger]) {
            $aside = new StepAside($handler, $trigger);
            $best = $aside->startAt(8.0, $aside->bestAngle());
            self::assertEqualsWithDelta(8.0 * $trigger / $handler, $best, 1e-9);
            for ($degrees = 5.0; $degrees < 178.0; $degrees += 1.0) {
                self::assertGreaterThanOrEqual($best - 1e-9, $aside->startAt(8.0, $degrees));
            }
        }
        self::assertSame(180.0, (new StepAside(2.0, 1.4))->bestAngle(), 'what is slower is simply walked away from');
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function wrong(): iterable
    {
        yield 'a gap behind the trigger' => [static fn (): GapView => GapView::through(3.0, 25.0, 20.0, 1.4), 'gap-behind-path'];
        yield 'a path through the dog' => [static fn (): GapView => GapView::through(3.0, 0.2, 0.3, 1.4), '"path-distance","least":0.5'];
        yield 'zero speed' => [static fn (): GapView => GapView::through(3.0, 5.0, 20.0, 0.0), '"trigger-speed","least":0.1'];
        yield 'an angle that is none' => [static fn (): float => (new StepAside(1.4, 1.4))->startAt(5.0, 0.0), '"angle","least":1'];
        yield 'a gap of no angle' => [static fn (): GapView => GapView::byAngle(0.0, 20.0, 1.4), '"angle","least":0.1,"most":175'];
        yield 'no retreat' => [
            static fn (): float => TurnAway::decideAt(10.0, 1.4, 1.4, 1.0, 1.0, 5.0, 0.0), '"retreat-speed","least":0.1',
        ];
        yield 'not a number' => [static fn (): float => TurnAway::decideAt(NAN, 1.4, 1.4, 1.0, 1.0, 5.0, 1.0), '"working-distance"'];
    }

    /** @param  \Closure(): mixed  $ask */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_told_by_its_name(\Closure $ask, string $message): void
    {
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage($message);
        $ask();
    }

    /** Handler walks on for the reaction, stands while turning, retreats to cover; the least distance until then. */
    private static function turn(
        float $distance, float $limit, float $handler, float $trigger, float $reaction, float $turning, float $cover, float $retreat,
    ): float {
        $place = 0.0;
        $least = INF;
        $end = $reaction + $turning + $cover / $retreat;
        for ($t = 0.0; $t <= $end; $t += self::TICK) {
            $place += self::TICK * match (true) {
                $t < $reaction => $handler,
                $t < $reaction + $turning => 0.0,
                default => -$retreat,
            };
            $least = min($least, $distance - $trigger * $t - $place);
        }

        return $least;
    }

    private static function aside(float $distance, float $handler, float $trigger, float $degrees, float $room): float
    {
        [$x, $y, $least] = [0.0, 0.0, INF];
        for ($t = 0.0; $t < 2 * $distance / $trigger + 20.0; $t += self::TICK) {
            if ($y < $room) {
                $x += $handler * cos(deg2rad($degrees)) * self::TICK;
                $y += $handler * sin(deg2rad($degrees)) * self::TICK;
            }
            $least = min($least, hypot($distance - $trigger * $t - $x, $y));
        }

        return $least;
    }

    private static function between(Randomizer $random, float $least, float $most): float
    {
        return $least + ($most - $least) * $random->getInt(0, 1_000_000) / 1_000_000;
    }
}
