<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\Dog;
use App\Models\Intake;
use App\Models\User;
use Illuminate\Database\Connection;

/** Keeps what is told of a dog at the first meeting. */
final readonly class SaveIntake
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * A bite switches the cautious limits on; a history of corrections makes small signs count more. Neither is ever switched off here.
     *
     * @param  array<string, mixed>  $columns  of the intake
     * @param  bool  $hasBitten  as told of the worst it has done
     */
    public function keep(Dog $dog, User $user, array $columns, bool $hasBitten, bool $wasCorrected, ?string $healthNote): void
    {
        $this->database->transaction(static function () use ($dog, $user, $columns, $hasBitten, $wasCorrected, $healthNote): void {
            Intake::query()
                ->updateOrCreate(['dog_id' => $dog->id], ['practice_id' => $dog->practice_id, 'user_id' => $user->id, ...$columns]);
            $dog->update([
                'bite_history' => $dog->bite_history || $hasBitten, 'hides_signs' => $dog->hides_signs || $wasCorrected,
                'health_note' => $healthNote,
            ]);
        });
    }
}
