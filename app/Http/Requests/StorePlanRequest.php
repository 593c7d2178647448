<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Advice\CoreCatalogs;
use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\Trigger;
use App\Models\User;
use App\Plans\PlanDraft;
use Core\Measure\Distance;
use Core\Response\RiskLimits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

final class StorePlanRequest extends FormRequest
{
    public function authorize(): bool
    {
        Gate::authorize('plan', $this->dog());

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(CoreCatalogs $catalogs): array
    {
        $distance = new TypedDistance($this->signedIn()->distance_unit);
        $motions = array_map(static fn ($value): string => $value->key, $catalogs->dimensions->dimension('trigger_motion')->values);
        $ofPractice = $this->signedIn()->practice_id;

        return [
            'name' => ['nullable', 'string', 'max:120'],
            'trigger_id' => ['nullable', 'integer', Rule::exists(Trigger::class, 'id')->where('dog_id', $this->dog()->id)],
            'trigger_name' => ['required_without:trigger_id', 'nullable', 'string', 'max:120'],
            'traits' => ['nullable', 'string', 'max:1000'],
            'person_id' => ['required', 'integer', Rule::exists(Person::class, 'id')->where('practice_id', $ofPractice)],
            'place_id' => ['nullable', 'integer', Rule::exists(Place::class, 'id')->where('practice_id', $ofPractice)],
            'place_name' => ['nullable', 'string', 'max:120'],
            'room' => ['nullable', $distance],
            'reaction' => ['nullable', $distance],
            'fine_at' => ['nullable', $distance],
            'start' => ['required', $distance],
            'goal' => ['required', $distance],
            'motion' => ['nullable', Rule::in($motions)],
            'run_length' => ['required', 'integer', 'between:1,20'],
            'caution' => ['required', Rule::in(['usual', 'cautious'])],
            'most_advances' => ['required', 'integer', 'between:1,5'],
            'set_minutes' => ['required', 'integer', 'between:1,30'],
            'session_minutes' => ['required', 'integer', 'between:3,90'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'trigger_name.required_without' => 'Say what the dog reacts to, or choose a trigger it already has.',
            'person_id.required' => 'Choose who handles the dog: progress belongs to a dog and a person.',
            'person_id.exists' => 'Choose one of the handlers in the list.',
            'start.required' => 'Give the distance to start from.',
            'goal.required' => 'Give the distance to reach.',
            'run_length.between' => 'The run must be 1 to 20 in a row.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $start = (float) $this->input('start');
            if ((float) $this->input('goal') >= $start) {
                $validator->errors()->add('goal', 'The goal must be nearer than the start. Lower the goal, or start farther away.');
            }
            if ($this->filled('fine_at') && $this->filled('reaction') && (float) $this->input('fine_at') <= (float) $this->input('reaction')) {
                $validator->errors()->add('fine_at', 'The dog cannot be fine nearer than where it reacts. Give a larger distance, or leave it empty.');
            }
            $room = $this->filled('place_id') ? Place::query()->find($this->integer('place_id'))?->room_meters : null;
            $room ??= $this->distance('room')?->meters;
            if ($room !== null && $this->distance('start')?->meters > $room + 0.01) {
                $validator->errors()->add('start', 'The start is farther than this place allows. Start nearer, or choose a place with more room.');
            }
        });
    }

    public function toDraft(): PlanDraft
    {
        $triggerId = $this->filled('trigger_id') ? $this->integer('trigger_id') : null;
        $triggerName = $triggerId === null ? trim((string) $this->validated('trigger_name')) : (string) Trigger::query()->whereKey($triggerId)->value('name');
        $cautious = $this->validated('caution') === 'cautious' || $this->dog()->bite_history || $this->dog()->hides_signs;

        return new PlanDraft(
            $this->filled('name') ? (string) $this->validated('name') : ucfirst($triggerName),
            $triggerId,
            $triggerName,
            $this->traits(),
            $this->integer('person_id'),
            $this->filled('place_id') ? $this->integer('place_id') : null,
            $this->filled('place_name') ? (string) $this->validated('place_name') : null,
            $this->distance('room'),
            $this->distance('reaction'),
            $this->distance('fine_at'),
            $this->distance('start') ?? throw new \LogicException('Validated before.'),
            $this->distance('goal') ?? throw new \LogicException('Validated before.'),
            $this->filled('motion') ? (string) $this->validated('motion') : null,
            $this->integer('run_length'),
            $cautious ? RiskLimits::cautious() : RiskLimits::usual(),
            $this->integer('most_advances'),
            $this->integer('set_minutes'),
            $this->integer('session_minutes'),
            60,
        );
    }

    private function distance(string $field): ?Distance
    {
        return $this->filled($field) ? Distance::from((float) $this->input($field), $this->signedIn()->distance_unit) : null;
    }

    /** @return array<string, string> from lines such as "size: large" */
    private function traits(): array
    {
        $traits = [];
        foreach (preg_split('/\R/', (string) $this->input('traits')) ?: [] as $line) {
            [$name, $value] = [...array_map(trim(...), explode(':', $line, 2)), ''];
            if ($name !== '') {
                $traits[mb_substr($name, 0, 60)] = mb_substr($value, 0, 120);
            }
        }

        return array_slice($traits, 0, 20);
    }

    private function dog(): Dog
    {
        $dog = $this->route('dog');

        return $dog instanceof Dog ? $dog : throw new \LogicException('The route binds a dog.');
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
