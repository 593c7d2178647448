<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Plans\SoundDraft;
use Core\Exception\InvalidMeasure;
use Core\Sound\Player;
use Core\Sound\Recording;
use Core\Sound\SoundLevel;
use Illuminate\Validation\Rule;

/** What is played and how loud it was found to be, as typed: for a new plan and for one that runs. */
final readonly class SoundFields
{
    public const MESSAGES = [
        'recording.*' => 'Choose one of the recordings, or the real thing.',
        'read_level.required' => 'Give the reading again: this plan is told in dB(A) since it was measured.',
        'read_level.*' => 'The level that was read must be 20 to 110 dB(A).',
        'read_percent.required_with' => 'Say at how much of the player it was read.',
        'read_percent.*' => 'The share of the player must be over 0 and at most 100 %.',
        'onset_seconds.*' => 'The onset must be 0.1 to 30 seconds.',
        'ceiling.numeric' => 'Give the ceiling as a number of dB(A).',
    ];

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
            'ceiling' => ['nullable', 'numeric', static function (string $attribute, mixed $value, \Closure $fail) use ($isConfirmed): void {
                try {
                    SoundLevel::ceiling(is_numeric($value) ? (float) $value : 0.0, $isConfirmed);
                } catch (InvalidMeasure) {
                    $fail($isConfirmed ? 'The ceiling must be 30 to 80 dB(A) at the dog; never above.' : 'The ceiling must be 30 to 70 dB(A) at the dog. Up to 80 only if you tick that you mean it; never above.');
                }
            }],
        ];
    }

    /** @param  array<string, mixed>  $data  validated */
    public static function draft(array $data): SoundDraft
    {
        $number = static fn (string $field): ?float => is_numeric($data[$field] ?? null) ? (float) $data[$field] : null;

        return new SoundDraft(
            Recording::tryFrom(is_string($data['recording'] ?? null) ? $data['recording'] : ''), $number('read_level'), $number('read_percent'),
            $number('ceiling') ?? SoundLevel::USUAL_CEILING, $number('onset_seconds') ?? Player::ONSET_SECONDS,
        );
    }
}
