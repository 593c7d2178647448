<?php

declare(strict_types=1);

namespace Core\Yard;

use Core\Simulation\Chance;

/**
 * A run in the yard, from its seed and what the learner did: the same again whenever it is played, from its start to any moment. Time goes
 * in tenths of a second; a trigger passes on a straight path, and the dog stands as far from it as its handler does.
 */
final class YardRun
{
    public const TICK = 100;

    public const PASSES = 5;

    /** Milliseconds of a pass: from far left to far right, and a pause. */
    public const PASS = 24_000;

    /** Meters at which it comes into sight, and goes. */
    private const SIGHT = 26.0;

    /** Milliseconds of it in sight. */
    private const IN_SIGHT = 20_000;

    private const FIRST_STAND = 24.0;

    private const NEAREST = 4.0;

    private const FARTHEST = 60.0;

    /** Pull toward what the moment asks for, a second. */
    private const FOLLOWS = 0.9;

    /** How much one sees a part tremble. */
    private const NOISE = 0.03;

    private const LOADING = 0.45;

    /** @var list<Frame> */
    private array $frames = [];

    private float $arousal = 0.05;

    private float $stand = self::FIRST_STAND;

    private float $added = 0.0;

    private bool $isAway = false;

    private bool $isOver = false;

    private bool $gaveWay = false;

    private bool $willGoOff = false;

    private int $quietUntil = 0;

    private int $backUntil = 0;

    private function __construct(private readonly YardDog $dog, private readonly Chance $chance)
    {
    }

    /**
     * @param  list<ActAt>  $acts  in their order
     * @param  int  $until  milliseconds
     * @return non-empty-list<Frame> one for each tick
     */
    public static function played(YardDog $dog, Chance $chance, array $acts, int $until): array
    {
        $run = new self($dog, $chance);
        $next = 0;
        $until = min($until, self::PASSES * self::PASS);
        for ($at = 0; $at <= $until; $at += self::TICK) {
            $answered = $ate = false;
            while (isset($acts[$next]) && $acts[$next]->at <= $at) {
                [$one, $other] = $run->act($acts[$next]->act, $at);
                [$answered, $ate] = [$answered || $one, $ate || $other];
                $next++;
            }
            $run->tick($at, $answered, $ate);
        }

        return $run->frames === [] ? throw new \LogicException('A run has a start.') : $run->frames;
    }

    /** @return array{bool, bool} whether a mark or cue was answered, and food eaten */
    private function act(Act $act, int $at): array
    {
        // the higher it is, the less it hears; two draws whatever comes of it, so that acts do not shift the rest
        [$first, $second] = [$this->chance->uniform(), $this->chance->uniform()];
        $hears = ! $this->isOver && $first > ($this->arousal - 0.35) * 1.8;
        $eats = ! $this->isOver && $second > ($this->arousal - 0.5) * 2.2;
        switch ($act) {
            case Act::Nearer:
                $this->stand = max(self::NEAREST, $this->stand - Act::STEP);

                return [false, false];
            case Act::Farther:
                $this->stand = min(self::FARTHEST, $this->stand + Act::STEP);
                $this->gaveWay = $this->gaveWay || $this->isLoading();

                return [false, false];
            case Act::WalkOff:
                $this->isAway = true;
                $this->gaveWay = $this->gaveWay || $this->isLoading();

                return [false, false];
            case Act::Return:
                $this->isAway = false;

                return [false, false];
            case Act::Mark:
                $this->arousal += $hears ? $this->dog->marked() : 0.02;
                $this->backUntil = $hears ? $at + 1200 : $this->backUntil;

                return [$hears, false];
            case Act::Feed:
                $this->arousal -= $eats ? 0.05 : 0.0;

                return [false, $eats];
            case Act::Cue:
                $this->arousal -= $hears ? 0.06 : -0.01;
                $this->backUntil = $hears ? $at + 1500 : $this->backUntil;

                return [$hears, false];
            case Act::Count:
                // a rhythm to hold on to; while it lasts the dog offers nothing of its own
                $this->arousal -= $this->dog === YardDog::Anxious ? 0.05 : 0.01;
                $this->quietUntil = $at + 5000;

                return [false, false];
            case Act::Show:
                return [false, false];
        }
    }

    private function tick(int $at, bool $answered, bool $ate): void
    {
        $seconds = self::TICK / 1000.0;
        $pass = intdiv($at, self::PASS);
        $inPass = $at % self::PASS;
        if ($inPass === 0) {
            $this->gaveWay = false;
            $this->willGoOff = $this->chance->uniform() < 0.2;
        }
        $along = -self::SIGHT + 2.0 * self::SIGHT * $inPass / self::IN_SIGHT;
        $isSeen = ! $this->isAway && $inPass <= self::IN_SIGHT;
        $meters = hypot($along, $this->stand);
        $pull = $isSeen ? $this->dog->asks($meters) + $this->added : 0.0;
        $this->arousal += $pull > $this->arousal
            ? ($pull - $this->arousal) * self::FOLLOWS * $seconds
            : ($pull - $this->arousal) * $this->dog->settling() * ($this->isAway ? 3.0 : 1.0) * 5.0 * $seconds;
        if ($isSeen && $meters < 1.3 * $this->dog->workingMeters()) {
            $this->added += $this->dog->staying() * $seconds;
        }
        if ($this->isAway) {
            $this->added = max(0.0, $this->added - 0.08 * $seconds);
        }
        if ($this->dog === YardDog::Anxious && $this->arousal > 0.4) {
            $this->added += 0.012 * $seconds;
        }
        // the one in five: it was loading, nobody made room, and it goes off near
        $goesOff = $this->dog === YardDog::Silenced && $this->willGoOff && ! $this->gaveWay && $isSeen && $along > 0.0 && $this
            ->isLoading();
        $this->arousal = $goesOff ? 1.0 : max(0.0, $this->arousal);
        $this->isOver = $isSeen && ($this->isOver && $this->arousal > 0.6 || $this->arousal >= 0.85);
        $draw = $this->chance->uniform();
        // turning back by itself, once in a while, as long as it can
        if ($isSeen && $at > $this->backUntil && $at > $this->quietUntil && ! $this->isOver
            && $draw < 0.25 * $seconds * (1.0 - 1.6 * $this->arousal)) {
            $this->backUntil = $at + 900;
        }
        $looksBack = $at < $this->backUntil && ! $this->isOver;
        $this->frames[] = new Frame(
            $at, $pass, $along, $this->stand, $this->arousal, $this->posture($looksBack), $this->isAway, $looksBack, $this->isLoading(),
            $this->isOver, $answered, $ate,
        );
    }

    private function isLoading(): bool
    {
        return $this->arousal >= self::LOADING && ! $this->isOver;
    }

    private function posture(bool $looksBack): Posture
    {
        $value = function (string $part) use ($looksBack): float {
            $felt = $this->isOver ? 1.0 : $this->arousal * $this->dog->shows($part);
            $seen = $part === 'gaze' && $looksBack ? 0.5 * $felt : $felt;

            return min(1.0, max(0.0, $seen + self::NOISE * $this->chance->normal()));
        };

        return new Posture(...array_combine(Posture::PARTS, array_map($value, Posture::PARTS)));
    }
}
