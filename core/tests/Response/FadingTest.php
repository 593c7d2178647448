<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Response\Fading;
use Core\Response\ObservedRow;
use Core\Response\Parameters;
use Core\Response\ThinningOut;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(Fading::class)]
#[CoversClass(ThinningOut::class)]
final class FadingTest extends TestCase
{
    public function test_half_of_a_trial_is_left_after_six_weeks_and_of_a_bad_one_after_fifteen(): void
    {
        $fading = new Fading;

        self::assertEqualsWithDelta([0.5, 0.25], [$fading->weight(42.0, 0, false), $fading->weight(84.0, 0, false)], 1e-12);
        self::assertEqualsWithDelta(0.5, $fading->weight(102.0, 0, true), 1e-12);
        self::assertEqualsWithDelta([0.5, 0.25], [$fading->weight(0.0, 120, false), $fading->weight(42.0, 120, false)], 1e-12);
        self::assertSame(1.0, $fading->weight(-3.0, 0, false), 'nothing counts more than in full');
    }

    /** A fiftieth of the weight is left after 42·log2(50) = 237.04 days, of a bad one after 575.7. */
    public function test_what_has_faded_to_a_fiftieth_is_let_go_of(): void
    {
        $fading = new Fading;

        self::assertGreaterThan(0.0, $fading->weight(237.0, 0, false));
        self::assertSame(0.0, $fading->weight(237.1, 0, false));
        self::assertTrue($fading->keeps(575.6, 0));
        self::assertFalse($fading->keeps(575.8, 0));
        self::assertTrue(Fading::none()->keeps(10_000.0, 10_000));
    }

    public function test_a_gap_widens_today_from_the_fourth_day_on_up_to_one(): void
    {
        $fading = new Fading;

        self::assertSame([0.0, 0.0], [$fading->gapVariance(0.0), $fading->gapVariance(3.0)]);
        self::assertEqualsWithDelta([0.02, 0.2], [$fading->gapVariance(4.0), $fading->gapVariance(13.0)], 1e-12);
        self::assertEqualsWithDelta(
            [0.98, 1.0, 1.0], [$fading->gapVariance(52.0), $fading->gapVariance(53.0), $fading->gapVariance(99.0)], 1e-12,
        );
    }

    /** Left out together: a session of which only the bad trials were left would look like a worse dog. */
    public function test_in_full_good_trials_count_as_long_as_bad_ones(): void
    {
        $fading = (new Fading)->inFull();

        self::assertSame(0.0, (new Fading)->weight(85.0, 540, false));
        self::assertTrue((new Fading)->keeps(85.0, 540));
        self::assertSame([1.0, 1.0], [$fading->weight(85.0, 540, false), $fading->weight(85.0, 540, true)]);
        self::assertSame([0.0, 0.0], [$fading->weight(85.0, 660, false), $fading->weight(85.0, 660, true)]);
        self::assertSame((new Fading)->intakeWeight(85.0, 540), $fading->intakeWeight(85.0, 540), 'told things fade');
    }

    /** Ten trials at load 1.2, cut points −2, −1, 1, 2: eight got to band 1, where five stayed; three went on to 2, one of them to 3. */
    public function test_trials_thin_out_from_band_to_band_in_classes_of_half_a_logit(): void
    {
        $mode = new Parameters([2.0, 1.0, 2.0, 1.0, 1.0], [], 4);
        $row = new ObservedRow(null, [1.2], [2.0, 5.0, 2.0, 1.0, 0.0]);
        $found = ThinningOut::of([$row], $mode, 0.5);

        self::assertSame([-2.0, -1.0, 1.0, 2.0], array_values($mode->cutPoints()));
        self::assertSame([[3.25, 5.0, 3.0]], $found->at(0));
        self::assertSame([[2.25, 2.0, 1.0]], $found->at(1));
        self::assertSame([[0.25, 1.0, 0.0]], $found->at(2));
        $easy = new ObservedRow(null, [1.2], [7.0, 0.0, 0.0, 0.0, 0.0]);
        self::assertSame([], ThinningOut::of([$easy], $mode, 0.5)->at(0), 'none got that far');
        $strictly = new ObservedRow(null, [1.2], [2.0, 5.0, 2.0, 1.0, 0.0], 1.0);
        self::assertSame([[3.75, 5.0, 3.0]], ThinningOut::of([$strictly], $mode, 0.5)->at(0), 'what a grader adds is in the load');
        self::assertSame(
            [[6.25, 5.0, 3.0]], ThinningOut::of([new ObservedRow(null, [9.0], [2.0, 5.0, 2.0, 1.0, 0.0])], $mode, 0.5)->at(0),
            'the hardest share a class',
        );
    }
}
