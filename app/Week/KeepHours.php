<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\ClosedDays;
use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\Practice;
use App\Models\TrailAction;
use App\Models\User;
use App\Models\WeeklyHours;
use App\Trail\Trail;
use Illuminate\Database\Connection;

/** When people, places and dogs are to be had, and when the practice is closed or the ground hot. */
final readonly class KeepHours
{
    public function __construct(private Connection $database, private Trail $trail)
    {
    }

    public static function column(Person|Place|Dog $owner): string
    {
        return match (true) {
            $owner instanceof Person => 'person_id',
            $owner instanceof Place => 'place_id',
            default => 'dog_id',
        };
    }

    /**
     * @param  array<string, array<int, list<array{int, int}>>>  $hours  by kind and weekday
     * @param  array<string, mixed>  $columns  of the owner, besides
     */
    public function keep(User $by, Person|Place|Dog $owner, array $hours, array $columns = []): void
    {
        $this->database->transaction(function () use ($by, $owner, $hours, $columns): void {
            $column = self::column($owner);
            WeeklyHours::query()->where('practice_id', $by->practice_id)->where($column, $owner->id)->delete();
            foreach ($hours as $kind => $days) {
                foreach ($days as $weekday => $times) {
                    foreach ($times as [$from, $until]) {
                        WeeklyHours::query()->create([
                            'practice_id' => $by->practice_id, $column => $owner->id, 'kind' => $kind, 'weekday' => $weekday,
                            'from_minute' => $from, 'until_minute' => $until,
                        ]);
                    }
                }
            }
            $owner->update($columns);
            $this->trail->note($by, TrailAction::Changed, $owner);
        });
    }

    /** @param  array<string, int>  $columns */
    public function change(User $by, Practice $practice, array $columns): void
    {
        $practice->update($columns);
        $this->trail->note($by, TrailAction::Changed, $practice);
    }

    public function close(User $by, string $from, string $until, string $name): void
    {
        ClosedDays::query()->create(['practice_id' => $by->practice_id, 'from_on' => $from, 'until_on' => $until, 'name' => $name]);
    }

    public function open(ClosedDays $days): void
    {
        $days->delete();
    }
}
