<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Advice\CoreCatalogs;
use App\Models\Intake;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is told of a dog at the first meeting. All of it may be filled in later. */
final class IntakeRequest extends FormRequest
{
    use OfDog;

    public const WORST = ['none' => 'none of these', 'growl' => 'growled', 'snap' => 'snapped at the air', 'bite' => 'bit, skin whole', 'skin' => 'bit and broke skin'];

    private const FLAGS = ['sudden_change', 'pain_signs', 'guards_food', 'corrections', 'children_near'];

    /** @return array<string, list<mixed>> */
    public function rules(CoreCatalogs $catalogs): array
    {
        return [
            'arrived_on' => ['nullable', 'date_format:Y-m-d', 'after:1990-01-01', 'before_or_equal:today'],
            'since' => ['nullable', 'string', 'max:120'],
            'how_often' => ['nullable', 'string', 'max:120'],
            'history' => ['nullable', 'string', 'max:4000'],
            'worst' => ['required', Rule::in(array_keys(self::WORST))],
            'worst_facts' => ['nullable', 'string', 'max:500', Rule::requiredIf(in_array($this->input('worst'), ['bite', 'skin'], true))],
            'vet_seen_on' => ['nullable', 'date_format:Y-m-d', 'after:1990-01-01', 'before_or_equal:today'],
            'medication' => ['nullable', 'string', 'max:200'],
            'food_limits' => ['nullable', 'string', 'max:300'],
            'health_note' => ['nullable', 'string', 'max:2000'],
            'baseline' => ['nullable', 'string', 'max:500'],
            'normal_signs' => ['nullable', 'array', 'max:30'],
            'normal_signs.*' => ['string', Rule::in(array_keys($catalogs->signs->signs))],
            ...array_fill_keys(self::FLAGS, ['nullable', 'boolean']),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'arrived_on.*' => 'Give the day it came as year-month-day, not in the future.',
            'vet_seen_on.*' => 'Give the day the vet saw it as year-month-day, not in the future.',
            'worst.*' => 'Choose the worst it has done so far.',
            'worst_facts.required' => 'A bite needs its facts: when, to whom, what came just before. Facts only, no judgement.',
            'normal_signs.*.in' => 'Choose signs from the list.',
        ];
    }

    /** A bite switches the cautious limits on; a history of corrections makes small signs count more. Neither is ever switched off here. */
    public function store(): void
    {
        $dog = $this->dog();
        Intake::query()->updateOrCreate(['dog_id' => $dog->id], [
            'practice_id' => $dog->practice_id, 'user_id' => $this->signedIn()->id,
            ...array_diff_key((array) $this->validated(), array_flip([...self::FLAGS, 'health_note'])),
            ...array_map(fn (string $flag): bool => $this->boolean($flag), array_combine(self::FLAGS, self::FLAGS)),
            'normal_signs' => array_values(array_filter((array) $this->input('normal_signs', []), is_string(...))),
        ]);
        $dog->update([
            'bite_history' => $dog->bite_history || in_array($this->input('worst'), ['bite', 'skin'], true),
            'hides_signs' => $dog->hides_signs || $this->boolean('corrections'),
            'health_note' => $this->validated('health_note'),
        ]);
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
