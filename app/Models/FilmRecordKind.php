<?php

declare(strict_types=1);

namespace App\Models;

enum FilmRecordKind: string
{
    case Graded = 'graded';
    /** By the same person, weeks later, without a look at what they said then. */
    case Again = 'again';
    case Settled = 'settled';
}
