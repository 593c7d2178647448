<?php

declare(strict_types=1);

namespace Core\Tests\Field;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;
use Core\Field\GapView;
use Core\Field\InvalidLayout;
use Core\Field\Layout;
use Core\Field\Measures;
use Core\Field\SetUp;
use Core\Field\StepAside;
use Core\Field\TurnAway;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A place drawn, and what it means for who comes by. */
#[CoversClass(SetUp::class)]
#[CoversClass(Layout::class)]
#[CoversClass(InvalidLayout::class)]
#[CoversClass(Measures::class)]
final class SetUpTest extends TestCase
{
    private const PLACE = ['path' => 24.0, 'left' => -2.0, 'right' => 4.0, 'depth' => 8.0, 'cover' => 6.0, 'exit' => 5.0];

    /**
     * By hand: a gap of 6 m at 8 m shows 18 m of a path at 24 m; 20 m of person, at 2 m/s, are 10 s. Head-on with a limit of 12 m: a
     * second at 3.5 m/s, a second and a half at 2 m/s while turning, and 0.5 m/s faster over 6 m to cover at 1.5 m/s are 12 + 3.5 + 3 + 2.
     * Square to the path 12·√(2² + 1.5²)/1.5 = 20 m, and 3.5 m for the second.
     */
    public function test_what_a_place_means_is_worked_by_hand(): void
    {
        $setUp = SetUp::of(Layout::of(self::PLACE), 2.0, 2.0, 1.5, 7.0, 12.0);

        self::assertEqualsWithDelta([18.0, 10.0], [$setUp->view->visible, $setUp->view->seconds], 1e-9);
        self::assertEqualsWithDelta(4.0, $setUp->widest, 1e-9, '(2 · 7 − 2)/3');
        self::assertSame(0.0, $setUp->share?->value, 'the path runs outside the limit');
        self::assertEqualsWithDelta([20.5, 23.5], [$setUp->decideAt, $setUp->asideAt], 1e-9);
        // with 5 m of room they stand there and it walks by
        self::assertEqualsWithDelta(5.0, $setUp->asideNearest, 1e-9);
        $open = SetUp::of(Layout::of([...self::PLACE, 'exit' => 400.0]), 2.0, 2.0, 1.5, 7.0, 12.0);
        self::assertEqualsWithDelta(12.0, $open->asideNearest, 1e-9, 'with all the room there is the limit is just kept');
        self::assertSame([true, false], [$setUp->isWithinHold(10.0 - 1e-10), $setUp->isWithinHold(10.0 - 1e-8)]);
        self::assertSame([false, true], [$setUp->isWithinHold(9.99), $setUp->isWithinHold(10.0)]);
    }

    public function test_without_a_limit_only_what_is_seen_is_told(): void
    {
        $setUp = SetUp::of(Layout::of(self::PLACE), 2.0, 2.0, 1.5, 7.0, null);

        self::assertEqualsWithDelta(10.0, $setUp->view->seconds, 1e-9);
        self::assertSame([null, null, null, null], [$setUp->share, $setUp->decideAt, $setUp->asideAt, $setUp->asideNearest]);
    }

    /** By hand: of 90° at 10 m 20 m of path are seen; of these, 2·√(12.5² − 10²) = 15 m are nearer than 12.5 m. */
    public function test_a_share_of_the_pass_lies_inside_the_limit(): void
    {
        $view = GapView::byAngle(90.0, 10.0, 2.0, 2.0);

        self::assertEqualsWithDelta(0.75, $view->shareWithin(12.5)->value, 1e-9);
        self::assertSame([0.0, 1.0], [$view->shareWithin(10.0)->value, $view->shareWithin(40.0)->value]);
        self::assertEqualsWithDelta(5.0, $view->widestFor(6.0), 1e-9, 'half way there: (2 · 6 − 2)/2');
        self::assertNull($view->widestFor(1.0));
        self::assertEqualsWithDelta((20.0 + 2.5) / 2.0, GapView::byAngle(90.0, 10.0, 2.0)->seconds, 1e-9, 'a person with a dog');
    }

