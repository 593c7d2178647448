<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Models\Person;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Somebody who handles dogs; when they are added, an owner may ask them to sign in right away. */
final class PersonRequest extends FormRequest
{
    public function authorize(): bool
    {
        $person = $this->route('person');
        $person instanceof Person ? Gate::authorize('view', $person) : Gate::authorize('create', Person::class);

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'], 'phone' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:300'],
            'client_id' => ['nullable', 'integer', Rule::exists('clients', 'id')->where('practice_id', $this->user()?->practice_id)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => say('account.problems.name'), 'phone.*' => say('people.problems.phone'), 'note.*' => say('people.problems.note'),
            'client_id.*' => say('people.problems.client'),
        ];
    }

    /** @return array{name: string, phone: string, note: string, client_id: ?int} */
    public function columns(): array
    {
        $given = Fields::of($this->validated());

        return [
            'name' => $given->text('name'), 'phone' => $given->text('phone'), 'note' => $given->text('note'),
            'client_id' => $given->intOrNull('client_id'),
        ];
    }
}
