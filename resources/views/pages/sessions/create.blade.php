@use('App\Session\Http\StartSessionRequest')
@use('App\Models\SessionKind')
<x-layout :title="say('sessions.create.before_the_session')" class="session-page">
    @php($dog = $plan->responseModel->dog)
    @php($before = $last?->checklist ?? [])
    <p class="mb-1"><a href="{{ route('plans.show', $plan) }}">{{ $dog->name }}: {{ $plan->name }}</a></p>
    <h1 class="h3">{{ say('sessions.create.before_the_session') }}</h1>
    <x-problems />
    <form method="post" action="{{ route('sessions.store', $plan) }}" class="before">
        @csrf
        @include('partials.start-suggestion')
        @if($unread !== [])
            <fieldset class="card card-body mb-3"><legend class="h5">{{ say('sessions.create.read_first') }}</legend>
                @foreach($unread as $caution)
                    <div class="form-check mb-2"><input class="form-check-input" type="checkbox" name="read[]" value="{{ $caution->key }}"
                        id="r-{{ $caution->key }}" required @checked(in_array($caution->key, ticked('read', []), true))><label
                        class="form-check-label"
                        for="r-{{ $caution->key }}"><strong>{{ $caution->title }}.</strong> {{ $caution->text }}</label></div>
                @endforeach
            </fieldset>
        @endif
        @if($missing !== [])
            <fieldset class="card card-body mb-3"><legend class="h5">{{ say('sessions.create.not_ready_yet') }}</legend>
                <ul>@foreach($missing as $state)<li><strong>{{ say("methods.skills.{$state->skill->key}.label") }}</strong>: {{ $state->inWords() }}. <span class="text-body-secondary">{{ say("methods.skills.{$state->skill->key}.ready") }}</span></li>@endforeach</ul>
                <p class="mb-2"><a href="{{ route('dogs.show',
                    $dog) }}#foundations">{{ say('sessions.create.record_what_was_shown') }}</a>{{ say('sessions.create.work_on_these_first_or_say') }}</p>
                <x-field name="without_reason" :label="say('sessions.create.begin_without_because')" maxlength="300" required />
            </fieldset>
        @endif
        <button class="btn btn-next w-100 mb-3">{{ say('sessions.create.start') }}</button>
        <p class="form-text">{{ say('sessions.create.as_last_time_unless_you_change') }}</p>
        <div class="row" hx-get="{{ route('sessions.create', $plan) }}" hx-trigger="change" hx-include="closest form"
            hx-target="#suggestion" hx-swap="outerHTML">
            <div class="col-sm-6"><x-choice name="place_id" :label="say('sessions.create.place')" :options="$places->pluck('name', 'id')"
                :value="$setting->place?->id" :empty="say('sessions.create.not_fixed')" /></div>
            <div class="col-sm-6"><x-choice name="upset" :label="say('sessions.create.what_upset_it_lately')"
                :options="options('upset', StartSessionRequest::UPSETS)" value="0" /></div>
            <div class="col-sm-6"><x-choice name="upset_ago" :label="say('sessions.create.when_was_that')"
                :options="options('upset_ago', StartSessionRequest::AGO)" value="24" /></div>
            <div class="col-sm-6"><x-choice name="kind" :label="say('sessions.create.kind_of_session')"
                :options="cases(SessionKind::cases())" value="ladder" /></div>
        </div>
        <div class="row">
            <div class="col-sm-6"><x-handler :label="say('sessions.create.handler')" :options="$people" :value="$person"
                :hint="say('sessions.create.handler_hint', ['dog' => $dog->name,
                'person' => $plan->responseModel->person->name])" /></div>
            <div class="col-sm-6"><x-choice name="noise" :label="say('sessions.create.noise')"
                :options="options('noise', StartSessionRequest::NOISE)" :value="$before['noise'] ?? 'quiet'" /></div>
            <div class="col-sm-6"><x-choice name="state" :label="say('sessions.create.is', ['dog' => $dog->name])"
                :options="options('dog_state', StartSessionRequest::STATE)" :value="$before['state'] ?? 'usual'" /></div>
            <div class="col-6"><x-field name="food_usual" :label="say('sessions.create.pieces_usual_food')" inputmode="numeric"
                :value="$before['food']['usual'] ?? null" /></div>
            <div class="col-6"><x-field name="food_best" :label="say('sessions.create.pieces_best_food')" inputmode="numeric"
                :value="$before['food']['best'] ?? null" /></div>
        </div>
        <div class="form-check mb-2"><input class="form-check-input" type="checkbox" id="ground" name="ground_hot" value="1"><label
            class="form-check-label" for="ground">{{ say('sessions.create.ground_is_hot') }}</label></div>
        @if($gearLastTime !== null)<p class="flag">{{ say('sessions.create.gear_last_time', ['what' => say("labels.gear_trouble.{$gearLastTime}")]) }}</p>@endif
        <div class="form-check mb-3"><input class="form-check-input" type="checkbox" id="kit" name="gear_off" value="1"><label
            class="form-check-label" for="kit">{{ say('sessions.create.gear_is_off') }}</label></div>
    </form>
</x-layout>
