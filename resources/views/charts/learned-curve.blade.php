@use('Core\Chart\Number', 'N')
<div class="chart-frame" tabindex="0" role="region" aria-label="{{ say('charts.learned_curve.what_was_learned') }}">
<svg class="chart" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-labelledby="learned-title learned-desc">
    <title id="learned-title">{{ say('charts.learned_curve.strain_before_any_trial_and_now') }}</title>
    <desc id="learned-desc">{{ say('charts.learned_curve.across_from_easy_to_hard_up') }}</desc>
    @foreach($ys as $tick)
        <line class="grid" x1="52" x2="{{ $width - 24 }}" y1="{{ N::format($tick['at']) }}" y2="{{ N::format($tick['at']) }}"/>
        <text x="46" y="{{ N::format($tick['at'] + 4) }}" text-anchor="end">{{ $tick['label'] }}</text>
    @endforeach
    @foreach($xs as $tick)<text x="{{ N::format($tick['at']) }}" y="{{ $height - 18 }}"
        text-anchor="middle">{{ $tick['label'] }}</text>@endforeach
    <path class="learned-range" d="{{ $range }} Z"/>
    <path class="curve curve-0" d="{{ $before }}"/>
    <path class="curve curve-1" d="{{ $over }}"/>
    <path class="curve curve-2" d="{{ $strain }}"/>
    <line class="limit-line" x1="52" x2="{{ $width - 24 }}" y1="{{ N::format($limitAt) }}" y2="{{ N::format($limitAt) }}"/>
    <text x="58" y="{{ N::format($limitAt - 7) }}">{{ say('charts.learned_curve.accepted_strain', ['limit' => $limit]) }}</text>
</svg>
</div>
