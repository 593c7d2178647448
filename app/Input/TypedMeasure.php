<?php

declare(strict_types=1);

namespace App\Input;

use Core\Exposure\DimensionCatalog;
use Illuminate\Contracts\Validation\ValidationRule;

/** A number within what a measured dimension can be. */
final readonly class TypedMeasure implements ValidationRule
{
    public function __construct(private DimensionCatalog $catalog, private string $key)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $range = $this->catalog->dimension($this->key)->typedRange() ?? [0.0, 0.0];
        if (! is_numeric($value) || (float) $value < min($range) || (float) $value > max($range)) {
            $fail(say('messages.typed_measure.range', [
                'what' => words()->capital(words()->dimension($this->catalog, $this->key)), 'from' => min($range), 'to' => max($range),
                'unit' => words()->unit($this->catalog->dimension($this->key)),
            ]));
        }
    }
}
