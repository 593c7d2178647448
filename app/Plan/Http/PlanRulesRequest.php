<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Engine\CoreCatalogs;
use App\Input\OfPlan;
use Core\Response\RiskCaps;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The rules of a plan, changed while it runs: they hold from the next trial on. */
final class PlanRulesRequest extends FormRequest
{
    use OfPlan;

    /** @return array<string, list<mixed>> */
    public function rules(CoreCatalogs $catalogs): array
    {
        return [
            ...RuleFields::rules($catalogs->methods()->choices),
            'outings_a_week' => ['required', ...array_slice(RuleFields::rules([])['outings_a_week'], 1)],
            'trials_an_outing' => ['nullable', 'integer', 'between:1,200', Rule::prohibitedIf($this->plan()->place_id === null)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...RuleFields::messages(),
            'trials_an_outing.prohibited' => say('messages.plan_rules.the_plan_has_no_fixed_place'),
            'trials_an_outing.*' => say('messages.plan_rules.give_1_to_200_trials_an'),
        ];
    }

    public function caps(): RiskCaps
    {
        return RiskCaps::for($this->validated('caution') === 'cautious' || $this->plan()->responseModel->dog->isCautious());
    }

    /** @return array<string, mixed> of the plan, besides its caps */
    public function columns(): array
    {
        $plan = $this->plan();

        return [
            'most_advances' => $this->integer('most_advances'), 'set_minutes' => $this->integer('set_minutes'),
            'session_minutes' => $this->integer('session_minutes'),
            'outings_a_week' => $this->float('outings_a_week'), 'easy_after' => $this->integer('easy_after', $plan->easy_after),
            'choices' => [...$plan->choices ?? [], ...$this->array('choices')],
        ];
    }

    public function trialsAnOuting(): ?int
    {
        return $this->filled('trials_an_outing') ? $this->integer('trials_an_outing') : null;
    }
}
