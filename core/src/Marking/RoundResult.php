<?php

declare(strict_types=1);

namespace Core\Marking;

use Core\Measure\MedianInterval;
use Core\Measure\Quantile;

/** What a round of marking came to. It is compared with the same person's other rounds, and with nobody else's. */
final readonly class RoundResult
{
    /** Shares of the marks from which something is worth a word. Working values. */
    private const OFTEN = 0.2;

    /**
     * @param  int  $asked  that were there to mark
     * @param  array<string, int>  $classes  marks by class; doubles are not among them
     * @param  ?MedianInterval  $offset  milliseconds from the start of what was marked, of marks that were meant for it
     * @param  ?float  $spread  of these: what the middle half of them covers
     * @param  array<string, int>  $food  marks by when food came
     */
    private function __construct(
        public Drill $drill, public int $asked, public array $classes, public int $missed, public int $doubles,
        public ?MedianInterval $offset, public ?float $spread, public ?GoNoGo $goNoGo, public array $food,
        public int $asides, public int $asidesDone,
    ) {
    }

    /**
     * @param  list<Episode>  $episodes
     * @param  list<TapAt>  $taps
     * @param  int  $until  milliseconds that have been played
     */
    public static function of(Drill $drill, array $episodes, array $taps, DeviceDelay $delay, int $until): self
    {
        $judge = new Judge($episodes, $delay);
        $marks = $judge->marks($taps);
        $over = $judge->over($until);
        $single = array_values(array_filter($marks, static fn (JudgedMark $mark): bool => ! $mark->isDouble));
        $classes = array_fill_keys(array_column(MarkClass::cases(), 'value'), 0);
        $food = array_fill_keys(array_column(FoodAfter::cases(), 'value'), 0);
        $offsets = [];
        foreach ($single as $mark) {
            $classes[$mark->class->value]++;
            $food[FoodAfter::of($mark->foodAfter)->value]++;
            if ($mark->fromStart !== null) {
                $offsets[] = (float) $mark->fromStart;
            }
        }
        $met = count(array_filter($single, static fn (JudgedMark $mark): bool => $mark->meant !== null));
        $good = count(array_filter($single, static fn (JudgedMark $mark): bool => $mark->class->isGood()));
        $others = array_filter($episodes, static fn (Episode $one): bool => $one->wants === null && $one->until <= $until);
        $aside = $judge->asides($taps, $until);

        return new self(
            $drill, max(count($over), $met), $classes, max(0, count($over) - $met), count($marks) - count($single),
            $offsets === [] ? null : MedianInterval::of($offsets),
            count($offsets) < 4 ? null : Quantile::of($offsets, 0.75) - Quantile::of($offsets, 0.25),
            $drill->isGoNoGo() ? GoNoGo::of($good, max(count($over), $met), min(count($others), $classes['false']), count($others)) : null,
            $food, $aside['asked'], $aside['done'],
        );
    }

    /** Marks on the behavior, or right after it, of all that was there to mark. In settling: what was fed where it lay. */
    public function share(): float
    {
        if ($this->drill === Drill::Settling) {
            return $this->asides === 0 ? 0.0 : max(0.0, $this->asidesDone - array_sum($this->classes)) / $this->asides;
        }

        return $this->asked === 0 ? 0.0 : ($this->classes['on_it'] + $this->classes['just_after']) / $this->asked;
    }

    public function isLearned(): bool
    {
        return $this->share() >= Drill::LEARNED && $this->classes['false'] <= self::OFTEN * $this->asked;
    }

    public function oneThing(): OneThing
    {
        $often = max(2.0, self::OFTEN * $this->asked);

        return match (true) {
            $this->drill === Drill::Settling && array_sum($this->classes) > 0 => OneThing::NoMarks,
            $this->classes['false'] >= $often => OneThing::WaitForIt,
            $this->classes['on_the_next'] >= $often => OneThing::Foresee,
            $this->classes['before'] >= $often => OneThing::NotYet,
            $this->missed >= $often => OneThing::DidNotMark,
            $this->doubles >= 2 => OneThing::OneMark,
            $this->drill->isFed() && $this->drill !== Drill::Settling && $this->food['hand_first'] >= $often => OneThing::HandStill,
            $this->drill->isFed() && $this->drill !== Drill::Settling && $this->food['none'] >= $often => OneThing::Pay,
            $this->asides - $this->asidesDone >= 2 => OneThing::OtherHand,
            $this->classes['just_after'] >= $often => OneThing::ALittleEarlier,
            $this->isLearned() => OneThing::NextDrill,
            default => OneThing::Steady,
        };
    }
}
