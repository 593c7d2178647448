<?php

declare(strict_types=1);

namespace App\Place\Http;

use App\Models\Dog;
use App\Place\SketchPage;
use App\Support\Fields;
use Core\Field\InvalidLayout;
use Core\Field\Layout;
use Core\Field\SetUp;
use Core\Measure\DistanceUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A place as it is sketched: lengths and speeds in the user's units. */
final class SketchRequest extends FormRequest
{
    public const LENGTHS = ['path', 'left', 'right', 'depth', 'cover', 'exit'];

    private const SPEEDS = ['trigger_speed', 'handler_speed'];

    private const MIN_SPEED = 0.1;

    private const MAX_SPEED = 15.0;

    private const MAX_LENGTH = 30.0;

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
            'trigger_length' => ['required', 'numeric', 'between:0,'.$this->typed('trigger_length', self::MAX_LENGTH)],
            ...array_fill_keys(self::SPEEDS, ['required', 'numeric', 'between:'.$this->typed(
                'trigger_speed', self::MIN_SPEED,
            ).','.$this->typed('trigger_speed', self::MAX_SPEED)]),
            'hold' => ['required', 'numeric', 'between:0,60'],
            'limit' => ['nullable', 'numeric', 'between:0.1,500'],
            'plan' => ['nullable', 'integer'],
            'note' => ['nullable', 'string', 'max:300'],
            'passes' => ['nullable', 'array:'.implode(',', SketchPage::TIMES)],
            'passes.*' => ['nullable', 'integer', 'between:0,500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...array_combine(
                array_map(static fn (string $field): string => "{$field}.*", self::LENGTHS),
                array_fill(0, count(self::LENGTHS), say('messages.sketch.type_a_length_as_a_number')),
            ),
            'trigger_speed.*' => say('messages.sketch.the_speed_of_the_trigger_must', $this->speeds()),
            'handler_speed.*' => say('messages.sketch.the_handlers_speed_must_be_0', $this->speeds()),
            'trigger_length.*' => say('messages.sketch.the_length_must_be_0_to', ['most' => words()->formats->meters(self::MAX_LENGTH)]),
            'hold.*' => say('messages.sketch.the_hold_must_be_0_to'), 'passes.*' => say('messages.sketch.count_0_to_500_passes_an'),
            'note.max' => say('messages.sketch.keep_the_note_under_300_characters'),
        ];
    }

    /** @throws ValidationException naming the field */
    public function layout(DistanceUnit $unit): Layout
    {
        $given = Fields::of($this->validated());
        try {
            return Layout::of(array_map(
                fn (string $field): float => $given->number($field) * $unit->meters(), array_combine(self::LENGTHS, self::LENGTHS),
            ));
        } catch (InvalidLayout $problem) {
            throw ValidationException::withMessages([$problem->field => words()->error($problem)]);
        }
    }

    public function setUp(Layout $layout, ?float $limit): SetUp
    {
        return SetUp::of(
            $layout, $this->number('trigger_speed'), $this->number('trigger_length'), $this->number('handler_speed'),
            $this->number('hold'), $limit,
        );
    }

    /** @return array<string, float> as it is kept */
    public function stored(DistanceUnit $unit): array
    {
        $how = ['trigger_length', ...self::SPEEDS, 'hold'];

        return [...$this->layout($unit)->values(), ...array_combine($how, array_map($this->number(...), $how))];
    }

    public function note(): ?string
    {
        return Fields::of($this->validated())->textOrNull('note');
    }

    public function number(string $field): float
    {
        $typed = $this->validated($field);

        return is_numeric($typed) ? $this->inMeters($field, (float) $typed) : self::DEFAULTS[$field] ?? 0.0;
    }

    /** In meters or meters per second, as it was typed in the user's units. */
    private function inMeters(string $field, float $typed): float
    {
        $units = words()->reader->units;

        return match (true) {
            in_array($field, self::SPEEDS, true) => $units->toMetric($typed, 'm/s'),
            $field === 'trigger_length' => $typed * $units->distance->meters(),
            default => $typed,
        };
    }

    /** The other way round, for ranges. */
    private function typed(string $field, float $kept): float
    {
        $units = words()->reader->units;

        return round($field === 'trigger_length' ? $kept / $units->distance->meters() : $units->fromMetric($kept, 'm/s'), 1);
    }

    /** @return array{from: float, to: float, unit: string} */
    private function speeds(): array
    {
        return [
            'from' => $this->typed('trigger_speed', self::MIN_SPEED), 'to' => $this->typed('trigger_speed', self::MAX_SPEED),
            'unit' => say('phrases.units.'.words()->reader->units->toDisplayed('m/s')),
        ];
    }

    /** @return array<string, int> */
    public function passes(): array
    {
        $given = Fields::of($this->array('passes'));
        $counts = array_map($given->intOrNull(...), array_combine(SketchPage::TIMES, SketchPage::TIMES));

        return array_filter($counts, static fn (?int $count): bool => $count !== null);
    }
}
