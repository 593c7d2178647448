<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Exposure\GammaPrior;
use Core\Response\CumulativeLogit;
use Core\Response\Fitter;
use Core\Response\ObservedRow;
use Core\Response\OffsetGroup;
use Core\Response\Prior;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Against fits by R, recorded with the script that made them: reference/fits.R. */
#[CoversClass(Fitter::class)]
#[CoversClass(CumulativeLogit::class)]
final class ReferenceFitsTest extends TestCase
{
    #[TestWith(['exercise', 3], 'MASS::survey, exercise by pulse and height')]
    #[TestWith(['weights', 4], 'datasets::chickwts, quarter of weight by feed')]
    public function test_a_proportional_odds_fit_agrees_with_polr(string $name, int $bands): void
    {
        /**
         * @var array{rows: list<array{x: list<float>, y: int}>, slopes: list<float>, cuts: list<float>, errors: list<float>,
         *    deviance: array{float}} $reference
         */
        $reference = $this->reference($name);
        $rows = [];
        foreach ($reference['rows'] as $row) {
            $counts = array_fill(0, $bands, 0.0);
            $counts[$row['y']] = 1.0;
            $rows[] = new ObservedRow(null, array_map(floatval(...), $row['x']), $counts);
        }
        $fit = (new Fitter)->fit(Prior::flat(max(1, $bands - 1), count($reference['slopes'])), $rows, []);

        self::assertNotNull($fit);
        self::assertEqualsWithDelta($reference['slopes'], $fit->mode->slopes(), 1e-5, 'polr stops at a relative tolerance');
        self::assertEqualsWithDelta($reference['cuts'], $fit->mode->cutPoints(), 1e-5);
        self::assertEqualsWithDelta($reference['deviance'][0], -2 * $fit->logLikelihood, 1e-7);
        foreach ($reference['errors'] as $j => $error) {
            self::assertEqualsWithDelta($error, $fit->standardError($bands - 1 + $j), 1e-4, 'polr differentiates numerically');
        }
    }

    public function test_the_products_own_posterior_agrees_with_a_second_writing_of_it(): void
    {
        /**
         * @var array{x: list<list<float>>, y: list<non-empty-list<float>>, group: list<int>, theta: list<float>, offsets: list<float>}
         *    $reference
         */
        $reference = $this->reference('penalized');
        $rows = [];
        foreach ($reference['x'] as $i => $x) {
            $rows[] = new ObservedRow($reference['group'][$i], array_map(floatval(...), $x), array_map(floatval(...), $reference['y'][$i]));
        }
        $prior = new Prior(
            4, 0.0, 1.3,
            [GammaPrior::withMean(8, 2.1), GammaPrior::withMean(8, 1.6), GammaPrior::withMean(8, 1.3)],
            [GammaPrior::withMean(8, 2.2222), GammaPrior::withMean(3, 1.5)],
        );
        $fit = (new Fitter)->fit($prior, $rows, [new OffsetGroup(0.0, 1.0), new OffsetGroup(0.0, 1.0), new OffsetGroup(1.0, 1.0)]);

        self::assertNotNull($fit);
        self::assertEqualsWithDelta($reference['theta'], $fit->mode->theta, 2e-5, 'a quasi-Newton optimizer with numerical gradients');
        self::assertEqualsWithDelta($reference['offsets'], $fit->mode->offsets, 2e-5);
    }

    /** @return array<mixed> */
    private function reference(string $name): array
    {
        /** @var array<string, array<mixed>> $all */
        $all = json_decode((string) file_get_contents(__DIR__.'/reference/reference.json'), true, flags: JSON_THROW_ON_ERROR);

        return $all[$name];
    }
}
