<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\SignIn;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A name alone needs no password; where mails go does. */
final class ProfileRequest extends FormRequest
{
    use AsksPassword;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->isMoving() ? $this->passwordRules() : [],
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'email', 'max:190', Rule::unique('users')->ignore($this->signedIn()->id)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->passwordMessages(), 'name.*' => say('account.problems.name'), 'email.unique' => say('account.problems.email_taken'),
            'email.*' => say('account.problems.email'),
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(SignIn $signIn): array
    {
        return $this->isMoving() ? $this->passwordChecks($signIn) : [];
    }

    private function isMoving(): bool
    {
        // asked before anything is checked: a list is no address
        return Fields::of($this->all())->text('email') !== $this->signedIn()->email;
    }
}
