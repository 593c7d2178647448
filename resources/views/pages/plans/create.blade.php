@use('App\Plan\LadderPlan')
@use('Core\Exposure\PlanKind')
@use('Core\Measure\Distance')
@php($isPresence = $kind === PlanKind::Presence)
@php($measureUnit = $isPresence ? $unit->value : ($kind === PlanKind::Sound ? say('plans.create.unit_sound')
    : trim(words()->unit($measure))))
@php($proposal = $assessment?->proposal)
@php($startValue = $proposal === null ? null
    : ($isPresence ? round(Distance::fromMeters((float) $proposal['values']['distance'])->as($unit), 1) : null))
@php($ladder = typed('ladder', $proposal['template'] ?? null ? 'template'
    : (request('template') ? 'template' : ($isPresence || $kind === PlanKind::Sound ? 'ratio' : 'template'))))
{{-- the usual rules: told in a sentence, and what the fields hold until somebody changes them --}}
@php($usual = ['run' => 5, 'steps' => 4, 'set' => $isPresence ? 4 : 3, 'session' => $isPresence ? 30 : 10,
    'easy' => $kind === PlanKind::Contact ? 3 : 0])
<x-layout :title="say('plans.create.new_plan_for', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('plans.create.new_plan_for', ['dog' => $dog->name]) }}</h1>
    @if($assessment)
        <p class="alert alert-warning">{{ say('plans.create.from_the_assessment_of_start_at',
            ['made_at' => words()->formats->monthDay($assessment->made_at), 'proposal' => $proposalWords]) }}</p>
    @else
        <nav class="mb-3 d-flex flex-wrap gap-2" aria-label="{{ say('plans.create.what_the_plan_works_on') }}">
            @foreach(PlanKind::cases() as $other)
                <a class="btn {{ $other === $kind ? 'btn-primary' : 'btn-outline-primary' }}"
                    href="{{ route('dogs.plans.create', [$dog, 'kind' => $other->value]) }}" @if($other === $kind) aria-current="page"
                    @endif>{{ words()->capital(words()->label($other)) }}</a>
            @endforeach
        </nav>
        <p>{{ say('plans.create.not_sure_where_to_start') }} <a href="{{ route('assessments.create',
            [$dog, 'kind' => $kind->value]) }}">{{ say('plans.create.assess_first') }}</a>{{ say('plans.create.the_engine_proposes_a_start_and') }}</p>
    @endif
    <x-problems />
    <form method="post" action="{{ route('dogs.plans.store', $dog) }}">
        @csrf
        <input type="hidden" name="kind" value="{{ $kind->value }}">
        @if($assessment)<input type="hidden" name="assessment" value="{{ $assessment->id }}">@endif
        <div class="row g-4">
            <section class="col-lg-6" aria-labelledby="about-head">
                <h2 class="mt-0" id="about-head">{{ say('plans.create.step_what') }}</h2>
                @if($triggers->isNotEmpty())
                    <x-choice name="trigger_id" :label="say($isPresence ? 'plans.create.about_trigger' : 'plans.create.about_thing')"
                        :options="$triggers->pluck('name', 'id')" :value="$assessed?->trigger_id"
                        :empty="say('plans.create.something_new_name_it_below')" />
                @endif
                <x-field name="trigger_name" :label="say($triggers->isNotEmpty() ? 'plans.create.something_new'
                    : ($isPresence ? 'plans.create.about_trigger' : 'plans.create.about_thing'))"
                    :hint="say('plans.create.one_kind_of_thing_delivery_carts')" maxlength="120" :required="$triggers->isEmpty()" />
                @if($kind === PlanKind::Contact)
                    <div class="row">
                        <div class="col-sm-6"><x-choice name="item_id" :label="say('plans.create.item')"
                            :options="$items->pluck('name', 'id')" :value="request('item')" :empty="say('plans.create.none')"
                            :hint="$items->isEmpty() ? say('plans.create.gear_hint') : null" /></div>
                        <div class="col-sm-6"><x-choice name="phase" :label="say('plans.create.which_part_of_it')"
                            :options="cases(Core\Wearing\Phase::cases())" :value="request('phase')"
                            :empty="say('plans.create.not_about_an_item')"
                            :hint="say('plans.create.putting_on_wearing_and_taking_off')" /></div>
                    </div>
                @endif
                <x-field name="goal_words" :label="say('plans.create.goal_in_words')"
                    :hint="say('plans.create.what_should_be_possible_in_the')" maxlength="300" />
                <details class="mb-3"><summary>{{ say('plans.create.traits_that_may_matter') }}</summary><div class="mt-2"><x-text
                    name="traits" :label="say('plans.create.traits')"
                    :hint="say('plans.create.one_a_line_for_example_size')" /></div></details>
            </section>
            <section class="col-lg-6" aria-labelledby="who-head">
                <h2 class="mt-0" id="who-head">{{ say('plans.create.step_who') }}</h2>
                <x-handler :label="say('plans.create.handler')" :options="$people->pluck('name', 'id')"
                    :value="$assessed->person_id ?? $people->firstWhere('user_id', auth()->id())?->id"
                    :hint="say('plans.create.progress_belongs_to_a_dog_and')" />
                <x-choice name="place_id" :label="say('plans.create.place')" :value="$assessment?->place_id"
                    :options="$places->mapWithKeys(fn ($place) => [$place->id => $place->room_meters
                    ? say('plans.create.room', ['place' => $place->name, 'distance' => words()->formats->meters($place->room_meters)])
                    : $place->name])" :empty="say('plans.create.not_fixed_or_a_new_one')" />
                <div class="row">
                    <div class="col-sm-7"><x-field name="place_name" :label="say('plans.create.new_place')" maxlength="120" /></div>
                    @if($isPresence)<div class="col-sm-5"><x-field name="room" :label="say('plans.create.room_there')" inputmode="decimal"
                        :suffix="$unit->value" /></div>@endif
                </div>
            </section>
            <section class="col-lg-6" aria-labelledby="from-head">
                <h2 class="mt-0" id="from-head">{{ say('plans.create.step_from') }}</h2>
                @if($kind === PlanKind::Contact)
                @include('partials.plan-template')
                @endif
                @if($isPresence)
                    <div class="row">
                        <div class="col-sm-6"><x-field name="reaction" :label="say('plans.create.reacts_at')" inputmode="decimal"
                            :suffix="$unit->value" :value="$assessed?->reference_stated
                            ? round(Distance::fromMeters($assessed->reference_meters)->as($unit), 1) : null"
                            :hint="say('plans.create.where_it_has_reacted_stated_once')" /></div>
                        <div class="col-sm-6"><x-field name="fine_at" :label="say('plans.create.known_to_be_fine_at')" inputmode="decimal"
                            :suffix="$unit->value" :hint="say('plans.create.counts_as_one_calm_trial')" /></div>
                    </div>
                @endif
                @if($kind === PlanKind::Sound)
                    <x-choice name="recording" :label="say('plans.create.recording')" :options="cases(Core\Sound\Recording::cases())"
                        :empty="say('plans.create.none_only_the_real_thing')" :hint="say('plans.create.it_can_be_tried_and_measured')" />
                    <p class="form-text">{{ say('plans.create.where_a_meter_was_read_at') }}</p>
                    <div class="row">
                        <div class="col-sm-6"><x-field name="read_percent" :label="say('plans.create.played_at')" inputmode="decimal"
                            :suffix="say('plans.create.of_the_player')" /></div>
                        <div class="col-sm-6"><x-field name="read_level" :label="say('plans.create.the_meter_read')" inputmode="decimal"
                            :suffix="say('plans.create.db_a')" /></div>
                        <div class="col-sm-6"><x-field name="ceiling" :label="say('plans.create.ceiling_at_the_dog')" inputmode="decimal"
                            :suffix="say('plans.create.db_a')" :value="Core\Measure\SoundLevel::USUAL_CEILING"
                            :hint="say('plans.create.never_above_80_common_practice')" /></div>
                    </div>
                    <x-flag name="ceiling_confirmed" :label="say('plans.create.above_70_db_a_is_meant')" />
                @endif
                @if($kind !== PlanKind::Contact)
                @include('partials.plan-ends')
                @endif
                <details class="mb-3" @if($errors->hasAny(['ladder', 'template', 'start', 'goal'])) open @endif><summary>{{ say('plans.create.laid',
                    ['how' => words()->label(LadderPlan::from($ladder))]) }}</summary><div class="mt-2">
                <fieldset class="mb-3">
                    <legend class="h6">{{ say('plans.create.from') }}</legend>
                    @foreach($sources as $source)
                        <div class="form-check"><input class="form-check-input" type="radio" name="ladder" value="{{ $source->value }}"
                            id="la-{{ $source->value }}" @checked($ladder === $source->value)><label class="form-check-label"
                            for="la-{{ $source->value }}">{{ words()->capital(words()->label($source)) }}</label></div>
                    @endforeach
                </fieldset>
                @if($kind !== PlanKind::Contact)
                @include('partials.plan-template')
                @else
                @include('partials.plan-ends')
                @endif
                </div></details>
                <details class="mb-3" @if($errors->has('play.*') || $errors->has('onset_seconds')) open @endif>
                    <summary>{{ say('plans.create.dimensions_in_play') }}</summary>
                    <p class="form-text">{{ say('plans.create.what_every_step_says_besides_one') }}</p>
                    <div class="row">
                        @if($kind === PlanKind::Sound)
                        <div class="col-sm-6"><x-field name="onset_seconds" :label="say('plans.create.a_swelling_sound_rises_for')"
                            inputmode="decimal" suffix="s" :value="Core\Sound\Player::ONSET_SECONDS" /></div>
                        @endif
                        @foreach($measured as $dimension)
                            <div class="col-sm-6"><x-field name="play[{{ $dimension->key }}]"
                                :label="words()->capital(words()->dimension($catalog, $dimension->key))" inputmode="decimal"
                                :suffix="trim(words()->unit($dimension))" :hint="say('plans.create.empty_not_in_play')" /></div>
                        @endforeach
                        @foreach($ordered as $dimension)
                            <div class="col-sm-6"><x-choice name="play[{{ $dimension->key }}]"
                                :label="words()->capital(words()->dimension($catalog, $dimension->key))"
                                :options="words()->choices($catalog, $dimension->key)" :empty="say('plans.create.not_in_play')"
                                :value="$dimension->key === 'trigger_motion' ? 'standing' : null" /></div>
                        @endforeach
                    </div>
                </details>
            </section>
            <section class="col-lg-6" aria-labelledby="careful-head">
                <h2 class="mt-0" id="careful-head">{{ say('plans.create.step_careful') }}</h2>
                <x-choice name="caution" :label="say('plans.create.accepted_risk_per_trial')"
                    :options="labels('plans.caps', ['usual', 'cautious'])" :value="$dog->isCautious() ? 'cautious' : 'usual'"
                    :hint="say('plans.create.cautious_with_a_bite_history_hidden')" />
                <p>{{ say('plans.create.unless_changed', $usual) }}</p>
                <details class="mb-3" @if($errors->hasAny(['run_length', 'window', 'sessions', 'days', 'most_advances', 'set_minutes',
                    'session_minutes', 'easy_after', 'outings_a_week', 'name'])) open @endif><summary>{{ say('plans.create.rules') }}</summary>
                <div class="mt-2">
                <div class="row">
                    <div class="col-sm-6"><x-field name="run_length" :label="say('plans.create.successes_in_a_row_to_move')" type="number"
                        :value="$usual['run']" min="1" max="20" required /></div>
                    <div class="col-sm-6"><x-field name="window" :label="say('plans.create.or_so_many_of_the_last')" type="number" min="2"
                        max="12" :hint="say('plans.create.empty_in_a_row')" /></div>
                    <div class="col-sm-6"><x-field name="sessions" :label="say('plans.create.in_so_many_sessions')" type="number" value="1"
                        min="1" max="20" /></div>
                    <div class="col-sm-6"><x-field name="days" :label="say('plans.create.over_so_many_days')" type="number" value="0"
                        min="0" max="90" /></div>
                    <div class="col-sm-6"><x-field name="most_advances" :label="say('plans.create.steps_onto_new_ground_a_session')"
                        type="number" :value="$usual['steps']" min="1" max="5" required /></div>
                    <div class="col-sm-6"><x-field name="set_minutes" :label="say('plans.create.minutes_a_set')" type="number"
                        :value="$usual['set']" min="1" max="30" required /></div>
                    <div class="col-sm-6"><x-field name="session_minutes" :label="say('plans.create.minutes_a_session')" type="number"
                        :value="$usual['session']" min="3" max="90" required /></div>
                    @if(! $isPresence)<div class="col-sm-6"><x-field name="easy_after"
                        :label="say('plans.create.an_easy_one_after_so_many')" type="number" :value="$usual['easy']"
                        min="0" max="9" :hint="say('plans.create.hard_and_easy_alternate_on_purpose')" /></div>@endif
                    <div class="col-sm-6"><x-field name="outings_a_week" :label="say('plans.create.outings_a_week')" type="number" value="3"
                        min="0.5" max="21" step="0.5" /></div>
                </div>
                <x-field name="name" :label="say('plans.create.name_of_the_plan')" maxlength="120" />
                </div></details>
                <details class="mb-3" @if($errors->has('method')) open @endif><summary>{{ $isPresence ? say('plans.create.method_told', ['method' =>
                    say('methods.methods.notice_and_turn_back.label')]) : say('plans.create.method_told',
                    ['method' => say('plans.create.as_the_template_says')]) }}</summary><div class="mt-2">
                <fieldset>
                    <legend class="visually-hidden">{{ say('plans.create.method') }}</legend>
                    <div class="form-check mb-1"><input class="form-check-input" type="radio" name="method" value="" id="me-own"
                        @checked(typed('method', $isPresence ? 'x' : '') === '' || typed('method', 'x') === null)><label
                        class="form-check-label" for="me-own">{{ say('plans.create.as_the_template_says') }}</label></div>
                    @foreach($methods as $method)
                        <div class="form-check mb-1">
                            <input class="form-check-input" type="radio" name="method" value="{{ $method->key }}" id="me-{{ $method->key }}"
                                @checked(typed('method', $isPresence ? 'notice_and_turn_back' : '') === $method->key)>
                            <label class="form-check-label"
                                for="me-{{ $method->key }}"><strong>{{ words()->capital(say("methods.methods.{$method->key}.label")) }}</strong> <span class="text-body-secondary">{{ say('plans.create.good_for', ['good_for' => say("methods.methods.{$method->key}.good_for")]) }}</span></label>
                            <details><summary class="form-text">{{ say('plans.create.how_it_goes') }}</summary><p
                                class="mb-1">{{ say("methods.methods.{$method->key}.trial") }}</p><p
                                class="mb-1">{{ say('plans.create.it_asks',
                                ['asks_of' => say("methods.methods.{$method->key}.asks")]) }}</p><p
                                class="mb-1">{{ say('plans.create.move_on',
                                ['advance_on' => say("methods.methods.{$method->key}.advance")]) }}</p><p
                                class="mb-2">{{ say('plans.create.first',
                                ['pluck' => collect($method->prerequisites)->map(fn ($skill) => say("methods.skills.{$skill->key}.label"))->implode(', ')]) }}</p></details>
                        </div>
                    @endforeach
                </fieldset>
                <details class="mb-3"><summary>{{ say('plans.create.why_there_are_no_corrections_here') }}</summary><p
                    class="mt-2">{{ say('methods.refusal') }}</p></details>
                </div></details>
                <details class="mb-3">
                    <summary>{{ say('plans.create.where_practitioners_differ') }}</summary>
                    <div class="mt-2">@foreach($choices as $choice)<x-choice name="choices[{{ $choice->key }}]"
                        :label="say('methods.choices.'.$choice->key.'.label')"
                        :options="labels('methods.choices.'.$choice->key.'.options', $choice->options)" :value="$choice->default"
                        :hint="say('plans.default', ['default' => say('methods.choices.'.$choice->key.'.options.'.$choice->default),
                        'why' => say('methods.choices.'.$choice->key.'.why')])" />@endforeach</div>
                </details>
                <button class="btn btn-next w-100">{{ say('plans.create.make_the_plan') }}</button>
            </section>
        </div>
    </form>
</x-layout>
