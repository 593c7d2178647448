<?php

declare(strict_types=1);

namespace App\Place\Http;

use App\Models\Place;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final class PlaceRequest extends FormRequest
{
    public const KINDS = ['home', 'yard', 'street', 'path', 'field', 'parking', 'indoors', 'vet'];

    private const MOST_METERS = 2000.0;

    public function authorize(): bool
    {
        $place = $this->route('place');
        $place instanceof Place ? Gate::authorize('update', $place) : Gate::authorize('create', Place::class);

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $place = $this->route('place');

        return [
            'name' => [
                'required', 'string', 'max:120', Rule::unique('places')->where('practice_id', $this->user()?->practice_id)
                    ->ignore($place instanceof Place ? $place->id : null),
            ],
            'kind' => ['nullable', Rule::in(self::KINDS)], 'address' => ['nullable', 'string', 'max:200'],
            'hours' => ['nullable', 'string', 'max:200'], 'note' => ['nullable', 'string', 'max:300'],
            'room' => ['nullable', 'numeric', 'gt:0', 'max:'.floor(self::MOST_METERS / $this->unit())],
            'trials_an_outing' => ['nullable', 'integer', 'between:1,200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => say('places.problems.name_taken'), 'name.*' => say('places.problems.name'),
            'kind.*' => say('places.problems.kind'), 'address.*' => say('places.problems.address'),
            'hours.*' => say('places.problems.hours'),
            'note.*' => say('people.problems.note'), 'room.*' => say('places.problems.room', [
                'most' => words()->formats->meters(self::MOST_METERS),
            ]),
            'trials_an_outing.*' => say('places.problems.passes'),
        ];
    }

    /** @return array<string, float|int|string|null> */
    public function columns(): array
    {
        $given = Fields::of($this->validated());
        $room = $given->numberOrNull('room');

        return [
            'name' => $given->text('name'), 'kind' => $given->text('kind'), 'address' => $given->text('address'),
            'hours' => $given->text('hours'), 'note' => $given->text('note'),
            'room_meters' => $room === null ? null : $room * $this->unit(), 'trials_an_outing' => $given->intOrNull('trials_an_outing'),
        ];
    }

    private function unit(): float
    {
        return words()->reader->units->distance->meters();
    }
}
