<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\PasswordRule;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password that is being chosen. */
final readonly class NewPassword implements ValidationRule
{
    /** @param  list<string>  $own  names and addresses that are tried first */
    private function __construct(private array $own)
    {
    }

    /** @return list<self|string> */
    public static function rules(string ...$own): array
    {
        return ['bail', 'required', 'string', 'min:'.PasswordRule::LEAST, 'max:'.PasswordRule::MOST, new self(array_values($own))];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        $facts = ['least' => PasswordRule::LEAST, 'most' => PasswordRule::MOST];

        return ['password.required' => say('account.problems.password', $facts),
            'password.string' => say('account.problems.password', $facts),
            'password.min' => say('account.problems.password', $facts), 'password.max' => say('account.problems.password', $facts)];
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (is_string($value) && PasswordRule::isCommon($value, $this->own)) {
            $fail(say('account.problems.common'));
        }
    }
}
