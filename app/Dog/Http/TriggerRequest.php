<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Input\OfDog;
use App\Models\Trigger;
use App\Support\Fields;
use Core\Exposure\PlanKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Something a dog reacts to, as the guardian names it or as it turned out to matter. */
final class TriggerRequest extends FormRequest
{
    use OfDog;

    public const MOTIVES = ['fear', 'frustration', 'eager', 'chase', 'pain', 'unsure'];

    public const NAMED_BY = ['guardian', 'trainer'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'trigger' => ['required', 'string', 'max:120', Rule::unique(Trigger::class, 'name')->where('dog_id', $this->dog()->id)],
            'trigger_kind' => ['required', Rule::enum(PlanKind::class)],
            'motive' => ['nullable', Rule::in(self::MOTIVES)],
            'named_by' => ['required', Rule::in(self::NAMED_BY)],
            'trigger_traits' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'trigger.required' => say('messages.trigger.name_what_it_reacts_to_one'),
            'trigger.unique' => say('messages.trigger.this_dog_has_a_trigger_of'),
            'trigger_kind.*' => say('messages.trigger.choose_what_kind_of_thing_it'),
            'motive.*' => say('messages.trigger.choose_a_motive_or_leave_it'), 'named_by.*' => say('messages.trigger.choose_who_named_it'),
        ];
    }

    public function given(): Fields
    {
        return Fields::of($this->validated());
    }
}
