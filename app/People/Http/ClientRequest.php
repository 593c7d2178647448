<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Input\PastDay;
use App\Models\Client;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ClientRequest extends FormRequest
{
    /** Longest text by field. */
    public const LENGTHS = ['phone' => 40, 'address' => 300, 'emergency_contact' => 200, 'vet' => 200];

    public function authorize(): bool
    {
        $client = $this->route('client');
        $client instanceof Client ? Gate::authorize('view', $client) : Gate::authorize('create', Client::class);

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'], 'email' => ['nullable', 'string', 'email', 'max:190'],
            ...array_map(static fn (int $most): array => ['nullable', 'string', "max:{$most}"], self::LENGTHS),
            'consented_on' => PastDay::rules('nullable', '2000-01-01'), 'note' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => say('people.clients.problems.name'), 'email.*' => say('account.problems.email'),
            'consented_on.*' => say('people.clients.problems.day'), 'note.*' => say('people.clients.problems.note'),
            ...array_combine(
                array_map(static fn (string $field): string => "{$field}.*", array_keys(self::LENGTHS)),
                array_map(static fn (int $most): string => say('people.clients.problems.length', ['most' => $most]), self::LENGTHS),
            ),
        ];
    }

    /** @return array<string, ?string> */
    public function columns(): array
    {
        $given = Fields::of($this->validated());

        return [
            'name' => $given->text('name'), 'email' => $given->text('email'),
            ...array_combine(array_keys(self::LENGTHS), array_map($given->text(...), array_keys(self::LENGTHS))),
            'consented_on' => $given->textOrNull('consented_on'), 'note' => $given->textOrNull('note'),
        ];
    }
}
