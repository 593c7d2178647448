<?php

declare(strict_types=1);

namespace Core\Tests\Response;

use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\Inherited;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(Inherited::class)]
final class InheritedTest extends TestCase
{
    /** A dog that is fine far nearer than where it was said to react. */
    private static function first(): DogModel
    {
        $calm = [[10.0, 0], [8.0, 0], [6.0, 0], [5.0, 1], [4.0, 1], [10.0, 0], [8.0, 0], [6.0, 1], [4.0, 2]];

        return Fixture::model(
            array_map(static fn (int $day): SessionEvidence => Fixture::session("2026-10-{$day}", $calm), range(10, 18)), [],
        );
    }

    /** @param  list<array{float, int}>  $today */
    private static function second(?Inherited $inherited, array $today = []): DogModel
    {
        return (new ModelBuilder(Fixture::priors()))->inheriting($inherited)->build(
            Fixture::scale(), true, null, [], Fixture::session('2026-10-20', $today),
        ) ?? throw new \LogicException('The fit did not converge.');
    }

    public function test_slopes_and_gaps_are_passed_on_less_sure_and_the_level_as_a_guess(): void
    {
        $first = self::first();
        $inherited = Inherited::of($first);

        self::assertSame($first->scale->keys(), array_keys($inherited->slopes));
        // by hand: a gamma of shape a and rate b has the mean a/b and the variance a/b²
        $distance = $inherited->slopes['distance'];
        self::assertEqualsWithDelta($first->fit->mode->slopes()[0], $distance->shape / $distance->rate, 1e-9);
        self::assertEqualsWithDelta(1.5 * $first->fit->standardError(4), sqrt($distance->shape) / $distance->rate, 1e-9);
        self::assertCount(3, $inherited->gaps);
        self::assertSame($first->fit->mode->theta[0], $inherited->level);
        self::assertEqualsWithDelta(sqrt($first->fit->standardError(0) ** 2 + 1.3 ** 2), $inherited->levelSd, 1e-12);
    }

    public function test_a_second_person_starts_between_nothing_and_the_first_and_soon_goes_by_their_own_trials(): void
    {
        $first = self::first();
        $inherited = Inherited::of($first);
        $risk = static fn (DogModel $model): float => $model->risk(Fixture::at(10.0), Day::Typical)->strainBound->value;

        self::assertGreaterThan($risk($first), $risk(self::second($inherited)), 'what one person may, another may not yet');
        self::assertLessThan($risk(self::second(null)), $risk(self::second($inherited)), 'but it is not as if nothing was known');
        $hard = array_fill(0, 8, [12.0, 3]);
        self::assertGreaterThan(4.0 * $risk(self::second($inherited)), $risk(self::second($inherited, $hard)));
    }

    public function test_what_is_kept_is_read_again(): void
    {
        $inherited = Inherited::of(self::first());
        self::assertEqualsWithDelta(
            $inherited->toArray(), Inherited::fromArray((array) json_decode((string) json_encode($inherited->toArray()), true))?->toArray(),
            1e-9,
        );
    }

    /** @param  array<mixed>  $kept */
    #[TestWith([[]])]
    #[TestWith([['level' => [1.0], 'gaps' => [[8.0, 2.0]], 'slopes' => []]])]
    #[TestWith([['level' => [1.0, 1.0], 'gaps' => [[8.0, 2.0], 'x'], 'slopes' => []]])]
    #[TestWith([['level' => [1.0, 1.0], 'gaps' => [], 'slopes' => []]])]
    public function test_what_is_none_is_none(array $kept): void
    {
        self::assertNull(Inherited::fromArray($kept));
    }
}
