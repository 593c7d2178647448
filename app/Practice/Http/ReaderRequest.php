<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Models\Role;
use App\Models\User;
use Core\Measure\DistanceUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Words\Lexicon;

/** Language, units and clock: of a user, who may leave each as the practice has it, or of the practice. */
final class ReaderRequest extends FormRequest
{
    public const SYSTEMS = ['metric', 'imperial'];

    public const CLOCKS = ['12', '24'];

    public function authorize(): bool
    {
        return ! $this->isOfPractice() || $this->signedIn()->role === Role::Owner;
    }

    /** @return array<string, list<mixed>> */
    public function rules(Lexicon $lexicon): array
    {
        $isAsked = $this->isOfPractice() ? 'required' : 'nullable';

        return [
            'language' => [$isAsked, Rule::in($lexicon->languages())],
            'distance_unit' => [$isAsked, Rule::enum(DistanceUnit::class)],
            'system' => [$isAsked, Rule::in(self::SYSTEMS)],
            'clock' => [$isAsked, Rule::in(self::CLOCKS)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_map(
            static fn (string $field): string => say("settings.problems.{$field}"),
            ['language.*' => 'language', 'distance_unit.*' => 'distance_unit', 'system.*' => 'system', 'clock.*' => 'clock'],
        );
    }

    /** @return array{language: ?string, distance_unit: ?DistanceUnit, is_imperial: ?bool, is_clock24: ?bool} */
    public function columns(): array
    {
        $given = fn (string $field): ?string => $this->filled($field) ? $this->string($field)->value() : null;

        return [
            'language' => $given('language'),
            'distance_unit' => DistanceUnit::tryFrom($given('distance_unit') ?? ''),
            'is_imperial' => $given('system') === null ? null : $given('system') === 'imperial',
            'is_clock24' => $given('clock') === null ? null : $given('clock') === '24',
        ];
    }

    private function isOfPractice(): bool
    {
        return $this->routeIs('settings.practice');
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
