<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\SignIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** A new password, by somebody who knows the old one. */
final class PasswordRequest extends FormRequest
{
    use AsksPassword;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->signedIn();

        return [...$this->passwordRules(), 'password' => NewPassword::rules($user->name, $user->email, $user->practice->name)];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->passwordMessages(), ...NewPassword::messages()];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(SignIn $signIn): array
    {
        return $this->passwordChecks($signIn);
    }
}
