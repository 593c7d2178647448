<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Assessments\AssessmentDraft;
use App\Assessments\Tried;
use App\Models\Person;
use App\Models\Place;
use App\Models\Trigger;
use App\Models\User;
use App\Templates\TemplateShelf;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Sign\Band;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Where the dog is fine and where not: distances with the two tests, or the steps of a ladder. */
final class AssessmentRequest extends FormRequest
{
    use OfDog;

    public const ROWS = 6;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $distance = new TypedDistance($this->signedIn()->distance_unit);
        $practice = $this->dog()->practice_id;

        return [
            'kind' => ['required', Rule::enum(PlanKind::class)],
            'trigger_id' => ['nullable', 'integer', Rule::exists(Trigger::class, 'id')->where('dog_id', $this->dog()->id)->where('kind', $this->kind()->value)],
            'trigger_name' => ['required_without:trigger_id', 'nullable', 'string', 'max:120', Rule::unique(Trigger::class, 'name')->where('dog_id', $this->dog()->id)->whereNot('kind', $this->kind()->value)],
            'person_id' => ['required', 'integer', Rule::exists(Person::class, 'id')->where('practice_id', $practice)],
            'place_id' => ['nullable', 'integer', Rule::exists(Place::class, 'id')->where('practice_id', $practice)],
            'reaction' => ['nullable', $distance],
            'template' => [Rule::requiredIf($this->kind() !== PlanKind::Presence), 'nullable', 'string', 'max:60'],
            'tried' => ['nullable', 'array', 'max:200'],
            'tried.*' => ['array'],
            'tried.*.distance' => ['nullable', $distance],
            'tried.*.cue' => ['nullable', Rule::in(['1', '0', 1, 0])],
            'tried.*.food' => ['nullable', Rule::in(['gently', 'hard', 'refused'])],
            'tried.*.band' => ['nullable', Rule::in(['', '0', '1', '2', '3', '4'])],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'trigger_name.required_without' => 'Say what the dog reacts to, or choose a trigger it already has.',
            'trigger_name.unique' => 'This dog has a trigger of that name, of another kind. Give another name.',
            'person_id.*' => 'Choose who handles the dog.', 'template.required' => 'Choose the ladder whose steps were tried.',
            'tried.*.band' => 'Choose how it took it.', 'tried.*.food' => 'Choose how it took the food.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if ($this->kind() !== PlanKind::Presence && ($this->container->make(TemplateShelf::class)->of($this->dog()->practice_id)->templates[$this->template()] ?? null)?->kind !== $this->kind()) {
                $validator->errors()->add('template', 'Choose one of the templates of this kind.');
            }
            foreach ($this->rows() as $i => $row) {
                if ($this->kind() === PlanKind::Presence && ! isset($row['distance']) && $row !== []) {
                    $validator->errors()->add("tried.{$i}.distance", 'Give the distance of this test too, or clear the row.');
                }
                if (isset($row['distance']) && $this->kind() === PlanKind::Presence && count($row) === 1) {
                    $validator->errors()->add("tried.{$i}.band", 'Say how it went there: the cue, the food, or what you saw.');
                }
            }
            if (array_filter($this->rows()) === [] && ! $this->filled('reaction')) {
                $validator->errors()->add($this->kind() === PlanKind::Presence ? 'reaction' : 'tried', 'Give at least one thing that was seen: where it reacts, or how one test went.');
            }
        });
    }

    private function kind(): PlanKind
    {
        return PlanKind::tryFrom($this->string('kind')->value()) ?? PlanKind::Presence;
    }

    private function template(): string
    {
        return $this->string('template')->value();
    }

    public function toDraft(): AssessmentDraft
    {
        $isPresence = $this->kind() === PlanKind::Presence;
        $unit = $this->signedIn()->distance_unit;

        return new AssessmentDraft(
            $this->kind(),
            $this->filled('trigger_id') ? $this->integer('trigger_id') : null,
            trim($this->string('trigger_name')->value()),
            $this->integer('person_id'),
            $this->filled('place_id') ? Place::query()->find($this->integer('place_id')) : null,
            $this->filled('reaction') && $isPresence ? Distance::from((float) $this->input('reaction'), $unit) : null,
            $isPresence ? null : $this->template(),
            array_values(array_map(static fn (array $row, int $i): Tried => new Tried(
                $i, isset($row['distance']) ? Distance::from((float) $row['distance'], $unit)->meters : null, isset($row['cue']) ? $row['cue'] === '1' : null, $row['food'] ?? null,
                isset($row['band']) ? Band::from((int) $row['band']) : null,
            ), array_filter($this->rows()), array_keys(array_filter($this->rows())))),
            $this->filled('note') ? $this->string('note')->value() : null,
        );
    }

    /** @return array<int, array<string, string>> what was filled in, by row */
    private function rows(): array
    {
        $rows = [];
        foreach (is_array($this->input('tried')) ? $this->input('tried') : [] as $i => $row) {
            $rows[(int) $i] = array_filter(array_map(static fn (mixed $value): string => is_scalar($value) ? (string) $value : '', is_array($row) ? $row : []), static fn (string $value): bool => $value !== '');
        }

        return $rows;
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
