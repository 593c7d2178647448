<?php

declare(strict_types=1);

namespace Core\Tests\Film;

use Core\Film\FilmTrial;
use Core\Film\GradingBias;
use Core\Film\Record;
use Core\Sign\Band;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(GradingBias::class)]
final class GradingBiasTest extends TestCase
{
    private const THEN = [0, 1, 1, 2, 3, 1, 0, 2, 2, 1, 4, 3, 1, 0, 1, 2, 2, 1, 0, 1];

    private const NOW = [0, 1, 2, 2, 3, 2, 0, 3, 2, 1, 4, 4, 1, 1, 1, 2, 1, 2, 0, 1];

    /** By R 4.2: t <- now - then; c(mean(t), 1.96 * sd(t) / sqrt(20)) is 0.25, 0.241101. */
    public function test_the_same_trials_weeks_apart_tell_how_one_has_moved(): void
    {
        $drift = GradingBias::of([[self::record(self::THEN), self::record(self::NOW)]]);

        self::assertSame([20, 13], [$drift->trials, $drift->same]);
        self::assertEqualsWithDelta(0.25, $drift->bands, 1e-12);
        self::assertEqualsWithDelta(0.241101, $drift->off, 5e-7);
        self::assertTrue($drift->hasMoved());
        // the other way round one has become milder by as much
        self::assertEqualsWithDelta(-0.25, GradingBias::of([[self::record(self::NOW), self::record(self::THEN)]])->bands, 1e-12);
    }

    public function test_under_twenty_trials_nothing_is_told_and_films_count_together(): void
    {
        $half = static fn (int $from): array => [
            self::record(array_slice(self::THEN, $from, 10)), self::record(array_slice(self::NOW, $from, 10)),
        ];
        $few = GradingBias::of([[self::record(array_slice(self::THEN, 1)), self::record(array_slice(self::NOW, 1))]]);
        self::assertSame([19, null, null, false], [$few->trials, $few->bands, $few->off, $few->hasMoved()]);

        $films = GradingBias::of([$half(0), $half(10)]);
        self::assertEqualsWithDelta(0.25, $films->bands, 1e-12);
    }

    public function test_what_chance_would_do_is_no_move(): void
    {
        $now = self::THEN;
        $now[0] = 1;

        self::assertFalse(GradingBias::of([[self::record(self::THEN), self::record($now)]])->hasMoved());
        self::assertFalse(GradingBias::of([[self::record(self::THEN), self::record(self::THEN)]])->hasMoved());
    }

    /** @param  list<int>  $bands */
    private static function record(array $bands): Record
    {
        return Record::of(600_000, [], [], array_map(
            static fn (int $i, int $band): FilmTrial => new FilmTrial(10_000 * $i, 10_000 * $i + 8000, Band::from($band)),
            array_keys($bands), $bands,
        ));
    }
}
