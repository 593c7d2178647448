<?php

declare(strict_types=1);

namespace App\Input;

use App\Access\InSight;
use App\Models\User;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Auth;

/** A place that whoever is signed in may know of. */
final readonly class PlaceInSight implements ValidationRule
{
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $user = Auth::user();
        if (! $user instanceof User || ! is_numeric($value) || InSight::places($user)->whereKey((int) $value)->doesntExist()) {
            $fail(say('messages.start_session.choose_one_of_your_places'));
        }
    }
}
