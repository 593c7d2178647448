<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Input\OfTraining;
use App\Models\User;
use App\Session\IncomingTrial;
use App\Session\TrialParser;
use App\Session\TrialRules;
use Illuminate\Foundation\Http\FormRequest;

final class LogTrialRequest extends FormRequest
{
    use OfTraining;

    /** @return array<string, list<mixed>> */
    public function rules(TrialRules $rules): array
    {
        return $rules->of($this->training(), $this->signedIn()->units()->distance, $this->input('exposure'));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return TrialRules::messages();
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [TrialRules::afterwards(...)];
    }

    public function uuid(): string
    {
        return $this->string('uuid')->value();
    }

    public function toTrial(TrialParser $parser): IncomingTrial
    {
        return $parser->parse($this->validated(), $this->training(), $this->signedIn()->units()->distance);
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
