<?php

declare(strict_types=1);

namespace App\Models;

/** What is written down of a dog's health: a vet decides on all of it. */
enum HealthKind: string
{
    case Medication = 'medication';
    case Condition = 'condition';
    case Weight = 'weight';
}
