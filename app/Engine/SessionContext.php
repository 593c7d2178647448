<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Place;
use App\Models\Plan;
use App\Models\TrainingSet;
use Core\Decision\History;
use Core\Decision\WorkingPlan;
use Core\Response\SessionEvidence;
use Illuminate\Database\Eloquent\Collection;

/** What stays the same after every trial of a session: its plan in the place it is in, and what earlier sessions left. */
final readonly class SessionContext
{
    /**
     * @param  Plan  $plan  with its model, dog, trigger and intake
     * @param  Collection<int, TrainingSet>  $sets
     * @param  WorkingPlan  $inCore  with the room of its own place
     * @param  list<int>  $stepIds  by position
     * @param  list<SessionEvidence>  $earlier  oldest first
     * @param  mixed  $lastMode  of the newest earlier session of the same model, as the adviser stored it
     * @param  float  $stricter  bands by which whoever logs it is known to grade harder
     */
    public function __construct(
        public Plan $plan,
        public ?Place $place,
        public Collection $sets,
        public WorkingPlan $inCore,
        public array $stepIds,
        public \DateTimeZone $zone,
        public array $earlier,
        public History $history,
        public mixed $lastMode,
        public float $stricter,
    ) {
    }
}
