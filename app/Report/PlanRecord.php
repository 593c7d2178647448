<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Plan;
use Core\Decision\LoggedTrial;
use Core\Decision\Situation;
use Core\Insight\Shown;
use Core\Sign\Band;

/** What is known of one plan: where it stands now, and its sessions of the time a report looks back on. */
final readonly class PlanRecord
{
    /** What all its trials have shown. */
    public Shown $shown;

    /**
     * @param  list<array{id: int, at: \DateTimeImmutable, trials: list<array{trial: LoggedTrial, traits: list<string>}>}>  $sessions
     *    oldest first
     */
    public function __construct(public Plan $plan, public Situation $situation, public array $sessions)
    {
        $this->shown = Shown::of($this->trials());
    }

    /** @return list<LoggedTrial> */
    public function trials(): array
    {
        return array_merge(...array_map(static fn (array $session): array => array_column($session['trials'], 'trial'), $this->sessions));
    }

    /** @return list<array{at: \DateTimeImmutable, bands: list<Band>}> */
    public function bands(): array
    {
        return array_map(static fn (array $session): array => [
            'at' => $session['at'], 'bands' => array_map(static fn (array $one): Band => $one['trial']->band, $session['trials']),
        ], $this->sessions);
    }

    /** @return ?string the hardest solid step, of those that a stranger can picture */
    public function solid(): ?string
    {
        $solid = $this->situation->history->solidStep;

        return $solid < 0 ? null : $this->named(range(0, $solid));
    }

    /** @return ?string the next one after it */
    public function next(): ?string
    {
        $solid = $this->situation->history->solidStep;
        $top = $this->situation->ladder->top();

        return $solid >= $top ? null : $this->named(range($top, $solid + 1));
    }

    public function goal(): string
    {
        return $this->plan->goal ?? $this->named([0, $this->situation->ladder->top()]) ?? '';
    }

    /**
     * Days on which a solid step was worked at, and whether each of them stayed calm.
     *
     * @return list<bool>
     */
    public function daysAtSolid(\DateTimeZone $zone): array
    {
        $solid = $this->situation->history->solidStep;
        $days = [];
        foreach ($this->trials() as $trial) {
            if ($solid >= 0 && $trial->level->step >= $solid && $trial->countsForRun()) {
                $day = $trial->at->setTimezone($zone)->format('Y-m-d');
                $days[$day] = ($days[$day] ?? true) && $trial->isCalm() && ! $trial->isNo();
            }
        }

        return array_values($days);
    }

    public function lastAt(): ?\DateTimeImmutable
    {
        return $this->sessions === [] ? null : $this->sessions[count($this->sessions) - 1]['at'];
    }

    /**
     * The last of these steps that has words of its own: one put between says only what it leads to.
     *
     * @param  non-empty-list<int>  $steps
     */
    private function named(array $steps): ?string
    {
        foreach (array_reverse($steps) as $i) {
            $step = $this->situation->ladder->step($i);
            if (! $step->manner->isOnTheWay) {
                return rtrim($step->manner->instruction !== ''
                    ? $step->manner->instruction
                    : words()->exposure($step->exposure, $this->situation->catalog, $this->situation->unsaid), '.');
            }
        }

        return null;
    }
}
