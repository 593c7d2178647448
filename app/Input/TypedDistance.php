<?php

declare(strict_types=1);

namespace App\Input;

use Core\Exception\InvalidMeasure;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Illuminate\Contracts\Validation\ValidationRule;

/** A distance typed in the user's unit: a number over 0 and at most 500 m. */
final readonly class TypedDistance implements ValidationRule
{
    public function __construct(private DistanceUnit $unit)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! is_numeric($value)) {
            $fail(say('messages.typed_distance.type_the_distance_as_a_number'));

            return;
        }
        try {
            Distance::from((float) $value, $this->unit);
        } catch (InvalidMeasure) {
            $fail(say('messages.typed_distance.range', ['most' => words()->formats->meters(Distance::MAX_METERS)]));
        }
    }
}
