<?php

declare(strict_types=1);

namespace App\Input;

use App\Models\HandlerLimit;
use Illuminate\Contracts\Validation\ValidationRule;

/** A person who may handle this dog in training. */
final readonly class MayHandle implements ValidationRule
{
    public function __construct(private int $dogId)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $limit = is_numeric($value)
            ? HandlerLimit::inTraining($this->dogId)->with('person')->where('person_id', (int) $value)->first()
            : null;
        if ($limit !== null) {
            $fail(say(
                'messages.may_handle.may_not_handle_this_dog_choose', ['person' => $limit->person->name, 'reason' => $limit->reason],
            ));
        }
    }
}
