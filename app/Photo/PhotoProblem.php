<?php

declare(strict_types=1);

namespace App\Photo;

enum PhotoProblem: string
{
    case NoPicture = 'no_picture';
    /** More points than could be held in memory, whatever the file weighs. */
    case TooManyPoints = 'too_many_points';
}
