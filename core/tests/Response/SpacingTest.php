<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\ModelPriors;
use Core\Response\Parameters;
use Core\Response\SessionEvidence;
use Core\Response\Spacing;
use Core\Response\ThinningOut;
use Core\Sign\Band;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What the model takes from many trials about the kind of dog: how its bands are spaced, how far its days lie apart. */
#[CoversClass(Spacing::class)]
#[CoversClass(ThinningOut::class)]
#[CoversClass(ModelPriors::class)]
#[CoversClass(ModelBuilder::class)]
final class SpacingTest extends TestCase
{
    public function test_without_a_trial_that_was_not_easy_the_prior_weights_stand(): void
    {
        self::assertEqualsWithDelta([0.75, 0.15, 0.1], $this->weights([[40.0, 0, 500]]), 1e-12);
    }

    public function test_graded_signs_speak_for_wide_gaps_and_reactions_out_of_calm_for_narrow_ones(): void
    {
        self::assertLessThan(0.01, $this->weights([[40.0, 0, 100], [40.0, 1, 40], [40.0, 2, 5], [40.0, 3, 1]])[1] ?? 0.0);
        self::assertGreaterThan(0.9, $this->weights([[40.0, 0, 100], [40.0, 1, 2], [40.0, 2, 1], [40.0, 4, 2]])[1]);
    }

    /** A dog that struggles before it reacts, and one that does not, or whose struggling nobody notes. */
    public function test_reactions_without_the_struggling_before_them_speak_for_a_last_gap_that_is_gone(): void
    {
        $noticed = [[40.0, 0, 100], [40.0, 1, 40], [40.0, 2, 8]];

        self::assertGreaterThan(0.6, $this->weights([...$noticed, [40.0, 4, 3]])[2]);
        self::assertLessThan(0.05, $this->weights([...$noticed, [40.0, 3, 3], [40.0, 4, 1]])[2] ?? 0.0);
    }

    /** Beyond the limit every dog goes on to the highest band: that says nothing of how it warns. */
    public function test_reactions_where_they_had_to_come_are_no_evidence_of_a_sudden_dog(): void
    {
        $graded = [[40.0, 0, 30], [40.0, 1, 8], [25.0, 1, 12], [25.0, 2, 3]];

        self::assertLessThan(0.1, $this->weights([...$graded, [2.0, 4, 12], [2.0, 3, 3]])[1] ?? 0.0);
    }

    public function test_two_reactions_out_of_calm_raise_the_bound_more_than_two_after_warning(): void
    {
        $sudden = $this->model([...array_fill(0, 58, [40.0, 0]), [40.0, 4], [40.0, 4]]);
        $warned = $this->model([
            ...array_fill(0, 38, [40.0, 0]), ...array_fill(0, 14, [40.0, 1]), ...array_fill(0, 5, [40.0, 2]), [40.0, 3], [40.0, 4],
            [40.0, 4],
        ]);
        $rise = static fn (DogModel $model): float => $model->linear(
            Fixture::at(80.0), Band::Over, Day::Today,
        )['mean'] - $model->linear(Fixture::at(80.0), Band::Aware, Day::Today)['mean'];

        self::assertGreaterThan($rise($warned), $rise($sudden), 'less lies between aware and a reaction');
    }

    /** Days drawn far apart or all alike, the limit always in the same place. */
    /** A second guess begins about where it ends: its gaps are others, all else is this dog. */
    public function test_another_guess_begins_with_its_own_gaps(): void
    {
        $mode = new Parameters([4.0, 2.0, 1.0, 0.5, 2.2], [0.3], 4);

        self::assertSame([1.0, 2.0, 3.0, 4.0], $mode->spaced([0.5, 1.0, 2.0])->cutPoints());
        self::assertSame([2.2], $mode->spaced([0.5, 1.0, 2.0])->slopes());
        $sudden = Fixture::model([], [...array_fill(0, 30, [20.0, 0]), ...array_fill(0, 3, [12.0, 4])]);
        self::assertSame(3, count($sudden->fits));
        foreach (array_slice($sudden->fits, 1) as $fit) {
            self::assertLessThan(8, $fit->fit->iterations, 'from the mode of the first guess it takes eight');
        }
    }

    public function test_the_spread_of_days_is_chosen_from_eight_sessions_on(): void
    {
        $spread = static fn (float $truth, int $sessions): float => self::after($truth, $sessions)->spread->days;

        self::assertSame(1.0, $spread(2.5, 7), 'too few to tell');
        self::assertGreaterThanOrEqual(1.4, $spread(2.5, 16));
        self::assertLessThanOrEqual(0.7, $spread(0.0, 16));
    }

    private static function after(float $spread, int $sessions): DogModel
    {
        $random = new Randomizer(new Xoshiro256StarStar(31));
        $earlier = [];
        for ($s = 0; $s < $sessions; $s++) {
            $trials = [];
            $day = $spread * ($s % 2 === 0 ? 0.8 : -0.8);
            for ($i = 0; $i < 30; $i++) {
                $band = 0;
                foreach ([-0.5, 1.6, 3.2, 4.5] as $k => $cut) {
                    $band = $random->getInt(0, 999_999) / 1e6 < 1.0 / (1.0 + exp($cut - $day)) && $band === $k ? $k + 1 : $band;
                }
                $trials[] = [20.0, $band];
            }
            $earlier[] = Fixture::session(sprintf('2026-10-%02d', $s + 1), $trials);
        }

        return (new ModelBuilder(Fixture::priors()))
            ->build(Fixture::scale(), true, null, $earlier, new SessionEvidence(new \DateTimeImmutable('2026-10-20'), []))
            ?? throw new \LogicException('The fit did not converge.');
    }

    /** @param  list<array{float, int}>  $trials */
    private function model(array $trials): DogModel
    {
        return Fixture::model([Fixture::session('2026-10-18', $trials)], []);
    }

    /**
     * @param  list<array{float, int, int}>  $trials  meters, band, how many
     * @return array<int, float>  by index of the spacing: all gaps usual, all narrow, the last one gone
     */
    private function weights(array $trials): array
    {
        $all = array_merge(...array_map(static fn (array $trial): array => array_fill(0, $trial[2], [$trial[0], $trial[1]]), $trials));

        $spacings = array_column(Fixture::priors()->spacings, 'scales');
        $weights = [];
        foreach ($this->model($all)->fits as $fit) {
            $weights[(int) array_search($fit->spacing->scales, $spacings, true)] = $fit->weight;
        }

        return $weights;
    }
}
