<?php

declare(strict_types=1);

namespace Core\Film;

/** Why something is no record of a film. */
enum RecordProblem: string
{
    case Unreadable = 'unreadable';
    case Length = 'length';
    case TooMany = 'too_many';
    case UnknownPart = 'unknown_part';
    case UnknownState = 'unknown_state';
    case UnknownHappening = 'unknown_happening';
    case UnknownBand = 'unknown_band';
    case OutsideFilm = 'outside_film';
    case EndsBeforeItBegins = 'ends_before_it_begins';
    case TrialsOverlap = 'trials_overlap';
}
