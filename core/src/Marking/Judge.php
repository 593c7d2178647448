<?php

declare(strict_types=1);

namespace Core\Marking;

/** Tells what each mark of a round fell on. */
final readonly class Judge
{
    /** Right after it ended and nothing else begun, milliseconds. */
    private const JUST_AFTER = 300;

    /** So long after its end a mark can still be meant for it. */
    private const STILL_MEANT = 2000;

    /** Two marks nearer than that are one, doubled. */
    private const DOUBLE = 400;

    /** Food given so shortly before a mark was given for it. */
    private const HAND_FIRST = 1500;

    /** And so long after one it still pays it. */
    private const STILL_PAYS = 6000;

    /** Time for what else is asked. */
    private const ANSWER = 3000;

    /** @param  list<Episode>  $episodes  in their order */
    public function __construct(private array $episodes, private DeviceDelay $delay)
    {
    }

    /**
     * @param  list<TapAt>  $taps  in any order
     * @return list<JudgedMark> in their order
     */
    public function marks(array $taps): array
    {
        $at = $this->times($taps, Tap::Mark);
        $paid = self::paid($at, $this->times($taps, Tap::Food));
        $judged = [];
        $marked = [];
        foreach ($at as $i => $time) {
            $isDouble = $i > 0 && $time - $at[$i - 1] < self::DOUBLE;
            [$class, $meant] = $isDouble ? [MarkClass::False, null] : $this->meant($time, $marked);
            if ($meant !== null) {
                $marked[] = $meant;
            }
            $episode = $meant === null ? null : $this->episodes[$meant];
            $judged[] = new JudgedMark(
                $time, $class, $episode, $class === MarkClass::OnIt ? $episode?->act : $this->goingOn($time)?->act,
                $episode === null ? null : $time - $episode->from, $episode === null ? null : $time - $episode->until,
                $paid[$i] ?? null, $isDouble,
            );
        }

        return $judged;
    }

    /**
     * What else was asked, and whether it was done in time.
     *
     * @param  list<TapAt>  $taps
     * @return array{asked: int, done: int}
     */
    public function asides(array $taps, int $until): array
    {
        $asked = $done = 0;
        foreach ($this->episodes as $episode) {
            if ($episode->wants === null || $episode->wants === Tap::Mark || $episode->from + self::ANSWER > $until) {
                continue;
            }
            $asked++;
            $answers = array_filter($this->times($taps, $episode->wants), static fn (int $time): bool => $time >= $episode->from
                && $time <= $episode->from + self::ANSWER);
            $done += $answers === [] ? 0 : 1;
        }

        return ['asked' => $asked, 'done' => $done];
    }

    /** @return list<Episode> that wanted a mark and can have none any more */
    public function over(int $until): array
    {
        return array_values(array_filter($this->episodes, static fn (Episode $one): bool => $one->wants === Tap::Mark
            && $one->until + self::STILL_MEANT <= $until));
    }

    /**
     * @param  list<int>  $marked  numbers of episodes that have their mark
     * @return array{MarkClass, ?int}
     */
    private function meant(int $time, array $marked): array
    {
        // nothing finer than the device is judged
        $fuzz = $this->delay->spread;
        $open = array_filter($this->episodes, static fn (Episode $one): bool => $one->wants === Tap::Mark);
        $open = array_diff_key($open, array_flip($marked));
        foreach ($open as $i => $one) {
            if ($time >= $one->from - $fuzz && $time <= $one->until + $fuzz) {
                return [MarkClass::OnIt, $i];
            }
        }
        foreach (array_reverse($open, true) as $i => $one) {
            if ($one->until < $time && $time - $one->until <= self::STILL_MEANT) {
                $isNext = $time - $one->until > self::JUST_AFTER + $fuzz || $this->begunBetween($one->until, $time - $fuzz);

                return [$isNext ? MarkClass::OnTheNext : MarkClass::JustAfter, $i];
            }
        }
        foreach ($open as $i => $one) {
            if ($time >= $one->comes - $fuzz && $time < $one->from) {
                return [MarkClass::Before, $i];
            }
        }

        return [MarkClass::False, null];
    }

    private function begunBetween(int $from, int $until): bool
    {
        foreach ($this->episodes as $one) {
            if ($one->from >= $from && $one->from <= $until && ! $one->act->isBeside()) {
                return true;
            }
        }

        return false;
    }

    private function goingOn(int $time): ?Episode
    {
        foreach (array_reverse($this->episodes) as $one) {
            if ($one->isOn($time) && ! $one->act->isBeside()) {
                return $one;
            }
        }

        return null;
    }

    /**
     * Which food belongs to which mark: the latest one that has none yet, else one that came right after it.
     *
     * @param  list<int>  $marks
     * @param  list<int>  $food
     * @return array<int, int> milliseconds after the mark, by its number; under 0 where the hand was first
     */
    private static function paid(array $marks, array $food): array
    {
        $paid = [];
        foreach ($food as $time) {
            foreach (array_reverse($marks, true) as $i => $mark) {
                if ($mark <= $time && $time - $mark <= self::STILL_PAYS && ! isset($paid[$i])) {
                    $paid[$i] = $time - $mark;

                    continue 2;
                }
            }
            foreach ($marks as $i => $mark) {
                if ($mark > $time && $mark - $time <= self::HAND_FIRST) {
                    $paid[$i] ??= $time - $mark;

                    break;
                }
            }
        }

        return $paid;
    }

    /**
     * @param  list<TapAt>  $taps
     * @return list<int> in their order, the device's delay taken off
     */
    private function times(array $taps, Tap $of): array
    {
        $times = array_values(array_map(
            fn (TapAt $one): int => $one->at - $this->delay->milliseconds,
            array_filter($taps, static fn (TapAt $one): bool => $one->tap === $of),
        ));
        sort($times);

        return $times;
    }
}
