<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Plan\SoundDraft;
use App\Support\Fields;
use Core\Exception\InvalidMeasure;
use Core\Measure\SoundLevel;
use Core\Sound\Player;
use Core\Sound\Recording;
use Illuminate\Validation\Rule;

/** What is played and how loud it was found to be, as typed: for a new plan and for one that runs. */
final readonly class SoundFields
{
    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'recording.*' => say('messages.sound.recording'),
            'read_level.required' => say('messages.sound.read_level_required'),
            'read_level.*' => say('messages.sound.read_level'),
            'read_percent.required_with' => say('messages.sound.read_percent_required_with'),
            'read_percent.*' => say('messages.sound.read_percent'),
            'onset_seconds.*' => say('messages.sound.onset_seconds'),
            'ceiling.numeric' => say('messages.sound.ceiling_numeric'),
        ];
    }

    /**
     * @param  bool  $isConfirmed  a ceiling above 70 dB(A) is meant
     * @return array<string, list<mixed>>
     */
    public static function rules(bool $isConfirmed): array
    {
        return [
            'recording' => ['nullable', Rule::enum(Recording::class)],
            'read_level' => ['nullable', 'numeric', 'between:20,110'],
            'read_percent' => ['nullable', 'required_with:read_level', 'numeric', 'gt:0', 'max:100'],
            'ceiling_confirmed' => ['nullable', 'boolean'],
            'onset_seconds' => ['nullable', 'numeric', 'between:0.1,30'],
            'ceiling' => ['nullable', 'numeric',
                static function (string $attribute, mixed $value, \Closure $fail) use ($isConfirmed): void {
                    try {
                        SoundLevel::ceiling(is_numeric($value) ? (float) $value : 0.0, $isConfirmed);
                    } catch (InvalidMeasure) {
                        $fail(
                            $isConfirmed
                                ? say('messages.sound_fields.the_ceiling_must_be_30_to')
                                : say('messages.sound_fields.the_ceiling_must_be_30_to_2'),
                        );
                    }
                }],
        ];
    }

    /** @param  array<mixed>  $data  validated */
    public static function draft(array $data): SoundDraft
    {
        $given = Fields::of($data);

        return new SoundDraft(
            Recording::tryFrom($given->text('recording')), $given->numberOrNull('read_level'), $given->numberOrNull('read_percent'),
            $given->numberOrNull('ceiling') ?? SoundLevel::USUAL_CEILING, $given->numberOrNull('onset_seconds') ?? Player::ONSET_SECONDS,
        );
    }
}
