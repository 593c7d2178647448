{{-- A tour of the body: a tap on a part, a tap on how it was. The address names the part, so it works without a script. --}}
@use('Core\Sign\Band')
<form method="post" action="{{ route('observations.store', $session) }}" data-seen class="tour">
    @csrf <input type="hidden" name="uuid" value="{{ $uuid() }}"><input type="hidden" name="kind" value="part">
    <div class="tour-how">@foreach(App\Engine\StandingObservation::SETUP as $dimension)<div><label class="form-label mb-0"
        for="th-{{ $dimension }}">{{ say("free.touched_how.{$dimension}") }}</label><select class="form-select" id="th-{{ $dimension }}"
        name="{{ $dimension }}"><option value="">{{ say('free.touched_how.not_noted') }}</option>@foreach($ways[$dimension] as $way)<option
        value="{{ $way }}" @selected(($state['setup'][$dimension] ?? '') === $way)>{{ say("dimensions.contact.{$dimension}.values.{$way}") }}</option>@endforeach</select></div>@endforeach</div>
    <div class="area-details tour-parts" data-areas>
        <details class="mb-2"><summary>{{ say('free.tour_signs') }}</summary><div class="picks mt-1">@foreach(App\Free\ObservationRules::SIGNS
            as $sign)<input class="btn-check" type="checkbox" name="signs[]" value="{{ $sign }}" id="ts-{{ $sign }}"><label
            class="btn btn-outline-primary" for="ts-{{ $sign }}">{{ words()->sign($sign) }}</label>@endforeach</div></details>
        <p class="area-hint card card-body mb-2">{{ say('free.tour_hint') }}</p>
        @foreach($areas as $area)
            <section class="area-detail card card-body mb-2" id="{{ $area->id() }}" tabindex="-1" aria-labelledby="h-{{ $area->id() }}">
                <h2 class="h5 mt-0 mb-1" id="h-{{ $area->id() }}">{{ words()->capital($area->label) }}</h2>
                <p class="mb-1">@if($area->known?->word){{ say('dogs.handling.its_word', ['word' => $area->known->word]) }}@endif
                    @if($area->state()->keepsHandsOff())<span
                        class="flag">{{ words()->capital(words()->label($area->state())) }}</span>@endif
                    @if($area->side !== 'both')<a href="#area-{{ $area->area }}-{{ $area->side === 'left' ? 'right'
                        : 'left' }}">{{ say('free.other_side') }}</a>@endif</p>
                @if(! $area->state()->keepsHandsOff())
                <div class="picks picks-bands">@foreach(Band::cases() as $band)<button class="btn btn-outline-primary" name="part"
                    value="{{ $area->area }} {{ $area->side }} {{ $band->value }}"><svg class="band-glyph band-{{ $band->value }}"
                    aria-hidden="true"><use href="#band-{{ $band->value }}"/></svg>{{ words()->label($band) }}</button>@endforeach</div>
                @endif
            </section>
        @endforeach
        <div class="card card-body mb-2" role="alert" data-ask-grade data-alarm="{{ json_encode(Core\Decision\LoggedTrial::ALARM) }}" hidden>
            <p class="mb-2"><strong>{{ say('free.grade_fits') }}</strong></p>
            <div class="d-flex flex-wrap gap-2"><button type="button" class="btn btn-next" data-grade-yes>{{ say('free.it_struggled') }}</button><button
                type="button" class="btn btn-outline-primary" data-grade-no>{{ say('free.keep_my_grade') }}</button></div>
        </div>
        <div class="card card-body mb-2" role="alert" data-ask-food hidden>
            <p class="mb-2"><strong>{{ say('free.food_was_there') }}</strong></p>
            <div class="d-flex flex-wrap gap-2"><button type="button" class="btn btn-next" data-food-gone>{{ say('free.food_gone') }}</button><button
                type="button" class="btn btn-outline-primary" data-food-there>{{ say('free.food_there') }}</button></div>
        </div>
    </div>
    <x-dog-outline :areas="$areas" :bands="$state['parts']" />
</form>
