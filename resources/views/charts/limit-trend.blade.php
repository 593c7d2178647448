@use('Core\Chart\Number', 'N')
<div class="chart-frame" tabindex="0" role="region" aria-label="{{ say('charts.limit_trend.the_limit_over_time') }}">
<svg class="chart" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-labelledby="trend-title trend-desc">
    <title id="trend-title">{{ say('charts.limit_trend.the_limit_over_time') }}</title>
    <desc id="trend-desc">{{ say('charts.limit_trend.one_point_a_session_with_the') }}</desc>
    @foreach($ticks as $tick)
        <line class="grid" x1="80" x2="{{ $width - 24 }}" y1="{{ N::format($tick['at']) }}" y2="{{ N::format($tick['at']) }}"/>
        <text x="72" y="{{ N::format($tick['at'] + 4) }}" text-anchor="end">{{ $tick['label'] }}</text>
    @endforeach
    @foreach($points as $i => $point)
        <line class="range" x1="{{ N::format($point['x']) }}" x2="{{ N::format($point['x']) }}" y1="{{ N::format($point['easy']) }}"
            y2="{{ N::format($point['hard']) }}"/>
        @if($point['isOpen'])<path class="axis" fill="none"
            d="M{{ N::format($point['x'] - 5) }} {{ N::format($point['easy'] + 6) }} L{{ N::format($point['x']) }} {{ N::format($point['easy']) }} L{{ N::format($point['x'] + 5) }} {{ N::format($point['easy'] + 6) }}"/>@endif
        @if($point['y'] !== null)<circle class="point" cx="{{ N::format($point['x']) }}" cy="{{ N::format($point['y']) }}" r="4.5"/>@endif
        @if($point['day'] !== '')<text x="{{ N::format($point['x']) }}" y="{{ $height - 10 }}"
            text-anchor="middle">{{ $point['day'] }}</text>@endif
    @endforeach
    @if($path)<path class="path" d="{{ $path }}"/>@endif
</svg>
</div>
