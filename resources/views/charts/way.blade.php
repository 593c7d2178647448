@use('Core\Chart\Number', 'N')
<div class="way d-flex flex-wrap align-items-end gap-3 mb-2">
    <svg class="way-stairs" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-label="{{ say('charts.way.title') }}: {{ $told }}">
        @foreach($treads as $tread)
            <rect class="tread @if($tread['isSolid']) tread-held @endif" x="{{ N::format($tread['x']) }}" y="{{ N::format($tread['y']) }}"
                width="{{ N::format($tread['width']) }}" height="{{ N::format($tread['height']) }}"/>
            @if($tread['isStart'])<path class="scare" d="M{{ N::format($tread['x'] + $tread['width'] / 2 - 4) }} {{ N::format($tread['y'] - 8) }}h8l-4 7z"/>@endif
        @endforeach
    </svg>
    @if($last !== [])
        <span class="way-last" role="img" aria-label="{{ $lastTold }}">@foreach($last as $band)<svg class="band-glyph band-{{ $band->value }}" aria-hidden="true"><use
            href="#band-{{ $band->value }}"/></svg>@endforeach</span>
    @endif
</div>
