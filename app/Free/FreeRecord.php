<?php

declare(strict_types=1);

namespace App\Free;

use App\Engine\StandingObservation;
use App\Models\FreeSession;
use App\Models\Observation as Stored;
use Core\Observation\Kind;
use Core\Observation\Observation;
use Core\Observation\Prompt;
use Core\Observation\Stretch;

/** A session without a ladder as it stands: what was seen, with what was put right, in its order. */
final readonly class FreeRecord
{
    private const MOST = 5000;

    /**
     * @param  array<int, Observation>  $seen  by id, those that count
     * @param  array<int, Stored>  $stored  by id, those that were taken out too
     */
    private function __construct(public array $seen, public array $stored, public float $end, private bool $isWoken)
    {
    }

    public static function of(FreeSession $session, \DateTimeImmutable $now): self
    {
        $start = (float) $session->started_at->format('U.u');
        $seen = [];
        $stored = [];
        foreach ($session->observations()->with('corrections')->limit(self::MOST)->get() as $row) {
            $stored[$row->id] = $row;
            $standing = StandingObservation::of($row, $start);
            if (! $standing->isOut) {
                $seen[$row->id] = $standing->observation;
            }
        }

        return new self(
            $seen, $stored, max(0.0, (float) ($session->ended_at ?? $now)->format('U.u') - $start),
            $session->is_woken && $session->activity->isOut(),
        );
    }

    /** @return non-empty-list<Stretch> */
    public function stretches(): array
    {
        return Stretch::of(array_values($this->seen), $this->end, $this->isWoken ? Prompt::WOKEN_SECONDS : 0.0);
    }

    public function prompt(): ?Prompt
    {
        return Prompt::at(array_values($this->seen), $this->end, $this->isWoken);
    }

    /** @return array<string, array{int, int, int}> at once, late and not, by foundation */
    public function drills(): array
    {
        $drills = [];
        foreach ($this->seen as $one) {
            $column = array_search($one->kind, [Kind::AtOnce, Kind::Late, Kind::Not], true);
            if ($column !== false) {
                $drills[$one->what] ??= [0, 0, 0];
                $drills[$one->what][$column]++;
            }
        }

        return $drills;
    }

    /** @return array<string, Observation> the last of each step or part that was graded: one that went better the second time is better */
    public function graded(): array
    {
        $last = [];
        foreach ($this->seen as $one) {
            if ($one->kind->hasBand()) {
                $last[rtrim("{$one->what} {$one->side}")] = $one;
            }
        }

        return $last;
    }

    /** @return array<string, string> how the last part was touched: it stays until somebody changes it */
    public function setup(): array
    {
        $parts = array_filter($this->seen, static fn (Observation $one): bool => $one->kind === Kind::Part);

        return $parts === [] ? [] : $parts[array_key_last($parts)]->setup;
    }

    /** @return array<string, int> the last band by part and side, as "ear left" */
    public function parts(): array
    {
        return array_map(static fn (Observation $one): int => $one->band->value ?? 0, array_filter(
            $this->graded(), static fn (Observation $one): bool => $one->kind === Kind::Part,
        ));
    }
}
