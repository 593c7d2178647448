<?php

declare(strict_types=1);

namespace Core\Tests\Handling;

use Core\Coverage\Cell;
use Core\Coverage\CellState;
use Core\Coverage\Coverage;
use Core\Coverage\NextCell;
use Core\Coverage\TrialInContext;
use Core\Handling\Acceptance;
use Core\Handling\HandlingMap;
use Core\Sign\Band;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

/** What is accepted where and from whom, and what is best next; a dog handled by Ada, and now by Bo. */
#[CoversClass(Coverage::class)]
#[CoversClass(Cell::class)]
#[CoversClass(NextCell::class)]
#[CoversClass(TrialInContext::class)]
#[CoversClass(HandlingMap::class)]
#[CoversClass(Acceptance::class)]
final class CoverageTest extends TestCase
{
    private const WAYS = ['hover', 'touch', 'stroke', 'hold', 'lift'];

    private const ADA = ['person' => 'ada', 'posture' => 'kneeling', 'side' => 'left', 'item' => 'brush', 'place' => 'home_mat'];

    private const OPTIONS = [
        'person' => ['ada', 'bo'], 'posture' => ['lying', 'kneeling', 'standing', 'leaning'], 'side' => ['left', 'right'],
        'item' => ['brush', 'grinder'], 'place' => ['home_mat', 'other_room', 'clinic'],
    ];

    public function test_acceptance_belongs_to_an_area_a_side_and_a_person(): void
    {
        $paw = static fn (string $person, string $side, string $way): array =>
            ['area' => 'front_paw', 'person' => $person, 'side' => $side, 'contact' => $way];
        $map = HandlingMap::of([
            ...self::trials($paw('ada', 'left', 'touch'), [0, 0, 1]), ...self::trials($paw('ada', 'left', 'hold'), [0, 1, 0, 0, 1]),
            ...self::trials($paw('bo', 'left', 'touch'), [0, 3, 0]),
            ...self::trials(['area' => 'ear', 'person' => 'ada', 'contact' => 'hover'], [0, 0, 0]),
        ], self::WAYS);

        self::assertSame('hold', $map->at('front_paw', 'left', 'ada')->accepted);
        self::assertNull($map->at('front_paw', 'right', 'ada')->accepted, 'the other paw is another paw');
        self::assertNull($map->at('front_paw', 'left', 'bo')->accepted);
        self::assertSame('touch', $map->at('front_paw', 'left', 'bo')->refused);
        self::assertSame('hover', $map->at('ear', 'right', 'ada')->accepted, 'a trial that names no side stands for both');
        self::assertFalse($map->at('tail')->isSeen());
    }

    /** Only the latest five of a way of touching count: what was learned since makes up for what was, and the other way round. */
    public function test_acceptance_is_won_and_lost_by_the_latest_trials(): void
    {
        self::assertTrue(self::isEarTouchAccepted([3, 4, 0, 0, 0, 1, 1]));
        self::assertTrue(self::isEarTouchAccepted([0, 0, 2, 0, 0]), 'one that took effort is forgiven');
        self::assertFalse(self::isEarTouchAccepted([0, 0, 2, 0, 2]));
        self::assertFalse(self::isEarTouchAccepted([0, 0, 0, 0, 3]), 'strain is not');
        self::assertFalse(self::isEarTouchAccepted([0, 0]), 'two are no evidence');
    }

    public function test_cells_are_told_by_shared_trials_whatever_else_they_were(): void
    {
        $coverage = Coverage::of(
            [
                ...self::trials(self::ADA, [0, 0, 0]), ...self::trials([...self::ADA, 'posture' => 'standing'], [0, 1]),
                ...self::trials([...self::ADA, 'person' => 'bo'], [0, 3]),
            ],
            self::OPTIONS,
        );

        self::assertSame(CellState::Done, $coverage->cell(['person' => 'ada', 'place' => 'home_mat'])->state);
        self::assertSame([CellState::Thin, 3], [$coverage->cell(['person' => 'ada', 'posture' => 'kneeling'])->state, $coverage->cell([
            'person' => 'ada', 'posture' => 'kneeling',
        ])->trials]);
        self::assertSame(CellState::Hard, $coverage->cell(['person' => 'bo'])->state);
        self::assertSame(CellState::Untried, $coverage->cell(['place' => 'clinic'])->state);
    }

    /** Oldest first: e easy, f took effort and did not count, s strain. */
    public function test_done_is_five_with_one_miss_at_most_and_hard_is_strain_among_the_latest_three(): void
    {
        $state = static fn (string $marks): string => Coverage::of(
            self::trials(self::ADA, array_map(static fn (string $mark): int => ['e' => 0, 'f' => 2, 's' => 3][$mark], str_split($marks))),
            self::OPTIONS,
        )->cell([])->state->value;

        self::assertSame(['thin', 'done'], [$state('eeee'), $state('eeeee')]);
        self::assertSame(['done', 'thin'], [$state('eefee'), $state('efefe')]);
        self::assertSame(['thin', 'done'], [$state('eseeee'), $state('seeeee')], 'strain within the latest five, and before them');
        self::assertSame(['hard', 'thin'], [$state('eesee'), $state('eseee')], 'within the latest three, and before them');
    }

