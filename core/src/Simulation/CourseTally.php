<?php

declare(strict_types=1);

namespace Core\Simulation;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Many courses of one policy in figures. */
final readonly class CourseTally
{
    private const BOOTSTRAPS = 400;

    /** @param  non-empty-list<Course>  $courses */
    public function __construct(private array $courses)
    {
    }

    /** Over-threshold trials (band 4) per 100 trials, pooled over dogs. */
    public function reactionsPer100(): float
    {
        return self::pooled($this->courses);
    }

    /**
     * 95 % bootstrap interval of it, over dogs.
     *
     * @return array{float, float}
     */
    public function reactionsPer100Interval(): array
    {
        $random = new Randomizer(new Xoshiro256StarStar(99));
        $samples = [];
        for ($i = 0; $i < self::BOOTSTRAPS; $i++) {
            $drawn = [];
            foreach ($this->courses as $ignored) {
                $drawn[] = $this->courses[$random->getInt(0, count($this->courses) - 1)];
            }
            $samples[] = self::pooled($drawn);
        }
        sort($samples);

        return [$samples[(int) (0.025 * self::BOOTSTRAPS)], $samples[(int) (0.975 * self::BOOTSTRAPS) - 1]];
    }

    public function strainsPer100(): float
    {
        return 100.0 * $this->sum(static fn (Course $course): int => $course->strains) / max(
            1, $this->sum(static fn (Course $course): int => $course->trials),
        );
    }

    public function reactionsPer10Sessions(): float
    {
        return 10.0 * $this->sum(static fn (Course $course): int => $course->reactions) / max(
            1, $this->sum(static fn (Course $course): int => $course->sessions),
        );
    }

    public function reactionsPerDog(): float
    {
        return $this->sum(static fn (Course $course): int => $course->reactions) / count($this->courses);
    }

    /** Reactions per dog in the worst tenth of dogs. */
    public function worstTenth(): float
    {
        $reactions = array_map(static fn (Course $course): int => $course->reactions, $this->courses);
        rsort($reactions);
        $worst = array_slice($reactions, 0, max(1, intdiv(count($reactions), 10)));

        return array_sum($worst) / count($worst);
    }

    /** Sessions within which a share of the dogs arrived; null if fewer did. */
    public function sessionsTo(float $share): ?int
    {
        $sessions = array_map(static fn (Course $course): int => $course->hasArrived ? $course->sessions : PHP_INT_MAX, $this->courses);
        sort($sessions);
        $value = $sessions[(int) floor($share * (count($sessions) - 1))];

        return $value === PHP_INT_MAX ? null : $value;
    }

    public function easesAfterCalm(): int
    {
        return $this->sum(static fn (Course $course): int => $course->easesAfterCalm);
    }

    /** Share of all trials that lay clearly below solid ground. */
    public function shareBelowSolid(): float
    {
        return $this->sum(static fn (Course $course): int => $course->belowSolid) / max(
            1, $this->sum(static fn (Course $course): int => $course->trials),
        );
    }

    /** The farthest first start, as a share of the farthest distance that passed the test. */
    public function farthestStart(): float
    {
        return max(array_map(static fn (Course $course): float => $course->start, $this->courses));
    }

    /**
     * How often the near and the far end of the limit's range held at a session's start.
     *
     * @return array{float, float}
     */
    public function rangesHeld(): array
    {
        $ranges = max(1, $this->sum(static fn (Course $course): int => $course->ranges));

        return [
            $this->sum(static fn (Course $course): int => $course->nearHeld) / $ranges,
            $this->sum(static fn (Course $course): int => $course->farHeld) / $ranges,
        ];
    }

    /**
     * By how much the worst group of forecasts of struggling, and of going over, is off.
     *
     * @return array{?float, ?float}
     */
    public function foretold(): array
    {
        $strain = $over = [];
        foreach ($this->courses as $course) {
            array_push($strain, ...$course->strainTold);
            array_push($over, ...$course->overTold);
        }

        return [(new Foretold($strain))->worstFactor(), (new Foretold($over))->worstFactor()];
    }

    public function trialsPerDog(): float
    {
        return $this->sum(static fn (Course $course): int => $course->trials) / count($this->courses);
    }

    public function shareArrived(): float
    {
        return $this->sum(static fn (Course $course): int => $course->hasArrived ? 1 : 0) / count($this->courses);
    }

    /** @param  non-empty-list<Course>  $courses */
    private static function pooled(array $courses): float
    {
        $reactions = $trials = 0;
        foreach ($courses as $course) {
            $reactions += $course->reactions;
            $trials += $course->trials;
        }

        return 100.0 * $reactions / max(1, $trials);
    }

    /** @param  callable(Course): int  $field */
    private function sum(callable $field): int
    {
        return array_sum(array_map($field, $this->courses));
    }
}
