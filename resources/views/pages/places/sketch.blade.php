@use('App\Field\SketchBoard')
@use('Core\Field\Pace')
@php($per = 1 / $unit->meters())
@php($lengths = ['path' => 'Path, ahead', 'left' => 'Gap, left edge', 'right' => 'Gap, right edge', 'depth' => 'Gap, ahead', 'cover' => 'Cover, behind', 'exit' => 'Room to the side'])
<x-layout :title="'Set-up: '.$place->name" wide>
    <p class="mb-1 no-print">@if($plan)<a href="{{ route('plans.show', $plan) }}">{{ $plan->responseModel->dog->name }}: {{ $plan->name }}</a>@endif</p>
    <h1>{{ $place->name }}, from above</h1>
    <x-problems />
    <form method="get" action="{{ route('sketches.edit', $place) }}" class="d-flex flex-wrap gap-2 align-items-end mb-3 no-print">
        <div><label class="form-label mb-0" for="s-plan">For</label><select class="form-select" id="s-plan" name="plan">@foreach($plans as $one)<option value="{{ $one->id }}" @selected($plan?->id === $one->id)>{{ $one->responseModel->dog->name }}: {{ $one->name }}</option>@endforeach</select></div>
        <button class="btn btn-outline-primary">Use this dog's limit</button>
    </form>
    <form method="post" action="{{ route('sketches.update', $place) }}" data-sketch data-numbers-url="{{ route('sketches.numbers', $place) }}" data-per-meter="{{ $per }}"
          data-limit="{{ $limit?->point?->meters }}" data-nearest="{{ $limit?->nearest->meters }}" data-farthest="{{ $limit?->farthest?->meters }}">
        @csrf @method('put')
        <input type="hidden" name="plan" value="{{ $plan?->id }}">
        <input type="hidden" name="limit" value="{{ $limit?->point?->meters }}">
        <div class="row g-4">
            <div class="col-lg-7">
                <svg class="sketch" viewBox="-60 -60 120 80" role="group" aria-label="The place from above: the dog at the bottom, the path ahead" data-drawing></svg>
                <p class="form-text">Drag the path, the edges of the gap, the cover and the exit, or choose one and press the arrows; or type the numbers. The ring is the limit; its soft edge the range the model leaves open.</p>
                <div class="row">
                    @foreach($lengths as $field => $label)
                        <div class="col-6 col-md-4"><x-field :name="$field" :label="$label" inputmode="decimal" :suffix="$unit->value" :value="round($layout->values()[$field] * $per, 1)" required data-length /></div>
                    @endforeach
                </div>
            </div>
            <div class="col-lg-5">
                <section aria-labelledby="numbers-head" aria-live="polite"><h2 class="mt-0" id="numbers-head">What it means</h2><div data-numbers-box>@include('partials.sketch-numbers')</div></section>
                <p class="form-text">Straight lines and steady speeds; people stop, dogs pull. Leave room.</p>
                <div class="row">
                    <div class="col-sm-6"><x-field name="trigger_speed" label="It moves at" inputmode="decimal" suffix="m/s" :value="$how['trigger_speed']" required :hint="collect(Pace::cases())->map(fn ($pace) => $pace->value.' '.$pace->metersPerSecond())->implode(', ')" /></div>
                    <div class="col-sm-6"><x-field name="trigger_length" label="Its length" inputmode="decimal" suffix="m" :value="$how['trigger_length']" required hint="A person with a dog: 2.5." /></div>
                    <div class="col-sm-6"><x-field name="handler_speed" label="You walk at" inputmode="decimal" suffix="m/s" :value="$how['handler_speed']" required /></div>
                    <div class="col-sm-6"><x-field name="hold" label="The dog holds" inputmode="decimal" suffix="s" :value="$how['hold']" required /></div>
                </div>
                <h2>Passes an hour</h2>
                <div class="row">
                    @foreach(SketchBoard::TIMES as $time => $words)
                        <div class="col-6"><x-field :name="'passes['.$time.']'" :label="ucfirst($words)" inputmode="numeric" :value="$sketch->passes[$time] ?? null" :hint="isset($counted[$time]) ? 'counted: '.round($counted[$time]['anHour']).' ('.$counted[$time]['sessions'].($counted[$time]['sessions'] === 1 ? ' session)' : ' sessions)') : null" /></div>
                    @endforeach
                </div>
                <x-field name="note" label="Note" maxlength="300" :value="$sketch?->note" />
                @can('create', App\Models\Dog::class)<button class="btn btn-next no-print">Keep the sketch</button>@endcan
            </div>
        </div>
    </form>
</x-layout>
