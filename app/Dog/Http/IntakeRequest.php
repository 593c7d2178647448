<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Engine\CoreCatalogs;
use App\Input\OfDog;
use App\Input\PastDay;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is told of a dog at the first meeting. All of it may be filled in later. */
final class IntakeRequest extends FormRequest
{
    use OfDog;

    public const WORST = ['none', 'growl', 'snap', 'bite', 'skin'];

    private const BITES = ['bite', 'skin'];

    private const FLAGS = ['sudden_change', 'pain_signs', 'guards_food', 'corrections', 'children_near'];

    /** @return array<string, list<mixed>> */
    public function rules(CoreCatalogs $catalogs): array
    {
        return [
            'arrived_on' => PastDay::rules('nullable'),
            'since' => ['nullable', 'string', 'max:120'],
            'how_often' => ['nullable', 'string', 'max:120'],
            'history' => ['nullable', 'string', 'max:4000'],
            'worst' => ['required', Rule::in(self::WORST)],
            'worst_facts' => ['nullable', 'string', 'max:500', Rule::requiredIf($this->hasBitten())],
            'vet_seen_on' => PastDay::rules('nullable'),
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
            'arrived_on.*' => say('messages.intake.give_the_day_it_came_as'),
            'vet_seen_on.*' => say('messages.intake.give_the_day_the_vet_saw'),
            'worst.*' => say('messages.intake.choose_the_worst_it_has_done'),
            'worst_facts.required' => say('messages.intake.a_bite_needs_its_facts_when'),
            'normal_signs.*.in' => say('messages.intake.choose_signs_from_the_list'),
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $given = Fields::of($this->validated());

        return [
            ...array_diff_key((array) $this->validated(), array_flip([...self::FLAGS, 'health_note'])),
            ...array_map($given->isOn(...), array_combine(self::FLAGS, self::FLAGS)),
            'normal_signs' => $given->texts('normal_signs'),
        ];
    }

    public function hasBitten(): bool
    {
        return in_array($this->input('worst'), self::BITES, true);
    }

    public function healthNote(): ?string
    {
        return Fields::of($this->validated())->textOrNull('health_note');
    }
}
