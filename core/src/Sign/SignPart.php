<?php

declare(strict_types=1);

namespace Core\Sign;

/** Where on the dog a sign is looked for: the groups in which all of them are within reach. */
enum SignPart: string
{
    case Face = 'face';
    case Body = 'body';
    case Moving = 'moving';
    /** Food, markers and known cues. */
    case Food = 'food';
    /** Voice and teeth. */
    case Voice = 'voice';
}
