<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Input\OfTraining;
use App\Session\ReceiveEntry;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a device sends: its identifier and some entries, oldest first. What an entry holds is looked at one by one. */
final class EntriesRequest extends FormRequest
{
    use OfTraining;

    private const MAX = 50;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'device' => ['required', 'string', 'uuid'],
            'user' => ['required', 'integer'],
            'entries' => ['required', 'array', 'min:1', 'max:'.self::MAX],
            'entries.*' => ['array'],
            'entries.*.uuid' => ['required', 'string', 'uuid'],
            'entries.*.kind' => ['required', Rule::in(ReceiveEntry::KINDS)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'entries.max' => say('messages.entries.most', ['most' => self::MAX]),
            'entries.*.uuid.*' => say('messages.entries.each_entry_needs_a_uuid_of'),
            'entries.*.kind.*' => say('messages.entries.kind', ['kinds' => implode(', ', ReceiveEntry::KINDS)]),
        ];
    }
}
