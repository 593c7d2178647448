<?php

declare(strict_types=1);

namespace Core\Marking;

use Core\Simulation\Chance;

/** What a drawn dog will do: drawn part by part, so that it can have learned from the marks of the part before. */
final class Script
{
    /** Between two moments, milliseconds: enough to pay, too uneven to beat time to. */
    private const PAUSE = [2200, 3800];

    /** From something to what follows it at once. */
    private const AT_ONCE = [150, 350];

    /** How far the head may bob with a lick that counts: less in each third of the round. */
    private const STILL = [0.8, 0.5, 0.3];

    /** From so many to mark on, the other thing is asked. */
    private const HALF = 6;

    /** @var list<Episode> */
    private array $episodes = [];

    private int $asked = 0;

    public function __construct(
        private readonly Drill $drill, private readonly DrawnDog $dog, private readonly Chance $chance, private int $at,
        private readonly int $before,
    ) {
    }

    /**
     * @param  int  $from  milliseconds from the start of the round
     * @param  int  $before  that were there to mark in the parts before
     * @param  positive-int  $asks  that are there to mark in this part
     * @return list<Episode>
     */
    public static function part(Drill $drill, DrawnDog $dog, Chance $chance, int $from, int $before, int $asks): array
    {
        $script = new self($drill, $dog, $chance, $from, $before);
        while ($script->asked < $asks) {
            $script->at += $script->between(self::PAUSE);
            $script->unit();
        }

        return $script->episodes;
    }

    private function unit(): void
    {
        $is = fn (string $of): bool => $this->chance->uniform() < $this->dog->share($of);
        match ($this->drill) {
            Drill::Line => $is('false_start') ? $this->add(Act::FalseStart) : $this->ask(Act::Crossing),
            Drill::Palm, Drill::WordOrClicker, Drill::StillHand => $is('false_start') ? $this->add(Act::FalseStart) : $this->ask(Act::Palm),
            Drill::TouchThenEyes => $this->touchThenEyes($is('false_start')),
            Drill::HalfTouches, Drill::Mistaken => $is('half_touch') ? $this->add(Act::HalfTouch) : $this->ask(Act::Palm),
            Drill::LickAmong => $is('distractor') ? $this->add($this->one(Act::Yawn, Act::Sniff, Act::MouthOpen)) : $this->lick($is('bob')),
            Drill::StillLick => $this->stillLick($is('bob')),
            Drill::TwoUnpaid => $is('wrong_guess') ? $this->twoUnpaid() : $this->ask(Act::Palm),
            Drill::Leash => $this->withLeash($this->chance->uniform()),
            Drill::LookThenTurn => $this->lookThenTurn(),
            Drill::Settling => $this->settling(),
            Drill::Unanswered => $this->unanswered(),
        };
    }

    private function withLeash(float $draw): void
    {
        match (true) {
            $draw < 0.2 => $this->add(Act::TightLeash, Tap::Leash),
            $draw < 0.4 => $this->add(Act::Nearing, Tap::Step),
            default => $this->ask(Act::Palm),
        };
    }

    private function touchThenEyes(bool $touchOnly): void
    {
        $this->add(Act::Palm);
        if (! $touchOnly) {
            $this->at += $this->between([300, 900]);
            $this->ask(Act::EyeContact);
        }
    }

    private function lick(bool $bobs): void
    {
        $this->ask(Act::Lick);
        if ($bobs) {
            $this->at += $this->between(self::AT_ONCE);
            $this->add(Act::Bob);
        }
    }

    private function stillLick(bool $bobs): void
    {
        $place = $this->before + $this->asked;
        $most = self::STILL[min(2, intdiv(3 * $place, $this->drill->asks()))];
        $amount = $bobs ? $most + (1.0 - $most) * $this->chance->uniform() : $most * $this->chance->uniform() * 0.9;
        $this->add(Act::Lick, $amount < $most ? Tap::Mark : null, round($amount, 2));
    }

    private function twoUnpaid(): void
    {
        $this->add(Act::WrongGuess);
        $this->at += $this->between(self::PAUSE);
        $this->add(Act::WrongGuess);
        $this->at += $this->between(self::AT_ONCE);
        $this->add(Act::Waiting, Tap::Easier);
        $this->at += $this->between(self::AT_ONCE);
        $this->ask(Act::Palm);
        $this->at += $this->between(self::PAUSE);
        $this->add(Act::Waiting, Tap::Back);
    }

    private function lookThenTurn(): void
    {
        $marksLook = $this->before + $this->asked < self::HALF;
        $marksLook ? $this->ask(Act::Look) : $this->add(Act::Look);
        $this->at += $this->between(self::AT_ONCE);
        $marksLook ? $this->add(Act::Turn) : $this->ask(Act::Turn);
    }

    /** Lies, and stirs now and then: nothing is marked; food where it lies. */
    private function settling(): void
    {
        if ($this->chance->uniform() < 0.35) {
            $this->add(Act::Stirring);
        } else {
            $this->add(Act::Settled, Tap::Food);
            $this->asked++;
        }
    }

    private function unanswered(): void
    {
        $this->ask(Act::Palm);
        $this->at += 700;
        $this->chance->uniform() < 0.3 ? $this->add(Act::NoTurn, Tap::Easier) : $this->add(Act::Turn);
    }

    private function ask(Act $act): void
    {
        $this->add($act, Tap::Mark);
    }

    private function add(Act $act, ?Tap $wants = null, float $amount = 0.0): void
    {
        $comes = $this->at;
        $from = $comes + $this->between($act->comes());
        $until = $from + $this->between($act->lasts());
        $this->episodes[] = new Episode($act, $comes, $from, $until, $wants, $amount);
        $this->asked += $wants === Tap::Mark ? 1 : 0;
        $this->at = $until;
    }

    private function one(Act ...$of): Act
    {
        return array_values($of)[(int) floor($this->chance->uniform() * count($of))];
    }

    /** @param  array{int, int}  $range */
    private function between(array $range): int
    {
        return (int) round($range[0] + ($range[1] - $range[0]) * $this->chance->uniform());
    }
}
