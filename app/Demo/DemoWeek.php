<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\User;
use App\Models\WeeklyHours;
use App\Week\KeepAppointments;
use App\Week\KeepHours;
use App\Week\ProposeWeek;
use App\Week\WeekDays;
use Core\Scheduling\HoursWish;

/** Hours of the invented practice, and two weeks proposed from them. */
final readonly class DemoWeek
{
    private const WEEKDAYS = [0, 1, 2, 3, 4];

    public function __construct(private KeepHours $hours, private KeepAppointments $appointments, private ProposeWeek $weeks)
    {
    }

    public function write(User $rowan, Place $seawall, Place $ropewalk, \DateTimeImmutable $today): void
    {
        $people = Person::query()->where('practice_id', $rowan->practice_id)->get()->keyBy('name');
        $this->person($rowan, $people['Rowan Thwaite'] ?? null, self::WEEKDAYS, [[540, 720], [780, 1020]]);
        $this->person($rowan, $people['Ines Calder'] ?? null, [0, 1, 3, 4, 5], [[510, 840]]);
        $this->person($rowan, $people['Jory Penn'] ?? null, [0, 1, 2, 3, 4, 5], [[600, 780]], true);
        $busy = [WeeklyHours::FREE => [], WeeklyHours::BUSY => array_fill_keys(self::WEEKDAYS, [[480, 600], [930, 1050]])];
        $this->hours->keep($rowan, $seawall, $busy, ['kind' => 'path', 'travel_minutes' => 10]);
        $this->hours->keep($rowan, $ropewalk, [], ['kind' => 'field', 'travel_minutes' => 20]);
        $afternoons = [WeeklyHours::FREE => array_fill_keys(self::WEEKDAYS, [[480, 690], [900, 1080]])];
        $this->hours
            ->keep($rowan, Dog::query()->where('practice_id', $rowan->practice_id)->where('name', 'Bodkin')->firstOrFail(), $afternoons);
        Plan::query()->where('practice_id', $rowan->practice_id)->where('name', 'Horse riders')
            ->update(['needs_helper' => true, 'encounters' => 8, 'busy_or_quiet' => HoursWish::Quiet]);
        Plan::query()->where('practice_id', $rowan->practice_id)->where('name', 'Delivery carts')
            ->update(['busy_or_quiet' => HoursWish::Busy]);

        $zone = $rowan->practice->zone();
        $utc = new \DateTimeZone('UTC');
        foreach ([0, 7] as $later) {
            $days = WeekDays::around($today->modify("+{$later} days"), $zone);
            $this->appointments->add($rowan, [
                'person_id' => ($people['Rowan Thwaite'] ?? $people->firstOrFail())->id, 'helper_id' => null, 'place_id' => null,
                'title' => 'Talk with the vet', 'starts_at' => $days->at(2, 660)->setTimezone($utc), 'ends_at' => $days->at(2, 705),
            ]);
            $this->weeks->propose($rowan, $days);
        }
    }

    /**
     * @param  list<int>  $weekdays
     * @param  list<array{int, int}>  $times
     */
    private function person(User $by, ?Person $person, array $weekdays, array $times, bool $helps = false): void
    {
        if ($person !== null) {
            $this->hours->keep($by, $person, [WeeklyHours::FREE => array_fill_keys($weekdays, $times)], ['helps' => $helps]);
        }
    }
}
