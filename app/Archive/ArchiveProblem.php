<?php

declare(strict_types=1);

namespace App\Archive;

/** Why an archive is not restored. */
enum ArchiveProblem: string
{
    case NotOne = 'not_one';
    case Newer = 'newer';
    case Damaged = 'damaged';
    case NotEmpty = 'not_empty';
    case AlreadyHere = 'already_here';
    case TooLarge = 'too_large';
}
