<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\Dog;
use App\Models\Homework;
use App\Models\Plan;
use App\Models\User;
use Core\Homework\HomeworkKind;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Asks a home to practice something, and takes it back; the same for a whole class. */
final readonly class GiveHomework
{
    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /**
     * @param  array<string, array<string, float|string>|int|string|null>  $columns  of the task, with what is not said left out
     * @param  list<Dog>  $others  who get the same, without the plan
     */
    public function give(User $by, Dog $dog, ?Plan $plan, HomeworkKind $kind, array $columns, array $others = []): Homework
    {
        return $this->database->transaction(function () use ($by, $dog, $plan, $kind, $columns, $others): Homework {
            $common = [
                'practice_id' => $dog->practice_id, 'user_id' => $by->id, 'kind' => $kind,
                'class_uuid' => $others === [] ? null : (string) Str::uuid7(),
            ];
            foreach ($others as $other) {
                Homework::query()->create([
                    ...$common, ...$columns, 'dog_id' => $other->id, 'after_id' => null, 'good_days' => null, 'exposure' => null,
                ]);
            }

            return Homework::query()->create([...$common, ...$columns, 'dog_id' => $dog->id, 'plan_id' => $plan?->id]);
        });
    }

    /** What was done of it stays. */
    public function end(Homework $homework): void
    {
        $homework->update(['ended_at' => $this->clock->now()]);
    }

    /** By whoever trains, whatever the days were. */
    public function open(Homework $homework): void
    {
        $homework->update(['opened_at' => $this->clock->now()]);
    }
}