    public function test_a_place_to_begin_from_is_a_place(): void
    {
        self::assertSame(
            ['path' => 30.0, 'left' => -3.0, 'right' => 3.0, 'depth' => 10.0, 'cover' => 8.0, 'exit' => 10.0], Layout::usual()->values(),
        );
        self::assertEquals(Layout::usual(12.0), Layout::of(Layout::usual(12.0)->values()));
    }

    /** @param  array<string, float>  $taken */
    #[DataProvider('layouts')]
    public function test_a_place_that_cannot_be_is_told_by_its_field(array $taken, string $field, float $wrong, string $code): void
    {
        self::assertSame($taken[$field], Layout::of([...self::PLACE, ...$taken])->values()[$field]);
        try {
            Layout::of([...self::PLACE, ...$taken, $field => $wrong]);
            self::fail("{$field} of {$wrong} was taken.");
        } catch (InvalidLayout $problem) {
            self::assertSame([$field, $code], [$problem->field, $problem->error()->value]);
        }
    }

    /** @return iterable<string, array{array<string, float>, string, float, string}> what is just taken, and what is not */
    public static function layouts(): iterable
    {
        yield 'a path through the dog' => [['path' => 0.5, 'depth' => 0.25], 'path', 0.499, 'path-through-dog'];
        yield 'a path too far' => [['path' => 500.0], 'path', 500.001, 'length-out-of-range'];
        yield 'left' => [['left' => -500.0], 'left', -500.001, 'length-out-of-range'];
        yield 'right' => [['right' => 500.0], 'right', 500.001, 'length-out-of-range'];
        yield 'a gap at the nose' => [['depth' => 0.1], 'depth', 0.099, 'length-out-of-range'];
        yield 'a gap behind what passes' => [['depth' => 23.999], 'depth', 24.0, 'gap-behind-trigger'];
        yield 'a gap turned round' => [['left' => 0.0, 'right' => 0.1], 'right', 0.099, 'gap-turned'];
        yield 'cover' => [['cover' => 0.0], 'cover', -0.001, 'length-out-of-range'];
        yield 'an exit' => [['exit' => 0.1], 'exit', 0.099, 'length-out-of-range'];
        yield 'not a number' => [['cover' => 1.0], 'cover', NAN, 'length-out-of-range'];
    }

    /** @param  \Closure(float): mixed  $make */
    #[DataProvider('measures')]
    public function test_measures_are_taken_up_to_their_ends(\Closure $make, float $least, float $most): void
    {
        $make($least);
        $make($most);
        foreach ([$least - 1e-6, $most + 1e-6, NAN] as $wrong) {
            try {
                $make($wrong);
                self::fail("{$wrong} was taken.");
            } catch (InvalidMeasure $problem) {
                self::assertEqualsWithDelta([$least, $most], [$problem->facts()['least'], $problem->facts()['most']], 1e-9);
            }
        }
    }

    /** @return iterable<string, array{\Closure(float): mixed, float, float}> */
    public static function measures(): iterable
    {
        yield 'meters' => [static fn (float $of): float => Measures::meters(Quantity::Distance, $of), 0.1, 500.0];
        yield 'speed' => [static fn (float $of): float => Measures::speed(Quantity::TriggerSpeed, $of), 0.1, 15.0];
        yield 'seconds' => [static fn (float $of): float => Measures::seconds(Quantity::Hold, $of), 0.0, 60.0];
        yield 'a path seen through a gap' => [
            static fn (float $of): GapView => GapView::through(2.0, 0.2, $of, 1.4), 0.5, 500.0,
        ];
        yield 'a path told by an angle' => [static fn (float $of): GapView => GapView::byAngle(40.0, $of, 1.4), 0.5, 500.0];
        yield 'room to the side' => [
            static fn (float $of): float => (new StepAside(1.4, 1.4))->nearest(20.0, 90.0, $of), 0.1, 500.0,
        ];
        yield 'cover' => [static fn (float $of): float => TurnAway::decideAt(10.0, 1.4, 1.4, 1.0, 1.0, $of, 1.4), 0.0, 500.0];
    }
}
