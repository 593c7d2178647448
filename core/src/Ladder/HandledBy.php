<?php

declare(strict_types=1);

namespace Core\Ladder;

/** Who does what the step asks for. */
enum HandledBy: string
{
    case Handler = 'handler';
    case LikedPerson = 'liked_person';
    case SecondPerson = 'second_person';
    case HandlerAndHelper = 'handler_and_helper';
    case Stranger = 'stranger';
}
