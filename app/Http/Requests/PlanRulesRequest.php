<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Advice\CoreCatalogs;
use Core\Method\Choice;
use Core\Response\RiskLimits;
use Illuminate\Database\Connection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The rules of a plan, changed while it runs: they hold from the next trial on. */
final class PlanRulesRequest extends FormRequest
{
    use OfPlan;

    /** @return array<string, list<mixed>> */
    public function rules(CoreCatalogs $catalogs): array
    {
        $choices = $catalogs->methods()->choices;

        return [
            'caution' => ['required', Rule::in(['usual', 'cautious'])],
            'most_advances' => ['required', 'integer', 'between:1,5'],
            'set_minutes' => ['required', 'integer', 'between:1,30'],
            'session_minutes' => ['required', 'integer', 'between:3,90', 'gte:set_minutes'],
            'easy_after' => ['nullable', 'integer', 'between:0,9'],
            'outings_a_week' => ['required', 'numeric', 'between:0.5,21'],
            'trials_an_outing' => ['nullable', 'integer', 'between:1,200', Rule::prohibitedIf($this->plan()->place_id === null)],
            'choices' => ['nullable', 'array:'.implode(',', array_keys($choices))],
            ...array_combine(array_map(static fn (string $key): string => "choices.{$key}", array_keys($choices)), array_map(static fn (Choice $choice): array => ['nullable', Rule::in(array_keys($choice->options))], array_values($choices))),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'session_minutes.gte' => 'A session is at least as long as one of its sets.', 'easy_after.*' => 'Give 1 to 9 good ones before an easy one, or 0 for never.', 'outings_a_week.*' => 'Give 0.5 to 21 outings a week.',
            'trials_an_outing.prohibited' => 'The plan has no fixed place to count trials at.', 'trials_an_outing.*' => 'Give 1 to 200 trials an outing.', 'choices.*' => 'Choose one of the options shown.',
        ];
    }

    public function store(): void
    {
        $plan = $this->plan();
        $limits = $this->validated('caution') === 'cautious' || $plan->responseModel->dog->isCautious() ? RiskLimits::cautious() : RiskLimits::usual();
        $this->container->make(Connection::class)->transaction(function () use ($plan, $limits): void {
            $plan->update([
                'strain_limit' => $limits->strain, 'reaction_limit' => $limits->reaction, 'most_advances' => $this->integer('most_advances'), 'set_minutes' => $this->integer('set_minutes'),
                'session_minutes' => $this->integer('session_minutes'), 'outings_a_week' => $this->float('outings_a_week'), 'easy_after' => $this->integer('easy_after', $plan->easy_after), 'choices' => [...$plan->choices ?? [], ...$this->array('choices')],
            ]);
            if ($this->filled('trials_an_outing')) {
                $plan->place?->update(['trials_an_outing' => $this->integer('trials_an_outing')]);
            }
        });
    }
}
