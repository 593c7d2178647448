<?php

declare(strict_types=1);

namespace App\Import;

/** What is wrong with a cell. */
enum RowProblem: string
{
    case Missing = 'missing';
    case Unknown = 'unknown';
    case LeftOut = 'left_out';
    case NoDate = 'no_date';
    case NotYet = 'not_yet';
    case TooOld = 'too_old';
    case NoTime = 'no_time';
    case NoNumber = 'no_number';
    case OutOfRange = 'out_of_range';
    case WhichPlan = 'which_plan';
    case NotItsPlan = 'not_its_plan';
    case WhichStep = 'which_step';
    case Contradicts = 'contradicts';
}
