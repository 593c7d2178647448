<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Practice;
use App\Models\User;
use Core\Measure\DistanceUnit;

/** Changes language, units and clock: of a user, or of the practice. */
final readonly class ChangeSettings
{
    /**
     * Null in a column: as the practice has it.
     *
     * @param  array{language: ?string, distance_unit: ?DistanceUnit, is_imperial: ?bool, is_clock24: ?bool}  $columns
     */
    public function change(User|Practice $of, array $columns): void
    {
        $of->update($columns);
    }
}
