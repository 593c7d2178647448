<?php

declare(strict_types=1);

namespace App\Session;

/** What went wrong in the handler's hands, not in the dog. */
enum Slip: string
{
    case LateMark = 'late_mark';
    case EarlyMark = 'early_mark';
    case WrongThing = 'wrong_thing';
    case NotPaid = 'not_paid';
    case FoodDropped = 'food_dropped';
    case WrongDog = 'wrong_dog';
    case WordAndClick = 'word_and_click';
}
