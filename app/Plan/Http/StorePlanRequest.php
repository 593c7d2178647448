<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Engine\CoreCatalogs;
use App\Input\MayHandle;
use App\Input\OfDog;
use App\Input\TypedDistance;
use App\Input\TypedMeasure;
use App\Input\TypedTraits;
use App\Library\TemplateRepository;
use App\Models\Assessment;
use App\Models\Item;
use App\Models\Person;
use App\Models\Place;
use App\Models\ResponseModel;
use App\Models\SoundSetUp;
use App\Models\Trigger;
use App\Models\User;
use App\People\NewHandler;
use App\Plan\LadderPlan;
use App\Plan\LadderProblems;
use App\Plan\PlanDraft;
use App\Plan\SoundDraft;
use App\Support\Fields;
use Core\Exception\CoreException;
use Core\Exception\InvalidLadder;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\DimensionValue;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Ladder\StepData;
use Core\Measure\Distance;
use Core\Measure\LevelScale;
use Core\Response\RiskCaps;
use Core\Template\TemplateCatalog;
use Core\Template\TemplateStep;
use Core\Wearing\Phase;
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
        $distance = new TypedDistance($this->signedIn()->units()->distance);
        $practice = $this->dog()->practice_id;
        $dimensions = $catalogs->dimensions($this->kind());
        $dimensions = $this->kind() === PlanKind::Sound ? $dimensions->withLevels($this->scale()) : $dimensions;
        $measure = $this->kind() === PlanKind::Presence
            ? $distance
            : new TypedMeasure($dimensions, DimensionKey::leading($this->kind())->value);

        return [
            'kind' => ['nullable', Rule::enum(PlanKind::class)],
            'name' => ['nullable', 'string', 'max:120'],
            'trigger_id' => ['nullable', 'integer', Rule::exists(
                Trigger::class, 'id',
            )->where('dog_id', $this->dog()->id)->where('kind', $this->kind()->value)],
            'trigger_name' => ['required_without:trigger_id', 'nullable', 'string', 'max:120', Rule::unique(
                Trigger::class, 'name',
            )->where('dog_id', $this->dog()->id)->whereNot('kind', $this->kind()->value)],
            'traits' => ['nullable', 'string', 'max:1000'],
            NewHandler::FIELD => NewHandler::RULES,
            'person_id' => [
                'required', 'integer', Rule::exists(Person::class, 'id')->where('practice_id', $practice), new MayHandle($this->dog()->id),
            ],
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
            'item_id' => ['nullable', 'integer', Rule::exists(Item::class, 'id')->where('dog_id', $this->dog()->id)],
            'phase' => ['required_with:item_id', 'nullable', Rule::enum(Phase::class)],
            ...RuleFields::rules($catalogs->methods()->choices),
            ...($this->kind() === PlanKind::Sound ? SoundFields::rules($this->boolean('ceiling_confirmed')) : []),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'person_name.*' => say('people.problems.person_name'),
            'kind.*' => say('messages.store_plan.choose_what_the_plan_works_on'),
            'trigger_name.required_without' => say('messages.store_plan.say_what_the_dog_reacts_to'),
            'trigger_name.unique' => say('messages.store_plan.this_dog_has_a_trigger_of'),
            'trigger_id.exists' => say('messages.store_plan.choose_one_of_this_dogs_triggers'),
            'person_id.required' => say('messages.store_plan.choose_who_handles_the_dog_progress'),
            'person_id.exists' => say('messages.store_plan.choose_one_of_the_handlers_in'),
            'method.*' => say('messages.store_plan.choose_one_of_the_methods_shown'),
            'ladder.*' => say('messages.store_plan.choose_where_the_ladder_comes_from'),
            'template.required_if' => say('messages.store_plan.choose_a_template'),
            'start.required' => $this->kind() === PlanKind::Presence
                ? say('messages.store_plan.give_the_distance_to_start_from')
                : say('messages.store_plan.give_the_value_to_start_from'),
            'goal.required' => $this->kind() === PlanKind::Presence
                ? say('messages.store_plan.give_the_distance_to_reach')
                : say('messages.store_plan.give_the_value_to_reach'),
            'run_length.between' => say('messages.store_plan.the_run_must_be_1_to'),
            'window.*' => say('messages.store_plan.leave_the_window_empty_for_in'),
            'item_id.*' => say('messages.store_plan.choose_one_of_this_dogs_items'),
            'phase.*' => say('messages.store_plan.say_which_part_of_it_putting'),
            ...RuleFields::messages(),
            'play.*' => say('messages.store_plan.choose_one_of_the_values_shown'),
            ...SoundFields::messages(),
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
        $triggerName = $triggerId === null
            ? trim($this->text('trigger_name'))
            : Trigger::query()->findOrFail($triggerId)->name;
        $run = $this->integer('run_length');
        $criterion = $this->filled('window') ? Criterion::share($run, $this->integer('window')) : Criterion::run($run);

        return new PlanDraft(
            $this->textOrNull('name') ?? ucfirst($triggerName),
            $this->kind(),
            $triggerId,
            $triggerName,
            $this->integer('person_id'),
            $this->methodKey(),
            $this->ladder(),
            $criterion->over($this->integer('sessions', 1), $this->integer('days')),
            RiskCaps::for($this->validated('caution') === 'cautious' || $this->dog()->isCautious()),
            traits: $this->traits(),
            placeId: $this->filled('place_id') ? $this->integer('place_id') : null,
            placeName: $this->textOrNull('place_name'),
            room: $this->distance('room'),
            reaction: $this->distance('reaction'),
            fineAt: $this->isQuietOnly() ? null : $this->distance('fine_at'),
            quietAt: $this->isQuietOnly() ? $this->distance('fine_at') : null,
            start: $this->measure('start'),
            goal: $this->measure('goal'),
            play: $this->play(),
            template: $this->ladder() === LadderPlan::Template ? $this->text('template') : null,
            startsAt: $this->startsAt(),
            goalWords: $this->textOrNull('goal_words'),
            choices: $this->choices(),
            outingsAWeek: $this->filled('outings_a_week') ? $this->float('outings_a_week') : 3.0,
            mostAdvances: $this->integer('most_advances'),
            setMinutes: $this->integer('set_minutes'),
            sessionMinutes: $this->integer('session_minutes'),
            easyAfter: $this->integer('easy_after'),
            itemId: $this->filled('item_id') ? $this->integer('item_id') : null,
            phase: Phase::tryFrom($this->text('phase')),
            sound: $this->kind() === PlanKind::Sound ? $this->sound() : null,
        );
    }

    public function kind(): PlanKind
    {
        return PlanKind::tryFrom($this->text('kind')) ?? PlanKind::Presence;
    }

    private function ladder(): LadderPlan
    {
        return LadderPlan::tryFrom($this->text('ladder')) ?? LadderPlan::EqualRatios;
    }

    /** The template's own where one is chosen and nothing else is said. */
    private function methodKey(): string
    {
        if ($this->filled('method')) {
            return $this->text('method');
        }

        return $this->ladder() === LadderPlan::Template
            ? $this->templates()->template($this->text('template'))->method->key
            : (string) array_key_first($this->container->make(CoreCatalogs::class)->methods()->suiting($this->kind()));
    }

    /** A template of hands or of a skill needs no start and goal: its steps say all. */
    private function needsMeasure(): bool
    {
        return $this->ladder() !== LadderPlan::Template || $this->kind() === PlanKind::Presence;
    }

    private function isFineNearerThanItReacts(): bool
    {
        return $this->filled('fine_at') && $this->filled('reaction') && $this->float('fine_at') <= $this->float('reaction');
    }

    /** A dog that was corrected may be silent where it is not fine: what was told is a fact, and no evidence. */
    private function isQuietOnly(): bool
    {
        return $this->isFineNearerThanItReacts() && $this->dog()->hides_signs;
    }

    private function checkTogether(Validator $validator): void
    {
        $dimension = $this->container->make(CoreCatalogs::class)
            ->dimensions($this->kind())->dimension(DimensionKey::leading($this->kind())->value);
        [$start, $goal] = [$this->measure('start'), $this->measure('goal')];
        if ($start !== null && $goal !== null && $dimension->covariate($goal, 1.0) <= $dimension->covariate($start, 1.0)) {
            $validator->errors()->add(
                'goal',
                $this->kind() === PlanKind::Presence
                    ? say('messages.store_plan.the_goal_must_be_nearer_than')
                    : say('messages.store_plan.the_goal_must_be_harder_than'),
            );
        }
        if ($this->isFineNearerThanItReacts() && ! $this->isQuietOnly()) {
            $validator->errors()->add('fine_at', say('messages.store_plan.the_dog_cannot_be_fine_nearer'));
        }
        $room = $this->filled('place_id') ? Place::query()->find($this->integer('place_id'))?->room_meters : null;
        $room ??= $this->distance('room')?->meters;
        if ($this->kind() === PlanKind::Presence && $room !== null && $start > $room + 0.01) {
            $validator->errors()->add('start', say('messages.store_plan.the_start_is_farther_than_this'));
        }
        if (
            $this->ladder() === LadderPlan::Template
                && ($this->templates()->templates[$this->text('template')] ?? null)?->kind !== $this->kind()
        ) {
            $validator->errors()->add('template', say('messages.store_plan.choose_one_of_the_templates_of'));
        } else {
            $sound = $this->kind() === PlanKind::Sound ? $this->soundBefore() ?? new SoundSetUp($this->sound()->columns(null)) : null;
            foreach (LadderProblems::of(
                $this->stepsAsked(), $this->dog()->id, $this->integer('session_minutes'), $sound,
            ) as $field => $message) {
                $validator->errors()->add($field, $message);
            }
        }
        $catalog = $this->container->make(CoreCatalogs::class)->dimensions($this->kind());
        try {
            StepData::values($this->play(), $catalog, 'play');
        } catch (InvalidLadder $problem) {
            $validator->errors()->add(str_replace('/', '.', $problem->pointer), words()->error($problem, $catalog));
        } catch (CoreException $problem) {
            $validator->errors()->add('play', words()->error($problem, $catalog));
        }
    }

    /** @return list<array<string, float|string>> what the ladder would ask for, as far as the form tells */
    private function stepsAsked(): array
    {
        if ($this->ladder() !== LadderPlan::Template) {
            return [[
                ...$this->play(),
                ...(
                    $this->kind() === PlanKind::Presence || $this->measure('goal') === null
                        ? []
                        : [DimensionKey::leading($this->kind())->value => $this->measure('goal')]
                ),
            ]];
        }
        $template = $this->templates()->template($this->text('template'));

        // a ladder over the whole body leaves out what hands keep off
        return array_map(
            static fn (TemplateStep $step): array => $template->orderBy === 'body_area'
                ? array_diff_key($step->values, ['body_area' => true])
                : $step->values,
            array_values($this->templates()->steps($template)),
        );
    }

    /** @return array<string, list<mixed>> */
    private function playRules(DimensionCatalog $dimensions): array
    {
        $rules = array_map(static fn (Dimension $dimension): array => $dimension->kind->isMeasured()
            ? ['nullable', new TypedMeasure($dimensions, $dimension->key)]
            : ['nullable', Rule::in(array_map(static fn (DimensionValue $value): string => $value->key, $dimension->values))],
            $dimensions->dimensions);

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
        $play = [];
        foreach (Fields::of($this->all())->values('play') as $key => $value) {
            if ($value !== '' && $key !== DimensionKey::leading($this->kind())->value) {
                $play[$key] = (string) $value;
            }
        }

        return $play;
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
        $assessment = $this->filled('assessment') ? Assessment::query()->whereKey($this->integer('assessment'))->first() : null;
        $values = Fields::of($assessment?->proposal)->values('values');

        return $values === []
            ? null
            : array_map(static fn (float|int|string $value): float|string => is_string($value) ? $value : (float) $value, $values);
    }

    private function textOrNull(string $field): ?string
    {
        return $this->filled($field) ? $this->text($field) : null;
    }

    /** Also before anything is checked: what is no text is empty. */
    private function text(string $field): string
    {
        return Fields::of($this->all())->text($field);
    }

    /** In meters, or in the unit of the kind's leading measure. */
    private function measure(string $field): ?float
    {
        return match (true) {
            ! $this->filled($field) => null,
            $this->kind() === PlanKind::Presence => $this->distance($field)?->meters,
            $this->kind() === PlanKind::Sound => $this->scale()->toStored($this->float($field)),
            default => $this->float($field),
        };
    }

    private function sound(): SoundDraft
    {
        return SoundFields::draft($this->all());
    }

    /** What was set up for this sound and this person before; a second plan goes on with it. */
    private function soundBefore(): ?SoundSetUp
    {
        $model = $this->filled('trigger_id') ? ResponseModel::query()
            ->where('dog_id', $this->dog()->id)->where('trigger_id', $this->integer('trigger_id'))
            ->where('person_id', $this->integer('person_id'))->first() : null;

        return $model === null ? null : SoundSetUp::of($model);
    }

    private function scale(): LevelScale
    {
        return $this->soundBefore()?->scale() ?? $this->sound()->scale(null);
    }

    private function distance(string $field): ?Distance
    {
        return $this->filled($field) && $this->kind() === PlanKind::Presence || $field === 'room' && $this->filled($field)
            ? Distance::from($this->float($field), $this->signedIn()->units()->distance) : null;
    }

    /** @return array<string, string> from lines such as "size: large" */
    private function traits(): array
    {
        return TypedTraits::read($this->text('traits'));
    }

    private function templates(): TemplateCatalog
    {
        return $this->container->make(TemplateRepository::class)->of($this->dog()->practice_id);
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
