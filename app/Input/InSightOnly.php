<?php

declare(strict_types=1);

namespace App\Input;

use App\Access\InSight;
use App\Models\User;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;

/** One of those that whoever is signed in may know of. */
final readonly class InSightOnly implements ValidationRule
{
    /** @param  \Closure(User): Builder<covariant Model>  $seen */
    private function __construct(private \Closure $seen, private string $problem)
    {
    }

    public static function place(): self
    {
        return new self(InSight::places(...), 'messages.start_session.choose_one_of_your_places');
    }

    public static function person(): self
    {
        return new self(InSight::people(...), 'messages.start_session.choose_who_handles');
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $user = Auth::user();
        if (! $user instanceof User || ! is_numeric($value) || ($this->seen)($user)->whereKey((int) $value)->doesntExist()) {
            $fail(say($this->problem));
        }
    }
}
