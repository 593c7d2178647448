<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\TrialReader;
use App\Input\OfTraining;
use App\Session\TrialRules;
use App\Support\Fields;
use Core\Decision\LoggedTrial;
use Core\Sign\Band;
use Core\Sign\Outcome;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A correction after the fact: what the dog did, how it took it, and whether the trial was spoilt. */
final class EditTrialRequest extends FormRequest
{
    use OfTraining;

    /** As it stands, with earlier corrections; null if it was undone. */
    private ?LoggedTrial $stored = null;

    /** @return array<string, list<mixed>> */
    public function rules(TrialReader $trials): array
    {
        $this->stored = $trials->ofSession($this->training())->trials[(int) (string) $this->route()?->originalParameter('trial')] ?? null;

        return [
            'uuid' => ['required', 'string', 'uuid'],
            // those of its kind; the stored one is always among them, as the form sends back what it was given
            'outcome' => ['required', Rule::enum(Outcome::class)->only([
                ...Outcome::ofKind($this->training()->plan->responseModel->kind),
                ...($this->stored === null ? [] : [$this->stored->outcome]),
            ])],
            'band' => ['required', Rule::enum(Band::class)],
            'interrupted' => ['nullable', 'boolean'],
            'handler_error' => ['nullable', 'boolean'],
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

    /** @return array<string, scalar> what differs from the trial as it stands; nothing else is touched */
    public function toChanges(): array
    {
        if ($this->stored === null) {
            return [];
        }

        $given = Fields::of($this->validated());

        return array_diff_assoc([
            'outcome' => $given->text('outcome'),
            'band' => $given->int('band'),
            'interrupted' => (int) $this->boolean('interrupted'),
            'handler_error' => (int) $this->boolean('handler_error'),
        ], [
            'outcome' => $this->stored->outcome->value,
            'band' => $this->stored->band->value,
            'interrupted' => (int) $this->stored->interrupted,
            'handler_error' => (int) $this->stored->handlerError,
        ]);
    }
}
