@use('Core\Chart\Number', 'N')
@use('Core\Observation\Kind')
<div class="chart-frame" tabindex="0" role="region" aria-label="{{ say('charts.outing.minute_by_minute') }}">
<svg class="chart" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-labelledby="outing-title outing-desc">
    <title id="outing-title">{{ say('charts.outing.minute_by_minute') }}</title>
    <desc id="outing-desc">{{ say('charts.outing.about') }}</desc>
    @foreach($breaks as $break)
        <rect class="away" x="{{ N::format($break['from']) }}" y="6" width="{{ N::format($break['to'] - $break['from']) }}"
            height="{{ $height - 36 }}"/>
    @endforeach
    @foreach($lanes as $lane)
        <text x="140" y="{{ N::format($lane['y'] + 5) }}" text-anchor="end">{{ $lane['label'] }}</text>
        <line class="grid" x1="150" x2="{{ $width - 16 }}" y1="{{ N::format($lane['y']) }}" y2="{{ N::format($lane['y']) }}"/>
        @foreach($lane['marks'] as $mark)
            <g><title>{{ $mark['title'] }}</title>
            @switch($mark['kind'])
                @case(Kind::Looked)<circle class="point" cx="{{ N::format($mark['x']) }}" cy="{{ N::format($lane['y']) }}" r="5"/>@break
                @case(Kind::LookedBack)<circle class="hollow" cx="{{ N::format($mark['x']) }}" cy="{{ N::format($lane['y']) }}"
                    r="4.5"/>@break
                @case(Kind::Stare)<line class="stare" x1="{{ N::format($mark['from']) }}" x2="{{ N::format($mark['x']) }}"
                    y1="{{ N::format($lane['y']) }}" y2="{{ N::format($lane['y']) }}"/>@break
                @case(Kind::Unanswered)<path class="hollow" d="M{{ N::format($mark['x'] - 5) }} {{ N::format($lane['y'] - 5) }}l10 10m0-10l-10 10"/>@break
                @default<path class="{{ $mark['kind'] === Kind::Reacted ? 'scare' : 'hollow' }}" d="M{{ N::format($mark['x']) }} {{ N::format($lane['y'] - 7) }}l7 13h-14z"/>
            @endswitch
            </g>
        @endforeach
    @endforeach
    @foreach($times as $tick)
        <text x="{{ N::format($tick['x']) }}" y="{{ $height - 8 }}" text-anchor="middle">{{ $tick['label'] }}</text>
    @endforeach
</svg>
</div>
