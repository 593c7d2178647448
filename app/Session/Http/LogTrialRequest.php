<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Input\OfTraining;
use App\Session\IncomingTrial;
use App\Session\TrialParser;
use App\Session\TrialRules;
use Illuminate\Foundation\Http\FormRequest;

final class LogTrialRequest extends FormRequest
{
    use OfTraining;

    /** Written down afterwards: a clock time on the session's own day, among the trials of that time; without one, its end. */
    protected function prepareForValidation(): void
    {
        $session = $this->training();
        $typed = $this->input('at');
        if ($this->has('device_at') || ($typed === null && $session->ended_at === null)) {
            return;
        }
        $at = is_string($typed) && preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $typed) === 1
            ? $session->started_at->setTimezone(words()->reader->zone)->setTimeFromTimeString($typed)->setTimezone('UTC')
            : $session->ended_at ?? $session->started_at;
        $at = max($at, $session->started_at);
        $before = $session->trials()->where('occurred_at', '<=', $at->format('Y-m-d H:i:s.v'))->max('sequence');
        $this->merge(['device_at' => $at->format('Y-m-d\TH:i:s.v\Z'), 'sequence' => is_numeric($before) ? (int) $before : 0]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(TrialRules $rules): array
    {
        return $rules->of($this->training(), $this->unit(), $this->input('exposure'));
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
        return $parser->parse($this->validated(), $this->training(), $this->unit());
    }
}
