<?php

declare(strict_types=1);

namespace Core\Tests\Exposure;

use Core\Decision\WorkingPlan;
use Core\Exposure\Exposure;
use Core\Exposure\GammaPrior;
use Core\Exposure\LoadScale;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Simulation\Chance;
use Core\Tests\Fixture;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Loads up a ladder of named steps, where each step may be harder or easier for a dog than its dimensions say. */
final class ClimbTest extends TestCase
{
    /** @return array{Ladder, LoadScale} */
    private static function laid(string $key): array
    {
        [$ladder] = Fixture::laid($key);

        return [$ladder, self::scale($ladder)];
    }

    private static function scale(Ladder $ladder): LoadScale
    {
        return WorkingPlan::scaleOf(Fixture::catalogs()['contact'], Distance::fromMeters(20.0), $ladder, [], null, false);
    }

    /** @return list<float> what each step adds to a step, 0 or 1 where it is on the ladder */
    private static function shares(LoadScale $scale, Exposure $exposure): array
    {
        return array_slice($scale->covariates($exposure), count($scale->dimensions));
    }

    /**
     * @param  list<float>  $slopes
     * @param  list<float>  $covariates  the first of those that have a slope, or all
     */
    private static function load(array $slopes, array $covariates): float
    {
        $load = 0.0;
        foreach ($covariates as $j => $x) {
            $load += $slopes[$j] * $x;
        }

        return $load;
    }

    /** @param  list<array{int, int}>  $trials  step and band */
    private static function model(Ladder $ladder, array $trials): DogModel
    {
        $model = (new ModelBuilder(Fixture::priors()))->build(
            self::scale($ladder), false, null, [],
            SessionEvidence::ofTrials(new \DateTimeImmutable('2026-10-20 10:00 UTC'), array_map(
                static fn (array $trial): array => [
                    'exposure' => $ladder->step($trial[0])->exposure, 'band' => Band::from($trial[1]), 'afterReaction' => false,
                ], $trials,
            )),
        );
        self::assertNotNull($model);

        return $model;
    }

    /** Before any trial nothing is known of its steps but what they present. */
    public function test_to_a_typical_dog_a_step_is_as_hard_as_what_it_presents(): void
    {
        foreach (Fixture::templates()->ofKind(PlanKind::Contact) as $template) {
            [$ladder] = Fixture::laid($template->key);
            if ($ladder->step(0)->manner->strands !== []) {
                continue;
            }
            $scale = self::scale($ladder);
            $slopes = array_map(static fn (GammaPrior $slope): float => $slope->mean(), array_values($scale->slopes()));
            $first = self::load($slopes, $scale->byDimension($ladder->step(0)->exposure));
            $floors = 0;
            foreach ($ladder->steps as $i => $step) {
                $presents = self::load($slopes, $scale->byDimension($step->exposure)) - $first;
                $floors += $i > 0 && $slopes[count($scale->dimensions) + $i - 1] <= 0.15 + 1e-9 ? 1 : 0;
                $over = self::load($slopes, $scale->covariates($step->exposure)) - $presents;

                self::assertGreaterThan(-1e-9, $over, "{$template->key} {$i}");
                self::assertLessThan(0.15 * $floors + 1e-9, $over, "{$template->key} {$i}: what shows nothing new is still something");
            }
        }
    }

    public function test_a_step_adds_to_those_on_its_way_and_to_no_others(): void
    {
        [$ladder, $scale] = self::laid('nails');

        // a hold of the paw; the tool across the room; its sound far away; hold, tool and sound together
        self::assertSame([1.0, 1.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0], self::shares($scale, $ladder->step(2)->exposure));
        self::assertSame([0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0], self::shares($scale, $ladder->step(3)->exposure));
        self::assertSame([0.0, 0.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 0.0, 0.0], self::shares($scale, $ladder->step(6)->exposure));
        self::assertSame([1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 0.0, 0.0], self::shares($scale, $ladder->step(9)->exposure));
        self::assertSame(array_fill(0, 11, 0.0), self::shares($scale, $ladder->step(0)->exposure));
        self::assertSame(1, $scale->step($scale->keys()[count($scale->dimensions)]));
        self::assertNull($scale->step('gap'));
    }

    public function test_between_two_steps_it_is_part_of_the_way(): void
    {
        [$ladder, $scale] = self::laid('nails');
        // eight seconds, then fifteen: a hold of eleven is on the way
        $part = self::shares($scale, $ladder->step(11)->exposure->with('duration', 11.0));

        self::assertSame(1.0, $part[9]);
        self::assertEqualsWithDelta(log(14.0 / 11.0) / log(18.0 / 11.0), $part[10], 1e-9, 'in halvings, as durations count');
        $longer = $scale->covariates($ladder->step(11)->exposure->with('duration', 30.0));
        self::assertSame(1.0, $longer[count($longer) - 1]);
        self::assertEqualsWithDelta(
            log(11.0 / 6.0, 2.0), $longer[$scale->index('duration')], 1e-9, 'what goes beyond the ladder is told by its dimension',
        );
    }

