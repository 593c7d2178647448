<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Plan;
use Illuminate\Database\Connection;

/** What a plan asks of a week. */
final readonly class ChangeRoutine
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * @param  array<string, mixed>  $columns  null: as its kind of plan has it
     * @param  list<int>  $otherPlaces
     */
    public function change(Plan $plan, array $columns, array $otherPlaces): void
    {
        $this->database->transaction(static function () use ($plan, $columns, $otherPlaces): void {
            $plan->update($columns);
            $plan->otherPlaces()->sync($otherPlaces);
        });
    }
}
