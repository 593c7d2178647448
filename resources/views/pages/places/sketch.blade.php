@use('App\Place\SketchPage')
@use('Core\Field\Pace')
@php($per = 1 / $unit->meters())
@php($speedUnit = say('phrases.units.'.words()->reader->units->toDisplayed('m/s')))
@php($speed = fn (float $kept) => round(words()->reader->units->fromMetric($kept, 'm/s'), 1))
@php($lengths = labels('places.lengths', ['path', 'left', 'right', 'depth', 'cover', 'exit']))
<x-layout :title="say('places.sketch.title', ['place' => $place->name])">
    <p class="mb-1 no-print">@if($plan)<a
        href="{{ route('plans.show', $plan) }}">{{ $plan->responseModel->dog->name }}: {{ $plan->name }}</a>@endif</p>
    <h1>{{ say('places.sketch.from_above', ['place' => $place->name]) }}</h1>
    <x-problems />
    <form method="get" action="{{ route('sketches.edit', $place) }}" class="d-flex flex-wrap gap-2 align-items-end mb-3 no-print">
        <div><label class="form-label mb-0" for="s-plan">{{ say('places.sketch.for') }}</label><select class="form-select" id="s-plan"
            name="plan">@foreach($plans as $one)<option value="{{ $one->id }}"
            @selected($plan?->id === $one->id)>{{ $one->responseModel->dog->name }}: {{ $one->name }}</option>@endforeach</select></div>
        <button class="btn btn-outline-primary">{{ say('places.sketch.use_this_dog_s_limit') }}</button>
    </form>
    <form method="post" action="{{ route('sketches.update', $place) }}" data-sketch
        data-numbers-url="{{ route('sketches.numbers', $place) }}" data-per-meter="{{ $per }}"
          data-limit="{{ $limit?->point?->meters }}" data-nearest="{{ $limit?->nearest->meters }}" data-farthest="{{ $limit?->farthest?->meters }}">
        @csrf @method('put')
        <input type="hidden" name="plan" value="{{ $plan?->id }}">
        <input type="hidden" name="limit" value="{{ $limit?->point?->meters }}">
        <div class="row g-4">
            <div class="col-lg-7">
                <svg class="sketch" viewBox="-60 -60 120 80" role="group"
                    aria-label="{{ say('places.sketch.the_place_from_above_the_dog') }}" data-drawing></svg>
                <p class="form-text">{{ say('places.sketch.drag_the_path_the_edges_of') }}</p>
                <div class="row">
                    @foreach($lengths as $field => $label)
                        <div class="col-6 col-md-4"><x-field :name="$field" :label="$label" inputmode="decimal" :suffix="$unit->value"
                            :value="round($layout->values()[$field] * $per, 1)" required data-length /></div>
                    @endforeach
                </div>
            </div>
            <div class="col-lg-5">
                <section aria-labelledby="numbers-head" aria-live="polite"><h2 class="mt-0"
                    id="numbers-head">{{ say('places.sketch.what_it_means') }}</h2><div
                    data-numbers-box>@include('partials.sketch-numbers')</div></section>
                <p class="form-text">{{ say('places.sketch.straight_lines_and_steady_speeds_people') }}</p>
                <div class="row">
                    <div class="col-sm-6"><x-field name="trigger_speed" :label="say('places.sketch.it_moves_at')" inputmode="decimal"
                        :suffix="$speedUnit" :value="$speed($how['trigger_speed'])" required
                        :hint="collect(Pace::cases())->map(fn ($pace) => say('places.sketch.pace',
                        ['pace' => words()->label($pace),
                        'speed' => words()->formats->speed($pace->metersPerSecond())]))->implode(', ')" /></div>
                    <div class="col-sm-6"><x-field name="trigger_length" :label="say('places.sketch.its_length')" inputmode="decimal"
                        :suffix="$unit->value" :value="round($how['trigger_length'] * $per, 1)" required
                        :hint="say('places.sketch.a_person_with_a_dog_2')" /></div>
                    <div class="col-sm-6"><x-field name="handler_speed" :label="say('places.sketch.you_walk_at')" inputmode="decimal"
                        :suffix="$speedUnit" :value="$speed($how['handler_speed'])" required /></div>
                    <div class="col-sm-6"><x-field name="hold" :label="say('places.sketch.the_dog_holds')" inputmode="decimal" suffix="s"
                        :value="$how['hold']" required /></div>
                </div>
                <h2>{{ say('places.sketch.passes_an_hour') }}</h2>
                <div class="row">
                    @foreach(options('time_of_day', SketchPage::TIMES) as $time => $words)
                        <div class="col-6"><x-field :name="'passes['.$time.']'" :label="words()->capital($words)" inputmode="numeric"
                            :value="$sketch->passes[$time] ?? null"
                            :hint="isset($counted[$time]) ? say('places.sketch.counted',
                            ['passes' => round($counted[$time]['anHour']), 'sessions' => $counted[$time]['sessions']]) : null" /></div>
                    @endforeach
                </div>
                <x-field name="note" :label="say('places.sketch.note')" maxlength="300" :value="$sketch?->note" />
                @can('create', App\Models\Dog::class)<button
                    class="btn btn-next no-print">{{ say('places.sketch.keep_the_sketch') }}</button>@endcan
            </div>
        </div>
    </form>
</x-layout>
