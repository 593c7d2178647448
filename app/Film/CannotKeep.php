<?php

declare(strict_types=1);

namespace App\Film;

/** Why a record is not changed. */
enum CannotKeep: string
{
    case Finished = 'finished';
    /** It was changed elsewhere since. */
    case ChangedElsewhere = 'changed_elsewhere';
    case OtherLength = 'other_length';
    /** Two have begun to grade it. */
    case TwoGrade = 'two_grade';
}
