<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;
use App\Models\Plan;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Core\Scheduling\DayGrid;
use Core\Scheduling\OverlappingPins;
use Core\Scheduling\Rule;
use Core\Scheduling\Visit;
use Core\Scheduling\WeekRules;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Appointments by hand: moved, pinned, cancelled, added. What a person puts somewhere is pinned there. */
final readonly class KeepAppointments
{
    public function __construct(
        private Connection $database, private WeekReader $weeks, private ClockInterface $clock, private Trail $trail,
    ) {
    }

    /**
     * @param  array{person_id: int, helper_id: ?int, place_id: ?int, starts_at: \DateTimeImmutable, ends_at: \DateTimeImmutable,
     *     plan_id?: ?int, title?: string}  $columns
     *
     * @throws SomebodyIsTaken
     */
    public function add(User $by, array $columns): Appointment
    {
        return $this->database->transaction(function () use ($by, $columns): Appointment {
            WeekLock::hold($by);
            $appointment = new Appointment([
                ...$columns, 'practice_id' => $by->practice_id, 'uuid' => (string) Str::uuid7(), 'is_pinned' => true,
            ]);
            $this->refuseOverlap($appointment);
            $appointment->save();
            $this->trail->note($by, TrailAction::Added, $appointment, ['name' => $this->name($appointment)]);

            return $appointment;
        });
    }

    /**
     * @param  array<string, mixed>  $columns  that change
     * @return list<Rule> that it breaks where it is now
     *
     * @throws SomebodyIsTaken
     */
    public function change(User $by, Appointment $appointment, array $columns): array
    {
        return $this->database->transaction(function () use ($by, $appointment, $columns): array {
            WeekLock::hold($by);
            $appointment->refresh()->fill([...$columns, 'is_pinned' => $columns['is_pinned'] ?? true]);
            if ($appointment->isDirty()) {
                $this->refuseOverlap($appointment);
                $appointment->sequence++;
                $appointment->save();
                $this->trail->note($by, TrailAction::Changed, $appointment, ['name' => $this->name($appointment)]);
            }

            return $this->broken($by, $appointment->refresh());
        });
    }

    /** Stays on record, so that calendars hear of it. */
    public function cancel(User $by, Appointment $appointment): void
    {
        if ($appointment->cancelled_at === null) {
            $appointment->update(['cancelled_at' => $this->clock->now(), 'sequence' => $appointment->sequence + 1]);
            $this->trail->note($by, TrailAction::Archived, $appointment, ['name' => $this->name($appointment)]);
        }
    }

    /** @return list<Rule> that an appointment breaks among the others of its week */
    private function broken(User $by, Appointment $appointment): array
    {
        $days = WeekDays::around($appointment->starts_at, $by->practice->zone());
        try {
            $week = $this->weeks->read($by->practice, $days, $appointment);
        } catch (OverlappingPins) {
            // others are in two places at once: a proposal tells it, and this one is not to blame
            return [];
        }
        $slot = DayGrid::slotAt($days->minuteOf($appointment->starts_at));
        if ($appointment->plan_id === null || ! isset($week->plans[$appointment->plan_id])
            || ! isset($week->problem->sites[SitesOfWeek::siteOf($appointment)])) {
            return [];
        }
        if ($slot === null) {
            return [Rule::Worker];
        }

        return (new WeekRules($week->problem))->broken(new Visit(
            $appointment->plan_id, $days->indexOf($appointment->starts_at), $slot, DayGrid::slots($appointment->minutes()),
            $appointment->person_id, SitesOfWeek::siteOf($appointment), $appointment->helper_id,
        ), [...$week->problem->pinned, ...$week->problem->standing]);
    }

    private function refuseOverlap(Appointment $appointment): void
    {
        $utc = new \DateTimeZone('UTC');
        $people = array_values(array_filter([$appointment->person_id, $appointment->helper_id], is_int(...)));
        $dog = $appointment->plan?->responseModel->dog_id;
        $plans = $dog === null ? [] : Plan::query()->withTrashed()
            ->whereHas('responseModel', static fn ($models) => $models->where('dog_id', $dog))->pluck('id');
        $other = Appointment::query()->with(['plan.responseModel.dog', 'person', 'helper'])
            ->where('practice_id', $appointment->practice_id)->whereNull('cancelled_at')
            ->when($appointment->exists, static fn ($others) => $others->whereKeyNot($appointment->id))
            ->where('starts_at', '<', $appointment->ends_at->setTimezone($utc))
            ->where('ends_at', '>', $appointment->starts_at->setTimezone($utc))
            ->where(static fn ($either) => $either->whereIn('person_id', $people)->orWhereIn('helper_id', $people)
                ->orWhereIn('plan_id', $plans))
            ->orderBy('starts_at')->first();
        if ($other !== null) {
            throw new SomebodyIsTaken($other);
        }
    }

    private function name(Appointment $appointment): string
    {
        return $appointment->plan_id === null ? $appointment->title : ($appointment->dog()->name ?? '');
    }
}
