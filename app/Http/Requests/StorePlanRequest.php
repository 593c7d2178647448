<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Advice\CoreCatalogs;
use App\Items\Phase;
use App\Models\Assessment;
use App\Models\Item;
use App\Models\Person;
use App\Models\Place;
use App\Models\ResponseModel;
use App\Models\SoundSetUp;
use App\Models\Trigger;
use App\Models\User;
use App\Plans\LadderLimits;
use App\Plans\LadderPlan;
use App\Plans\PlanDraft;
use App\Plans\SoundDraft;
use App\Templates\TemplateShelf;
use Core\Exception\CoreException;
use Core\Exception\InvalidLadder;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionValue;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Ladder\StepData;
use Core\Measure\Distance;
use Core\Response\RiskLimits;
use Core\Sound\LevelScale;
use Core\Template\TemplateCatalog;
use Core\Template\TemplateStep;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A new plan, of any kind and from any ladder. */
final class StorePlanRequest extends FormRequest
{
    use OfDog;

    /** @return array<string, list<mixed>> */
    public function rules(CoreCatalogs $catalogs): array
    {
        $distance = new TypedDistance($this->signedIn()->distance_unit);
        $practice = $this->dog()->practice_id;
        $dimensions = $catalogs->dimensions($this->kind());
        $dimensions = $this->kind() === PlanKind::Sound ? $dimensions->withLevels($this->scale()) : $dimensions;
        $measure = $this->kind() === PlanKind::Presence ? $distance : new TypedMeasure($dimensions->dimension($this->kind()->leads()));

        return [
            'kind' => ['nullable', Rule::enum(PlanKind::class)],
            'name' => ['nullable', 'string', 'max:120'],
            'trigger_id' => ['nullable', 'integer', Rule::exists(Trigger::class, 'id')->where('dog_id', $this->dog()->id)->where('kind', $this->kind()->value)],
            'trigger_name' => ['required_without:trigger_id', 'nullable', 'string', 'max:120', Rule::unique(Trigger::class, 'name')->where('dog_id', $this->dog()->id)->whereNot('kind', $this->kind()->value)],
            'traits' => ['nullable', 'string', 'max:1000'],
            'person_id' => ['required', 'integer', Rule::exists(Person::class, 'id')->where('practice_id', $practice), new MayHandle($this->dog()->id)],
            'place_id' => ['nullable', 'integer', Rule::exists(Place::class, 'id')->where('practice_id', $practice)],
            'place_name' => ['nullable', 'string', 'max:120'],
            'room' => ['nullable', $distance],
            'reaction' => ['nullable', $distance],
            'fine_at' => ['nullable', $distance],
            'method' => ['nullable', Rule::in(array_keys($catalogs->methods()->suiting($this->kind())))],
            'ladder' => ['nullable', Rule::enum(LadderPlan::class)],
            'template' => ['nullable', 'required_if:ladder,template', 'string', 'max:60'],
            'assessment' => ['nullable', 'integer', Rule::exists(Assessment::class, 'id')->where('practice_id', $practice)],
            'start' => ['nullable', Rule::requiredIf($this->needsMeasure()), $measure],
            'goal' => ['nullable', Rule::requiredIf($this->needsMeasure() && $this->ladder() !== LadderPlan::ByHand), $measure],
            'play' => ['nullable', 'array:'.implode(',', array_keys($dimensions->dimensions))],
            ...$this->playRules($dimensions),
            'goal_words' => ['nullable', 'string', 'max:300'],
            'run_length' => ['required', 'integer', 'between:1,20'],
            'window' => ['nullable', 'integer', 'between:2,12', 'gte:run_length'],
            'sessions' => ['nullable', 'integer', 'between:1,20'],
            'days' => ['nullable', 'integer', 'between:0,90'],
            'caution' => ['required', Rule::in(['usual', 'cautious'])],
            'most_advances' => ['required', 'integer', 'between:1,5'],
            'set_minutes' => ['required', 'integer', 'between:1,30'],
            'session_minutes' => ['required', 'integer', 'between:3,90'],
            'easy_after' => ['nullable', 'integer', 'between:0,9'],
            'item_id' => ['nullable', 'integer', Rule::exists(Item::class, 'id')->where('dog_id', $this->dog()->id)],
            'phase' => ['required_with:item_id', 'nullable', Rule::enum(Phase::class)],
            'outings_a_week' => ['nullable', 'numeric', 'between:0.5,21'],
            'choices' => ['nullable', 'array:'.implode(',', array_keys($catalogs->methods()->choices))],
            ...array_map(static fn ($choice): array => ['nullable', Rule::in(array_keys($choice->options))], self::keyed('choices', $catalogs->methods()->choices)),
            ...($this->kind() === PlanKind::Sound ? SoundFields::rules($this->boolean('ceiling_confirmed')) : []),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Choose what the plan works on.',
            'trigger_name.required_without' => 'Say what the dog reacts to, or choose a trigger it already has.',
            'trigger_name.unique' => 'This dog has a trigger of that name, of another kind. Give another name.',
            'trigger_id.exists' => 'Choose one of this dog\'s triggers of this kind.',
            'person_id.required' => 'Choose who handles the dog: progress belongs to a dog and a person.',
            'person_id.exists' => 'Choose one of the handlers in the list.',
            'method.*' => 'Choose one of the methods shown for this kind of plan.',
            'ladder.*' => 'Choose where the ladder comes from.',
            'template.required_if' => 'Choose a template.',
            'start.required' => $this->kind() === PlanKind::Presence ? 'Give the distance to start from.' : 'Give the value to start from.',
            'goal.required' => $this->kind() === PlanKind::Presence ? 'Give the distance to reach.' : 'Give the value to reach.',
            'run_length.between' => 'The run must be 1 to 20 in a row.',
            'window.*' => 'Leave the window empty for "in a row", or give 2 to 12 trials, at least as many as the successes.',
            'easy_after.*' => 'Give 1 to 9 good ones before an easy one, or 0 for never.',
            'item_id.*' => 'Choose one of this dog\'s items.',
            'phase.*' => 'Say which part of it: putting on, wearing, taking off, or a branch.',
            'outings_a_week.*' => 'Give 0.5 to 21 outings a week.',
            'choices.*' => 'Choose one of the options shown.',
            'play.*' => 'Choose one of the values shown.',
            ...SoundFields::MESSAGES,
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->checkTogether($validator);
            }
        });
    }

    public function toDraft(): PlanDraft
    {
        $triggerId = $this->filled('trigger_id') ? $this->integer('trigger_id') : null;
        $triggerName = $triggerId === null ? trim((string) $this->validated('trigger_name')) : (string) Trigger::query()->whereKey($triggerId)->value('name');
        $isCautious = $this->validated('caution') === 'cautious' || $this->dog()->isCautious();
        $run = $this->integer('run_length');
        $criterion = $this->filled('window') ? Criterion::share($run, $this->integer('window')) : Criterion::run($run);

        return new PlanDraft(
            $this->filled('name') ? (string) $this->validated('name') : ucfirst($triggerName),
            $this->kind(),
            $triggerId,
            $triggerName,
            $this->integer('person_id'),
            $this->methodKey(),
            $this->ladder(),
            $criterion->over($this->integer('sessions', 1), $this->integer('days')),
            $isCautious ? RiskLimits::cautious() : RiskLimits::usual(),
            traits: $this->traits(),
            placeId: $this->filled('place_id') ? $this->integer('place_id') : null,
            placeName: $this->filled('place_name') ? (string) $this->validated('place_name') : null,
            room: $this->distance('room'),
            reaction: $this->distance('reaction'),
            fineAt: $this->distance('fine_at'),
            start: $this->measure('start'),
            goal: $this->measure('goal'),
            play: $this->play(),
            template: $this->ladder() === LadderPlan::Template ? (string) $this->validated('template') : null,
            startsAt: $this->startsAt(),
            goalWords: $this->filled('goal_words') ? (string) $this->validated('goal_words') : null,
            choices: $this->choices(),
            outingsAWeek: (float) ($this->validated('outings_a_week') ?? 3.0),
            mostAdvances: $this->integer('most_advances'),
            setMinutes: $this->integer('set_minutes'),
            sessionMinutes: $this->integer('session_minutes'),
            easyAfter: $this->integer('easy_after'),
            itemId: $this->filled('item_id') ? $this->integer('item_id') : null,
            phase: Phase::tryFrom($this->string('phase')->value()),
            sound: $this->kind() === PlanKind::Sound ? $this->sound() : null,
        );
    }

    public function kind(): PlanKind
    {
        return PlanKind::tryFrom($this->string('kind')->value()) ?? PlanKind::Presence;
    }

    private function ladder(): LadderPlan
    {
        return LadderPlan::tryFrom($this->string('ladder')->value()) ?? LadderPlan::EqualRatios;
    }

    /** The template's own where one is chosen and nothing else is said. */
    private function methodKey(): string
    {
        if ($this->filled('method')) {
            return $this->string('method')->value();
        }

        return $this->ladder() === LadderPlan::Template
            ? $this->shelf()->template($this->string('template')->value())->method->key
            : (string) array_key_first($this->container->make(CoreCatalogs::class)->methods()->suiting($this->kind()));
    }

    /** A template of hands or of a skill needs no start and goal: its steps say all. */
    private function needsMeasure(): bool
    {
        return $this->ladder() !== LadderPlan::Template || $this->kind() === PlanKind::Presence;
    }

    private function checkTogether(Validator $validator): void
    {
        $dimension = $this->container->make(CoreCatalogs::class)->dimensions($this->kind())->dimension($this->kind()->leads());
        [$start, $goal] = [$this->measure('start'), $this->measure('goal')];
        if ($start !== null && $goal !== null && $dimension->covariate($goal, 1.0) <= $dimension->covariate($start, 1.0)) {
            $validator->errors()->add('goal', $this->kind() === PlanKind::Presence ? 'The goal must be nearer than the start. Lower the goal, or start farther away.' : 'The goal must be harder than the start.');
        }
        if ($this->filled('fine_at') && $this->filled('reaction') && (float) $this->input('fine_at') <= (float) $this->input('reaction')) {
            $validator->errors()->add('fine_at', 'The dog cannot be fine nearer than where it reacts. Give a larger distance, or leave it empty.');
        }
        $room = $this->filled('place_id') ? Place::query()->find($this->integer('place_id'))?->room_meters : null;
        $room ??= $this->distance('room')?->meters;
        if ($this->kind() === PlanKind::Presence && $room !== null && $start > $room + 0.01) {
            $validator->errors()->add('start', 'The start is farther than this place allows. Start nearer, or choose a place with more room.');
        }
        if ($this->ladder() === LadderPlan::Template && ($this->shelf()->templates[$this->string('template')->value()] ?? null)?->kind !== $this->kind()) {
            $validator->errors()->add('template', 'Choose one of the templates of this kind.');
        } else {
            $sound = $this->kind() === PlanKind::Sound ? $this->soundBefore() ?? new SoundSetUp($this->sound()->columns(null)) : null;
            foreach (LadderLimits::problems($this->stepsAsked(), $this->dog()->id, $this->integer('session_minutes'), $sound) as $field => $message) {
                $validator->errors()->add($field, $message);
            }
        }
        try {
            StepData::values($this->play(), $this->container->make(CoreCatalogs::class)->dimensions($this->kind()), 'play');
        } catch (InvalidLadder $problem) {
            $validator->errors()->add(str_replace('/', '.', $problem->pointer), $problem->getMessage());
        } catch (CoreException $problem) {
            $validator->errors()->add('play', $problem->getMessage());
        }
    }

    /** @return list<array<string, float|string>> what the ladder would ask for, as far as the form tells */
    private function stepsAsked(): array
    {
        if ($this->ladder() !== LadderPlan::Template) {
            return [[...$this->play(), ...($this->kind() === PlanKind::Presence || $this->measure('goal') === null ? [] : [$this->kind()->leads() => $this->measure('goal')])]];
        }
        $template = $this->shelf()->template($this->string('template')->value());

        // a ladder over the whole body leaves out what hands keep off
        return array_map(static fn (TemplateStep $step): array => $template->orderBy === 'body_area' ? array_diff_key($step->values, ['body_area' => true]) : $step->values, array_values($this->shelf()->steps($template)));
    }

    /** @return array<string, list<mixed>> */
    private function playRules(DimensionCatalog $dimensions): array
    {
        $rules = array_map(static fn (Dimension $dimension): array => $dimension->kind->isMeasured()
            ? ['nullable', new TypedMeasure($dimension)]
            : ['nullable', Rule::in(array_map(static fn (DimensionValue $value): string => $value->key, $dimension->values))], $dimensions->dimensions);

        return self::keyed('play', $rules);
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $by
     * @return array<string, T>
     */
    private static function keyed(string $field, array $by): array
    {
        $keyed = [];
        foreach ($by as $key => $value) {
            $keyed["{$field}.{$key}"] = $value;
        }

        return $keyed;
    }

    /** @return array<string, string> what every step has besides the leading measure */
    private function play(): array
    {
        $play = is_array($this->input('play')) ? $this->input('play') : [];
        unset($play[$this->kind()->leads()]);

        return array_filter(array_map(static fn (mixed $value): string => is_scalar($value) ? (string) $value : '', $play), static fn (string $value): bool => $value !== '');
    }

    /** @return array<string, string> */
    private function choices(): array
    {
        $given = is_array($this->input('choices')) ? $this->input('choices') : [];
        $choices = [];
        foreach ($this->container->make(CoreCatalogs::class)->methods()->choices as $choice) {
            $choices[$choice->key] = is_string($given[$choice->key] ?? null) ? $given[$choice->key] : $choice->default;
        }

        return $choices;
    }

    /** @return ?array<string, float|string> */
    private function startsAt(): ?array
    {
        $values = $this->filled('assessment') ? Assessment::query()->whereKey($this->integer('assessment'))->first()->proposal['values'] ?? null : null;

        return is_array($values) ? array_map(static fn (mixed $value): float|string => is_string($value) ? $value : (is_numeric($value) ? (float) $value : 0.0), $values) : null;
    }

    /** In meters, or in the unit of the kind's leading measure. */
    private function measure(string $field): ?float
    {
        return match (true) {
            ! $this->filled($field) => null,
            $this->kind() === PlanKind::Presence => $this->distance($field)?->meters,
            $this->kind() === PlanKind::Sound => $this->scale()->kept((float) $this->input($field)),
            default => (float) $this->input($field),
        };
    }

    private function sound(): SoundDraft
    {
        return SoundFields::draft($this->all());
    }

    /** What was set up for this sound and this person before; a second plan goes on with it. */
    private function soundBefore(): ?SoundSetUp
    {
        $model = $this->filled('trigger_id') ? ResponseModel::query()->where('dog_id', $this->dog()->id)->where('trigger_id', $this->integer('trigger_id'))->where('person_id', $this->integer('person_id'))->first() : null;

        return $model === null ? null : SoundSetUp::of($model);
    }

    private function scale(): LevelScale
    {
        return $this->soundBefore()?->scale() ?? $this->sound()->scale(null);
    }

    private function distance(string $field): ?Distance
    {
        return $this->filled($field) && $this->kind() === PlanKind::Presence || $field === 'room' && $this->filled($field)
            ? Distance::from((float) $this->input($field), $this->signedIn()->distance_unit) : null;
    }

    /** @return array<string, string> from lines such as "size: large" */
    private function traits(): array
    {
        return TypedTraits::read((string) $this->input('traits'));
    }

    private function shelf(): TemplateCatalog
    {
        return $this->container->make(TemplateShelf::class)->of($this->dog()->practice_id);
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
