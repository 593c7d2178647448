<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Engine\CoreCatalogs;
use App\Input\OfPlan;
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
            ...array_combine(array_map(static fn (string $key): string => "choices.{$key}", array_keys($choices)), array_map(static fn (Choice $choice): array => ['nullable', Rule::in($choice->options)], array_values($choices))),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'session_minutes.gte' => say('messages.plan_rules.a_session_is_at_least_as'), 'easy_after.*' => say('messages.plan_rules.give_1_to_9_good_ones'), 'outings_a_week.*' => say('messages.plan_rules.give_0_5_to_21_outings'),
            'trials_an_outing.prohibited' => say('messages.plan_rules.the_plan_has_no_fixed_place'), 'trials_an_outing.*' => say('messages.plan_rules.give_1_to_200_trials_an'), 'choices.*' => say('messages.plan_rules.choose_one_of_the_options_shown'),
        ];
    }

    public function store(): void
    {
        $plan = $this->plan();
        $limits = $this->validated('caution') === 'cautious' || $plan->responseModel->dog->isCautious() ? RiskLimits::cautious() : RiskLimits::usual();
        $this->container->make(Connection::class)->transaction(function () use ($plan, $limits): void {
            $plan->update([
                'strain_limit' => $limits->strain->value, 'reaction_limit' => $limits->reaction->value, 'most_advances' => $this->integer('most_advances'), 'set_minutes' => $this->integer('set_minutes'),
                'session_minutes' => $this->integer('session_minutes'), 'outings_a_week' => $this->float('outings_a_week'), 'easy_after' => $this->integer('easy_after', $plan->easy_after), 'choices' => [...$plan->choices ?? [], ...$this->array('choices')],
            ]);
            if ($this->filled('trials_an_outing')) {
                $plan->place?->update(['trials_an_outing' => $this->integer('trials_an_outing')]);
            }
        });
    }
}
