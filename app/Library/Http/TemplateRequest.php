<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Models\PracticeTemplate;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** What may be changed of a practice's template without a plan: its words, its order, its criteria, and which steps it has. */
final class TemplateRequest extends FormRequest
{
    public function authorize(): bool
    {
        Gate::authorize('update', $this->own());

        return true;
    }

    /** Another practice's template, one that ships and a missing one answer alike. */
    public function own(): PracticeTemplate
    {
        $key = $this->route('key');

        return PracticeTemplate::query()
            ->where('practice_id', $this->user()?->practice_id)->where('key', is_string($key) ? $key : '')->firstOrFail();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'label' => ['required', 'string', 'max:120'],
            'about' => ['required', 'string', 'max:600'],
            'steps' => ['required', 'array', 'max:200'],
            'steps.*.do' => ['nullable', 'string', 'max:300'],
            'steps.*.place' => ['required', 'integer', 'between:1,999'],
            'steps.*.run' => ['nullable', 'integer', 'between:1,20'],
            'steps.*.out' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'label.*' => say('messages.template.give_it_a_name_of_up'), 'about.*' => say('messages.template.say_in_up_to_600_characters'),
            'steps.*.place.*' => say('messages.template.number_the_steps_1_is_the'),
            'steps.*.run.*' => say('messages.template.ask_for_1_to_20_successes'),
            'steps.*.do.*' => say('messages.template.keep_each_instruction_under_300_characters'),
        ];
    }

    /**
     * @param  array<mixed>  $content  as kept
     * @return array<mixed>
     */
    public function changed(array $content): array
    {
        $typed = $this->array('steps');
        $kept = [];
        foreach (array_values(is_array($content['steps'] ?? null) ? $content['steps'] : []) as $i => $step) {
            $row = is_array($typed[$i] ?? null) ? $typed[$i] : [];
            if (! is_array($step) || filter_var($row['out'] ?? false, FILTER_VALIDATE_BOOLEAN)) {
                continue;
            }
            if (! isset($step['include'])) {
                $step['do'] = is_string($row['do'] ?? null) ? $row['do'] : $step['do'] ?? '';
                $step['criterion'] = [
                    ...is_array($step['criterion'] ?? null) ? $step['criterion'] : [],
                    ...(is_numeric($row['run'] ?? null) ? ['run' => (int) $row['run']] : []),
                ];
            }
            $kept[] = ['place' => is_numeric($row['place'] ?? null) ? (int) $row['place'] : $i + 1, 'step' => $step];
        }
        usort($kept, static fn (array $a, array $b): int => $a['place'] <=> $b['place']);

        return [
            ...$content, 'label' => $this->validated('label'), 'about' => $this->validated('about'),
            'steps' => array_column($kept, 'step'),
        ];
    }
}
