@use('App\Dog\KitCheck')
<x-layout :title="say('dogs.kit.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('dogs.kit.fit_and_food') }}</h1>
    <p>{{ say('dogs.kit.measure_on_the_standing_dog_tape') }}</p>
    @if($errors->any())
        <div class="alert alert-danger error-summary" role="alert"><ul
            class="mb-0">@foreach($errors->all() as $message)<li>{{ $message }}</li>@endforeach</ul></div>
    @endif
    <div class="row g-4">
        @foreach(labels('dogs.kit_titles', ['food', 'basket', 'collar', 'harness']) as $key => $title)
            <section class="col-lg-6" aria-labelledby="kit-{{ $key }}" id="{{ $key }}">
                <h2 id="kit-{{ $key }}" class="mt-0">{{ $title }}</h2>
                @if($key === 'food' && ($limits || $guards))
                    <p class="fw-bold">@if($limits){{ say('dogs.kit.limits',
                        ['limits' => $limits]) }} @endif @if($guards){{ say('dogs.kit.guards_food_no_long_chew_as') }}@endif</p>
                @endif
                @if($key !== 'food')@include('charts.measure-'.$key)@endif
                <form method="get" action="{{ route('kit.show', $dog) }}#{{ $key }}" class="row g-2 align-items-end">
                    <input type="hidden" name="check" value="{{ $key }}">
                    @if($key === 'food')
                        <div class="col-sm-6"><label class="form-label mb-0"
                            for="k-stage">{{ say('dogs.kit.is', ['dog' => $dog->name]) }}</label><select class="form-select" id="k-stage"
                            name="stage">@foreach($stages as $stage)<option value="{{ $stage->key }}"
                            @selected(request('stage',
                            'adult') === $stage->key)>{{ say("food.stages.{$stage->key}") }}</option>@endforeach</select></div>
                    @endif
                    @foreach(KitCheck::FIELDS[$key] as $field => $metric)
                        @php($label = say("options.gear_field.{$field}"))
                        @php($unit = $metric === '' ? '' : say('phrases.units.'.words()->reader->units->toDisplayed($metric)))
                        @if(in_array($field, ['short_nosed', 'leg_free'], true))
                            <div class="col-12"><div class="form-check"><input class="form-check-input" type="checkbox" id="k-{{ $field }}"
                                name="{{ $field }}" value="1" @checked($which === $key ? request($field) : $field === 'leg_free')><label
                                class="form-check-label" for="k-{{ $field }}">{{ $label }}</label></div></div>
                        @else
                            @php($bad = $which === $key && $errors->has($field))
                            <div class="col-sm-6"><label class="form-label mb-0"
                                for="k-{{ $field }}">{{ $label }}@if($unit), {{ $unit }}@endif</label><input
                                class="form-control @if($bad) is-invalid @endif" id="k-{{ $field }}" name="{{ $field }}" inputmode="decimal"
                                value="{{ $which === $key ? request($field)
                                : (['rate' => '1', 'jackpots' => '1', 'trials' => '40'][$field] ?? '') }}" @if($bad) aria-invalid="true"
                                @endif></div>
                        @endif
                    @endforeach
                    <div class="col-12"><button class="btn btn-primary">{{ say('dogs.kit.key_work_it_out_check_the',
                        ['key' => (bool) ($key === 'food')]) }}</button></div>
                </form>
                @if($which === $key && $findings !== null)
                    <div role="status"><ul class="list-unstyled mt-3">
                        @foreach($findings as $finding)<li
                            data-verdict="{{ $finding->verdict->value }}"><strong>{{ words()->capital(words()->label($finding->verdict)) }}.</strong> {{ words()->finding($finding) }}</li>@endforeach
                    </ul></div>
                    @if($key === 'basket')<p>{{ say('dogs.kit.then_by_eye_upper_edge_clear') }}</p>@endif
                @elseif($which === $key && $food !== null)
                    <div role="status"><dl class="facts mt-3">
                        <dt>{{ say('dogs.kit.pieces_needed') }}</dt><dd><strong>{{ $food['session']->needed }}</strong>{{ say('dogs.kit.g_kcal', ['weight' => words()->formats->grams(round($food['session']->grams)), 'kcal' => round($food['session']->kcal)]) }}</dd>
                        <dt>{{ say('dogs.kit.without_touching_the_meal') }}</dt><dd>{{ say('dogs.kit.pieces_a_day_a_tenth_of',
                            ['allowed' => $food['session']->allowed, 'need' => round($food['day']->need)]) }}</dd>
                        <dt>{{ say('dogs.kit.off_dinner') }}</dt><dd>{{ say('dogs.kit.off',
                            ['none' => $food['session']->offDinner <= 0,
                            'food' => words()->formats->grams(round($food['session']->offDinner))]) }}</dd>
                        @if($food['unearned'] !== null)<dt>{{ say('dogs.kit.not_earned') }}</dt><dd>{{ say('dogs.kit.g_of_the_usual_food_back', ['food' => words()->formats->grams(round($food['unearned']))]) }}</dd>@endif
                    </dl></div>
                    @if($food['session']->isMoreThanADay)<p class="fw-bold">{{ say('dogs.kit.that_is_more_than_a_whole') }}</p>@endif
                    <p class="form-text">{{ $source }}</p>
                @endif
            </section>
        @endforeach
    </div>
    <section aria-labelledby="kit-halter">
        <h2 id="kit-halter">{{ say('dogs.kit.head_halter') }}</h2>
        <p>{{ say('dogs.kit.by_eye_on_the_standing_dog') }}</p>
    </section>
    <h2>{{ say('dogs.kit.cautions') }}</h2>
    <ul>@foreach($cautions as $caution)<li><strong>{{ $caution->title }}.</strong> {{ $caution->text }}</li>@endforeach</ul>
</x-layout>
