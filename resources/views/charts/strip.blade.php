@use('Core\Chart\Number', 'N')
<div class="chart-frame" tabindex="0" role="region" aria-label="{{ say('charts.strip.the_session_as_a_strip') }}">
<svg class="chart" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-labelledby="strip-title strip-desc">
    <title id="strip-title">{{ say('charts.strip.the_session_as_a_strip') }}</title>
    <desc id="strip-desc">{{ say('charts.strip.trials_over_time_left_to_right',
        ['count' => count($points), 'is_presence' => (bool) ($isPresence)]) }}</desc>
    @foreach($heights as $tick)
        <line class="grid" x1="64" x2="{{ $width - 16 }}" y1="{{ N::format($tick['y']) }}" y2="{{ N::format($tick['y']) }}"/>
        <text x="58" y="{{ N::format($tick['y'] + 4) }}" text-anchor="end">{{ $tick['label'] }}</text>
    @endforeach
    <line class="axis" x1="64" x2="{{ $width - 16 }}" y1="{{ $height - 30 }}" y2="{{ $height - 30 }}"/>
    @foreach($times as $tick)
        <text x="{{ N::format($tick['x']) }}" y="{{ $height - 10 }}" text-anchor="middle">{{ $tick['label'] }}</text>
    @endforeach
    @foreach($breaks as $break)
        <line class="break" x1="{{ N::format($break['from']) }}" x2="{{ N::format($break['to']) }}" y1="{{ $height - 30 }}"
            y2="{{ $height - 30 }}"/>
    @endforeach
    @if($path)<path class="path" d="{{ $path }}"/>@endif
    @foreach($points as $point)
        <g>
            <title>{{ $point['title'] }}</title>
            @if($point['departed'])<circle class="not-followed" cx="{{ N::format($point['x']) }}" cy="{{ N::format($point['y']) }}"
                r="12"/>@endif
            <circle cx="{{ N::format($point['x']) }}" cy="{{ N::format($point['y']) }}" r="8" fill="var(--bs-body-bg)"/>
            <use class="band-{{ $point['band']->value }}" href="#band-{{ $point['band']->value }}" x="{{ N::format($point['x'] - 8) }}"
                y="{{ N::format($point['y'] - 8) }}" width="16" height="16"/>
        </g>
    @endforeach
</svg>
</div>
<p class="d-flex flex-wrap gap-3 text-body-secondary">
    @foreach(Core\Sign\Band::cases() as $band)<x-band :band="$band" />@endforeach
    <span>{{ say('charts.strip.thick_line_break') }}</span> <span>{{ say('charts.strip.ringed_chosen_otherwise_than_advised') }}</span>
</p>
