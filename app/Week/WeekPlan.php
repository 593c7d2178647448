<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;
use App\Models\Plan;
use Core\Scheduling\Visit;
use Core\Scheduling\WeekProblem;

/** A week of a practice as the core takes it, and what its numbers stand for. */
final readonly class WeekPlan
{
    /**
     * @param  array<int, Plan>  $plans  by id: those that are laid
     * @param  array<int, Appointment>  $appointments  of the week, by id, without cancelled ones
     * @param  array<int, int>  $visits  appointments by the object number of their visit
     */
    public function __construct(
        public WeekDays $days, public WeekProblem $problem, public array $plans, private array $appointments,
        private array $visits,
    ) {
    }

    /** The one that a visit stands for, if any. */
    public function appointmentOf(Visit $visit): ?Appointment
    {
        return $this->appointments[$this->visits[spl_object_id($visit)] ?? 0] ?? null;
    }
}
