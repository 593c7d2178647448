@use('App\Http\Requests\StartSessionRequest')
@use('App\Models\SessionKind')
<x-layout title="Before the session" class="session-page">
    @php($dog = $plan->responseModel->dog)
    @php($before = $last?->checklist ?? [])
    <p class="mb-1"><a href="{{ route('plans.show', $plan) }}">{{ $dog->name }}: {{ $plan->name }}</a></p>
    <h1 class="h3">Before the session</h1>
    <x-problems />
    <form method="post" action="{{ route('sessions.store', $plan) }}" class="before">
        @csrf
        @include('partials.start-suggestion')
        @if($unread !== [])
            <fieldset class="card card-body mb-3"><legend class="h5">Read first</legend>
                @foreach($unread as $caution)
                    <div class="form-check mb-2"><input class="form-check-input" type="checkbox" name="read[]" value="{{ $caution->key }}" id="r-{{ $caution->key }}" required @checked(in_array($caution->key, old('read', []), true))><label class="form-check-label" for="r-{{ $caution->key }}"><strong>{{ $caution->title }}.</strong> {{ $caution->text }}</label></div>
                @endforeach
            </fieldset>
        @endif
        @if($missing !== [])
            <fieldset class="card card-body mb-3"><legend class="h5">Not ready yet</legend>
                <ul>@foreach($missing as $state)<li><strong>{{ $state->skill->label }}</strong>: {{ $state->inWords() }}. <span class="text-body-secondary">{{ $state->skill->readyWhen }}</span></li>@endforeach</ul>
                <p class="mb-2"><a href="{{ route('dogs.show', $dog) }}#foundations">Record what was shown</a>, work on these first, or say why you begin all the same.</p>
                <x-field name="without_reason" label="Begin without, because" maxlength="300" required />
            </fieldset>
        @endif
        <button class="btn btn-next w-100 mb-3">Start</button>
        <p class="form-text">As last time, unless you change it.</p>
        <div class="row" hx-get="{{ route('sessions.create', $plan) }}" hx-trigger="change" hx-include="closest form" hx-target="#suggestion" hx-swap="outerHTML">
            <div class="col-sm-6"><x-choice name="place_id" label="Place" :options="$places->pluck('name', 'id')" :value="$setting->place?->id" empty="not fixed" /></div>
            <div class="col-sm-6"><x-choice name="upset" label="What upset it lately" :options="StartSessionRequest::UPSETS" value="0" /></div>
            <div class="col-sm-6"><x-choice name="upset_ago" label="When was that" :options="StartSessionRequest::AGO" value="24" /></div>
            <div class="col-sm-6"><x-choice name="kind" label="Kind of session" :options="collect(SessionKind::cases())->mapWithKeys(fn ($kind) => [$kind->value => $kind->label()])" value="ladder" /></div>
        </div>
        <div class="row">
            <div class="col-sm-6"><x-choice name="noise" label="Noise" :options="StartSessionRequest::NOISE" :value="$before['noise'] ?? 'quiet'" /></div>
            <div class="col-sm-6"><x-choice name="state" label="{{ $dog->name }} is" :options="StartSessionRequest::STATE" :value="$before['state'] ?? 'usual'" /></div>
            <div class="col-6"><x-field name="food_usual" label="Pieces, usual food" inputmode="numeric" :value="$before['food']['usual'] ?? null" /></div>
            <div class="col-6"><x-field name="food_best" label="Pieces, best food" inputmode="numeric" :value="$before['food']['best'] ?? null" /></div>
        </div>
        <div class="form-check mb-2"><input class="form-check-input" type="checkbox" id="ground" name="ground_ok" value="1" checked><label class="form-check-label" for="ground">Ground: the back of my hand stays on it 7 seconds</label></div>
        <div class="form-check mb-3"><input class="form-check-input" type="checkbox" id="kit" name="kit_ok" value="1" checked><label class="form-check-label" for="kit">Kit sits well: nothing rubs, nothing loose</label></div>
    </form>
</x-layout>
