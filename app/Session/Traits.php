<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\ResponseModel;
use App\Models\TrialTrait;

/** Who it was: the traits a trial may be marked with. "People" often means some people. */
final readonly class Traits
{
    /** Those that make a difference to most dogs (common practice), by key. */
    public const KNOWN = [
        'big', 'small', 'bearded', 'hat', 'fast', 'loud', 'wheels', 'child', 'off_leash', 'uniform', 'carrying', 'in_pairs',
    ];

    private const MOST = 40;

    /**
     * @param  list<string>  $also  that a trial has
     * @return list<array{key: string, label: string}> the known ones, what the intake says of the trigger, and what was typed before
     */
    public function of(ResponseModel $model, array $also = []): array
    {
        $typed = TrialTrait::query()->toBase()
            ->join('trials', 'trials.id', '=', 'trial_traits.trial_id')->join('sessions', 'sessions.id', '=', 'trials.session_id')
            ->join('plans', 'plans.id', '=', 'sessions.plan_id')->join(
                'response_models', 'response_models.id', '=', 'plans.response_model_id',
            )
            ->where('response_models.dog_id', $model->dog_id)->whereNotIn('trait', self::KNOWN)->groupBy('trait')
            ->orderByRaw('COUNT(*) DESC')->limit(self::MOST)->pluck('trait')->all();
        $told = $model->trigger->traits->map(static fn ($one): string => mb_substr(
            $one->value === '' ? $one->name : $one->value, 0, 40,
        ))->all();

        return array_map(
            static fn (string $key): array => ['key' => $key, 'label' => self::label($key)],
            array_values(array_unique(array_filter([...$told, ...self::KNOWN, ...$typed, ...$also], is_string(...)))),
        );
    }

    /** A known one in the reader's words, any other as it was typed. */
    public static function label(string $trait): string
    {
        return in_array($trait, self::KNOWN, true) ? say("labels.trait.{$trait}") : $trait;
    }
}
