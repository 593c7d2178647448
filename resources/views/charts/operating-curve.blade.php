@use('Core\Chart\Number', 'N')
<div class="chart-frame" tabindex="0" role="region" aria-label="{{ say('charts.operating_curve.what_the_rule_is_worth') }}">
<svg class="chart chart-small mb-2" viewBox="0 0 {{ $width }} 232" role="img" aria-labelledby="worth-title worth-desc">
    <title id="worth-title">{{ say('charts.operating_curve.chance_to_move_on_by', ['criterion' => $criterion]) }}</title>
    <desc id="worth-desc">{{ say('charts.operating_curve.across_how_often_the_dog_really') }}</desc>
    @foreach($ys as $tick)
        <line class="grid" x1="44" x2="{{ $width - 24 }}" y1="{{ N::format($tick['at']) }}" y2="{{ N::format($tick['at']) }}"/>
        <text x="38" y="{{ N::format($tick['at'] + 4) }}" text-anchor="end">{{ $tick['label'] }}</text>
    @endforeach
    @foreach($xs as $tick)<text x="{{ N::format($tick['at']) }}" y="208" text-anchor="middle">{{ $tick['label'] }}</text>@endforeach
    <text x="{{ N::format(($width - 26) / 2) }}" y="228"
        text-anchor="middle">{{ say('charts.operating_curve.how_often_it_really_succeeds_lines') }}</text>
    @foreach($lines as $trials => $line)
        <path class="curve curve-{{ $loop->index }}" d="{{ $line['path'] }}"/>
        <text x="{{ N::format($line['at'][0] - 6) }}" y="{{ N::format($line['at'][1] - 6) }}" text-anchor="end">{{ $trials }}</text>
    @endforeach
</svg>
</div>
