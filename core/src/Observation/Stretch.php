<?php

declare(strict_types=1);

namespace Core\Observation;

/**
 * What was seen between two changes of place or task: counts, the rate of offered attention, and the longest stare by what it was at.
 *
 * A rate is a count over the time in which it could have happened (Cooper, Heron & Heward, Applied Behavior Analysis, ch. 4; from
 * memory). Minutes in which a dog that was just woken comes to itself are no such time, nor are breaks.
 */
final readonly class Stretch
{
    /** Seconds below which a rate says nothing (common practice). */
    public const LEAST_SECONDS = 30.0;

    /**
     * @param  array<string, int>  $counts  by Kind value; what was never seen is not there
     * @param  array<string, float>  $stares  longest in seconds by what it was at, the longest first
     * @param  int  $looks  offered in the seconds that count
     */
    private function __construct(
        public SegmentKind $kind, public float $from, public float $to, private array $counts, public array $stares, private int $looks,
        private float $counted,
    ) {
    }

    /**
     * @param  list<Observation>  $seen  in their order
     * @param  float  $end  of the session, in seconds from its start
     * @param  float  $uncounted  seconds at the start that no rate counts
     * @return non-empty-list<self>
     */
    public static function of(array $seen, float $end, float $uncounted = 0.0): array
    {
        $stretches = [];
        [$kind, $from, $in] = [SegmentKind::Arrival, 0.0, []];
        foreach ($seen as $one) {
            $next = $one->segment();
            if ($next !== null) {
                // one that is at its spot from the first has no arrival
                $stretches = $one->at > $from || $in !== []
                    ? [...$stretches, self::between($kind, $from, $one->at, $in, $uncounted)]
                    : $stretches;
                [$kind, $from, $in] = [$next, $one->at, []];
            } else {
                $in[] = $one;
            }
        }

        return [...$stretches, self::between($kind, $from, max($end, $from), $in, $uncounted)];
    }

    /** @param  non-empty-list<self>  $stretches */
    public static function together(array $stretches): self
    {
        [$counts, $stares, $looks, $counted] = [[], [], 0, 0.0];
        foreach ($stretches as $stretch) {
            foreach ($stretch->counts as $kind => $count) {
                $counts[$kind] = ($counts[$kind] ?? 0) + $count;
            }
            foreach ($stretch->stares as $what => $longest) {
                $stares[$what] = max($stares[$what] ?? 0.0, $longest);
            }
            if ($stretch->kind !== SegmentKind::Break) {
                $looks += $stretch->looks;
                $counted += $stretch->counted;
            }
        }
        arsort($stares);

        return new self(
            $stretches[0]->kind, $stretches[0]->from, $stretches[count($stretches) - 1]->to, $counts, $stares, $looks, $counted,
        );
    }

    public function count(Kind $kind): int
    {
        return $this->counts[$kind->value] ?? 0;
    }

    /** Attention offered, a minute; null where too little time counts. */
    public function looksAMinute(): ?float
    {
        return $this->counted < self::LEAST_SECONDS ? null : 60.0 * $this->looks / $this->counted;
    }

    /** Marks that were given: those the dog turned to, and those it did not. */
    public function marks(): int
    {
        return $this->answered() + $this->count(Kind::Unanswered);
    }

    public function answered(): int
    {
        return $this->count(Kind::Looked) + $this->count(Kind::LookedBack);
    }

    public function longestStare(): ?float
    {
        return $this->stares === [] ? null : max($this->stares);
    }

    /** @param  list<Observation>  $in */
    private static function between(SegmentKind $kind, float $from, float $to, array $in, float $uncounted): self
    {
        [$counts, $stares, $looks] = [[], [], 0];
        foreach ($in as $one) {
            $counts[$one->kind->value] = ($counts[$one->kind->value] ?? 0) + 1;
            if ($one->kind === Kind::Stare && $one->seconds !== null) {
                $stares[$one->what] = max($stares[$one->what] ?? 0.0, $one->seconds);
            }
            $looks += $one->kind === Kind::Looked && $one->at >= $uncounted ? 1 : 0;
        }
        arsort($stares);

        return new self($kind, $from, $to, $counts, $stares, $looks, max(0.0, $to - max($from, $uncounted)));
    }
}
