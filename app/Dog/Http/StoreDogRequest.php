<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Input\PastDay;
use App\Models\Dog;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;

final class StoreDogRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Dog::class) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'description' => ['nullable', 'string', 'max:200'],
            'born_on' => PastDay::rules('nullable'),
            'bite_history' => ['nullable', 'boolean'],
            'hides_signs' => ['nullable', 'boolean'],
            'health_note' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'born_on.date_format' => say('messages.store_dog.give_the_birthday_as_year_month'),
            'name.required' => say('messages.store_dog.give_the_dogs_name'),
        ];
    }

    public function given(): Fields
    {
        return Fields::of($this->validated());
    }
}
