<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Core\Exposure\Dimension;
use Illuminate\Contracts\Validation\ValidationRule;

/** A number within what a measured dimension can be. */
final readonly class TypedMeasure implements ValidationRule
{
    public function __construct(private Dimension $dimension)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $range = $this->dimension->typedRange() ?? [0.0, 0.0];
        if (! is_numeric($value) || (float) $value < min($range) || (float) $value > max($range)) {
            $fail(ucfirst($this->dimension->label).' must be a number from '.min($range).' to '.max($range).($this->dimension->unit === null || $this->dimension->unit === '' ? '' : " {$this->dimension->unit}").'.');
        }
    }
}
