<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Practice;
use App\Models\User;
use Core\Measure\DistanceUnit;

/** Changes language, units and clock: of a user, or of the practice. */
final readonly class ChangeSettings
{
    /** @param  array{language: ?string, distance_unit: ?DistanceUnit, is_imperial: ?bool, is_clock24: ?bool}  $columns  null: as the practice has it */
    public function change(User|Practice $of, array $columns): void
    {
        $of->update($columns);
    }
}
