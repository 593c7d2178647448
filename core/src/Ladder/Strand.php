<?php

declare(strict_types=1);

namespace Core\Ladder;

/**
 * What a step of a contact ladder is about. A dog that holds still for a hand on its paw has said nothing of the tool's sound across the
 * room: what is easier is looked for along a strand, and steps of two strands are where they join.
 */
enum Strand: string
{
    case Body = 'body';
    case Tool = 'tool';
    case Sound = 'sound';
    case Strap = 'strap';
    case Person = 'person';
}