    public function test_a_step_down_is_the_smallest_and_what_has_been_begun_comes_before_what_is_as_near(): void
    {
        $postures = ['posture' => self::OPTIONS['posture']];
        $best = static function (string ...$held) use ($postures): ?string {
            $trials = [];
            foreach ($held as $posture) {
                array_push($trials, ...self::trials([...self::ADA, 'posture' => $posture], [0, 0, 0, 0, 0]));
            }

            return Coverage::of($trials, $postures, ['posture'])->best()?->values['posture'];
        };

        self::assertSame('standing', $best('leaning'));
        self::assertSame('leaning', $best('standing'), 'one up before one down');
        self::assertSame('leaning', $best('kneeling', 'standing'));
        self::assertSame('left', self::nextSide(self::trials(['side' => 'right'], [0, 0, 0, 0, 0]))?->values['side']);
        self::assertSame('both', self::nextSide([
            ...self::trials(['side' => 'right'], [0, 0, 0, 0, 0]), ...self::trials(['side' => 'both'], [0]),
        ])?->values['side']);
        // two up to a posture that is held elsewhere, rather than one up to one that nobody has seen
        $known = Coverage::of([
            ...self::trials(['posture' => 'lying', 'side' => 'left'], [0, 0, 0, 0, 0]),
            ...self::trials(['posture' => 'standing', 'side' => 'right'], [0, 0, 0, 0, 0]),
        ], ['posture' => ['lying', 'kneeling', 'standing'], 'side' => ['left', 'both', 'right']], ['posture'])->best();
        self::assertSame(['posture' => 'standing', 'side' => 'left'], $known?->values);
        self::assertSame('right', self::nextSide([
            ...self::trials(['side' => 'left'], [0, 0]), ...self::trials(['side' => 'right'], [0, 0, 0]),
        ])?->values['side'], 'nothing done: the one that is furthest on');
    }

    public function test_the_best_next_cell_changes_one_thing_and_the_least(): void
    {
        self::assertNull(Coverage::of([], self::OPTIONS)->best());
        $begun = Coverage::of(self::trials(self::ADA, [0, 0]), self::OPTIONS)->best();
        self::assertSame([null, self::ADA], [$begun?->changed, $begun?->values], 'what is begun comes before what is new');

        $held = self::trials(self::ADA, [0, 0, 0, 0, 0]);
        $next = Coverage::of($held, self::OPTIONS)->best();
        self::assertSame(1, count(array_diff_assoc($next->values ?? [], self::ADA)));
        self::assertSame(
            'standing', Coverage::of($held, ['posture' => self::OPTIONS['posture']], ['posture'])->best()?->values['posture'],
            'up, not down',
        );
        self::assertSame(
            'lying', Coverage::of($held, ['posture' => ['lying', 'kneeling']], ['posture'])->best()?->values['posture'],
            'down where nothing else is left',
        );
        // with the other person held in one posture, her value is known ground: it comes first for the other posture
        $known = [
            ...$held, ...self::trials([...self::ADA, 'posture' => 'standing'], [0, 0, 0, 0, 0]),
            ...self::trials([...self::ADA, 'person' => 'bo'], [0, 0, 0, 0, 0]),
        ];
        $next = Coverage::of($known, self::OPTIONS)->best();
        self::assertSame(['bo', 'standing'], [$next?->values['person'], $next?->values['posture']]);
    }

    /**
     * Whatever has been logged, the advice never asks for what is done, never for what was too hard lately, and never for two new things at
     * once.
     */
    public function test_the_best_next_cell_keeps_its_promises_on_random_logs(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        for ($round = 0; $round < 60; $round++) {
            $trials = [];
            for ($i = 0; $i < 12; $i++) {
                $values = array_map(static fn (array $options): string => $options[$random->getInt(0, count($options) - 1)], self::OPTIONS);
                array_push($trials, ...self::trials(
                    $values, array_map(static fn (): int => $random->getInt(0, 9) === 0 ? 3 : 0, range(1, $random->getInt(1, 7))), $i,
                ));
            }
            $coverage = Coverage::of($trials, self::OPTIONS);
            $next = $coverage->best() ?? throw new \LogicException('There is always something left here.');
            self::assertNotContains(
                $coverage->cell($next->values)->state, $next->changed === null ? [CellState::Done] : [CellState::Done, CellState::Hard],
            );
            if ($next->changed !== null) {
                self::assertSame(CellState::Done, $coverage->cell([...$next->values, $next->changed => (string) $next->from])->state);
            }
        }
    }

    /**
     * @param  array<string, string>  $factors
     * @param  list<int>  $bands  oldest first
     * @return list<TrialInContext>
     */
    private static function trials(array $factors, array $bands, int $day = 0): array
    {
        return array_map(
            static fn (int $i): TrialInContext => new TrialInContext(
                $factors, Band::from($bands[$i]), $bands[$i] <= 1,
                new \DateTimeImmutable(sprintf('2026-10-%02d 10:%02d UTC', $day + 1, $i)),
            ),
            array_keys($bands),
        );
    }

    /** @param  list<TrialInContext>  $trials */
    private static function nextSide(array $trials): ?NextCell
    {
        return Coverage::of($trials, ['side' => ['left', 'right', 'both']])->best();
    }

    /** @param  list<int>  $bands  oldest first */
    private static function isEarTouchAccepted(array $bands): bool
    {
        return HandlingMap::of(self::trials(['area' => 'ear', 'person' => 'ada', 'contact' => 'touch'], $bands), self::WAYS)
            ->at('ear')->accepted === 'touch';
    }
}
