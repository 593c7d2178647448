@use('Core\Chart\Number', 'N')
<div class="chart-frame" tabindex="0" role="region" aria-label="{{ say('charts.dog_timeline.title') }}">
<svg class="chart" viewBox="0 0 {{ $width }} {{ $height }}" role="group" aria-labelledby="timeline-title timeline-desc">
    <title id="timeline-title">{{ say('charts.dog_timeline.title') }}</title>
    <desc id="timeline-desc">{{ say('charts.dog_timeline.about') }}</desc>
    @foreach($scares as $scare)
        <g opacity="{{ N::format($scare['opacity']) }}"><title>{{ $scare['title'] }}</title><path
            class="{{ $scare['isHard'] ? 'scare' : 'hollow' }}" d="M{{ N::format($scare['x']) }} {{ N::format($scare['y'] - $scare['size']) }}l{{ N::format($scare['size']) }} {{ N::format(1.6 * $scare['size']) }}h-{{ N::format(2 * $scare['size']) }}z"/></g>
    @endforeach
    @foreach($bars as $one)
        <g><title>{{ $one['label'] }}</title><rect class="health{{ $one['isOver'] ? '' : ' health-on' }}" x="{{ N::format($one['x']) }}"
            y="{{ N::format($one['y']) }}" width="{{ N::format($one['width']) }}" height="5" rx="2"/>
            <text x="{{ $right + 8 }}" y="{{ N::format($one['y'] + 7) }}">{{ Str::limit($one['label'], 18) }}</text></g>
    @endforeach
    <g transform="translate(0 {{ N::format($down) }})">
    @foreach($ticks as $tick)
        <line class="grid" x1="{{ $left }}" x2="{{ $right }}" y1="{{ N::format($tick['y']) }}" y2="{{ N::format($tick['y']) }}"/>
        <text x="{{ $left - 6 }}" y="{{ N::format($tick['y'] + 4) }}" text-anchor="end">{{ $tick['label'] }}</text>
    @endforeach
    @foreach($lines as $line)
        @foreach($line['ranges'] as [$px, $near, $far])<line class="range-thin" x1="{{ N::format($px) }}" x2="{{ N::format($px) }}"
            y1="{{ N::format($near) }}" y2="{{ N::format($far) }}"/>@endforeach
        <path class="path curve-dash-{{ $line['dash'] }}" d="{{ $line['path'] }}"/>
        @foreach($line['places'] as [$px, $py])<circle class="dot" cx="{{ N::format($px) }}" cy="{{ N::format($py) }}" r="2.5"/>@endforeach
        <text x="{{ $right + 8 }}" y="{{ N::format($line['y'] + 4) }}">{{ $line['label'] }}</text>
    @endforeach
    </g>
    <g transform="translate(0 {{ N::format($ofStacks) }})">
    <line class="axis" x1="{{ $left }}" x2="{{ $right }}" y1="{{ $bottom }}" y2="{{ $bottom }}"/>
    @foreach($homeDays as $one)<g><title>{{ $one['title'] }}</title>@if($one['isWrong'])<path class="scare"
        d="M{{ N::format($one['x'] - 4) }} {{ $bottom + 2 }}h8v8h-8z"/>@else<circle class="dot" cx="{{ N::format($one['x']) }}" cy="{{ $bottom + 6 }}" r="3"/>@endif</g>@endforeach
    @foreach($days as $day)
        <text x="{{ N::format($day['x']) }}" y="{{ $bottom + 25 }}" text-anchor="middle">{{ $day['label'] }}</text>
    @endforeach
    @if($vetAt !== null)
        <line class="break" x1="{{ N::format($vetAt) }}" x2="{{ N::format($vetAt) }}" y1="{{ $lines === [] ? 156 : 36 }}" y2="{{ $bottom }}"/>
        <text x="{{ N::format($vetAt + 6) }}" y="{{ $bottom - 70 }}">{{ say('charts.dog_timeline.vet') }}</text>
    @endif
    {{-- each opens its day by a tap or a click; the same stands as a list of links below --}}
    <g aria-hidden="true">
        @foreach($sessions as $session)
            <a href="{{ route('sessions.review', $session['id']) }}" tabindex="-1"><title>{{ $session['title'] }}</title>
                <rect class="hit" x="{{ N::format($session['x'] - 4) }}" y="156" width="{{ $bar + 8 }}" height="76"/>
                @foreach($session['parts'] as $part)<rect class="band-fill-{{ $part['band'] }}" x="{{ N::format($session['x']) }}"
                    y="{{ N::format($part['y']) }}" width="{{ $bar }}" height="{{ N::format($part['height']) }}"/>@endforeach</a>
        @endforeach
        @foreach($free as $one)
            <a href="{{ route('free.show', $one['id']) }}" tabindex="-1"><title>{{ $one['title'] }}</title><circle class="hollow"
                cx="{{ N::format($one['x']) }}" cy="{{ $bottom - 8 }}" r="5"/></a>
        @endforeach
    </g>
    </g>
</svg>
</div>
<p class="d-flex flex-wrap gap-3 text-body-secondary mb-2">
    @foreach(Core\Sign\Band::cases() as $band)<span class="text-nowrap"><svg class="band-glyph" viewBox="0 0 16 16" aria-hidden="true"><rect
        class="band-fill-{{ $band->value }}" x="2" y="2" width="12" height="12"/></svg> {{ words()->label($band) }}</span>@endforeach
    @if($lines !== [])<span>{{ say('charts.dog_timeline.line', ['plans' => implode(', ', array_column($lines, 'plan'))]) }}</span>@endif
    @if($bars !== [])<span>{{ say('charts.dog_timeline.health', ['more' => $moreHealth]) }}</span>@endif
    @if($scares !== [])<span>{{ say('charts.dog_timeline.scares') }}</span>@endif
    @if($homeDays !== [])<span>{{ say('charts.dog_timeline.home') }}</span>@endif
    @if($free !== [])<span>{{ say('charts.dog_timeline.free') }}</span>@endif
</p>
