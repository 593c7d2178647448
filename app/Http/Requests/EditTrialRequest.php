<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Core\Sign\Band;
use Core\Sign\Outcome;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A correction after the fact: what the dog did, how it took it, and whether the trial was spoilt. */
final class EditTrialRequest extends FormRequest
{
    use OfTraining;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'string', 'uuid'],
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'band' => ['required', Rule::enum(Band::class)],
            'interrupted' => ['nullable', 'boolean'],
            'handler_error' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return TrialRules::MESSAGES;
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [TrialRules::afterwards(...)];
    }

    /** @return array<string, scalar> */
    public function toChanges(): array
    {
        return [
            'outcome' => (string) $this->validated('outcome'),
            'band' => (int) $this->validated('band'),
            'interrupted' => $this->boolean('interrupted'),
            'handler_error' => $this->boolean('handler_error'),
        ];
    }
}
