<?php

declare(strict_types=1);

namespace App\Input;

use App\Models\DogArea;
use Core\Handling\AreaState;
use Illuminate\Contracts\Validation\ValidationRule;

/** A part of the body that this dog has. */
final readonly class AreaOnDog implements ValidationRule
{
    /** @param  ?string  $side  left or right; null where it does not matter */
    public function __construct(private int $dogId, private ?string $side)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $isMissing = is_string($value)
            && DogArea::query()->where('dog_id', $this->dogId)->where('area', $value)->where('state', AreaState::Missing->value)
                ->whereIn('side', array_filter(['both', $this->side]))->exists();
        if ($isMissing) {
            $fail(say('messages.area_on_dog.this_dog_has_no_such_part'));
        }
    }
}
