<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Response\Day;
use Core\Response\ModelBuilder;
use Core\Response\Observations;
use Core\Response\PackedRows;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

/** What films have shown of whoever grades is allowed for. */
#[CoversClass(Observations::class)]
#[CoversClass(PackedRows::class)]
final class KnownGraderTest extends TestCase
{
    /** Meters, band and how many, as they were. */
    private const TRIALS = [[60.0, 0, 12], [40.0, 0, 8], [40.0, 1, 6], [25.0, 1, 6], [25.0, 2, 6],
        [18.0, 2, 5], [18.0, 3, 3], [18.0, 4, 1]];

    public function test_a_grader_who_is_a_band_milder_or_stricter_changes_little_where_it_is_known(): void
    {
        $true = self::strain(0, 0.0);
        foreach ([-1, 1] as $off) {
            self::assertGreaterThan(0.8, abs(self::strain($off, 0.0) - $true), 'unknown it makes the dog look calmer or worse');
            self::assertLessThan(0.55 * abs(self::strain($off, 0.0) - $true), abs(self::strain($off, $off) - $true));
        }
    }

    /** A stricter grader's reactions are no milder: they stand as they are. */
    public function test_a_reaction_is_a_reaction_to_anybody(): void
    {
        $over = static fn (float $stricter): float => self::predictor([
            new SessionEvidence(new \DateTimeImmutable('2026-10-18'), Fixture::session('2026-10-18', [[30.0, 4]])->rows, 0.0, $stricter),
        ]);
        $calm = static fn (float $stricter): float => self::predictor([
            new SessionEvidence(new \DateTimeImmutable('2026-10-18'), Fixture::session('2026-10-18', [[30.0, 0]])->rows, 0.0, $stricter),
        ]);

        self::assertEqualsWithDelta($over(0.0), $over(1.0), 1e-9);
        self::assertLessThan($calm(0.0), $calm(1.0), 'calm to a strict grader is calm indeed');
    }

    /** The predictor of strain at 30 m, graded so many bands off. */
    private static function strain(int $off, float $known): float
    {
        $trials = [];
        foreach (self::TRIALS as [$meters, $band, $times]) {
            $graded = $band === 4 ? 4 : max(0, min(3, $band + $off));
            array_push($trials, ...array_fill(0, $times, [$meters, $graded]));
        }

        return self::predictor([
            new SessionEvidence(new \DateTimeImmutable('2026-10-18'), Fixture::session('2026-10-18', $trials)->rows, 0.0, $known),
        ]);
    }

    /** @param  list<SessionEvidence>  $sessions */
    private static function predictor(array $sessions): float
    {
        $model = (new ModelBuilder(Fixture::priors()))
            ->build(Fixture::scale(), true, null, $sessions, new SessionEvidence(new \DateTimeImmutable('2026-10-20'), []))
            ?? throw new \LogicException('No fit.');

        return $model->linear(Fixture::at(30.0), Band::Strain, Day::Typical)['mean'];
    }
}
