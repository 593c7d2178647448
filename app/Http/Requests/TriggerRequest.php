<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Trigger;
use App\Models\TriggerTrait;
use Core\Exposure\PlanKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Something a dog reacts to, as the guardian names it or as it turned out to matter. */
final class TriggerRequest extends FormRequest
{
    use OfDog;

    public const MOTIVES = ['fear' => 'fear', 'frustration' => 'frustration: wants to get there', 'eager' => 'over-eager', 'chase' => 'chase', 'pain' => 'pain', 'unsure' => 'not clear yet'];

    public const NAMED_BY = ['guardian' => 'the guardian', 'trainer' => 'what turned out to matter'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'trigger' => ['required', 'string', 'max:120', Rule::unique(Trigger::class, 'name')->where('dog_id', $this->dog()->id)],
            'trigger_kind' => ['required', Rule::enum(PlanKind::class)],
            'motive' => ['nullable', Rule::in(array_keys(self::MOTIVES))],
            'named_by' => ['required', Rule::in(array_keys(self::NAMED_BY))],
            'trigger_traits' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'trigger.required' => 'Name what it reacts to: one kind of thing.', 'trigger.unique' => 'This dog has a trigger of that name already.',
            'trigger_kind.*' => 'Choose what kind of thing it is.', 'motive.*' => 'Choose a motive, or leave it open.', 'named_by.*' => 'Choose who named it.',
        ];
    }

    public function store(): Trigger
    {
        $trigger = $this->dog()->triggers()->create([
            'practice_id' => $this->dog()->practice_id, 'name' => $this->validated('trigger'), 'kind' => $this->validated('trigger_kind'),
            'motive' => $this->validated('motive'), 'named_by' => $this->validated('named_by'),
        ]);
        foreach (TypedTraits::read((string) $this->input('trigger_traits')) as $name => $value) {
            TriggerTrait::query()->insertOrIgnore(['trigger_id' => $trigger->id, 'name' => $name, 'value' => $value]);
        }

        return $trigger;
    }
}
