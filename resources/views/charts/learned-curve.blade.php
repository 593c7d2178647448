@use('Core\Chart\Number', 'N')
<div class="chart-frame" tabindex="0" role="region" aria-label="What was learned">
<svg class="chart" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-labelledby="learned-title learned-desc">
    <title id="learned-title">Strain, before any trial and now</title>
    <desc id="learned-desc">Across: from easy to hard. Up: the chance of strain or worse. Dotted: a typical dog, before any trial. Solid: this dog now, its 80 % range shaded. Dashed: a reaction. The line across is the accepted risk.</desc>
    @foreach($ys as $tick)
        <line class="grid" x1="52" x2="{{ $width - 24 }}" y1="{{ N::format($tick['at']) }}" y2="{{ N::format($tick['at']) }}"/>
        <text x="46" y="{{ N::format($tick['at'] + 4) }}" text-anchor="end">{{ $tick['label'] }}</text>
    @endforeach
    @foreach($xs as $tick)<text x="{{ N::format($tick['at']) }}" y="{{ $height - 18 }}" text-anchor="middle">{{ $tick['label'] }}</text>@endforeach
    <path class="learned-range" d="{{ $range }} Z"/>
    <path class="curve curve-0" d="{{ $before }}"/>
    <path class="curve curve-1" d="{{ $over }}"/>
    <path class="curve curve-2" d="{{ $strain }}"/>
    <line class="limit-line" x1="52" x2="{{ $width - 24 }}" y1="{{ N::format($limitAt) }}" y2="{{ N::format($limitAt) }}"/>
    <text x="58" y="{{ N::format($limitAt - 7) }}">accepted strain {{ $limit }}</text>
</svg>
</div>
