<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Field\SketchBoard;
use App\Models\Dog;
use Core\Field\InvalidLayout;
use Core\Field\Layout;
use Core\Field\SetUp;
use Core\Measure\DistanceUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A place as it is sketched: lengths in the user's unit, speeds in m/s. */
final class SketchRequest extends FormRequest
{
    public const LENGTHS = ['path', 'left', 'right', 'depth', 'cover', 'exit'];

    private const DEFAULTS = ['trigger_length' => 2.5, 'trigger_speed' => 1.4, 'handler_speed' => 1.4, 'hold' => 15.0];

    /** Anybody who may see the place may try its numbers; keeping the sketch is for owners and trainers. */
    public function authorize(): bool
    {
        Gate::authorize('view', $this->route('place'));
        if ($this->isMethod('put')) {
            Gate::authorize('create', Dog::class);
        }

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(self::LENGTHS, ['required', 'numeric', 'between:-2000,2000']),
            'trigger_length' => ['required', 'numeric', 'between:0,30'],
            'trigger_speed' => ['required', 'numeric', 'between:0.1,15'],
            'handler_speed' => ['required', 'numeric', 'between:0.1,15'],
            'hold' => ['required', 'numeric', 'between:0,60'],
            'limit' => ['nullable', 'numeric', 'between:0.1,500'],
            'plan' => ['nullable', 'integer'],
            'note' => ['nullable', 'string', 'max:300'],
            'passes' => ['nullable', 'array:'.implode(',', array_keys(SketchBoard::TIMES))],
            'passes.*' => ['nullable', 'integer', 'between:0,500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...array_combine(array_map(static fn (string $field): string => "{$field}.*", self::LENGTHS), array_fill(0, count(self::LENGTHS), 'Type a length as a number, for example 12.5.')),
            'trigger_speed.*' => 'The speed of the trigger must be 0.1 to 15 m/s: what stands still does not pass.', 'handler_speed.*' => 'The handler\'s speed must be 0.1 to 15 m/s.', 'trigger_length.*' => 'The length must be 0 to 30 meters.',
            'hold.*' => 'The hold must be 0 to 60 seconds.', 'passes.*' => 'Count 0 to 500 passes an hour.', 'note.max' => 'Keep the note under 300 characters.',
        ];
    }

    /** @throws ValidationException naming the field */
    public function layout(DistanceUnit $unit): Layout
    {
        try {
            return Layout::of(array_map(fn (mixed $value): float => (float) $value * $unit->meters(), array_intersect_key($this->validated(), array_flip(self::LENGTHS))));
        } catch (InvalidLayout $problem) {
            throw ValidationException::withMessages([$problem->field => $problem->getMessage()]);
        }
    }

    public function setUp(Layout $layout, ?float $limit): SetUp
    {
        return SetUp::of($layout, $this->number('trigger_speed'), $this->number('trigger_length'), $this->number('handler_speed'), $this->number('hold'), $limit);
    }

    public function number(string $field): float
    {
        return (float) ($this->validated($field) ?? self::DEFAULTS[$field] ?? 0.0);
    }

    /** @return array<string, int> */
    public function passes(): array
    {
        return array_map(intval(...), array_filter($this->array('passes'), static fn (mixed $value): bool => $value !== null && $value !== ''));
    }
}
