@use('App\Kit\KitCheck')
<x-layout :title="'Fit and food: '.$dog->name">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>Fit and food</h1>
    <p>Measure on the standing dog, tape flat, food in the other hand. The maker's own chart and a fitter go first. Nothing is stored here: keep the address to come back to the numbers.</p>
    @if($errors->any())
        <div class="alert alert-danger error-summary" role="alert"><ul class="mb-0">@foreach($errors->all() as $message)<li>{{ $message }}</li>@endforeach</ul></div>
    @endif
    <div class="row g-4">
        @foreach(['food' => 'Food for a session', 'basket' => 'Basket muzzle', 'collar' => 'Collar', 'harness' => 'Harness'] as $key => $title)
            <section class="col-lg-6" aria-labelledby="kit-{{ $key }}" id="{{ $key }}">
                <h2 id="kit-{{ $key }}" class="mt-0">{{ $title }}</h2>
                @if($key === 'food' && ($limits || $guards))
                    <p class="fw-bold">@if($limits)Limits: {{ $limits }}. @endif @if($guards)Guards food: no long chew as a held reward; toss it.@endif</p>
                @endif
                @if($key !== 'food')@include('charts.measure-'.$key)@endif
                <form method="get" action="{{ route('kit.show', $dog) }}#{{ $key }}" class="row g-2 align-items-end">
                    <input type="hidden" name="check" value="{{ $key }}">
                    @if($key === 'food')
                        <div class="col-sm-6"><label class="form-label mb-0" for="k-stage">{{ $dog->name }} is</label><select class="form-select" id="k-stage" name="stage">@foreach($stages as $stage)<option value="{{ $stage->key }}" @selected(request('stage', 'adult') === $stage->key)>{{ $stage->label }}</option>@endforeach</select></div>
                    @endif
                    @foreach(KitCheck::FIELDS[$key] as $field => [$label, $unit])
                        @if(in_array($field, ['short_nosed', 'leg_free'], true))
                            <div class="col-12"><div class="form-check"><input class="form-check-input" type="checkbox" id="k-{{ $field }}" name="{{ $field }}" value="1" @checked($which === $key ? request($field) : $field === 'leg_free')><label class="form-check-label" for="k-{{ $field }}">{{ $label }}</label></div></div>
                        @else
                            @php($bad = $which === $key && $errors->has($field))
                            <div class="col-sm-6"><label class="form-label mb-0" for="k-{{ $field }}">{{ $label }}@if($unit), {{ $unit }}@endif</label><input class="form-control @if($bad) is-invalid @endif" id="k-{{ $field }}" name="{{ $field }}" inputmode="decimal" value="{{ $which === $key ? request($field) : (['rate' => '1', 'jackpots' => '1', 'trials' => '40'][$field] ?? '') }}" @if($bad) aria-invalid="true" @endif></div>
                        @endif
                    @endforeach
                    <div class="col-12"><button class="btn btn-primary">{{ $key === 'food' ? 'Work it out' : 'Check the fit' }}</button></div>
                </form>
                @if($which === $key && $findings !== null)
                    <div role="status"><ul class="list-unstyled mt-3">
                        @foreach($findings as $finding)<li data-verdict="{{ $finding->verdict->value }}"><strong>{{ ucfirst($finding->verdict->label()) }}.</strong> {{ $finding->sentence }}</li>@endforeach
                    </ul></div>
                    @if($key === 'basket')<p>Then by eye: upper edge clear of the eyes, strap high behind the ears with one finger under it, no rub after five minutes, cannot be pawed off.</p>@endif
                @elseif($which === $key && $food !== null)
                    <div role="status"><dl class="facts mt-3">
                        <dt>Pieces needed</dt><dd><strong>{{ $food['session']->needed }}</strong>, {{ round($food['session']->grams) }} g, {{ round($food['session']->kcal) }} kcal</dd>
                        <dt>Without touching the meal</dt><dd>{{ $food['session']->allowed }} pieces a day (a tenth of {{ round($food['day']->need) }} kcal)</dd>
                        <dt>Off dinner</dt><dd>{{ $food['session']->offDinner > 0 ? round($food['session']->offDinner).' g of the usual food' : 'nothing' }}</dd>
                        @if($food['unearned'] !== null)<dt>Not earned</dt><dd>{{ round($food['unearned']) }} g of the usual food back into dinner: fed today, never withheld</dd>@endif
                    </dl></div>
                    @if($food['session']->isMoreThanADay)<p class="fw-bold">That is more than a whole day's food. Smaller pieces, or shorter sessions.</p>@endif
                    <p class="form-text">{{ $source }}</p>
                @endif
            </section>
        @endforeach
    </div>
    <section aria-labelledby="kit-halter">
        <h2 id="kit-halter">Head halter</h2>
        <p>By eye, on the standing dog: the noseband clear of the eyes, two fingers under it, the mouth opens fully to pant and eat; the cheek strap high behind the ears, snug, one finger under it; nothing rubs after five minutes. It is no muzzle, never the only attachment, never jerked, never on a long line: clip the harness too.</p>
    </section>
    <h2>Cautions</h2>
    <ul>@foreach($cautions as $caution)<li><strong>{{ $caution->title }}.</strong> {{ $caution->text }}</li>@endforeach</ul>
</x-layout>
