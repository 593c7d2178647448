<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Trials\IncomingTrial;
use App\Trials\SessionPanel;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Response;
use Illuminate\Support\ViewErrorBag;

final class LogTrialRequest extends FormRequest
{
    use OfTraining;

    /** @return array<string, list<mixed>> */
    public function rules(TrialRules $rules): array
    {
        return $rules->of($this->signedIn()->distance_unit, $this->input('exposure'), $this->training()->plan->responseModel->kind);
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

    public function toTrial(TrialRules $rules): IncomingTrial
    {
        return $rules->toTrial($this->validated(), $this->training(), $this->signedIn()->distance_unit);
    }

    /** A swapped form comes back as the same part of the page, with its messages and with all that was typed. */
    protected function failedValidation(Validator $validator): void
    {
        if ($this->header('HX-Request') !== 'true' || $this->expectsJson()) {
            parent::failedValidation($validator);
        }
        $this->flash();
        $panel = $this->container->make(SessionPanel::class)->of($this->training(), $this->signedIn());
        // shared, not passed: the components of the part read it too
        view()->share('errors', (new ViewErrorBag)->put('default', $validator->errors()));
        $part = view('partials.session-panel', $panel)->render();
        $this->session()->forget('_old_input');
        throw new HttpResponseException(new Response($part, 422));
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
