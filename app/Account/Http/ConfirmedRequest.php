<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\SignIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** Something that is done with a password, and with nothing else. */
final class ConfirmedRequest extends FormRequest
{
    use AsksPassword;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return $this->passwordRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->passwordMessages();
    }

    /** @return list<\Closure(Validator): void> */
    public function after(SignIn $signIn): array
    {
        return $this->passwordChecks($signIn);
    }
}
