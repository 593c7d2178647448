<?php

declare(strict_types=1);

namespace Core\Yard;

use Core\Simulation\Chance;

/**
 * A run at the hands' station, from its seed and what the learner did: a dog with its chin on a rest, and a hand with a tool that comes
 * nearer by steps. A step that was shown before asks less; a hand that is taken off when the dog leans away or leaves is trusted more, one
 * that follows it less. It leaves when it is asked too much, and comes back by itself once the hand is off.
 */
final class HandsRun
{
    public const TICK = YardRun::TICK;

    /** Milliseconds of a run. */
    public const LENGTH = 120_000;

    /** Meters from the hand to the dog, from off to on it. */
    public const STEPS = [0.8, 0.6, 0.45, 0.33, 0.24, 0.17, 0.12, 0.08, 0.05, 0.03, 0.015];

    /** A picture counts for so long, milliseconds. */
    public const SHOWN = 6000;

    /** A hand that is taken off within so long of the first sign was taken off in time, milliseconds. */
    public const IN_TIME = 1500;

    private const FOLLOWS = 1.6;

    private const SETTLING = 0.5;

    private const LEANS = 0.45;

    private const LEAVES = 0.66;

    private const SNAPS = 0.95;

    /** Low and with the hand off for so long, it comes back. */
    private const COMES_BACK = 0.2;

    private const OFF_FOR = 1500;

    /** Still for so long since the hand moved, it holds: that is what to mark. */
    private const STILL = 900;

    private const NOISE = 0.03;

    /** @var list<Frame> */
    private array $frames = [];

    private float $arousal = 0.05;

    private int $step = 0;

    /** Taken off what a hand asks. */
    private float $trust = 0.0;

    /** Added to it by a step that nobody has seen come. */
    private float $surprise = 0.0;

    private bool $isAway = false;

    private bool $isOver = false;

    private int $shownAt = -self::SHOWN - 1;

    private int $movedAt = 0;

    private ?int $leansSince = null;

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
        $until = min($until, self::LENGTH);
        for ($at = 0; $at <= $until; $at += self::TICK) {
            $ate = false;
            while (isset($acts[$next]) && $acts[$next]->at <= $at) {
                $ate = $run->act($acts[$next]->act, $at) || $ate;
                $next++;
            }
            $run->tick($at, $ate);
        }

        return $run->frames === [] ? throw new \LogicException('A run has a start.') : $run->frames;
    }

    /** @return bool whether food was eaten */
    private function act(Act $act, int $at): bool
    {
        switch ($act) {
            case Act::Nearer:
                // a hand that follows a dog that leans away or has left
                $this->trust -= $this->isAway ? 0.08 : ($this->leansSince === null ? 0.0 : 0.05);
                $this->surprise += $at - $this->shownAt <= self::SHOWN ? 0.03 : 0.2;
                $this->shownAt = -self::SHOWN - 1;
                $this->step = min(count(self::STEPS) - 1, $this->step + 1);
                $this->movedAt = $at;

                return false;
            case Act::Farther:
            case Act::WalkOff:
                if ($this->step > 0 && $this->leansSince !== null && $at - $this->leansSince <= self::IN_TIME) {
                    $this->trust += 0.06;
                }
                $this->step = $act === Act::WalkOff ? 0 : max(0, $this->step - 1);
                $this->movedAt = $at;

                return false;
            case Act::Show:
                $this->shownAt = $at;

                return false;
            case Act::Mark:
                $this->trust += $this->holds($at) ? 0.008 : 0.0;

                return false;
            case Act::Feed:
                $eats = ! $this->isAway && ! $this->isOver && $this->chance->uniform() > ($this->arousal - 0.5) * 2.2;
                $this->arousal -= $eats ? 0.04 : 0.0;
                $this->trust += $eats ? 0.004 : 0.0;

                return $eats;
            default:
                return false;
        }
    }

    private function tick(int $at, bool $ate): void
    {
        $seconds = self::TICK / 1000.0;
        $this->trust = min(0.4, max(-0.3, $this->trust));
        $pull = max(0.0, $this->dog->asks(self::STEPS[$this->step]) + $this->surprise - $this->trust) * ($this->isAway ? 0.4 : 1.0);
        $this->arousal += ($pull - $this->arousal) * ($pull > $this->arousal ? self::FOLLOWS : self::SETTLING) * $seconds;
        $this->arousal = max(0.0, $this->arousal);
        $this->surprise *= 1.0 - 0.35 * $seconds;
        $this->isOver = ! $this->isAway && $this->arousal >= self::SNAPS;
        if ($this->isOver || $this->arousal >= self::LEAVES) {
            // nobody had listened
            $this->trust -= $this->isAway ? 0.0 : 0.1;
            $this->isAway = true;
        } elseif ($this->isAway && $this->step === 0 && $at - $this->movedAt >= self::OFF_FOR && $this->arousal <= self::COMES_BACK) {
            $this->isAway = false;
        }
        $leans = ! $this->isAway && $this->arousal >= self::LEANS;
        $this->leansSince = $leans || $this->isAway ? $this->leansSince ?? $at : null;
        $this->frames[] = new Frame(
            $at, 0, 0.0, self::STEPS[$this->step], $this->arousal, $this->posture(), $this->isAway, $this->holds($at), $leans,
            $this->isOver, false, $ate,
        );
    }

    /** Chin down and still under a hand that is there. */
    private function holds(int $at): bool
    {
        return ! $this->isAway && $this->step > 0 && $this->arousal < 0.4 && $at - $this->movedAt >= self::STILL;
    }

    private function posture(): Posture
    {
        $felt = $this->isOver ? 1.0 : $this->arousal;

        return new Posture(...array_combine(Posture::PARTS, array_map(
            fn (): float => min(1.0, max(0.0, $felt + self::NOISE * $this->chance->normal())), Posture::PARTS,
        )));
    }
}
