@use('Core\Chart\Number', 'N')
<div class="chart-frame" tabindex="0" role="region" aria-label="The ladder as a staircase">
<svg class="chart mb-2" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-labelledby="stair-title stair-desc">
    <title id="stair-title">The ladder as a staircase</title>
    <desc id="stair-desc">{{ count($treads) }} treads, easiest left. Gray treads are held; hatched ones are beyond today's limits. The table below has the numbers.</desc>
    <defs><pattern id="beyond" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line class="hatch" x1="0" y1="0" x2="0" y2="7"/></pattern></defs>
    @foreach($treads as $tread)
        <rect class="tread @if($tread['held']) tread-held @endif" x="{{ N::format($tread['x']) }}" y="{{ N::format($tread['y']) }}" width="{{ N::format($tread['width']) }}" height="{{ N::format($tread['height']) }}"/>
        @if($tread['beyond'])<rect class="tread tread-over" x="{{ N::format($tread['x']) }}" y="{{ N::format($tread['y']) }}" width="{{ N::format($tread['width']) }}" height="{{ N::format($tread['height']) }}"/>@endif
        @if($tread['label'])<text x="{{ N::format($tread['x'] + $tread['width'] / 2) }}" y="{{ N::format($floor + 18) }}" text-anchor="middle">{{ $tread['label'] }}</text>@endif
    @endforeach
</svg>
</div>
<p class="text-body-secondary">Gray: held. Hatched: beyond the limits before today's first trial.</p>
