<?php

declare(strict_types=1);

namespace Core\Tests\Ladder;

use Core\Exception\ErrorCode;
use Core\Exception\InvalidExposure;
use Core\Exception\InvalidLadder;
use Core\Ladder\Criterion;
use Core\Ladder\DogPosture;
use Core\Ladder\FoodTiming;
use Core\Ladder\HandledBy;
use Core\Ladder\Ladder;
use Core\Ladder\Manner;
use Core\Ladder\Step;
use Core\Ladder\StepData;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(Ladder::class)]
#[CoversClass(Manner::class)]
#[CoversClass(StepData::class)]
final class MannerTest extends TestCase
{
    public function test_two_steps_are_done_alike_where_only_the_words_differ(): void
    {
        $manner = self::manner();

        self::assertTrue($manner->isDoneLike(self::manner(instruction: 'Kneel.')));
        self::assertFalse($manner->isDoneLike(null));
        foreach ([
            self::manner(food: FoodTiming::During), self::manner(posture: DogPosture::Station), self::manner(who: HandledBy::SecondPerson),
            self::manner(hands: 1), self::manner(eyes: 2),
        ] as $other) {
            self::assertFalse($manner->isDoneLike($other));
        }
        self::assertFalse($manner->equals(self::manner(instruction: 'Kneel.')));
        self::assertSame(HandledBy::SecondPerson, $manner->by(HandledBy::SecondPerson)->who);
    }

    public function test_two_hands_and_a_pair_of_eyes_are_enough_for_one_person(): void
    {
        self::assertFalse(self::manner(hands: 2, eyes: 1)->needsHelp());
        self::assertTrue(self::manner(hands: 3, eyes: 1)->needsHelp());
        self::assertTrue(self::manner(hands: 2, eyes: 2)->needsHelp());
    }

    public function test_a_step_on_the_way_has_the_words_of_the_one_it_leads_to_if_that_has_any(): void
    {
        self::assertTrue(self::manner(instruction: 'Kneel.')->toward()->isOnTheWay);
        self::assertFalse(self::manner(instruction: '')->toward()->isOnTheWay);
    }

    public function test_what_every_step_says_the_same_is_told_once_and_of_one_step_all_is_its_own(): void
    {
        $step = static fn (float $meters, string $motion): Step => new Step(Fixture::at($meters, $motion), Criterion::run(5));

        self::assertSame(['trigger_motion'], Ladder::of([$step(20.0, 'run'), $step(10.0, 'run')])->shared());
        self::assertSame([], Ladder::of([$step(20.0, 'run'), $step(10.0, 'lying'), $step(20.0, 'run')])->shared());
        self::assertSame([], Ladder::of([$step(20.0, 'run')])->shared());
    }

    public function test_an_index_off_the_ladder_is_its_end(): void
    {
        $ladder = Ladder::of(array_map(
            static fn (float $meters): Step => new Step(Fixture::at($meters), Criterion::run(5)), [30.0, 20.0, 10.0],
        ));

        self::assertSame([30.0, 30.0, 20.0, 10.0, 10.0], array_map(
            static fn (int $index): ?float => $ladder->step($index)->exposure->distance()?->meters, [-1, 0, 1, 2, 3],
        ));
        self::assertSame(2, $ladder->top());
        $this->expectException(InvalidExposure::class);
        Ladder::of([]);
    }

    public function test_a_step_that_cannot_be_is_refused_with_what_it_would_need(): void
    {
        $contact = Fixture::catalogs()['contact'];
        self::assertSame(['contact' => 'touch', 'gap' => 0.0], (static function (array $values): array {
            ksort($values);

            return $values;
        })(StepData::values(['gap' => 0, 'contact' => 'touch'], $contact, '/at')));
        try {
            StepData::values(['gap' => 10, 'contact' => 'touch'], $contact, '/at');
            self::fail('A hand 10 cm away touched.');
        } catch (InvalidLadder $problem) {
            self::assertSame(['/at/contact', ErrorCode::Impossible, ['gap']], [
                $problem->pointer, $problem->error(), $problem->facts()['dimensions'],
            ]);
        }
    }

    private static function manner(
        string $instruction = 'Stand.', FoodTiming $food = FoodTiming::AfterMark, DogPosture $posture = DogPosture::Free,
        HandledBy $who = HandledBy::Handler, int $hands = 2, int $eyes = 1,
    ): Manner {
        return Manner::of($instruction, $food, $posture, $who, $hands, $eyes);
    }
}
