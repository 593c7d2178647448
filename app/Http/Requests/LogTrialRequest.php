<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Session;
use App\Models\User;
use App\Trials\IncomingTrial;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Validator;

final class LogTrialRequest extends FormRequest
{
    public function authorize(): bool
    {
        Gate::authorize('view', $this->training());

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(TrialRules $rules): array
    {
        return $rules->of($this->signedIn()->distance_unit);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return TrialRules::MESSAGES;
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(TrialRules::afterwards(...));
    }

    public function toTrial(TrialRules $rules): IncomingTrial
    {
        return $rules->toTrial($this->validated(), $this->training(), $this->signedIn()->distance_unit);
    }

    private function training(): Session
    {
        $session = $this->route('session');

        return $session instanceof Session ? $session : throw new \LogicException('The route binds a session.');
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
