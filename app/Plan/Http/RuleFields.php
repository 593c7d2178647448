<?php

declare(strict_types=1);

namespace App\Plan\Http;

use Core\Decision\RuleSettings;
use Core\Method\Choice;
use Illuminate\Validation\Rule;

/** The rules of a plan as typed: for a new plan and for one that runs. */
final readonly class RuleFields
{
    public const CAUTION = ['usual', 'cautious'];

    public const OUTINGS_A_WEEK = [0.5, 21];

    /**
     * @param  array<string, Choice>  $choices  of the method, by key
     * @return array<string, list<mixed>>
     */
    public static function rules(array $choices): array
    {
        /** @var array<string, list<mixed>> $rules */
        $rules = [
            'caution' => ['required', Rule::in(self::CAUTION)],
            'most_advances' => ['required', 'integer', self::between(RuleSettings::ADVANCES)],
            'set_minutes' => ['required', 'integer', self::between(RuleSettings::SET_MINUTES)],
            'session_minutes' => ['required', 'integer', self::between(RuleSettings::SESSION_MINUTES), 'gte:set_minutes'],
            'easy_after' => ['nullable', 'integer', self::between([0, RuleSettings::EASY_AFTER[1]])],
            'outings_a_week' => ['nullable', 'numeric', self::between(self::OUTINGS_A_WEEK)],
            'choices' => ['nullable', 'array:'.implode(',', array_keys($choices))],
        ];
        foreach ($choices as $key => $choice) {
            $rules["choices.{$key}"] = ['nullable', Rule::in($choice->options)];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'session_minutes.gte' => say('messages.plan_rules.a_session_is_at_least_as'),
            'easy_after.*' => say('messages.plan_rules.give_1_to_9_good_ones'),
            'outings_a_week.*' => say('messages.plan_rules.give_0_5_to_21_outings'),
            'choices.*' => say('messages.plan_rules.choose_one_of_the_options_shown'),
        ];
    }

    /** @param  array{int|float, int|float}  $range */
    private static function between(array $range): string
    {
        return 'between:'.implode(',', $range);
    }
}
