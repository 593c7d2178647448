<?php

declare(strict_types=1);

namespace Core\Tests\Film;

use Core\Film\FilmTrial;
use Core\Film\Happening;
use Core\Film\HappeningAt;
use Core\Film\Part;
use Core\Film\Record;
use Core\Film\SeenTrial;
use Core\Film\StateFrom;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\SignKey;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One trial, from 10 to 20 s. */
#[CoversClass(SeenTrial::class)]
final class SeenTrialTest extends TestCase
{
    /** @param  list<array{Happening, int}>  $happenings */
    #[DataProvider('outcomes')]
    public function test_what_came_of_it(array $happenings, Outcome $outcome, Band $band = Band::Aware): void
    {
        self::assertSame($outcome, $this->seen($happenings, [], $band)->outcome);
    }

    /** @return iterable<string, array{list<array{Happening, int}>, Outcome, 2?: Band}> */
    public static function outcomes(): iterable
    {
        [$mark, $back] = [Happening::Mark, Happening::LookBack];
        yield 'nothing was seen: only quiet' => [[], Outcome::QuietPass];
        yield 'a look back by itself' => [[[$back, 20_000]], Outcome::Returned];
        yield 'a turn by itself' => [[[Happening::Turn, 10_000]], Outcome::Returned];
        yield 'a look back after the trial' => [[[$back, 20_001]], Outcome::QuietPass];
        yield 'a marked look, answered' => [[[$mark, 12_000], [$back, 12_500]], Outcome::TurnedAtMark];
        yield 'a marked look, unanswered' => [[[$mark, 12_000], [Happening::Unanswered, 13_000]], Outcome::MarkUnanswered];
        yield 'a reaction, whatever else' => [[[$mark, 12_000], [$back, 12_500]], Outcome::Reacted, Band::Over];
    }

    public function test_a_gaze_that_stays_to_the_end_did_not_come_back(): void
    {
        $gaze = [new StateFrom(Part::Gaze, 'trigger', 13_000), new StateFrom(Part::Gaze, 'handler', 20_000)];
        self::assertSame([Outcome::NotReturned, 7000], [$this->seen([], $gaze)->outcome, $this->seen([], $gaze)->stare]);

        $earlier = [new StateFrom(Part::Gaze, 'trigger', 8000), new StateFrom(Part::Gaze, 'handler', 19_999)];
        self::assertSame([Outcome::QuietPass, 9999], [$this->seen([], $earlier)->outcome, $this->seen([], $earlier)->stare]);
        self::assertNull($this->seen([], [new StateFrom(Part::Gaze, 'thing', 13_000)])->stare);
    }

    public function test_food_is_taken_as_the_band_says_and_a_little_late_too(): void
    {
        self::assertSame(FoodTaken::NotOffered, $this->seen([[Happening::Food, 9999]])->food);
        self::assertSame(FoodTaken::Gently, $this->seen([[Happening::Food, 24_000]])->food);
        self::assertSame(FoodTaken::NotOffered, $this->seen([[Happening::Food, 24_001]])->food);
        self::assertSame(FoodTaken::Hard, $this->seen([[Happening::Food, 12_000]], [], Band::Effort)->food);
    }

    public function test_loading_is_a_brow_and_ears_at_once(): void
    {
        $brow = [new StateFrom(Part::Brow, 'wrinkled', 12_000), new StateFrom(Part::Brow, 'smooth', 15_000)];

        self::assertSame([], $this->seen([], [...$brow, new StateFrom(Part::Ears, 'forward', 15_000)])->signs);
        self::assertSame([SignKey::Loading], $this->seen([], [...$brow, new StateFrom(Part::Ears, 'forward', 14_999)])->signs);
        self::assertSame([], $this->seen([], [...$brow, new StateFrom(Part::Ears, 'back', 1000)])->signs);
    }

    /**
     * @param  list<array{Happening, int}>  $happenings
     * @param  list<StateFrom>  $states
     */
    private function seen(array $happenings, array $states = [], Band $band = Band::Aware): SeenTrial
    {
        $trial = new FilmTrial(10_000, 20_000, $band);

        return SeenTrial::of(Record::of(60_000, $states, array_map(
            static fn (array $one): HappeningAt => new HappeningAt($one[0], $one[1]), $happenings,
        ), [$trial]), $trial);
    }
}
