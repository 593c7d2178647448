@use('App\Dog\CareCard')
<x-layout :title="say('dogs.card.title', ['dog' => $dog->name])">
    <div class="no-print">
        <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
        <h1>{{ say('dogs.card.care_card') }}</h1>
        <p>{{ say('dogs.card.a_page_to_print_for_a') }}</p>
        <form method="get" action="{{ route('card.show', $dog) }}" class="card card-body mb-4">
            <input type="hidden" name="parts[]" value="">
            <fieldset class="mb-2"><legend class="h6">{{ say('dogs.card.on_the_card') }}</legend>
                @foreach(options('card_part', CareCard::PARTS) as $part => $name)
                    <div class="form-check"><input class="form-check-input" type="checkbox" name="parts[]" value="{{ $part }}"
                        id="cp-{{ $part }}" @checked(in_array($part, $parts, true))><label class="form-check-label"
                        for="cp-{{ $part }}">{{ words()->capital($name) }}</label></div>
                @endforeach
            </fieldset>
            <div class="row g-2">
                <div class="col-md-4"><label class="form-label mb-0" for="c-to">{{ say('dogs.card.for') }}</label><input
                    class="form-control" id="c-to" name="to" maxlength="{{ $most }}" value="{{ $to }}"></div>
                <div class="col-md-4"><label class="form-label mb-0" for="c-words">{{ say('dogs.card.station_and_words') }}</label><input
                    class="form-control" id="c-words" name="words" maxlength="{{ $most }}" value="{{ $words }}"></div>
                <div class="col-md-4"><label class="form-label mb-0" for="c-kit">{{ say('dogs.card.kit') }}</label><input
                    class="form-control" id="c-kit" name="kit" maxlength="{{ $most }}" value="{{ $kit }}"></div>
            </div>
            <div class="mt-3"><button class="btn btn-primary">{{ say('dogs.card.show_the_card') }}</button> <span
                class="form-text">{{ say('dogs.card.then_print_this_page') }}</span></div>
        </form>
    </div>
    <section class="care-card" aria-labelledby="card-head">
        <h2 id="card-head" class="mt-0">{{ $dog->name }} <span class="fw-normal">{{ $dog->description }}</span></h2>
        <p>{{ auth()->user()->practice->name }}, {{ words()->formats->date(now()) }}@if($to){{ say('dogs.card.for_2',
            ['to' => $to]) }}@endif</p>
        @if($dog->bite_history)<p class="flag d-inline-block">{{ say('dogs.card.has_bitten_qualified_professional_on_site') }}</p>@endif
        @if(in_array('health', $parts, true)
            && $dog->health_note)<p><strong>{{ say('dogs.card.health') }}</strong> {{ $dog->health_note }}</p>@endif
        @if(in_array('food', $parts, true)
            && $dog->intake?->food_limits)<p><strong>{{ say('dogs.card.food') }}</strong> {{ $dog->intake->food_limits }}</p>@endif
        @if($words)<p><strong>{{ say('dogs.card.station_and_words_2') }}</strong> {{ $words }}</p>@endif
        @if($kit)<p><strong>{{ say('dogs.card.kit_2') }}</strong> {{ $kit }}</p>@endif
        @if(in_array('accepted', $parts, true))
            <h3 class="h5">{{ say('dogs.card.accepts') }}</h3>
            @if(collect($care)->whereNotNull('held')->isEmpty())<p>{{ say('dogs.card.nothing_is_held_yet_please_wait') }}</p>@endif
            <ul>@foreach($care as $row)@if($row['held'])<li><strong>{{ $row['plan']->responseModel->trigger->name }}</strong>{{ say('dogs.card.from_up_to', ['person' => $row['plan']->responseModel->person->name, 'row' => rtrim($row['held'], '.')]) }}</li>@endif @endforeach</ul>
        @endif
        @if(in_array('not_yet', $parts, true) && $care !== [])
            <h3 class="h5">{{ say('dogs.card.not_yet') }}</h3>
            <ul>@foreach($care as $row)@if($row['next'])<li><strong>{{ $row['plan']->responseModel->trigger->name }}</strong>: {{ $row['next'] }}</li>@endif @endforeach</ul>
        @endif
        @if(in_array('areas', $parts, true) && $areas->isNotEmpty())
            <h3 class="h5">{{ say('dogs.card.words_and_where_hands_keep_off') }}</h3>
            <ul>
                @foreach($areas as $area)
                    <li>{{ App\Handling\AreaView::name($area->area, $area->side) }}: {{ collect([$area->word
                        ? say('dogs.card.area_word', ['word' => $area->word]) : null, $area->state->keepsHandsOff()
                        ? words()->label($area->state) : null])->filter()->implode('; ') }}</li>
                @endforeach
            </ul>
        @endif
        @if(in_array('items', $parts, true) && $items->isNotEmpty())
            <h3 class="h5">{{ say('dogs.card.wears') }}</h3>
            <ul>@foreach($items as $item)<li>{{ $item->name }} ({{ words()->label($item->kind) }})@if($item->fit_checked_on){{ say('dogs.card.fit_looked_at', ['fit_checked_on' => words()->formats->day($item->fit_checked_on)]) }}@endif</li>@endforeach</ul>
        @endif
        @if(in_array('signals', $parts, true))
            <h3 class="h5">{{ say('dogs.card.hands_off_when_it') }}</h3>
            <ul>@foreach($signals as $sign)<li>{{ words()->sign($sign->code) }}</li>@endforeach</ul>
        @endif
        @if(in_array('avoid', $parts, true))
            <h3 class="h5">{{ say('dogs.card.please_do_not') }}</h3>
            <ul><li>{{ say('dogs.card.hold_it_where_it_tries_to') }}</li><li>{{ say('dogs.card.use_its_station_or_its_words') }}</li><li>{{ say('dogs.card.scold_a_growl_it_is_information') }}</li><li>{{ say('dogs.card.care_that_cannot_wait_please_talk') }}</li></ul>
        @endif
    </section>
</x-layout>
