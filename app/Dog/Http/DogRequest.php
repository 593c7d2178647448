<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\ChangeDog;
use App\Input\PastDay;
use App\Models\Dog;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Who a dog is, when it is taken in and when that is put right. */
final class DogRequest extends FormRequest
{
    public const SEXES = ['female', 'spayed', 'male', 'neutered'];

    public function authorize(): bool
    {
        $dog = $this->route('dog');
        $dog instanceof Dog ? Gate::authorize('plan', $dog) : Gate::authorize('create', Dog::class);

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'description' => ['nullable', 'string', 'max:200'],
            'born_on' => PastDay::rules('nullable'),
            'bite_history' => ['nullable', 'boolean'],
            'hides_signs' => ['nullable', 'boolean'],
            'health_note' => ['nullable', 'string', 'max:2000'],
            'sex' => ['nullable', Rule::in(self::SEXES)],
            'breed' => ['nullable', 'string', 'max:80'],
            'chip' => ['nullable', 'string', 'max:40'],
            'client_id' => ['nullable', 'integer', Rule::exists('clients', 'id')->where('practice_id', $this->user()?->practice_id)],
            'flag_reason' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'born_on.date_format' => say('messages.store_dog.give_the_birthday_as_year_month'),
            'name.required' => say('messages.store_dog.give_the_dogs_name'), 'sex.*' => say('dogs.edit.problems.sex'),
            'client_id.*' => say('people.problems.client'),
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $dog = $this->route('dog');
            if ($dog instanceof Dog && $validator->errors()->isEmpty() && ! $this->filled('flag_reason')
                && ChangeDog::takenBack($dog, $this->columns()) !== []) {
                $validator->errors()->add('flag_reason', say('dogs.edit.problems.flag_reason'));
            }
        }];
    }

    /** @return array<string, bool|int|string|null> */
    public function columns(): array
    {
        $given = Fields::of($this->all());

        return [
            'name' => $given->text('name'), 'description' => $given->text('description'), 'born_on' => $given->textOrNull('born_on'),
            'bite_history' => $given->isOn('bite_history'), 'hides_signs' => $given->isOn('hides_signs'),
            'health_note' => $given->textOrNull('health_note'), 'sex' => $given->text('sex'), 'breed' => $given->text('breed'),
            'chip' => $given->text('chip'), 'client_id' => $given->intOrNull('client_id'),
        ];
    }

    public function reason(): ?string
    {
        return Fields::of($this->validated())->textOrNull('flag_reason');
    }
}
