<?php

declare(strict_types=1);

namespace App\Models;

enum FilmRecordKind: string
{
    case Graded = 'graded';
    case Settled = 'settled';
}
