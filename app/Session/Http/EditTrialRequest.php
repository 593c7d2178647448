<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\TrialReader;
use App\Input\OfTraining;
use App\Session\TrialChanges;
use App\Session\TrialRules;
use Core\Decision\LoggedTrial;
use Illuminate\Foundation\Http\FormRequest;

/** A correction after the fact: any part of a trial. A field that is not sent stays as it is. */
final class EditTrialRequest extends FormRequest
{
    use OfTraining;

    /** As it stands, with earlier corrections; null if it was undone. */
    private ?LoggedTrial $stored = null;

    /** @var array{note: string, slip: string, traits: string} */
    private array $marks = ['note' => '', 'slip' => '', 'traits' => ''];

    /** @return array<string, list<mixed>> */
    public function rules(TrialReader $reader, TrialChanges $changes): array
    {
        $trials = $reader->ofSession($this->training());
        $id = (int) (string) $this->route()?->originalParameter('trial');
        [$this->stored, $this->marks] = [$trials->trials[$id] ?? null, $trials->marks[$id] ?? $this->marks];

        return [
            ...$changes->rules($this->training(), $this->unit(), $this->input('exposure'), $this->stored),
            'uuid' => ['required', 'string', 'uuid'],
        ];
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

    /** @return array<string, scalar> what differs from the trial as it stands; nothing of one that was taken out */
    public function toChanges(TrialChanges $changes): array
    {
        return $this->stored === null
            ? []
            : $changes->of($this->validated(), $this->stored, $this->marks, $this->training(), $this->unit());
    }
}
