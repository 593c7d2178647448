@use('Core\Chart\Number', 'N')
@php($id = 'stair-'.substr(md5($name), 0, 8))
<div class="chart-frame" tabindex="0" role="region" aria-label="{{ $name }}">
<svg class="chart mb-2" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-labelledby="{{ $id }}-title {{ $id }}-desc">
    <title id="{{ $id }}-title">{{ $name }}</title>
    <desc id="{{ $id }}-desc">{{ say('charts.staircase.treads_in_the_order_they_are',
        ['count' => count($treads)]) }}@if($limitAt) {{ say('charts.staircase.below_the_risk_of_strain_for') }}@endif {{ say('charts.staircase.the_table_has_the_numbers') }}</desc>
    <defs><pattern id="{{ $id }}-beyond" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line
        class="hatch" x1="0" y1="0" x2="0" y2="7"/></pattern></defs>
    @foreach($treads as $tread)
        <rect class="tread @if($tread['held']) tread-held @endif" x="{{ N::format($tread['x']) }}" y="{{ N::format($tread['y']) }}"
            width="{{ N::format($tread['width']) }}" height="{{ N::format($tread['height']) }}"/>
        @if($tread['beyond'])<rect class="tread-hatch" fill="url(#{{ $id }}-beyond)" x="{{ N::format($tread['x']) }}"
            y="{{ N::format($tread['y']) }}" width="{{ N::format($tread['width']) }}" height="{{ N::format($tread['height']) }}"/>@endif
        @if($tread['label'])<text x="{{ N::format($tread['x'] + $tread['width'] / 2) }}" y="{{ N::format($floor + 18) }}"
            text-anchor="middle">{{ $tread['label'] }}</text>@endif
        @if($tread['mean'] !== null)
            <line class="whisker" x1="{{ N::format($tread['x'] + $tread['width'] / 2) }}"
                x2="{{ N::format($tread['x'] + $tread['width'] / 2) }}" y1="{{ N::format($tread['mean']) }}"
                y2="{{ N::format($tread['bound']) }}"/>
            <circle class="point" cx="{{ N::format($tread['x'] + $tread['width'] / 2) }}" cy="{{ N::format($tread['mean']) }}" r="3"/>
        @endif
    @endforeach
    @if($limitAt)
        <line class="limit-line" x1="8" x2="{{ $width - 8 }}" y1="{{ N::format($limitAt) }}" y2="{{ N::format($limitAt) }}"/>
        {{-- over the easiest steps: their risk lies far below --}}
        <text x="10" y="{{ N::format($limitAt - 5) }}">{{ say('charts.staircase.limit', ['limit_words' => $limitWords]) }}</text>
        <text x="10" y="344">{{ say('charts.staircase.risk_of_strain_before_today_s') }}</text>
    @endif
</svg>
</div>
