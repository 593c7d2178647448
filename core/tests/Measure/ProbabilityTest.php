<?php

declare(strict_types=1);

namespace Core\Tests\Measure;

use Core\Measure\Logistic;
use Core\Measure\Probability;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(Probability::class)]
final class ProbabilityTest extends TestCase
{
    /** R 4: integrate(function(z) plogis(m + s*z) * dnorm(z), -12, 12, rel.tol = 1e-12). */
    #[TestWith([-11.7, 3.8, 0.0029101995])]
    #[TestWith([-4.0, 1.0, 0.0281039843])]
    #[TestWith([0.0, 2.5, 0.5])]
    #[TestWith([-6.0, 2.6, 0.0294155410])]
    #[TestWith([1.5, 0.3, 0.8133871520])]
    #[TestWith([-11.0, 6.0, 0.0396381362])]
    #[TestWith([-3.0, 0.0, 0.0474258732])]
    #[TestWith([-5.0, 1.5, 0.0183529665])]
    #[TestWith([-2.0, 1.9, 0.2180733522])]
    #[TestWith([-3.0, 0.7, 0.0579010897])]
    public function test_the_mean_of_an_uncertain_chance_as_integrated_elsewhere(float $mean, float $sd, float $expected): void
    {
        self::assertEqualsWithDelta($expected, Probability::meanFromLogit($mean, $sd)->value, 1e-8);
    }

    /**
     * The spread of what is not known always counts against an unlikely thing, and a harder exposure is never less likely to be too hard.
     */
    public function test_it_rises_with_the_mean_and_below_a_half_with_the_spread(): void
    {
        foreach ([0.2, 1.0, 2.4, 2.6, 5.0] as $sd) {
            for ($mean = -14.0; $mean < 3.0; $mean += 0.5) {
                self::assertLessThan(Logistic::mean($mean + 0.1, $sd), Logistic::mean($mean, $sd));
                self::assertTrue($mean >= -0.1 || Logistic::mean($mean, $sd) < Logistic::mean($mean, $sd + 0.05));
            }
        }
    }

    public function test_a_chance_has_a_logit_even_at_its_ends_and_is_compared_and_shared(): void
    {
        self::assertEqualsWithDelta(0.0, Probability::of(0.5)->toLogit(), 1e-12);
        self::assertEqualsWithDelta(log(9.0), Probability::of(0.9)->toLogit(), 1e-12);
        self::assertEqualsWithDelta([-27.631, 27.631], [Probability::of(0.0)->toLogit(), Probability::of(1.0)->toLogit()], 1e-3);
        self::assertSame([false, true], [
            Probability::of(0.2)->isOver(Probability::of(0.2)), Probability::of(0.2001)->isOver(Probability::of(0.2)),
        ]);
        self::assertSame([0.3, 0.3], [
            Probability::of(0.3)->larger(Probability::of(0.2))->value, Probability::of(0.2)->larger(Probability::of(0.3))->value,
        ]);
        self::assertSame(0.25, json_decode((string) json_encode(Probability::of(0.25))));
    }
}
