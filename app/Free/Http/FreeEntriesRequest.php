<?php

declare(strict_types=1);

namespace App\Free\Http;

use App\Free\ReceiveObservation;
use App\Models\FreeSession;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What a device sends of a session without a ladder: some entries, oldest first, looked at one by one. */
final class FreeEntriesRequest extends FormRequest
{
    private const MAX = 50;

    public function authorize(): bool
    {
        $session = $this->route('free');
        Gate::authorize('view', $session instanceof FreeSession ? $session : throw new \LogicException('The route binds a session.'));

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'device' => ['required', 'string', 'uuid'],
            'user' => ['required', 'integer'],
            'entries' => ['required', 'array', 'min:1', 'max:'.self::MAX],
            'entries.*' => ['array'],
            'entries.*.uuid' => ['required', 'string', 'uuid'],
            'entries.*.kind' => ['required', Rule::in(ReceiveObservation::KINDS)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'entries.max' => say('messages.entries.most', ['most' => self::MAX]),
            'entries.*.uuid.*' => say('messages.entries.each_entry_needs_a_uuid_of'),
            'entries.*.kind.*' => say('messages.entries.kind', ['kinds' => implode(', ', ReceiveObservation::KINDS)]),
        ];
    }
}
