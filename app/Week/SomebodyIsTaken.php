<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;

/** The same person or dog has another appointment at that time. */
final class SomebodyIsTaken extends \RuntimeException
{
    public function __construct(public readonly Appointment $other)
    {
        parent::__construct('Somebody is taken at that time.');
    }
}
