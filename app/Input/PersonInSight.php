<?php

declare(strict_types=1);

namespace App\Input;

use App\Access\InSight;
use App\Models\User;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Auth;

/** A person that whoever is signed in may know of. */
final readonly class PersonInSight implements ValidationRule
{
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $user = Auth::user();
        if (! $user instanceof User || ! is_numeric($value) || InSight::people($user)->whereKey((int) $value)->doesntExist()) {
            $fail(say('messages.start_session.choose_who_handles'));
        }
    }
}
