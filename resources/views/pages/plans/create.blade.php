@use('App\Plans\LadderPlan')
@use('Core\Exposure\PlanKind')
@use('Core\Measure\Distance')
@php($isPresence = $kind === PlanKind::Presence)
@php($measureUnit = $isPresence ? $unit->value : ($kind === PlanKind::Sound ? '% or dB(A)' : $measure->unit ?? ''))
@php($proposal = $assessment?->proposal)
@php($startValue = $proposal === null ? null : ($isPresence ? round(Distance::fromMeters((float) $proposal['values']['distance'])->as($unit), 1) : null))
@php($ladder = old('ladder', $proposal['template'] ?? null ? 'template' : (request('template') ? 'template' : ($isPresence || $kind === PlanKind::Sound ? 'ratio' : 'template'))))
<x-layout title="New plan for {{ $dog->name }}">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>New plan for {{ $dog->name }}</h1>
    @if($assessment)
        <p class="alert alert-warning">From the assessment of {{ $assessment->made_at->format('F j') }}: start at {{ $proposal['words'] }}.</p>
    @else
        <nav class="mb-3 d-flex flex-wrap gap-2" aria-label="What the plan works on">
            @foreach(PlanKind::cases() as $other)
                <a class="btn {{ $other === $kind ? 'btn-primary' : 'btn-outline-primary' }}" href="{{ route('dogs.plans.create', [$dog, 'kind' => $other->value]) }}" @if($other === $kind) aria-current="page" @endif>{{ ucfirst($other->label()) }}</a>
            @endforeach
        </nav>
        <p>Not sure where to start? <a href="{{ route('assessments.create', [$dog, 'kind' => $kind->value]) }}">Assess first</a>: the engine proposes a start and says how sure it is.</p>
    @endif
    <x-problems />
    <form method="post" action="{{ route('dogs.plans.store', $dog) }}">
        @csrf
        <input type="hidden" name="kind" value="{{ $kind->value }}">
        @if($assessment)<input type="hidden" name="assessment" value="{{ $assessment->id }}">@endif
        <div class="row g-4">
            <div class="col-lg-6">
                <h2 class="mt-0">What and who</h2>
                @if($triggers->isNotEmpty())
                    <x-choice name="trigger_id" :label="$isPresence ? 'What it reacts to' : 'What it is about'" :options="$triggers->pluck('name', 'id')" :value="$assessed?->trigger_id" empty="something new (name it below)" />
                @endif
                <x-field name="trigger_name" label="{{ $triggers->isEmpty() ? ($isPresence ? 'What it reacts to' : 'What it is about') : 'Something new' }}" hint="One kind of thing: delivery carts, horse riders, the nail grinder." maxlength="120" />
                <details class="mb-3"><summary>Traits that may matter</summary><div class="mt-2"><x-text name="traits" label="Traits" hint="One a line, for example “size: large” or “wheels: two”." /></div></details>
                <x-choice name="person_id" label="Handler" :options="$people->pluck('name', 'id')" :value="$assessed->person_id ?? $people->firstWhere('user_id', auth()->id())?->id" hint="Progress belongs to a dog and a person." />
                <x-choice name="place_id" label="Place" :value="$assessment?->place_id" :options="$places->mapWithKeys(fn ($place) => [$place->id => $place->name.($place->room_meters ? ', room for '.Distance::fromMeters($place->room_meters)->inWords($unit) : '')])" empty="not fixed, or a new one (name it below)" />
                <div class="row">
                    <div class="col-sm-7"><x-field name="place_name" label="New place" maxlength="120" /></div>
                    @if($isPresence)<div class="col-sm-5"><x-field name="room" label="Room there" inputmode="decimal" :suffix="$unit->value" /></div>@endif
                </div>
                @if($kind === PlanKind::Contact)
                    <div class="row">
                        <div class="col-sm-6"><x-choice name="item_id" label="Item" :options="$items->pluck('name', 'id')" :value="request('item')" empty="none" :hint="$items->isEmpty() ? 'Items are added on the dog\'s page.' : null" /></div>
                        <div class="col-sm-6"><x-choice name="phase" label="Which part of it" :options="collect(App\Items\Phase::cases())->mapWithKeys(fn ($phase) => [$phase->value => $phase->label()])" :value="request('phase')" empty="not about an item" hint="Putting on, wearing and taking off are ladders of their own." /></div>
                    </div>
                @endif
                <x-field name="goal_words" label="Goal, in words" hint="What should be possible in the end." maxlength="300" />

                <h2>Method</h2>
                <fieldset>
                    <legend class="visually-hidden">Method</legend>
                    <div class="form-check mb-1"><input class="form-check-input" type="radio" name="method" value="" id="me-own" @checked(old('method', $isPresence ? 'x' : '') === '' || old('method', 'x') === null)><label class="form-check-label" for="me-own">As the template says</label></div>
                    @foreach($methods as $method)
                        <div class="form-check mb-1">
                            <input class="form-check-input" type="radio" name="method" value="{{ $method->key }}" id="me-{{ $method->key }}" @checked(old('method', $isPresence ? 'notice_and_turn_back' : '') === $method->key)>
                            <label class="form-check-label" for="me-{{ $method->key }}"><strong>{{ ucfirst($method->label) }}</strong> <span class="text-body-secondary">good for {{ $method->goodFor }}</span></label>
                            <details><summary class="form-text">how it goes</summary><p class="mb-1">{{ $method->trial }}</p><p class="mb-1">It asks: {{ lcfirst($method->asksOf) }}</p><p class="mb-1">Move on: {{ lcfirst($method->advanceOn) }}</p><p class="mb-2">First: {{ collect($method->prerequisites)->pluck('label')->implode(', ') }}.</p></details>
                        </div>
                    @endforeach
                </fieldset>
                <details class="mb-3"><summary>Why there are no corrections here</summary><p class="mt-2">{{ $refusal }}</p></details>
            </div>
            <div class="col-lg-6">
                <h2 class="mt-0">The ladder</h2>
                <fieldset class="mb-3">
                    <legend class="h6">From</legend>
                    @foreach($sources as $source)
                        <div class="form-check"><input class="form-check-input" type="radio" name="ladder" value="{{ $source->value }}" id="la-{{ $source->value }}" @checked($ladder === $source->value)><label class="form-check-label" for="la-{{ $source->value }}">{{ ucfirst($source->label()) }}</label></div>
                    @endforeach
                </fieldset>
                <x-choice name="template" label="Template" :value="$proposal['template'] ?? request('template')" :options="collect($templates)->map(fn ($one) => $one->label)" empty="none" hint="Steps are put between where one would be too hard for this dog." />
                <p class="form-text"><a href="{{ route('templates.index') }}">Look at the templates</a></p>
                @if($isPresence)
                    <div class="row">
                        <div class="col-sm-6"><x-field name="reaction" label="Reacts at" inputmode="decimal" :suffix="$unit->value" :value="$assessed?->reference_stated ? round(Distance::fromMeters($assessed->reference_meters)->as($unit), 1) : null" hint="Where it has reacted. Stated once; the model counts from it." /></div>
                        <div class="col-sm-6"><x-field name="fine_at" label="Known to be fine at" inputmode="decimal" :suffix="$unit->value" hint="Counts as one calm trial." /></div>
                    </div>
                @endif
                @if($kind === PlanKind::Sound)
                    <x-choice name="recording" label="Recording" :options="collect(Core\Sound\Recording::cases())->mapWithKeys(fn ($recording) => [$recording->value => $recording->label()])" empty="none: only the real thing" hint="It can be tried, and measured, on the plan's sound page." />
                    <p class="form-text">Where a meter was read at the dog's place, levels are told in dB(A); else only in percent of the player. Start and goal are typed the same way.</p>
                    <div class="row">
                        <div class="col-sm-6"><x-field name="read_percent" label="Played at" inputmode="decimal" suffix="% of the player" /></div>
                        <div class="col-sm-6"><x-field name="read_level" label="The meter read" inputmode="decimal" suffix="dB(A)" /></div>
                        <div class="col-sm-6"><x-field name="ceiling" label="Ceiling at the dog" inputmode="decimal" suffix="dB(A)" :value="Core\Sound\SoundLevel::USUAL_CEILING" hint="Never above 80. Common practice." /></div>
                        <div class="col-sm-6"><x-field name="onset_seconds" label="A swelling sound rises for" inputmode="decimal" suffix="s" :value="Core\Sound\Player::ONSET_SECONDS" /></div>
                    </div>
                    <x-flag name="ceiling_confirmed" label="Above 70 dB(A) is meant, and was measured" />
                @endif
                <div class="row">
                    <div class="col-sm-6"><x-field name="start" label="Start" inputmode="decimal" :suffix="$measureUnit" :value="$startValue" :required="$isPresence" :hint="$isPresence ? 'Too far costs a minute, too close costs a week.' : ucfirst($measure->label).'. Not needed with a template.'" /></div>
                    <div class="col-sm-6"><x-field name="goal" label="Goal" inputmode="decimal" :suffix="$measureUnit" :required="$isPresence" :hint="$isPresence ? 'The steps between are equal ratios: equally hard.' : 'Harder than the start.'" /></div>
                </div>
                <details class="mb-3" @if($isPresence || $errors->has('play.*')) open @endif>
                    <summary>Dimensions in play</summary>
                    <p class="form-text">What every step says besides. One thing at a time gets harder; a template brings its own.</p>
                    <div class="row">
                        @foreach($measured as $dimension)
                            <div class="col-sm-6"><x-field name="play[{{ $dimension->key }}]" :label="ucfirst($dimension->label)" inputmode="decimal" :suffix="$dimension->unit" hint="Empty: not in play." /></div>
                        @endforeach
                        @foreach($ordered as $dimension)
                            <div class="col-sm-6"><x-choice name="play[{{ $dimension->key }}]" :label="ucfirst($dimension->label)" :options="collect($dimension->values)->mapWithKeys(fn ($value) => [$value->key => $value->label])" empty="not in play" :value="$dimension->key === 'trigger_motion' ? 'standing' : null" /></div>
                        @endforeach
                    </div>
                </details>
                <h2>Rules</h2>
                <div class="row">
                    <div class="col-sm-6"><x-field name="run_length" label="Successes in a row to move on" type="number" value="5" min="1" max="20" required /></div>
                    <div class="col-sm-6"><x-field name="window" label="or so many of the last" type="number" min="2" max="12" hint="Empty: in a row." /></div>
                    <div class="col-sm-6"><x-field name="sessions" label="in so many sessions" type="number" value="1" min="1" max="20" /></div>
                    <div class="col-sm-6"><x-field name="days" label="over so many days" type="number" value="0" min="0" max="90" /></div>
                    <div class="col-sm-6"><x-field name="most_advances" label="Steps onto new ground a session" type="number" value="4" min="1" max="5" required /></div>
                    <div class="col-sm-6"><x-field name="set_minutes" label="Minutes a set" type="number" :value="$isPresence ? 4 : 3" min="1" max="30" required /></div>
                    <div class="col-sm-6"><x-field name="session_minutes" label="Minutes a session" type="number" :value="$isPresence ? 30 : 10" min="3" max="90" required /></div>
                    @if(! $isPresence)<div class="col-sm-6"><x-field name="easy_after" label="An easy one after so many good ones" type="number" :value="$kind === PlanKind::Contact ? 3 : 0" min="0" max="9" hint="Hard and easy alternate on purpose; 0: never." /></div>@endif
                    <div class="col-sm-6"><x-field name="outings_a_week" label="Outings a week" type="number" value="3" min="0.5" max="21" step="0.5" /></div>
                </div>
                <x-choice name="caution" label="Accepted risk per trial" :options="['usual' => 'usual: 7 % strain, 1.4 % reaction', 'cautious' => 'cautious: 3 % strain, 0.5 % reaction']" :value="$dog->isCautious() ? 'cautious' : 'usual'" hint="Cautious with a bite history, hidden signs or children near. The product's own working limits." />
                <details class="mb-3">
                    <summary>Where practitioners differ</summary>
                    <div class="mt-2">@foreach($choices as $choice)<x-choice name="choices[{{ $choice->key }}]" :label="$choice->label" :options="$choice->options" :value="$choice->default" :hint="'Default: '.$choice->options[$choice->default].'. '.$choice->why" />@endforeach</div>
                </details>
                <x-field name="name" label="Name of the plan" maxlength="120" />
                <button class="btn btn-next">Make the plan</button>
            </div>
        </div>
    </form>
</x-layout>
