<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\Dog;
use App\Models\Trigger;
use App\Models\TriggerTrait;
use Core\Exposure\PlanKind;
use Illuminate\Database\Connection;

/** Keeps something a dog reacts to, with its traits: all of it or nothing. */
final readonly class AddTrigger
{
    public function __construct(private Connection $database)
    {
    }

    /** @param  array<string, string>  $traits  values by name */
    public function add(Dog $dog, string $name, PlanKind $kind, ?string $motive, string $namedBy, array $traits): Trigger
    {
        return $this->database->transaction(static function () use ($dog, $name, $kind, $motive, $namedBy, $traits): Trigger {
            $trigger = $dog->triggers()->create([
                'practice_id' => $dog->practice_id, 'name' => $name, 'kind' => $kind, 'motive' => $motive, 'named_by' => $namedBy,
            ]);
            foreach ($traits as $trait => $value) {
                TriggerTrait::query()->insertOrIgnore(['trigger_id' => $trigger->id, 'name' => $trait, 'value' => $value]);
            }

            return $trigger;
        });
    }
}
