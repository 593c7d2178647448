<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Alternative;
use Core\Decision\CarryOver;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\OtherThings;
use Core\Decision\RuleBook;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Decision\Told;
use Core\Decision\Way;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\Whose;
use Core\Measure\Distance;
use Core\Planning\Refiner;
use Core\Response\RiskCaps;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Simulation\Chance;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** No template, split, ease, easy one, other thing, start or answer asks for what nobody here could set up or carry out. */
#[CoversClass(Way::class)]
#[CoversClass(OtherThings::class)]
#[CoversClass(DimensionCatalog::class)]
final class OnlyWhatCanBeDoneTest extends TestCase
{
    private const ROUNDS = 12;

    /** @return iterable<string, array{string}> */
    public static function templates(): iterable
    {
        foreach (array_keys(Fixture::templateData()) as $key) {
            yield $key => [$key];
        }
    }

    #[DataProvider('templates')]
    public function test_whatever_happens_what_is_asked_can_be_done(string $key): void
    {
        [$laid, $model] = Fixture::laid($key);
        $ladder = (new Refiner($model))->refine($laid);
        $catalog = $model->scale->catalog;
        $chance = new Chance(new Randomizer(new Xoshiro256StarStar(crc32($key))));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $isByStrangers = $chance->uniform() < 0.5;
            $settings = RuleSettings::of(
                RiskCaps::usual(), room: Distance::fromMeters(20.0 + 80.0 * $chance->uniform()), easyAfter: 2,
                isByStrangers: $isByStrangers,
            );
            $at = max(0, (int) ($chance->uniform() * count($ladder->steps)));
            $level = new Level($at, $ladder->step($at)->exposure);
            $log = new SessionLog(new \DateTimeImmutable('2026-10-20 10:00 UTC'), null, []);
            for ($trial = 0; $trial < 12; $trial++) {
                $situation = new Situation(
                    $catalog, Fixture::signs(), $ladder, $settings, new History(
                        solid: new Level(max(0, $at - 1), $ladder->step($at - 1)->exposure), daysSinceLast: 4.0, trialsEver: 40,
                        carryOver: CarryOver::points(2.0 * $chance->uniform()),
                    ), $log, $model, $log->startedAt, new Told(Distance::fromMeters(8.0)),
                );
                $advice = RuleBook::standard()->decide($situation);
                $way = new Way($situation);
                $next = $way->next($level);
                $asked = [
                    $level, $advice->next, $next, $next === null ? null : $way->part($level, $next), $way->back($level),
                    $way->below($level, 3),
                ];
                foreach ($asked as $one) {
                    self::assertPossible($catalog, $one?->exposure, $way->room(), "{$key}, {$advice->action->value}");
                }
                self::assertNoLeap($level->exposure, $next?->exposure);
                foreach ([...$advice->alternatives, ...(new OtherThings($situation))->of($level)] as $other) {
                    self::assertDoable($catalog, $other, $level, $isByStrangers);
                    self::assertPossible($catalog, $other->level->exposure, $way->room(), $key);
                }
                if ($advice->next === null) {
                    break;
                }
                $level = $situation->log->last() === null ? $advice->next : $level;
                $log = new SessionLog($log->startedAt, null, [...$log->trials, self::trial($advice->next, $chance)]);
                $level = $advice->next;
            }
        }
    }

    /** @return iterable<string, array{array<string, float|string>, bool}> */
    public static function bodies(): iterable
    {
        yield 'a hand that hovers near' => [['contact' => 'hover', 'gap' => 30.0], true];
        yield 'a hand that hovers far away' => [['contact' => 'hover', 'gap' => 31.0], false];
        yield 'a touch' => [['contact' => 'touch', 'gap' => 0.0], true];
        yield 'a touch from afar' => [['contact' => 'touch', 'gap' => 0.1], false];
        yield 'beside it' => [['posture' => 'standing', 'gap' => 200.0], true];
        yield 'beside it, across the room' => [['posture' => 'standing', 'gap' => 201.0], false];
        yield 'leaning over from afar' => [['posture' => 'leaning', 'gap' => 61.0], false];
        yield 'a hand from below' => [['hand_path' => 'below', 'hands' => 'one'], true];
        yield 'no hands, from below' => [['hand_path' => 'below', 'hands' => 'none'], false];
        yield 'the nose in a basket that is held to it' => [['depth' => 0.3, 'item_state' => 'at_nose'], true];
        yield 'the nose in a basket on the floor' => [['depth' => 0.3, 'item_state' => 'floor'], false];
        yield 'none of it in' => [['depth' => 0.0, 'item_state' => 'floor'], true];
        yield 'a basket at the nose, half a meter off' => [['item_state' => 'at_nose', 'gap' => 50.0], false];
        yield 'tightened where nothing is on' => [['item_motion' => 'tightened', 'item_state' => 'in_hand'], false];
        yield 'tightened on the dog' => [['item_motion' => 'tightened', 'item_state' => 'strap_held'], true];
    }

    /** @param  array<string, float|string>  $values */
    #[DataProvider('bodies')]
    public function test_what_goes_together_under_the_hand(array $values, bool $isPossible): void
    {
        $catalog = Fixture::catalogs()['contact'];

        self::assertSame($isPossible, $catalog->isPossible(Exposure::of($values, $catalog)));
    }

    private static function assertPossible(DimensionCatalog $catalog, ?Exposure $exposure, float $room, string $where): void
    {
        if ($exposure !== null) {
            self::assertTrue($catalog->isPossible($exposure), "{$where}: {$exposure->key()}");
            self::assertLessThanOrEqual(max($room, 64.0), $exposure->distance()->meters ?? 0.0, $where);
        }
    }

    /** Whatever else a step of the ladder changes: at most a quarter nearer, to the half meter that is told. */
    private static function assertNoLeap(Exposure $from, ?Exposure $to): void
    {
        [$here, $there] = [$from->distance(), $to?->distance()];
        if ($here !== null && $there !== null) {
            self::assertGreaterThanOrEqual(0.75 * $here->meters - 0.5, $there->meters, "{$from->key()} to {$to?->key()}");
        }
    }

    private static function assertDoable(DimensionCatalog $catalog, Alternative $other, Level $from, bool $isByStrangers): void
    {
        $dimension = $catalog->dimension($other->change->dimension);

        self::assertArrayHasKey($dimension->key, $other->level->exposure->values, 'only what is in play');
        self::assertTrue($dimension->eases || $dimension->picture->value !== 'no');
        self::assertNotSame(Whose::Place, $dimension->whose, 'no fence grows in a field');
        self::assertFalse($isByStrangers && $dimension->whose === Whose::Trigger, 'strangers obey nobody');
    }

    private static function trial(Level $level, Chance $chance): LoggedTrial
    {
        $roll = $chance->uniform();
        [$outcome, $band, $signs] = match (true) {
            $roll < 0.7 => [Outcome::Reached, Band::Easy, []],
            $roll < 0.8 => [Outcome::LeftEarly, Band::Effort, []],
            $roll < 0.9 => [Outcome::PromptedStiff, Band::Strain, ['stiff']],
            $roll < 0.95 => [Outcome::RefusedFood, Band::Aware, ['eat.refuse']],
            default => [Outcome::Unnoticed, Band::Easy, []],
        };

        return new LoggedTrial(
            $level, null, $level->exposure, $outcome, $band, $signs, FoodTaken::Gently, true, null, false, false,
            new \DateTimeImmutable('2026-10-20 10:30 UTC'),
        );
    }
}