    public function test_a_step_speaks_for_those_below_and_less_for_the_next_and_another_strand_hardly(): void
    {
        [$ladder] = self::laid('nails');
        $fresh = self::model($ladder, []);
        $held = self::model($ladder, array_fill(0, 12, [2, 3]));
        $harder = static fn (int $step): float => $held->linear($ladder->step($step)->exposure, Band::Strain, Day::Typical)['mean']
            - $fresh->linear($ladder->step($step)->exposure, Band::Strain, Day::Typical)['mean'];

        self::assertGreaterThan($harder(1), $harder(2));
        self::assertGreaterThan($harder(0), $harder(1));
        self::assertGreaterThan($harder(3), $harder(1), 'the tool on the floor is another matter');
        $sd = static fn (DogModel $model, int $step): float => $model->linear(
            $ladder->step($step)->exposure, Band::Strain, Day::Typical,
        )['sd'];
        self::assertLessThan($sd($fresh, 2), $sd($held, 2));
        self::assertGreaterThan($sd($held, 2), $sd($held, 9), 'the next ones are less sure');
    }

    /** Whatever its nearest step is: more of everything is never easier. */
    public function test_an_exposure_is_as_hard_as_every_step_that_it_contains(): void
    {
        [$ladder] = self::laid('nails');
        $model = self::model($ladder, [...array_fill(0, 8, [6, 4]), ...array_fill(0, 8, [7, 4]), ...array_fill(0, 20, [2, 0])]);
        $sound = $ladder->step(7)->exposure;
        $more = $ladder->step(2)->exposure
            ->with('item_state', $sound->values['item_state'])->with('item_feel', $sound->values['item_feel']);

        self::assertGreaterThan($model->load($ladder->step(2)->exposure), $model->load($sound));
        self::assertGreaterThanOrEqual($model->load($sound), $model->load($more));
        self::assertGreaterThanOrEqual($model->risk($sound)->strain()->value, $model->risk($more)->strain()->value);
    }

    /**
     * Dogs each of whose steps is its own, met for the first time step by step: the bound must hold four times in five. By the dimensions
     * alone, which know of no such steps, it holds less often.
     */
    public function test_the_bound_holds_for_dogs_whose_steps_are_their_own(): void
    {
        [$ladder, $scale] = self::laid('nails');
        $values = [];
        foreach ($ladder->steps as $step) {
            $values += $step->exposure->values;
        }
        $byDimensions = LoadScale::of(
            $scale->catalog, Distance::fromMeters(20.0), array_keys($values), null, $ladder->step(0)->exposure,
        );
        $builder = new ModelBuilder(Fixture::priors());
        $chance = new Chance(new Randomizer(new Xoshiro256StarStar(3)));
        $held = ['steps' => 0, 'dimensions' => 0];
        $asked = 0;
        for ($dog = 0; $dog < 30; $dog++) {
            $adds = array_map(
                static fn (GammaPrior $prior): float => $chance->gamma(max(1, (int) $prior->shape), $prior->mean()),
                array_values($scale->slopes()),
            );
            $over = $scale->topCutShift + 1.3 * $chance->normal();
            $strain = $over - $chance->gamma(8, 1.3);
            $effort = $strain - $chance->gamma(8, 1.6);
            $cuts = [$effort - $chance->gamma(8, 2.1), $effort, $strain, $over];
            $sessions = [];
            $step = 0;
            for ($day = 0; $day < 5; $day++) {
                $at = new \DateTimeImmutable('2026-10-01 10:00 UTC +'.(2 * $day).' days');
                $offset = 0.7 * $chance->normal();
                $trials = [];
                for ($trial = 0; $trial < 8; $trial++) {
                    $exposure = $ladder->step($step)->exposure;
                    $load = $offset + array_sum(array_map(
                        static fn (float $add, float $x): float => $add * $x, $adds, $scale->covariates($exposure),
                    ));
                    if ($trial === 4) {
                        $asked++;
                        foreach (['steps' => $scale, 'dimensions' => $byDimensions] as $way => $by) {
                            $risk = $builder->build(
                                $by, false, null, $sessions, SessionEvidence::ofTrials($at, $trials), spread: $builder->usualSpread(),
                            )?->risk($exposure);
                            $held[$way] += $risk !== null && $risk->strain()->toLogit() >= $load - $strain ? 1 : 0;
                        }
                    }
                    $drawn = $chance->uniform();
                    $band = Band::from(count(array_filter(
                        $cuts, static fn (float $cut): bool => $drawn < 1.0 / (1.0 + exp($cut - $load)),
                    )));
                    $trials[] = ['exposure' => $exposure, 'band' => $band, 'afterReaction' => false];
                    $step = max(0, min($ladder->top(), $step + ($band->atLeast(Band::Strain) ? -1 : (int) ($trial % 4 === 3))));
                }
                $sessions[] = SessionEvidence::ofTrials($at, $trials);
            }
        }

        self::assertGreaterThan(0.78 * $asked, $held['steps']);
        self::assertLessThan($held['steps'], $held['dimensions']);
    }
}
