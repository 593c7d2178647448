<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Exception\InvalidMeasure;
use Core\Measure\Probability;
use Core\Response\Calibration;
use Core\Response\RiskCaps;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(Calibration::class)]
#[CoversClass(RiskCaps::class)]
final class CalibrationTest extends TestCase
{
    public function test_what_comes_as_foretold_changes_nothing(): void
    {
        $calibration = $this->told(100, 0.01, reactions: 1);

        self::assertEqualsWithDelta([1.0, 1.0], [$calibration->strainFactor(), $calibration->reactionFactor()], 1e-9);
        self::assertFalse($calibration->isOff());
    }

    /** By hand: 5 % is −2.944 logits; a band stricter adds 1.667: −1.278, which is 21.8 %. */
    public function test_of_a_stricter_grader_more_strain_is_expected_and_no_more_reactions(): void
    {
        $forecast = Fixture::risk(0.05, 0.05, 0.01, 0.01);
        $told = static fn (float $stricter): Calibration => (new Calibration)->with($forecast, Band::Easy, $stricter);

        self::assertEqualsWithDelta([0.2179, 0.01], [$told(1.0)->expectedStrain, $told(1.0)->expectedReaction], 1e-4);
        self::assertEqualsWithDelta([0.05, 0.01], [$told(0.0)->expectedStrain, $told(0.0)->expectedReaction], 1e-12);
        self::assertEqualsWithDelta([0.0098, 0.01], [$told(-1.0)->expectedStrain, $told(-1.0)->expectedReaction], 1e-4);
        self::assertEqualsWithDelta(Calibration::BAND_WIDTH, Fixture::priors()->for(Fixture::scale(), true)->bandWidth(), 1e-12);
    }

    /** By hand: 100 forecasts of 1 %, 4 reactions: (1 + ½)/(4 + ½) = ⅓. */
    public function test_more_reactions_than_foretold_tighten_the_limit(): void
    {
        $calibration = $this->told(100, 0.01, reactions: 4);

        self::assertEqualsWithDelta(1 / 3, $calibration->reactionFactor(), 1e-9);
        self::assertTrue($calibration->isOff(), 'under a half the dog does not follow the model');
        self::assertEqualsWithDelta(0.01 / 3, $calibration->applied(RiskCaps::usual())->reaction->value, 1e-9);
    }

    /** By hand: 2 reactions foretold and none came: (2 + 4)/(0 + 4) = 1.5; half of one: 4.5/4. Never over 1.5, nor past the loosest. */
    public function test_a_dog_that_does_better_than_foretold_loosens_its_caps_slowly_and_no_farther_than_by_half(): void
    {
        self::assertEqualsWithDelta(1.125, $this->told(50, 0.01, 0)->reactionFactor(), 1e-9);
        self::assertEqualsWithDelta(1.5, $this->told(100, 0.02, 0)->reactionFactor(), 1e-9);
        self::assertEqualsWithDelta(1.5, $this->told(500, 0.2, 0)->reactionFactor(), 1e-9);
        self::assertSame(0.02, $this->told(500, 0.2, 0)->applied(RiskCaps::of(0.09, 0.018))->reaction->value);
        self::assertSame(0.10, $this->told(500, 0.2, 0)->applied(RiskCaps::of(0.09, 0.018))->strain->value);
    }

    /** By hand: 6 strained where 2 were foretold, (6 + 2)/(2 + 2) = 2; no reaction of 1 foretold, (0 + 2)/(1 + 2) = ⅔; 2 of 6, ½ and ⅓. */
    public function test_what_is_told_follows_what_came_and_where_less_strain_came_less_is_told_of_reactions_too(): void
    {
        $forecast = Fixture::risk(0.02, 0.04, 0.003, 0.006);
        $told = static fn (Calibration $of): array => get_object_vars($of->told($forecast));
        $values = static fn (float ...$of): array => array_map(
            Probability::of(...), array_combine(['strainMean', 'strainBound', 'reactionMean', 'reactionBound'], $of),
        );

        self::assertEquals($values(0.02, 0.04, 0.003, 0.006), $told(new Calibration), 'as foretold where nothing is known');
        self::assertEqualsWithDelta($values(0.04, 0.08, 0.002, 0.004), $told(new Calibration(2.0, 6, 1.0, 0, 100)), 1e-12);
        self::assertEqualsWithDelta($values(0.01, 0.02, 0.001, 0.002), $told(new Calibration(6.0, 2, 1.0, 0, 100)), 1e-12);
        self::assertSame(1.0, (new Calibration(0.0, 60))->told($forecast)->strainBound->value, 'certain at most');
    }

    public function test_one_more_reaction_never_loosens(): void
    {
        for ($reactions = 0, $last = INF; $reactions < 30; $reactions++) {
            $factor = $this->told(60, 0.02, $reactions)->reactionFactor();
            self::assertLessThanOrEqual($last, $factor);
            $last = $factor;
        }
    }

    #[TestWith([0.101, 0.01], 'strain looser than allowed')]
    #[TestWith([0.05, 0.021], 'reaction looser than allowed')]
    #[TestWith([0.0, 0.01], 'no strain at all')]
    #[TestWith([0.05, -0.01], 'negative')]
    public function test_limits_looser_than_ten_and_two_percent_are_refused(float $strain, float $reaction): void
    {
        $this->expectException(InvalidMeasure::class);
        RiskCaps::of($strain, $reaction);
    }

    public function test_the_guard_goes_by_the_larger_of_bound_and_mean_and_names_the_limit_that_binds(): void
    {
        $limits = RiskCaps::of(0.05, 0.01);

        self::assertTrue($limits->allow(Fixture::risk(0.02, 0.05, 0.005, 0.01)));
        self::assertFalse($limits->allow(Fixture::risk(0.06, 0.01, 0.001, 0.001)), 'a mean over the limit is enough');
        self::assertFalse($limits->allow(Fixture::risk(0.01, 0.06, 0.001, 0.001)), 'so is a bound');
        self::assertTrue($limits->reactionBinds(Fixture::risk(0.01, 0.03, 0.008, 0.012)));
        self::assertFalse($limits->reactionBinds(Fixture::risk(0.04, 0.06, 0.001, 0.001)));
    }

    private function told(int $forecasts, float $reaction, int $reactions): Calibration
    {
        $calibration = new Calibration;
        for ($i = 0; $i < $forecasts; $i++) {
            $calibration = $calibration->with(
                Fixture::risk($reaction, $reaction, $reaction, $reaction), $i < $reactions ? Band::Over : Band::Easy,
            );
        }

        return $calibration;
    }
}
