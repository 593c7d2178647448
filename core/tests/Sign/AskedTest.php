<?php

declare(strict_types=1);

namespace Core\Tests\Sign;

use Core\Decision\AskedNext;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Sign\Asked;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;
use Core\Tests\Decision\CaseTable;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is asked of the dog decides what can come of it, and what of that counts. */
#[CoversClass(Asked::class)]
#[CoversClass(AskedNext::class)]
#[CoversClass(Outcome::class)]
final class AskedTest extends TestCase
{
    public function test_the_first_of_each_row_counts_and_the_others_do_not_but_a_look_on_the_cue(): void
    {
        foreach (Asked::cases() as $asked) {
            $counting = array_values(array_filter(
                $asked->outcomes(), static fn (Outcome $one): bool => $one->effect() === OutcomeEffect::Success,
            ));
            self::assertSame(match ($asked) {
                Asked::MarkedLook => [],
                Asked::CuedLook => [Outcome::LookedBefore, Outcome::OnCue],
                default => [$asked->outcomes()[0]],
            }, $counting, $asked->value);
        }
    }

    public function test_every_outcome_can_be_logged_in_some_plan_and_every_row_in_its_own(): void
    {
        $all = array_merge(...array_map(Outcome::ofKind(...), PlanKind::cases()));
        self::assertSame([], array_udiff(
            Outcome::cases(), $all, static fn (Outcome $one, Outcome $other): int => $one->value <=> $other->value,
        ));
        foreach (PlanKind::cases() as $kind) {
            self::assertSame(Outcome::ofKind($kind), array_values(array_unique(Outcome::ofKind($kind), SORT_REGULAR)));
            foreach (['notice_and_turn_back', 'cued_attention', 'held_position', 'calm_settling', 'pairing', 'shaping'] as $method) {
                $rows = Asked::in($kind, $method);
                $outcomes = array_merge(...array_map(static fn (Asked $one): array => $one->outcomes(), $rows));
                self::assertCount(count(array_unique($outcomes, SORT_REGULAR)), $outcomes, 'an outcome tells what was asked');
                foreach ($outcomes as $outcome) {
                    self::assertContains($outcome, Outcome::ofKind($kind), "{$kind->value} {$method}");
                }
            }
        }
    }

    #[TestWith([Outcome::QuietPass, Band::Easy, false])]
    #[TestWith([Outcome::QuietPass, Band::Aware, false])]
    #[TestWith([Outcome::QuietPass, Band::Effort, true])]
    #[TestWith([Outcome::CarriedOn, Band::Easy, true])]
    public function test_what_was_only_quiet_moves_no_distance_and_what_was_stretched_does(Outcome $outcome, Band $band, bool $is): void
    {
        $exposure = Exposure::of(['distance' => 20.0], Fixture::dimensions());
        $trial = new LoggedTrial(new Level(0, $exposure), null, $exposure, $outcome, $band, [], FoodTaken::NotOffered, true, null,
            false, false, new \DateTimeImmutable('2026-10-20'));
        self::assertSame($is, $trial->isEvidence());
    }

    /** @param  list<string>  $trials */
    #[TestWith([[], null, Asked::MarkedLook])]
    #[TestWith([[], Outcome::Returned, Asked::Wait])]
    #[TestWith([[], Outcome::Reacted, Asked::MarkedLook])]
    #[TestWith([['4x 1 turned_at_mark easy'], Outcome::Returned, Asked::MarkedLook])]
    #[TestWith([['5x 1 turned_at_mark easy'], null, Asked::Wait])]
    #[TestWith([['5x 1 turned_at_mark easy', '1 returned easy'], null, Asked::Wait])]
    #[TestWith([['1 returned easy', '1 not_returned strain'], null, Asked::MarkedLook])]
    #[TestWith([['1 carried_on easy', '1 unnoticed easy'], null, Asked::Passing])]
    #[TestWith([['5x 1 turned_at_mark easy', '1 not_returned effort'], null, Asked::MarkedLook])]
    #[TestWith([['1 returned easy', '1 watched easy'], null, Asked::Wait])]
    public function test_what_was_asked_stays_until_it_is_ready_to_be_waited_for(array $trials, ?Outcome $before, Asked $next): void
    {
        $situation = CaseTable::situation(['id' => 'asked', 'trials' => $trials]);
        self::assertSame($next, AskedNext::of($situation, Asked::in(PlanKind::Presence, 'notice_and_turn_back'), $before));
    }

    /**
     * A plan that does not know both has nothing to go over to.
     *
     * @param  list<string>  $trials
     * @param  non-empty-list<Asked>  $offered
     */
    #[TestWith([['1 returned easy', '1 not_returned effort'], [Asked::Wait], Asked::Wait])]
    #[TestWith([['5x 1 turned_at_mark easy'], [Asked::MarkedLook], Asked::MarkedLook])]
    #[TestWith([['5x 1 turned_at_mark easy'], [Asked::MarkedLook, Asked::Passing], Asked::MarkedLook])]
    #[TestWith([['1 returned easy', '1 not_returned effort'], [Asked::Passing, Asked::Wait], Asked::Wait])]
    public function test_what_a_plan_does_not_offer_is_not_asked(array $trials, array $offered, Asked $next): void
    {
        self::assertSame($next, AskedNext::of(CaseTable::situation(['trials' => $trials]), $offered, null));
    }
}
