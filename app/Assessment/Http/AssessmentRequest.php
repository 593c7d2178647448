<?php

declare(strict_types=1);

namespace App\Assessment\Http;

use App\Assessment\AssessmentDraft;
use App\Assessment\Tried;
use App\Input\OfDog;
use App\Input\TypedDistance;
use App\Library\TemplateRepository;
use App\Models\Person;
use App\Models\Place;
use App\Models\Trigger;
use App\Models\User;
use App\People\NewHandler;
use App\Support\Fields;
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
        $distance = new TypedDistance($this->signedIn()->units()->distance);
        $practice = $this->dog()->practice_id;

        return [
            'kind' => ['required', Rule::enum(PlanKind::class)],
            'trigger_id' => ['nullable', 'integer', Rule::exists(
                Trigger::class, 'id',
            )->where('dog_id', $this->dog()->id)->where('kind', $this->kind()->value)],
            'trigger_name' => ['required_without:trigger_id', 'nullable', 'string', 'max:120', Rule::unique(
                Trigger::class, 'name',
            )->where('dog_id', $this->dog()->id)->whereNot('kind', $this->kind()->value)],
            NewHandler::FIELD => NewHandler::RULES,
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
            'person_name.*' => say('people.problems.person_name'),
            'trigger_name.required_without' => say('messages.assessment.say_what_the_dog_reacts_to'),
            'trigger_name.unique' => say('messages.assessment.this_dog_has_a_trigger_of'),
            'person_id.*' => say('messages.assessment.choose_who_handles_the_dog'),
            'template.required' => say('messages.assessment.choose_the_ladder_whose_steps_were'),
            'tried.*.band' => say('messages.assessment.choose_how_it_took_it'),
            'tried.*.food' => say('messages.assessment.choose_how_it_took_the_food'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if (
                $this->kind() !== PlanKind::Presence && ($this->container->make(
                    TemplateRepository::class,
                )->of($this->dog()->practice_id)->templates[$this->template()] ?? null)?->kind !== $this->kind()
            ) {
                $validator->errors()->add('template', say('messages.assessment.choose_one_of_the_templates_of'));
            }
            foreach ($this->rows() as $i => $row) {
                if ($this->kind() === PlanKind::Presence && ! isset($row['distance']) && $row !== []) {
                    $validator->errors()->add("tried.{$i}.distance", say('messages.assessment.give_the_distance_of_this_test'));
                }
                if (isset($row['distance']) && $this->kind() === PlanKind::Presence && count($row) === 1) {
                    $validator->errors()->add("tried.{$i}.band", say('messages.assessment.say_how_it_went_there_the'));
                }
            }
            if (array_filter($this->rows()) === [] && ! $this->filled('reaction')) {
                $validator->errors()->add($this->kind() === PlanKind::Presence ? 'reaction' : 'tried', say(
                    'messages.assessment.give_at_least_one_thing_that',
                ));
            }
        });
    }

    private function kind(): PlanKind
    {
        return PlanKind::tryFrom(Fields::of($this->all())->text('kind')) ?? PlanKind::Presence;
    }

    private function template(): string
    {
        return Fields::of($this->all())->text('template');
    }

    public function toDraft(): AssessmentDraft
    {
        $isPresence = $this->kind() === PlanKind::Presence;
        $unit = $this->signedIn()->units()->distance;

        return new AssessmentDraft(
            $this->kind(),
            $this->filled('trigger_id') ? $this->integer('trigger_id') : null,
            trim($this->string('trigger_name')->value()),
            $this->integer('person_id'),
            $this->filled('place_id') ? Place::query()->find($this->integer('place_id')) : null,
            $this->filled('reaction') && $isPresence ? Distance::from($this->float('reaction'), $unit) : null,
            $isPresence ? null : $this->template(),
            array_values(array_map(static fn (array $row, int $i): Tried => new Tried(
                $i, isset($row['distance']) ? Distance::from((float) $row['distance'], $unit)->meters : null,
                isset($row['cue']) ? $row['cue'] === '1' : null, $row['food'] ?? null,
                isset($row['band']) ? Band::from((int) $row['band']) : null,
            ), array_filter($this->rows()), array_keys(array_filter($this->rows())))),
            $this->filled('note') ? $this->string('note')->value() : null,
        );
    }

    /** @return array<int, array<string, string>> what was filled in, by row */
    private function rows(): array
    {
        $rows = [];
        foreach (Fields::of($this->all())->list('tried') as $i => $row) {
            $rows[(int) $i] = array_filter(
                array_map(strval(...), Fields::of(['row' => $row])->values('row')), static fn (string $value): bool => $value !== '',
            );
        }

        return $rows;
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
