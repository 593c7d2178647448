<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\TimingRound;
use App\Support\Fields;
use Core\Marking\Act;
use Core\Marking\DeviceDelay;
use Core\Marking\DrawnDog;
use Core\Marking\Episode;
use Core\Marking\Judge;
use Core\Marking\JudgedMark;
use Core\Marking\RoundResult;
use Core\Marking\Script;
use Core\Marking\Tap;
use Core\Marking\TapAt;
use Core\Simulation\Chance;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is stored of a round, read as the core knows it, and what comes next in it. */
final readonly class RoundScript
{
    /** To mark in a part, after which the dog has learned. */
    private const A_PART = 4;

    private const LONG_AFTER = PHP_INT_MAX >> 1;

    /** How many more a round may go on for, so that it ends with a good one. */
    private const MOST_MORE = 3;

    /**
     * @param  list<Episode>  $episodes
     * @param  list<TapAt>  $taps
     */
    private function __construct(private TimingRound $round, public array $episodes, public array $taps, public DeviceDelay $delay)
    {
    }

    public static function of(TimingRound $round): self
    {
        $episodes = [];
        foreach ($round->parts as $part) {
            foreach ($part as $one) {
                $one = Fields::of($one);
                $episodes[] = new Episode(
                    Act::from($one->text('act')), $one->int('comes'), $one->int('from'), $one->int('until'),
                    Tap::tryFrom($one->text('wants')),
                    $one->number('amount'),
                );
            }
        }
        $taps = array_map(static function (array $tap): TapAt {
            $tap = Fields::of($tap);

            return new TapAt(Tap::from($tap->text('tap')), $tap->int('at'));
        }, $round->taps);

        return new self($round, $episodes, $taps, new DeviceDelay($round->delay_ms, $round->spread_ms));
    }

    /** @return list<JudgedMark> */
    public function marks(): array
    {
        return (new Judge($this->episodes, $this->delay))->marks($this->taps);
    }

    /** What it came to, once nothing more can come. */
    public function result(): RoundResult
    {
        return RoundResult::of($this->round->drill, $this->episodes, $this->taps, $this->delay, self::LONG_AFTER);
    }

    /** When the last moment that was drawn is over, milliseconds. */
    public function until(): int
    {
        return $this->episodes === [] ? 0 : $this->episodes[array_key_last($this->episodes)]->until;
    }

    /** Whether enough was there to mark, and the last mark was a good one; or it goes on no longer for one. */
    public function isOver(): bool
    {
        $more = $this->asked() - $this->round->drill->asks();
        $marks = $this->marks();
        $last = $marks === [] ? null : $marks[array_key_last($marks)];

        return $more >= self::MOST_MORE || $more >= 0 && ($last === null || $last->class->isGood());
    }

    /**
     * What comes after all that was drawn: the dog has learned from the marks until now.
     *
     * @return list<array<string, mixed>>
     */
    public function nextPart(int $from): array
    {
        $dog = new DrawnDog;
        foreach ($this->marks() as $mark) {
            $dog = $mark->isDouble ? $dog : $dog->marked($mark->fellOn ?? $mark->meant?->act);
        }
        $left = $this->round->drill->asks() - $this->asked();

        return array_map(self::encode(...), Script::part(
            $this->round->drill, $dog, new Chance(new Randomizer(new Mt19937($this->round->seed + count($this->round->parts)))), $from,
            $this->asked(), max(1, min(self::A_PART, $left)),
        ));
    }

    private function asked(): int
    {
        return count(array_filter($this->episodes, fn (Episode $one): bool => $one->wants === (
            in_array(Tap::Mark, array_column($this->episodes, 'wants'), true) ? Tap::Mark : Tap::Food
        )));
    }

    /** @return array<string, mixed> */
    private static function encode(Episode $one): array
    {
        return [
            'act' => $one->act->value, 'comes' => $one->comes, 'from' => $one->from, 'until' => $one->until, 'wants' => $one->wants?->value,
            'amount' => $one->amount,
        ];
    }
}
