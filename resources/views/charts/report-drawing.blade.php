@use('Core\Chart\Number', 'N')
<svg xmlns="http://www.w3.org/2000/svg" @if(! $isPicture) class="report-drawing" role="img" aria-label="{{ $told }}" @endif viewBox="0 0 {{ $width }} {{ $height }}"
    width="{{ $width }}" height="{{ $height }}" font-family="DejaVu Sans, sans-serif" font-size="12">
    @foreach($ticks as $tick)
        <line x1="{{ $left }}" x2="{{ $width - 12 }}" y1="{{ N::format($tick['y']) }}" y2="{{ N::format($tick['y']) }}" stroke="#c9c2b2" stroke-width="1"/>
        <text x="{{ $left - 6 }}" y="{{ N::format($tick['y'] + 4) }}" text-anchor="end" fill="#2b3942">{{ $tick['label'] }}</text>
    @endforeach
    @foreach($points as $i => $point)
        @if($i > 0)<line x1="{{ N::format($points[$i - 1]['x']) }}" y1="{{ N::format($points[$i - 1]['y']) }}" x2="{{ N::format($point['x']) }}"
            y2="{{ N::format($point['y']) }}" stroke="#2b3942" stroke-width="2"/>@endif
        <line x1="{{ N::format($point['x']) }}" x2="{{ N::format($point['x']) }}" y1="{{ N::format($point['from']) }}" y2="{{ N::format($point['to']) }}"
            stroke="#8a6a3a" stroke-width="1.5"/>
        <circle cx="{{ N::format($point['x']) }}" cy="{{ N::format($point['y']) }}" r="4" fill="#2b3942"/>
        @if($i % $every === 0)<text x="{{ N::format($point['x']) }}" y="{{ $height - 6 }}" text-anchor="middle" fill="#2b3942">{{ $point['label'] }}</text>@endif
    @endforeach
    @foreach($columns as $i => $column)
        @foreach($column['parts'] as $part)
            <rect x="{{ N::format($column['x']) }}" y="{{ N::format($part['y']) }}" width="{{ N::format($column['width']) }}"
                height="{{ N::format($part['height']) }}" fill="{{ $part['fill'] }}" stroke="#2b3942" stroke-width="0.75"/>
        @endforeach
        @if($i % $every === 0)<text x="{{ N::format($column['x'] + $column['width'] / 2) }}" y="{{ $height - 6 }}" text-anchor="middle"
            fill="#2b3942">{{ $column['label'] }}</text>@endif
    @endforeach
    @foreach($names as $i => $name)
        <rect x="{{ N::format($left + 112 * $i) }}" y="4" width="12" height="12" fill="{{ $name['fill'] }}" stroke="#2b3942" stroke-width="0.75"/>
        <text x="{{ N::format($left + 112 * $i + 18) }}" y="15" fill="#2b3942">{{ $name['name'] }}</text>
    @endforeach
</svg>
