<?php

declare(strict_types=1);

namespace Core\Tests\Marking;

use Core\Marking\Act;
use Core\Marking\DrawnDog;
use Core\Marking\Drill;
use Core\Marking\Episode;
use Core\Marking\Script;
use Core\Marking\Tap;
use Core\Simulation\Chance;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

#[CoversClass(Script::class)]
#[CoversClass(DrawnDog::class)]
#[CoversClass(Drill::class)]
final class ScriptTest extends TestCase
{
    public function test_every_drill_asks_for_so_much_in_its_order_and_nothing_comes_without_being_seen_to_come(): void
    {
        foreach (Drill::cases() as $drill) {
            $episodes = $this->part($drill, asks: 12);
            $wanted = array_filter($episodes, static fn (Episode $one): bool => $one
                ->wants === ($drill === Drill::Settling ? Tap::Food : Tap::Mark));
            self::assertCount(12, $wanted, $drill->value);
            $last = 0;
            foreach ($episodes as $one) {
                self::assertTrue($last <= $one->comes && $one->comes <= $one->from && $one->from < $one->until, $drill->value);
                [$least, $most] = $one->act->lasts();
                self::assertTrue($one->until - $one->from >= $least && $one->until - $one->from <= $most);
                // nobody reacts faster than about 0.2 s: what is short is foreseen
                self::assertTrue($one->wants !== Tap::Mark || $one->from - $one->comes >= 200, $drill->value);
                $last = $one->until;
            }
            foreach (array_filter($episodes, static fn (Episode $one): bool => $one->wants !== null) as $one) {
                self::assertContains($one->wants, $drill->taps(), $drill->value);
            }
            self::assertSame($drill->isGoNoGo(), $drill->isGoNoGo() && in_array(
                null, array_column($this->part($drill, asks: 60), 'wants'), true,
            ), $drill->value);
        }
    }

    public function test_the_same_seed_draws_the_same_and_another_one_does_not(): void
    {
        self::assertEquals($this->part(Drill::LickAmong), $this->part(Drill::LickAmong));
        self::assertNotEquals($this->part(Drill::LickAmong), $this->part(Drill::LickAmong, seed: 2));
    }

    /** Every drill's beginning, its middle and what follows late marks: judged by nobody, so that nothing of it changes unseen. */
    public function test_nothing_of_what_is_drawn_changes_unseen(): void
    {
        $drawn = '';
        foreach (Drill::cases() as $drill) {
            foreach ([[new DrawnDog, 0], [(new DrawnDog)->marked(Act::Bob)->marked(Act::Lick), 20]] as $i => [$dog, $before]) {
                $drawn .= "{$drill->value}, {$before} before\n";
                foreach ($this->part($drill, $dog, $i + 1, 6, $before) as $one) {
                    $drawn .= rtrim(sprintf(
                        '%-12s %6d %6d %6d  %.2f %s', $one->act->value, $one->comes, $one->from, $one->until, $one->amount,
                        $one->wants->value ?? '',
                    ))."\n";
                }
            }
        }
        // meant? then it is written anew from here, and the difference read
        self::assertStringEqualsFile(__DIR__.'/drawn.txt', $drawn);
    }

    public function test_late_marks_breed_head_bobs_and_good_ones_let_them_fade(): void
    {
        $late = $good = new DrawnDog;
        for ($i = 0; $i < 6; $i++) {
            [$late, $good] = [$late->marked(Act::Bob), $good->marked(Act::Lick)];
        }
        $bobs = fn (DrawnDog $dog): int => count(array_filter(
            $this->part(Drill::LickAmong, $dog, asks: 200), static fn (Episode $one): bool => $one->act === Act::Bob,
        ));
        // of 200 licks, about a fifth have a bob at first
        self::assertEqualsWithDelta(40, $bobs(new DrawnDog), 18);
        self::assertGreaterThan(140, $bobs($late));
        self::assertLessThan($bobs(new DrawnDog), $bobs($good));
        self::assertLessThanOrEqual(0.85, $late->share('bob'));
    }

    public function test_the_criterion_of_the_still_lick_tightens_over_the_thirty(): void
    {
        foreach ([[0, 0.8], [10, 0.5], [20, 0.3]] as [$before, $most]) {
            foreach ($this->part(Drill::StillLick, asks: 9, before: $before) as $lick) {
                self::assertSame($lick->wants === Tap::Mark, $lick->amount < $most, "{$before}: {$lick->amount}");
            }
        }
    }

    public function test_first_the_look_is_marked_and_then_the_turn(): void
    {
        $marked = fn (int $before): array => array_values(array_unique(array_map(
            static fn (Episode $one): string => $one->wants === Tap::Mark ? $one->act->value : '',
            $this->part(Drill::LookThenTurn, asks: 6, before: $before),
        )));
        self::assertSame(['look', ''], $marked(0));
        self::assertSame(['', 'turn'], $marked(6));
    }

    public function test_each_drill_leads_to_the_next_and_the_last_to_none(): void
    {
        self::assertSame(Drill::Palm, Drill::Line->next());
        self::assertNull(Drill::Unanswered->next());
        self::assertSame([30, 12], [Drill::StillLick->asks(), Drill::LickAmong->asks()]);
    }

    /**
     * @param  positive-int  $asks
     * @return list<Episode>
     */
    private function part(Drill $drill, DrawnDog $dog = new DrawnDog, int $seed = 1, int $asks = 12, int $before = 0): array
    {
        return Script::part($drill, $dog, new Chance(new Randomizer(new Mt19937($seed))), 0, $before, $asks);
    }
}
