<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\SignIn;
use App\Account\TooManyTries;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/**
 * What changes who can come in is done by somebody who knows the password, and not by whoever found the phone.
 *
 * @mixin FormRequest
 */
trait AsksPassword
{
    /** @return array<string, list<string>> */
    private function passwordRules(): array
    {
        return ['current_password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    private function passwordMessages(): array
    {
        return ['current_password.*' => say('account.problems.current')];
    }

    /** @return list<\Closure(Validator): void> */
    private function passwordChecks(SignIn $signIn): array
    {
        return [function (Validator $validator) use ($signIn): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                if (! $signIn->confirms($this->signedIn(), $this->string('current_password')->value(), (string) $this->ip())) {
                    $validator->errors()->add('current_password', say('account.problems.current'));
                }
            } catch (TooManyTries $problem) {
                $validator->errors()->add(
                    'current_password', say('messages.sign_in.too_many_tries', ['seconds' => $problem->seconds]),
                );
            }
        }];
    }

    public function given(): Fields
    {
        return Fields::of($this->validated());
    }

    private function signedIn(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new \LogicException('The route asks for a signed-in user.');
    }
}
