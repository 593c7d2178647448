@use('App\Kit\CareCard')
<x-layout :title="'Care card: '.$dog->name">
    <div class="no-print">
        <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
        <h1>Care card</h1>
        <p>A page to print for a vet or groomer. Share only what the receiver needs; nothing here is stored or sent.</p>
        <form method="get" action="{{ route('card.show', $dog) }}" class="card card-body mb-4">
            <input type="hidden" name="parts[]" value="">
            <fieldset class="mb-2"><legend class="h6">On the card</legend>
                @foreach(CareCard::PARTS as $part => $words_of)
                    <div class="form-check"><input class="form-check-input" type="checkbox" name="parts[]" value="{{ $part }}" id="cp-{{ $part }}" @checked(in_array($part, $parts, true))><label class="form-check-label" for="cp-{{ $part }}">{{ ucfirst($words_of) }}</label></div>
                @endforeach
            </fieldset>
            <div class="row g-2">
                <div class="col-md-4"><label class="form-label mb-0" for="c-to">For</label><input class="form-control" id="c-to" name="to" maxlength="{{ $most }}" value="{{ $to }}"></div>
                <div class="col-md-4"><label class="form-label mb-0" for="c-words">Station and words</label><input class="form-control" id="c-words" name="words" maxlength="{{ $most }}" value="{{ $words }}"></div>
                <div class="col-md-4"><label class="form-label mb-0" for="c-kit">Kit</label><input class="form-control" id="c-kit" name="kit" maxlength="{{ $most }}" value="{{ $kit }}"></div>
            </div>
            <div class="mt-3"><button class="btn btn-primary">Show the card</button> <span class="form-text">Then print this page.</span></div>
        </form>
    </div>
    <section class="care-card" aria-labelledby="card-head">
        <h2 id="card-head" class="mt-0">{{ $dog->name }} <span class="fw-normal">{{ $dog->description }}</span></h2>
        <p>{{ auth()->user()->practice->name }}, {{ now()->format('F j, Y') }}@if($to), for {{ $to }}@endif</p>
        @if($dog->bite_history)<p class="flag d-inline-block">Has bitten: qualified professional on site, muzzle as trained</p>@endif
        @if(in_array('health', $parts, true) && $dog->health_note)<p><strong>Health:</strong> {{ $dog->health_note }}</p>@endif
        @if(in_array('food', $parts, true) && $dog->intake?->food_limits)<p><strong>Food:</strong> {{ $dog->intake->food_limits }}</p>@endif
        @if($words)<p><strong>Station and words:</strong> {{ $words }}</p>@endif
        @if($kit)<p><strong>Kit:</strong> {{ $kit }}</p>@endif
        @if(in_array('accepted', $parts, true))
            <h3 class="h5">Accepts</h3>
            @if(collect($care)->whereNotNull('held')->isEmpty())<p>Nothing is held yet. Please wait for us.</p>@endif
            <ul>@foreach($care as $row)@if($row['held'])<li><strong>{{ $row['plan']->responseModel->trigger->name }}</strong>, from {{ $row['plan']->responseModel->person->name }}: up to “{{ rtrim($row['held'], '.') }}”</li>@endif @endforeach</ul>
        @endif
        @if(in_array('not_yet', $parts, true) && $care !== [])
            <h3 class="h5">Not yet</h3>
            <ul>@foreach($care as $row)@if($row['next'])<li><strong>{{ $row['plan']->responseModel->trigger->name }}</strong>: {{ $row['next'] }}</li>@endif @endforeach</ul>
        @endif
        @if(in_array('areas', $parts, true) && $areas->isNotEmpty())
            <h3 class="h5">Words, and where hands keep off</h3>
            <ul>
                @foreach($areas as $area)
                    <li>{{ $area->side === 'both' ? '' : "{$area->side} " }}{{ str_replace('_', ' ', $area->area) }}: {{ collect([$area->word ? "say “{$area->word}” before touching" : null, $area->state->keepsHandsOff() ? $area->state->label() : null])->filter()->implode('; ') }}</li>
                @endforeach
            </ul>
        @endif
        @if(in_array('items', $parts, true) && $items->isNotEmpty())
            <h3 class="h5">Wears</h3>
            <ul>@foreach($items as $item)<li>{{ $item->name }} ({{ $item->kind->label() }})@if($item->fit_checked_on), fit looked at {{ $item->fit_checked_on->format('F j, Y') }}@endif</li>@endforeach</ul>
        @endif
        @if(in_array('signals', $parts, true))
            <h3 class="h5">Hands off when it</h3>
            <ul>@foreach($signals as $sign)<li>{{ $sign->label }}</li>@endforeach</ul>
        @endif
        @if(in_array('avoid', $parts, true))
            <h3 class="h5">Please do not</h3>
            <ul><li>hold it where it tries to leave, or follow it</li><li>use its station or its words for care it has not agreed to</li><li>scold a growl: it is information. Freezing means stop</li><li>care that cannot wait: please talk about sedation with us first</li></ul>
        @endif
    </section>
</x-layout>
